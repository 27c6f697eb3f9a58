package amberlens.media.picture;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;

/**
 * A picture file as the decoder likes it. Only faults are mended that leave the pixels as they are.
 *
 * @param bytes the whole file
 * @param profileDropped whether its colour profile was broken and left out
 */
@SuppressWarnings("ArrayRecordComponent") // never compared
record Mended(byte[] bytes, boolean profileDropped) {
    private static final int HEAD = 1 << 20;
    private static final long LARGEST = 1L << 30;

    /** Empty for a file that can be read as it is; it is then looked at no further than its head. */
    static Optional<Mended> of(PictureKind kind, Path path, Optional<TiffDirectory> tiff) throws IOException {
        boolean wanted =
                switch (kind) {
                    case JPEG, PNG -> wanted(kind, path);
                    case TIFF -> tiff.filter(TiffDirectory::brokenProfile).isPresent();
                    default -> false;
                };
        return wanted && Files.size(path) <= LARGEST
                ? Optional.of(whole(kind, Files.readAllBytes(path)))
                : Optional.empty();
    }

    private static boolean wanted(PictureKind kind, Path path) throws IOException {
        try (InputStream file = Files.newInputStream(path)) {
            byte[] head = file.readNBytes(HEAD);
            Optional<Boolean> wanted =
                    kind == PictureKind.JPEG ? JpegSegments.wantsMending(head) : PngChunks.wantsMending(head);
            return wanted.orElse(head.length == HEAD);
        }
    }

    private static Mended whole(PictureKind kind, byte[] file) {
        return switch (kind) {
            case JPEG -> JpegSegments.mended(file);
            case PNG -> PngChunks.mended(file);
            default -> TiffDirectory.withoutProfile(file);
        };
    }
}
