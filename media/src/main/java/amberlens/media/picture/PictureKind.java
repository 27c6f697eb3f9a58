package amberlens.media.picture;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** What a picture file is by its first bytes. */
enum PictureKind {
    JPEG,
    PNG,
    TIFF,
    WEBP,
    ICO,
    OTHER;

    private static final int HEAD = 16;

    static PictureKind of(Path path) throws IOException {
        try (InputStream file = Files.newInputStream(path)) {
            return of(file.readNBytes(HEAD));
        }
    }

    private static PictureKind of(byte[] head) {
        String text = new String(head, StandardCharsets.ISO_8859_1);
        if (text.startsWith("\u00FF\u00D8")) {
            return JPEG;
        }
        if (text.startsWith("\u0089PNG")) {
            return PNG;
        }
        if (text.startsWith("II*\0")
                || text.startsWith("MM\0*")
                || text.startsWith("II+\0")
                || text.startsWith("MM\0+")) {
            return TIFF;
        }
        if (text.startsWith("RIFF") && text.startsWith("WEBP", 8)) {
            return WEBP;
        }
        return text.startsWith("\0\0\1\0") ? ICO : OTHER;
    }
}
