package amberlens.core.material.look;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.motion.camera.CameraTrack;
import java.util.List;

/**
 * A shape at one moment. How much of a place lies inside is Φ(d/σ), with the distance d to the outline, positive inside, the feather σ and
 * Φ the normal distribution: what a Gaussian makes of a straight edge. A rectangle is the product of its two directions, which is the
 * Gaussian of it exactly. The distance to an ellipse is taken to the first order, (1 − g)/|∇g| with g = √((x/a)² + (y/b)²), and to a
 * polygon exactly; near sharp corners, within about two σ, both keep more than a Gaussian would.
 *
 * @param centre in the pixels of its space
 * @param size width and height, likewise
 * @param turn degrees, clockwise
 * @param feather σ, likewise
 * @param points of a polygon, in per cent of the size from the centre
 * @param outside how much darker a spotlight makes what lies outside, 0 … 1
 */
public record Mask(
        Shape shape,
        LookSpace space,
        FramePoint centre,
        FramePoint size,
        double turn,
        double feather,
        List<Point> points,
        Mode mode,
        double outside,
        boolean inverted,
        Join join) {

    /** What it looks like. */
    public enum Shape {
        RECTANGLE,
        ELLIPSE,
        POLYGON
    }

    /** What becomes of the light outside. */
    public enum Mode {
        /** It is gone. */
        CUT,
        /** It is dimmed. */
        SPOTLIGHT
    }

    /** What a mask does with the masks of the same mode before it. */
    public enum Join {
        ADD,
        SUBTRACT,
        INTERSECT
    }

    /**
     * A corner of a polygon.
     *
     * @param x per cent of the mask's width, from its centre
     * @param y likewise of its height
     */
    public record Point(double x, double y) {
        /** The furthest that a corner lies out. */
        public static final double FURTHEST = 10_000;

        public Point {
            if (!(Math.abs(x) <= FURTHEST && Math.abs(y) <= FURTHEST)) {
                throw new IllegalArgumentException(
                        "a corner is at most " + (int) FURTHEST + " % from the centre, not at " + x + ", " + y);
            }
        }
    }

    /** The greatest number of corners. */
    public static final int MOST_POINTS = 1000;

    public Mask {
        points = List.copyOf(points);
    }

    static Mask of(Look look, CameraTrack camera, double at) {
        return new Mask(
                look.get(LookKinds.SHAPE),
                look.get(LookKinds.MASK_SPACE),
                look.at(camera, LookKinds.MASK_CENTRE, at),
                look.at(camera, LookKinds.MASK_SIZE, at),
                look.at(camera, LookKinds.MASK_TURN, at),
                Math.max(0, look.at(camera, LookKinds.MASK_FEATHER, at)),
                look.get(LookKinds.POINTS),
                look.get(LookKinds.MODE),
                Math.clamp(look.at(camera, LookKinds.OUTSIDE, at) / 100, 0, 1),
                look.get(LookKinds.INVERTED),
                look.get(LookKinds.JOIN));
    }

    /** Whether it dims nothing. */
    boolean changesNothing() {
        return mode == Mode.SPOTLIGHT && outside == 0;
    }

    /** Whether nothing lies inside. */
    public boolean isEmpty() {
        return size.x() <= 0 || size.y() <= 0 || (shape == Shape.POLYGON && points.size() < 3);
    }
}
