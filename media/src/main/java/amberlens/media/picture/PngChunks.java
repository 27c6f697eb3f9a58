package amberlens.media.picture;

import amberlens.media.raster.IccProfiles;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.zip.InflaterInputStream;

/** The ICC profile in a PNG file, which the decoder leaves aside. Source: PNG specification (W3C), sections 5.3 and 11.3.2.3. */
final class PngChunks {
    private static final int SIGNATURE = 8;
    private static final int AROUND = 12;
    private static final int LARGEST_PROFILE = 64 << 20;

    private record Chunk(int from, int to, boolean profile) {}

    private PngChunks() {}

    /** The deflated profile's chunk, or that with the pixels if it comes first. */
    private static Optional<Chunk> profileOrPixels(byte[] file) {
        int at = SIGNATURE;
        while (at + AROUND <= file.length) {
            long length = ByteBuffer.wrap(file).getInt(at) & 0xFFFFFFFFL;
            String type = new String(file, at + 4, 4, StandardCharsets.ISO_8859_1);
            boolean profile = type.equals("iCCP");
            if (type.equals("IDAT")) {
                return Optional.of(new Chunk(at, at, false));
            }
            if (at + AROUND + length > file.length) {
                return Optional.empty();
            }
            int end = (int) (at + AROUND + length);
            if (profile) {
                return Optional.of(new Chunk(at, end, true));
            }
            at = end;
        }
        return Optional.empty();
    }

    private static Optional<Chunk> profileChunk(byte[] file) {
        return profileOrPixels(file).filter(Chunk::profile);
    }

    /** Whether a file that begins so wants mending; empty when neither its profile nor its pixels are reached. */
    static Optional<Boolean> wantsMending(byte[] head) {
        return profileOrPixels(head).map(chunk -> chunk.profile && broken(head));
    }

    private static boolean broken(byte[] file) {
        return profile(file).flatMap(data -> IccProfiles.usable(data, 0)).isEmpty();
    }

    /** The profile; empty when there is none or it cannot be inflated. */
    static Optional<byte[]> profile(byte[] file) {
        return profileChunk(file).flatMap(chunk -> inflated(file, chunk));
    }

    private static Optional<byte[]> inflated(byte[] file, Chunk chunk) {
        int name = chunk.from + 8;
        int end = chunk.to - 4;
        while (name < end && file[name] != 0) {
            name++;
        }
        int data = name + 2; // a zero ends the name, then stands the method, which is always deflate
        if (data >= end) {
            return Optional.empty();
        }
        try (var inflating = new InflaterInputStream(new ByteArrayInputStream(file, data, end - data))) {
            return Optional.of(inflating.readNBytes(LARGEST_PROFILE));
        } catch (IOException _) {
            return Optional.empty();
        }
    }

    /** Without a profile that cannot be used, at which the decoder may stumble. */
    static Mended mended(byte[] file) {
        Optional<Chunk> chunk = profileChunk(file);
        if (chunk.isEmpty() || !broken(file)) {
            return new Mended(file, false);
        }
        var clean = new ByteArrayOutputStream(file.length);
        clean.write(file, 0, chunk.get().from);
        clean.write(file, chunk.get().to, file.length - chunk.get().to);
        return new Mended(clean.toByteArray(), true);
    }
}
