package amberlens.core.base.time;

import java.math.BigInteger;

/**
 * A time as an exact fraction of a second, in lowest terms; a whole time line of hours adds up without drift.
 *
 * @param denominator above 0
 */
public record Seconds(long numerator, long denominator) implements Comparable<Seconds> {
    public static final Seconds ZERO = new Seconds(0, 1);

    /** The longest time that is taken, in either direction: a hundred hours. */
    public static final long LONGEST = 360_000;

    /** The finest part that is kept: rates up to that and their usual denominators. */
    private static final long FINEST = 1_000_000_000_000L;

    public Seconds {
        if (denominator <= 0) {
            throw new IllegalArgumentException("a time has a denominator above 0, not " + denominator);
        }
        long common = BigInteger.valueOf(numerator)
                .gcd(BigInteger.valueOf(denominator))
                .longValueExact();
        numerator /= common;
        denominator /= common;
        if (denominator > FINEST || Math.abs((double) numerator / denominator) > LONGEST) {
            throw new IllegalArgumentException(
                    "a time is within 100 hours and no finer than a millionth of a microsecond, not " + numerator + "/"
                            + denominator);
        }
    }

    /**
     * Reads "5/2" or "3".
     *
     * @throws IllegalArgumentException when the text is no such fraction
     */
    public static Seconds parse(String text) {
        if (!text.matches("-?[0-9]{1,15}(/[0-9]{1,15})?")) {
            throw new IllegalArgumentException("a time is written as a fraction like 5/2, not \"" + text + "\"");
        }
        int slash = text.indexOf('/');
        return slash < 0
                ? new Seconds(Long.parseLong(text), 1)
                : new Seconds(Long.parseLong(text.substring(0, slash)), Long.parseLong(text.substring(slash + 1)));
    }

    /** The time of a frame's start, from the start of frame 0. */
    public static Seconds ofFrames(long frames, FrameRate rate) {
        return of(BigInteger.valueOf(frames).multiply(BigInteger.valueOf(rate.denominator())), rate.numerator());
    }

    private static Seconds of(BigInteger numerator, long denominator) {
        BigInteger below = BigInteger.valueOf(denominator);
        BigInteger common = numerator.gcd(below);
        return new Seconds(
                numerator.divide(common).longValueExact(), below.divide(common).longValueExact());
    }

    public Seconds plus(Seconds other) {
        BigInteger top = BigInteger.valueOf(numerator)
                .multiply(BigInteger.valueOf(other.denominator))
                .add(BigInteger.valueOf(other.numerator).multiply(BigInteger.valueOf(denominator)));
        BigInteger below = BigInteger.valueOf(denominator).multiply(BigInteger.valueOf(other.denominator));
        BigInteger common = top.gcd(below);
        return new Seconds(
                top.divide(common).longValueExact(), below.divide(common).longValueExact());
    }

    public Seconds minus(Seconds other) {
        return plus(new Seconds(-other.numerator, other.denominator));
    }

    /** The nearest sample at a rate; a half goes up. */
    public long samples(int rate) {
        return Math.floorDiv(
                Math.addExact(Math.multiplyExact(numerator, 2L * rate), denominator),
                Math.multiplyExact(2L, denominator));
    }

    /** In seconds, rounded. */
    public double value() {
        return (double) numerator / denominator;
    }

    /** How many frames it takes, also parts of them. */
    public double frames(FrameRate rate) {
        return value() * rate.numerator() / rate.denominator();
    }

    @Override
    public int compareTo(Seconds other) {
        return BigInteger.valueOf(numerator)
                .multiply(BigInteger.valueOf(other.denominator))
                .compareTo(BigInteger.valueOf(other.numerator).multiply(BigInteger.valueOf(denominator)));
    }

    /** As it is written in files: "5/2". */
    @Override
    public String toString() {
        return numerator + "/" + denominator;
    }
}
