package amberlens.core.material.track;

import amberlens.core.base.geometry.PicturePoint;

/**
 * Where a subject is in one frame of footage.
 *
 * @param at in source pixels
 * @param scale how large it is, against the frame in which it was pointed at; above 0
 * @param degrees how far it has turned since then, clockwise
 * @param confidence how much of it looks as it did, 0 … 1; 0 where it is not seen
 */
public record Spot(PicturePoint at, double scale, double degrees, double confidence) {
    /** Below this a spot is a guess. */
    public static final double WEAK = 0.4;

    private static final double FINE = 100;
    private static final double FINE_SCALE = 10_000;

    public Spot {
        boolean finite = Math.abs(at.x()) <= 1e9 && Math.abs(at.y()) <= 1e9 && Math.abs(degrees) <= 1e9;
        if (!finite || !(scale > 0 && scale <= 1e6) || !(confidence >= 0 && confidence <= 1)) {
            throw new IllegalArgumentException("a spot has a place, a scale above 0 and a confidence from 0 to 1");
        }
    }

    /** Where somebody pointed. */
    public static Spot given(PicturePoint at, double scale, double degrees) {
        return new Spot(at, scale, degrees, 1);
    }

    /** Whether it is a guess that a point given by hand would mend. */
    public boolean weak() {
        return confidence < WEAK;
    }

    public Spot withConfidence(double other) {
        return new Spot(at, scale, degrees, other);
    }

    /** To the hundredth of a pixel and a degree, as exact as any tracker is, so that files stay small. */
    public Spot rounded() {
        return new Spot(
                new PicturePoint(rounded(at.x(), FINE), rounded(at.y(), FINE)),
                Math.max(1 / FINE_SCALE, rounded(scale, FINE_SCALE)),
                rounded(degrees, FINE),
                rounded(confidence, FINE));
    }

    private static double rounded(double number, double steps) {
        return Math.rint(number * steps) / steps;
    }

    /** Between this one and a later one. */
    public Spot towards(Spot later, double part) {
        return new Spot(
                new PicturePoint(at.x() + (later.at.x() - at.x()) * part, at.y() + (later.at.y() - at.y()) * part),
                scale * Math.pow(later.scale / scale, part),
                degrees + (later.degrees - degrees) * part,
                Math.min(confidence, later.confidence));
    }
}
