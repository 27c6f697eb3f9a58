package amberlens.core.base.geometry;

/**
 * How large the picture is drawn, per axis, in per cent: at 100 one source pixel covers one frame pixel.
 *
 * @param x horizontal, above 0 and at most {@value #LARGEST}
 * @param y vertical, above 0 and at most {@value #LARGEST}
 */
public record Scale(double x, double y) {
    /** The largest scale taken, in per cent. */
    public static final double LARGEST = 1_000_000;

    /** The least that a hand or an overshoot takes it to, in per cent: at this a picture is still drawn in no time. */
    public static final double LEAST = 1e-3;

    /** One source pixel per frame pixel. */
    public static final Scale NEUTRAL = uniform(100);

    public Scale {
        if (!(x > 0 && x <= LARGEST && y > 0 && y <= LARGEST)) {
            throw new IllegalArgumentException("a scale is above 0 % and at most 1000000 %, not " + x + ", " + y);
        }
    }

    /** The same scale in both axes, in per cent. */
    public static Scale uniform(double percent) {
        return new Scale(percent, percent);
    }

    /** This scale made larger or smaller by a factor above 0. */
    public Scale times(double factor) {
        return new Scale(x * factor, y * factor);
    }

    /** Frame pixels per source pixel, horizontally. */
    public double factorX() {
        return x / 100;
    }

    /** Frame pixels per source pixel, vertically. */
    public double factorY() {
        return y / 100;
    }
}
