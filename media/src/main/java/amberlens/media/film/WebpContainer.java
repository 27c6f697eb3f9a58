package amberlens.media.film;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.files.FileWords;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;

/**
 * What the library leaves out of a WebP animation (WebP Container Specification, sections "Extended File Format" and "Animation"): it
 * does not say that frames have alpha, though they do, and an animation in which nothing moves becomes a still picture
 * without a duration.
 */
final class WebpContainer {
    private static final int HEAD = 12;
    private static final int TAG_AND_SIZE = 8;
    private static final int ALPHA = 0x10;
    private static final int ANIMATION = 0x02;
    private static final int LONGEST_MILLIS = (1 << 24) - 1;

    private WebpContainer() {}

    /**
     * Completes a finished file.
     *
     * @param size of its frames
     * @param seconds how long it lasts
     */
    static void complete(Path path, Size size, double seconds) throws FileProblem {
        try {
            byte[] head = head(path);
            String text = new String(head, StandardCharsets.ISO_8859_1);
            int extended = text.indexOf("VP8X");
            boolean animated = extended >= 0 && (head[extended + TAG_AND_SIZE] & ANIMATION) != 0;
            if (animated) {
                mark(path, extended + TAG_AND_SIZE, head[extended + TAG_AND_SIZE] | ALPHA);
            } else {
                Files.write(path, animation(Files.readAllBytes(path), size, seconds));
            }
        } catch (IOException e) {
            throw FileWords.cannotWrite(path, e);
        }
    }

    private static byte[] head(Path path) throws IOException {
        try (var file = Files.newInputStream(path)) {
            return file.readNBytes(64);
        }
    }

    private static void mark(Path path, int at, int value) throws IOException {
        try (var file = Files.newByteChannel(path, StandardOpenOption.WRITE)) {
            file.position(at);
            file.write(ByteBuffer.wrap(new byte[] {(byte) value}));
        }
    }

    /** A still picture as an animation of one frame that lasts. */
    private static byte[] animation(byte[] still, Size size, double seconds) {
        var frame = new ByteArrayOutputStream();
        place(frame, 0, 0);
        place(frame, size.width() - 1, size.height() - 1);
        three(frame, (int) Math.min(LONGEST_MILLIS, Math.round(seconds * 1000)));
        frame.write(0);
        copyPixels(still, frame);
        var body = new ByteArrayOutputStream();
        body.writeBytes("WEBP".getBytes(StandardCharsets.ISO_8859_1));
        var extended = new ByteArrayOutputStream();
        extended.writeBytes(new byte[] {ALPHA | ANIMATION, 0, 0, 0});
        place(extended, size.width() - 1, size.height() - 1);
        chunk(body, "VP8X", extended.toByteArray());
        chunk(body, "ANIM", new byte[6]); // a transparent ground, repeated for ever
        chunk(body, "ANMF", frame.toByteArray());
        var file = new ByteArrayOutputStream();
        chunk(file, "RIFF", body.toByteArray());
        return file.toByteArray();
    }

    private static void copyPixels(byte[] still, ByteArrayOutputStream frame) {
        ByteBuffer file = ByteBuffer.wrap(still).order(ByteOrder.LITTLE_ENDIAN);
        int at = HEAD;
        while (at + TAG_AND_SIZE <= still.length) {
            String tag = new String(still, at, 4, StandardCharsets.ISO_8859_1);
            int length = file.getInt(at + 4);
            int end = Math.min(still.length, at + TAG_AND_SIZE + length + length % 2);
            if (tag.equals("ALPH") || tag.equals("VP8 ") || tag.equals("VP8L")) {
                frame.write(still, at, end - at);
            }
            at = end;
        }
    }

    private static void chunk(ByteArrayOutputStream to, String tag, byte[] data) {
        to.writeBytes(tag.getBytes(StandardCharsets.ISO_8859_1));
        to.writeBytes(ByteBuffer.allocate(4)
                .order(ByteOrder.LITTLE_ENDIAN)
                .putInt(data.length)
                .array());
        to.writeBytes(data);
        if (data.length % 2 == 1) {
            to.write(0);
        }
    }

    private static void place(ByteArrayOutputStream to, int x, int y) {
        three(to, x);
        three(to, y);
    }

    private static void three(ByteArrayOutputStream to, int value) {
        to.write(value);
        to.write(value >> 8);
        to.write(value >> 16);
    }
}
