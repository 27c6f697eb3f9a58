package amberlens.media.picture;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Path;
import java.util.Optional;

/**
 * Whether a file ends before its pixels do, for the kinds whose decoders do not mind. Sources: WebP Container Specification, "RIFF File
 * Format"; TIFF 6.0; the directory of icons as Windows has it (from memory).
 */
final class CutOff {
    private static final int RIFF_HEAD = 8;
    private static final int ICON_HEAD = 6;
    private static final int ICON_ENTRY = 16;

    private CutOff() {}

    static boolean of(PictureKind kind, Path path, Optional<TiffDirectory> tiff) throws IOException {
        try (FileChannel file = FileChannel.open(path)) {
            return switch (kind) {
                case WEBP -> RIFF_HEAD + number(file, 4) > file.size();
                case ICO -> icon(file);
                case TIFF -> {
                    long length = file.size();
                    yield tiff.filter(directory -> directory.isCutOff(length)).isPresent();
                }
                default -> false;
            };
        }
    }

    private static boolean icon(FileChannel file) throws IOException {
        long pictures = number(file, 4) & 0xFFFF;
        for (int i = 0; i < pictures; i++) {
            long at = ICON_HEAD + (long) ICON_ENTRY * i;
            if (at + ICON_ENTRY > file.size() || number(file, at + 8) + number(file, at + 12) > file.size()) {
                return true;
            }
        }
        return false;
    }

    /** Four bytes, the least first; 0 beyond the end. */
    private static long number(FileChannel file, long at) throws IOException {
        ByteBuffer four = ByteBuffer.allocate(4).order(ByteOrder.LITTLE_ENDIAN);
        file.read(four, at);
        return four.getInt(0) & 0xFFFFFFFFL;
    }
}
