package amberlens.media.picture;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * The largest picture that a camera raw file carries beside its raw pixels: a JPEG (ITU-T T.81, annex B), mostly as large as the sensor. Where it
 * is differs from maker to maker, so it is looked for by its markers.
 */
final class RawPreview {
    /** Endings of raw files, in lower case. */
    static final Set<String> ENDINGS = Set.of(
            "cr2", "cr3", "crw", "nef", "nrw", "arw", "srf", "sr2", "dng", "raf", "orf", "rw2", "pef", "srw", "3fr",
            "fff", "iiq", "mef", "mos", "mrw", "erf", "kdc", "dcr", "rwl", "x3f");

    private static final long LARGEST_FILE = 1L << 31;
    private static final int START_OF_IMAGE = 0xD8;
    private static final int END_OF_IMAGE = 0xD9;
    private static final int START_OF_SCAN = 0xDA;
    private static final int TABLES = 0xC4;

    /** Baseline, extended and progressive pictures; raw pixels themselves may be coded as a lossless one, which is none to look at. */
    private static final Set<Integer> FRAMES = Set.of(0xC0, 0xC1, 0xC2);

    private final ByteBuffer file;
    private int best = -1;
    private int bestEnd;
    private long bestArea;

    private RawPreview(ByteBuffer file) {
        this.file = file;
    }

    /** Whether a file is named like a camera raw file. */
    static boolean isRaw(Path path) {
        String name = path.getFileName().toString();
        return ENDINGS.contains(name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT));
    }

    /**
     * The bytes of the preview.
     *
     * @throws FileProblem when there is none
     */
    static byte[] of(Path path) throws IOException, FileProblem {
        try (FileChannel channel = FileChannel.open(path)) {
            if (channel.size() >= LARGEST_FILE) {
                throw new FileProblem(path + " is too large for a camera raw file.");
            }
            var preview = new RawPreview(channel.map(FileChannel.MapMode.READ_ONLY, 0, channel.size()));
            preview.search();
            if (preview.best < 0) {
                throw new FileProblem(
                        path
                                + " is a camera raw file without a preview that can be shown; develop it to TIFF or JPEG first.");
            }
            byte[] bytes = new byte[preview.bestEnd - preview.best];
            preview.file.get(preview.best, bytes);
            return bytes;
        }
    }

    private void search() {
        for (int at = 0; at + 4 < file.limit(); at++) {
            if (byteAt(at) == 0xFF && byteAt(at + 1) == START_OF_IMAGE && byteAt(at + 2) == 0xFF) {
                Optional<Size> size = size(at);
                if (size.isPresent() && size.get().area() > bestArea) {
                    int end = end(at);
                    if (end > 0) {
                        best = at;
                        bestEnd = end;
                        bestArea = size.get().area();
                        at = end - 1;
                    }
                }
            }
        }
    }

    private int byteAt(int at) {
        return file.get(at) & 0xFF;
    }

    private int shortAt(int at) {
        return byteAt(at) << 8 | byteAt(at + 1);
    }

    /** What the picture that begins here says of itself; empty where it is none that can be shown. */
    private Optional<Size> size(int start) {
        int at = start + 2;
        while (at + 9 < file.limit() && byteAt(at) == 0xFF) {
            int marker = byteAt(at + 1);
            if (FRAMES.contains(marker)) {
                int height = shortAt(at + 5);
                int width = shortAt(at + 7);
                return width > 0 && height > 0 ? Optional.of(new Size(width, height)) : Optional.empty();
            }
            boolean frame = marker >= 0xC0 && marker <= 0xCF && marker != TABLES && marker != 0xC8 && marker != 0xCC;
            if (frame || marker == START_OF_SCAN || marker < 0xC0) {
                return Optional.empty();
            }
            at += 2 + shortAt(at + 2);
        }
        return Optional.empty();
    }

    /** Behind its end marker: the first one in its pixels, since the segments before them may hold pictures of their own. */
    private int end(int start) {
        int at = start + 2;
        while (at + 4 < file.limit() && byteAt(at + 1) != START_OF_SCAN) {
            at += 2 + shortAt(at + 2);
        }
        for (at += 2; at + 1 < file.limit(); at++) {
            if (byteAt(at) == 0xFF && byteAt(at + 1) == END_OF_IMAGE) {
                return at + 2;
            }
        }
        return -1;
    }
}
