package amberlens.media.picture;

import java.nio.ByteBuffer;

/**
 * Whether a picture file goes on to the end that its format has: most of what is cut off is found so, without decoding anything. Sources:
 * ITU-T T.81, annex B.1; PNG specification (W3C), section 5.
 */
final class FileEnd {
    private static final int MARKER = 0xFF;
    private static final int END_OF_IMAGE = 0xD9;
    private static final int START_OF_SCAN = 0xDA;
    private static final int PNG_SIGNATURE = 8;
    private static final int PNG_AROUND = 12;
    private static final int IEND = 0x49454E44;

    private FileEnd() {}

    /** Nothing is known of other formats. */
    static boolean isMissing(PictureKind kind, byte[] file) {
        return switch (kind) {
            case JPEG -> jpegMissing(file);
            case PNG -> pngMissing(file);
            default -> false;
        };
    }

    private static boolean jpegMissing(byte[] file) {
        int at = 2;
        while (at + 1 < file.length) {
            if (code(file, at) != MARKER || code(file, at + 1) == MARKER) {
                at++;
                continue;
            }
            int marker = code(file, at + 1);
            if (marker == END_OF_IMAGE) {
                return false;
            }
            boolean alone = marker <= 0x01 || (marker >= 0xD0 && marker <= 0xD8);
            if (alone) {
                at += 2; // a stuffed byte, a restart
            } else if (at + 3 < file.length) {
                int length = code(file, at + 2) << 8 | code(file, at + 3);
                at += 2 + Math.max(2, length);
                if (marker == START_OF_SCAN) {
                    continue; // its data are looked through for the next marker
                }
            } else {
                return true;
            }
        }
        return true;
    }

    private static boolean pngMissing(byte[] file) {
        ByteBuffer bytes = ByteBuffer.wrap(file);
        long at = PNG_SIGNATURE;
        while (at + PNG_AROUND <= file.length) {
            if (bytes.getInt((int) at + 4) == IEND) {
                return false;
            }
            at += PNG_AROUND + (bytes.getInt((int) at) & 0xFFFFFFFFL);
        }
        return true;
    }

    private static int code(byte[] file, int at) {
        return file[at] & 0xFF;
    }
}
