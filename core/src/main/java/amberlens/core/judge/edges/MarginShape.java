package amberlens.core.judge.edges;

/**
 * How high a margin is drawn, in the Score as in a proof: near ones tell most, so the height grows with the root of the distance. Open ones
 * hang below the line, sealed ones stand above it.
 */
public final class MarginShape {
    /** The distance that fills its half of the drawing, in frame pixels. */
    private static final double FULL_PX = 400;

    private MarginShape() {}

    /** From −1, wide open, over 0, exactly filling, to 1, far inside. */
    public static double height(Margin margin) {
        double part = Math.sqrt(Math.min(1, Math.abs(margin.framePx()) / FULL_PX));
        return margin.isSealed() ? part : -Math.max(0.2, part);
    }
}
