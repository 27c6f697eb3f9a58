package amberlens.core.judge.edges;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Quadrilateral;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.words.Figures;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.pose.Projection;
import java.util.Optional;

/**
 * How far the frame is inside the picture, and where it comes closest to leaving it.
 *
 * <p>Scale acts along the picture's axes before the turn, so the picture's sides stay perpendicular in the frame and
 * the distance of a corner c to the left side is sx·A.x + (R(−θ)(c − P)).x; the other sides likewise.
 *
 * @param framePx signed distance in frame pixels, positive inside
 * @param side the side of the picture that is nearest
 * @param corner the corner of the frame that is nearest to it
 * @param unseen why the picture cannot be seen at all; then no distance is left, and neither side nor corner mean anything
 */
public record Margin(double framePx, Side side, Corner corner, Optional<Projection.Unseen> unseen) {
    /** The least margin that counts as sealed, in frame pixels. */
    public static final double SEALED = -0.001;

    /** Of a frame that nobody looks at. */
    static final Margin NOT_SEEN = new Margin(Double.POSITIVE_INFINITY, Side.LEFT, Corner.UPPER_LEFT);

    /** Of a shot that is half transparent over nothing. */
    static final Margin DISSOLVING = new Margin(
            Double.NEGATIVE_INFINITY, Side.LEFT, Corner.UPPER_LEFT, Optional.of(Projection.Unseen.DISSOLVING));

    private Margin(double framePx, Side side, Corner corner) {
        this(framePx, side, corner, Optional.empty());
    }

    public static Margin of(Pose pose, Size picture, Size frame) {
        Optional<Projection.Unseen> unseen = pose.projection().flatMap(Projection::unseen);
        if (unseen.isPresent()) {
            return new Margin(Double.NEGATIVE_INFINITY, Side.LEFT, Corner.UPPER_LEFT, unseen);
        }
        Optional<Quadrilateral> leaning = pose.projection().map(seen -> seen.outline(picture));
        return leaning.isPresent() ? of(leaning.get(), frame) : ofFlat(pose, picture, frame);
    }

    private static Margin of(Quadrilateral outline, Size frame) {
        Margin nearest = NOT_SEEN;
        for (Corner corner : Corner.values()) {
            for (Side side : Side.values()) {
                nearest = nearest.orNearer(outline.inside(side, corner.of(frame)), side, corner);
            }
        }
        return nearest;
    }

    private static Margin ofFlat(Pose pose, Size picture, Size frame) {
        double sx = pose.scale().factorX();
        double sy = pose.scale().factorY();
        double left = sx * pose.anchor().x();
        double right = sx * (picture.width() - pose.anchor().x());
        double top = sy * pose.anchor().y();
        double bottom = sy * (picture.height() - pose.anchor().y());
        Margin nearest = NOT_SEEN;
        for (Corner corner : Corner.values()) {
            FramePoint q = pose.unturned(corner.of(frame));
            nearest = nearest.orNearer(left + q.x(), Side.LEFT, corner)
                    .orNearer(right - q.x(), Side.RIGHT, corner)
                    .orNearer(top + q.y(), Side.TOP, corner)
                    .orNearer(bottom - q.y(), Side.BOTTOM, corner);
        }
        return nearest;
    }

    /** What opens the edge, in words: a side, or why nothing is seen. */
    public String reason() {
        return unseen.map(Projection.Unseen::words).orElse(side.word());
    }

    /** How far an edge is open and where, in words, or why nothing is seen. */
    public String openWords(int places) {
        return unseen.map(Projection.Unseen::words)
                .orElseGet(() -> corner.words() + " corner, "
                        + Figures.fixed(Math.max(Math.pow(10, -places), -framePx), places) + " px");
    }

    public boolean isSealed() {
        return framePx >= SEALED;
    }

    /** A distance that is no number is open: what is not known is not sealed. */
    private Margin orNearer(double distance, Side otherSide, Corner otherCorner) {
        if (Double.isNaN(distance)) {
            return new Margin(Double.NEGATIVE_INFINITY, otherSide, otherCorner);
        }
        return distance < framePx ? new Margin(distance, otherSide, otherCorner) : this;
    }
}
