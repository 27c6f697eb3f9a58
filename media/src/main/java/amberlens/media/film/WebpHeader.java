package amberlens.media.film;

import amberlens.core.model.FileProblem;
import amberlens.files.FileWords;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/**
 * The extended header of a WebP file. The library writes it without the flag that says that frames have alpha, though they do; WebP
 * Container Specification, section "Extended File Format": the chunk {@code VP8X}, bit 4 of its first byte.
 */
final class WebpHeader {
    private static final int HEAD = 64;
    private static final int TAG_AND_SIZE = 8;
    private static final int ALPHA = 0x10;

    private WebpHeader() {}

    /** Marks a file as having alpha, which does no harm where all of it is opaque. */
    static void markAlpha(Path path) throws FileProblem {
        try (var file = new RandomAccessFile(path.toFile(), "rw")) {
            byte[] head = new byte[(int) Math.min(HEAD, file.length())];
            file.readFully(head);
            int chunk = new String(head, StandardCharsets.ISO_8859_1).indexOf("VP8X");
            if (chunk >= 0 && chunk + TAG_AND_SIZE < head.length) {
                file.seek((long) chunk + TAG_AND_SIZE);
                file.write(head[chunk + TAG_AND_SIZE] | ALPHA);
            }
        } catch (IOException e) {
            throw FileWords.cannotWrite(path, e);
        }
    }
}
