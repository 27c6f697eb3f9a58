package amberlens.core.base.time;

import java.util.List;
import java.util.regex.Pattern;

/**
 * Frames per second as an exact fraction in lowest terms, for example 24000/1001.
 *
 * @param numerator frames, at least 1
 * @param denominator seconds, at least 1
 */
public record FrameRate(int numerator, int denominator) {
    /** Rates that films are made at: common practice. */
    public static final List<FrameRate> COMMON = List.of(
            new FrameRate(24000, 1001),
            new FrameRate(24, 1),
            new FrameRate(25, 1),
            new FrameRate(30000, 1001),
            new FrameRate(30, 1),
            new FrameRate(48, 1),
            new FrameRate(50, 1),
            new FrameRate(60000, 1001),
            new FrameRate(60, 1),
            new FrameRate(100, 1),
            new FrameRate(120, 1));

    private static final Pattern WRITTEN = Pattern.compile("(\\d{1,9})(?:/(\\d{1,9}))?");
    private static final int FASTEST = 1000;
    private static final int LARGEST = 999_999_999;

    public FrameRate {
        if (numerator < 1
                || denominator < 1
                || numerator > LARGEST
                || denominator > LARGEST
                || numerator > (long) FASTEST * denominator) {
            throw new IllegalArgumentException(
                    "a frame rate is above 0 and at most " + FASTEST + ", not " + numerator + "/" + denominator);
        }
        int common = greatestCommonDivisor(numerator, denominator);
        numerator /= common;
        denominator /= common;
    }

    /** A whole number of frames per second. */
    public static FrameRate of(int framesPerSecond) {
        return new FrameRate(framesPerSecond, 1);
    }

    /**
     * Reads {@code "25/1"}, {@code "25"} or {@code "24000/1001"}.
     *
     * @throws IllegalArgumentException when the text is not such a fraction
     */
    public static FrameRate parse(String text) {
        var match = WRITTEN.matcher(text.strip());
        if (!match.matches()) {
            throw new IllegalArgumentException("a frame rate is written like 25/1 or 24000/1001, not \"" + text + "\"");
        }
        int denominator = match.group(2) == null ? 1 : Integer.parseInt(match.group(2));
        return new FrameRate(Integer.parseInt(match.group(1)), denominator);
    }

    /**
     * Reads a rate as people write it: {@code 25}, {@code 29.97} and {@code 23.976}, which mean 30000/1001 and 24000/1001, or a fraction.
     *
     * @throws IllegalArgumentException when it is none of these
     */
    public static FrameRate typed(String text) {
        String rate = text.strip();
        if (!rate.matches("\\d{1,4}\\.\\d{1,6}")) {
            return parse(rate);
        }
        double perSecond = Double.parseDouble(rate);
        int nominal = (int) Math.ceil(perSecond);
        double slowed = nominal * 1000.0 / 1001;
        boolean isSlowed = Math.abs(perSecond - slowed) < 0.005;
        return isSlowed
                ? new FrameRate(nominal * 1000, 1001)
                : new FrameRate((int) Math.round(perSecond * 1_000), 1_000);
    }

    /** Frames per second, rounded to a double. */
    public double perSecond() {
        return (double) numerator / denominator;
    }

    /** The length of so many frames, in seconds. */
    public double seconds(double frames) {
        return frames * denominator / numerator;
    }

    /** So many seconds in whole frames, the nearest number of them. */
    public int frames(double seconds) {
        return (int) Math.round(seconds * numerator / denominator);
    }

    /** Frames counted in one second of timecode: the rate rounded up to a whole number. */
    public int nominal() {
        return Math.ceilDiv(numerator, denominator);
    }

    /**
     * Whether SMPTE ST 12-1 counts this rate in drop-frame timecode: 30000/1001 and 60000/1001.
     */
    public boolean dropsFrames() {
        return denominator == 1001 && (numerator == 30000 || numerator == 60000);
    }

    /** The fraction as the project file writes it, for example {@code "25/1"}. */
    public String written() {
        return numerator + "/" + denominator;
    }

    /** For people: {@code "25"}, {@code "23.976"}. */
    @Override
    public String toString() {
        return denominator == 1
                ? Integer.toString(numerator)
                : String.format(java.util.Locale.ROOT, "%.3f", perSecond()).replaceAll("0+$", "");
    }

    private static int greatestCommonDivisor(int a, int b) {
        return b == 0 ? a : greatestCommonDivisor(b, a % b);
    }
}
