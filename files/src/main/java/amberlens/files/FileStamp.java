package amberlens.files;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/**
 * What a file was when it was read or written.
 *
 * @param bytes its length
 * @param changed when its content last changed, as the file system says
 * @param hash SHA-256 of its content
 */
public record FileStamp(long bytes, FileTime changed, String hash) {
    /** Of a file of which nothing is known: whatever is there is something else. */
    public static final FileStamp UNKNOWN = new FileStamp(-1, FileTime.fromMillis(0), "");

    /** The stamp of content that was just read from, or written to, a file. */
    public static FileStamp of(Path file, byte[] content) throws IOException {
        return new FileStamp(content.length, Files.getLastModifiedTime(file), sha256(content));
    }

    /** Whether the file still holds the same; a file that is gone does not. A file that was only touched does. */
    public boolean stillHolds(Path file) throws IOException {
        if (!Files.exists(file)) {
            return false;
        }
        var now = Files.readAttributes(file, BasicFileAttributes.class);
        if (now.size() != bytes) {
            return false;
        }
        return now.lastModifiedTime().equals(changed)
                || sha256(Files.readAllBytes(file)).equals(hash);
    }

    /** The SHA-256 of a text, as hexadecimal digits. */
    public static String hash(String text) {
        return sha256(text.getBytes(StandardCharsets.UTF_8));
    }

    private static String sha256(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
