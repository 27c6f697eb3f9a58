package amberlens.core.material.footage;

/**
 * One or two neighbouring frames of footage.
 *
 * @param first frame
 * @param second the same, or the following one
 * @param part how much of the second shows, 0 … 1
 */
public record SourceFrames(int first, int second, double part) {
    /** Places this near to a frame are that frame, so that rounding blends nothing. */
    private static final double EXACT = 1e-9;

    /** A still picture, and footage at exactly one frame. */
    public static SourceFrames only(int frame) {
        return new SourceFrames(frame, frame, 0);
    }

    /** What is shown of footage at a place; before its first and after its last frame those stay. */
    public static SourceFrames at(double place, Source.Conversion conversion, Footage footage) {
        double inside = Math.clamp(place, 0, footage.last());
        if (conversion == Source.Conversion.NEAREST) {
            return only((int) Math.floor(inside + 0.5 + EXACT));
        }
        int below = (int) Math.floor(inside + EXACT);
        double part = inside - below;
        return part <= EXACT ? only(below) : new SourceFrames(below, below + 1, part);
    }
}
