package amberlens.desktop.work.queue;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What exports in one format and quality have cost on this machine.
 *
 * @param seconds for a million pixels of a frame
 * @param bytes likewise
 */
public record ExportPace(double seconds, double bytes) {
    /** How much the last export counts beside those before it. */
    private static final double NEWEST = 0.5;

    private static final Pattern BETWEEN = Pattern.compile(" ");

    /** What an export has cost. */
    static ExportPace of(double seconds, long bytes, double megapixels) {
        return new ExportPace(seconds / megapixels, bytes / megapixels);
    }

    /** With what one more has cost. */
    public ExportPace then(ExportPace newest) {
        return new ExportPace(seconds + NEWEST * (newest.seconds - seconds), bytes + NEWEST * (newest.bytes - bytes));
    }

    /** As it is kept. */
    public String written() {
        return seconds + " " + bytes;
    }

    /** Read again; empty for what was never written. */
    public static Optional<ExportPace> read(String written) {
        String[] parts = BETWEEN.split(written);
        try {
            return parts.length == 2
                    ? Optional.of(new ExportPace(Double.parseDouble(parts[0]), Double.parseDouble(parts[1])))
                            .filter(pace -> pace.seconds > 0 && pace.bytes > 0)
                    : Optional.empty();
        } catch (NumberFormatException e) {
            return Optional.empty();
        }
    }

    /** What as much would cost, in words. */
    public String words(double megapixels) {
        return "about " + size(bytes * megapixels) + ", " + time(seconds * megapixels) + " here";
    }

    private static String size(double bytes) {
        return bytes < 1e6
                ? String.format(Locale.ROOT, "%.0f kB", Math.max(1, bytes / 1e3))
                : bytes < 1e9
                        ? String.format(Locale.ROOT, "%.0f MB", bytes / 1e6)
                        : String.format(Locale.ROOT, "%.1f GB", bytes / 1e9);
    }

    private static String time(double seconds) {
        long whole = Math.max(1, Math.round(seconds));
        return whole < 100
                ? whole + " s"
                : whole < 6000
                        ? Math.round(whole / 60.0) + " min"
                        : String.format(Locale.ROOT, "%.1f h", whole / 3600.0);
    }
}
