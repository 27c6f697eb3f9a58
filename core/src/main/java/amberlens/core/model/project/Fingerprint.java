package amberlens.core.model.project;

/**
 * What tells one file from another without its name.
 *
 * @param bytes its length
 * @param hash of its beginning and end, as hexadecimal digits
 */
public record Fingerprint(long bytes, String hash) {
    public Fingerprint {
        if (bytes < 0 || !hash.matches("[0-9a-f]{8,128}")) {
            throw new IllegalArgumentException(
                    "a fingerprint is a length and hexadecimal digits, not " + bytes + " and " + hash);
        }
    }
}
