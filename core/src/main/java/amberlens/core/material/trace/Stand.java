package amberlens.core.material.trace;

/**
 * How the picture of a film stands in a frame, against the first frame that is looked at: a similarity about the frame's middle.
 *
 * @param x how far its middle has gone to the right, in parts of the frame's width
 * @param y how far down, in parts of the frame's width as well
 * @param scale how much larger it has become; above 0
 * @param degrees how far it has turned, clockwise; turns are not taken back at a full one
 * @param sure how much of the picture agrees, 0 … 1; 0 where it is a guess
 */
public record Stand(double x, double y, double scale, double degrees, double sure) {
    /** As the first frame stands. */
    public static final Stand STILL = new Stand(0, 0, 1, 0, 1);

    /** Below this it is a guess. */
    public static final double WEAK = 0.25;

    public Stand {
        boolean finite = Math.abs(x) <= 1e6 && Math.abs(y) <= 1e6 && Math.abs(degrees) <= 1e9;
        if (!finite || !(scale > 0 && scale <= 1e6) || !(sure >= 0 && sure <= 1)) {
            throw new IllegalArgumentException("a picture stands somewhere, with a scale above 0");
        }
    }

    /** The same as seen from a frame in which the picture stood otherwise. */
    Stand after(Stand other) {
        double angle = Math.toRadians(degrees - other.degrees);
        double ratio = scale / other.scale;
        double along = ratio * Math.cos(angle);
        double across = ratio * Math.sin(angle);
        return new Stand(
                x - (along * other.x - across * other.y),
                y - (across * other.x + along * other.y),
                ratio,
                degrees - other.degrees,
                sure);
    }

    /** A part of the way to another. */
    public Stand towards(Stand to, double part) {
        return new Stand(
                x + (to.x - x) * part,
                y + (to.y - y) * part,
                scale * Math.pow(to.scale / scale, part),
                degrees + (to.degrees - degrees) * part,
                Math.min(sure, to.sure));
    }

    /** Of which nothing is known. */
    public Stand guessed() {
        return new Stand(x, y, scale, degrees, 0);
    }

    public boolean weak() {
        return sure < WEAK;
    }
}
