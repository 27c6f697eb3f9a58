package amberlens.media.intake;

import amberlens.core.model.project.Fingerprint;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;

/** Tells files from each other by their length and the SHA-256 hash of their first and last 64 KiB. */
public final class Fingerprints {
    private static final int PART = 64 << 10;
    private static final int KEPT = 16;

    private Fingerprints() {}

    /** The fingerprint of a file; empty when it cannot be read. */
    public static Optional<Fingerprint> of(Path path) {
        try (var file = new RandomAccessFile(path.toFile(), "r")) {
            var digest = MessageDigest.getInstance("SHA-256");
            long length = file.length();
            byte[] part = new byte[(int) Math.min(PART, length)];
            file.readFully(part);
            digest.update(part);
            file.seek(Math.max(0, length - part.length));
            file.readFully(part);
            digest.update(part);
            String hash = HexFormat.of().formatHex(digest.digest(), 0, KEPT);
            return Optional.of(new Fingerprint(length, hash));
        } catch (IOException e) {
            return Optional.empty();
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every JDK has SHA-256", e);
        }
    }
}
