package amberlens.core.motion;

import amberlens.core.geometry.AffineMap;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;

/**
 * The camera's setup at one moment. A picture point u lands in the frame at P + R(θ)·S·(u − A).
 *
 * @param scale S, per cent
 * @param position P: where the anchor lands, frame pixels
 * @param degrees θ: clockwise; turns accumulate, so −720 is two turns counter-clockwise
 * @param anchor A: the point that stays under scale and turn, source pixels
 */
public record Pose(Scale scale, FramePoint position, double degrees, PicturePoint anchor) {
    private static final double[] QUARTER_COSINES = {1, 0, -1, 0};

    public Pose {
        if (!Double.isFinite(degrees)) {
            throw new IllegalArgumentException("a rotation is a finite number of degrees, not " + degrees);
        }
    }

    /** 100 %, unturned, the picture's centre in the frame's centre. */
    public static Pose neutral(Size picture, Size frame) {
        return new Pose(
                Scale.NEUTRAL, frame.centre(), 0, new PicturePoint(picture.width() / 2.0, picture.height() / 2.0));
    }

    /** cos θ, exact at quarter turns. */
    public double cos() {
        return quarter() ? QUARTER_COSINES[quarterTurns()] : Math.cos(Math.toRadians(reduced()));
    }

    /** sin θ, exact at quarter turns. */
    public double sin() {
        return quarter() ? QUARTER_COSINES[(quarterTurns() + 3) % 4] : Math.sin(Math.toRadians(reduced()));
    }

    private double reduced() {
        return degrees % 360;
    }

    private boolean quarter() {
        return degrees % 90 == 0;
    }

    private int quarterTurns() {
        return Math.floorMod((int) (reduced() / 90), 4);
    }

    /** Where a picture point lands. */
    public FramePoint toFrame(PicturePoint point) {
        double x = scale.factorX() * (point.x() - anchor.x());
        double y = scale.factorY() * (point.y() - anchor.y());
        double cos = cos();
        double sin = sin();
        return new FramePoint(position.x() + cos * x - sin * y, position.y() + sin * x + cos * y);
    }

    /** Which picture point lands at a frame point. */
    public PicturePoint toPicture(FramePoint point) {
        FramePoint q = unturned(point);
        return anchor.plus(q.x() / scale.factorX(), q.y() / scale.factorY());
    }

    /** R(−θ)·(c − P): a frame point as seen from the anchor along the picture's axes, in frame pixels. */
    public FramePoint unturned(FramePoint point) {
        double x = point.x() - position.x();
        double y = point.y() - position.y();
        double cos = cos();
        double sin = sin();
        return new FramePoint(cos * x + sin * y, cos * y - sin * x);
    }

    /** The whole map from source pixels to frame pixels. */
    public AffineMap pictureToFrame() {
        double cos = cos();
        double sin = sin();
        double sx = scale.factorX();
        double sy = scale.factorY();
        return new AffineMap(
                cos * sx,
                -sin * sy,
                position.x() - cos * sx * anchor.x() + sin * sy * anchor.y(),
                sin * sx,
                cos * sy,
                position.y() - sin * sx * anchor.x() - cos * sy * anchor.y());
    }

    /** The picture point in the middle of the frame. */
    public PicturePoint gateCentre(Size frame) {
        return toPicture(frame.centre());
    }

    public Pose withScale(Scale newScale) {
        return new Pose(newScale, position, degrees, anchor);
    }

    public Pose withPosition(FramePoint newPosition) {
        return new Pose(scale, newPosition, degrees, anchor);
    }

    public Pose withDegrees(double newDegrees) {
        return new Pose(scale, position, newDegrees, anchor);
    }

    public Pose withAnchor(PicturePoint newAnchor) {
        return new Pose(scale, position, degrees, newAnchor);
    }

    /** The anchor moved while the picture stays where it is: P′ = P + R(θ)·S·(A′ − A). */
    public Pose withAnchorInPlace(PicturePoint newAnchor) {
        return new Pose(scale, toFrame(newAnchor), degrees, newAnchor);
    }

    /** This pose scaled and turned about a frame point, whose picture point stays there. */
    public Pose zoomedAbout(FramePoint fixed, double factor) {
        FramePoint moved = fixed.plus(position.minus(fixed).times(factor));
        return withScale(scale.times(factor)).withPosition(moved);
    }

    /** This pose turned clockwise about a frame point, whose picture point stays there. */
    public Pose turnedAbout(FramePoint fixed, double byDegrees) {
        PicturePoint under = toPicture(fixed);
        Pose turned = withDegrees(degrees + byDegrees);
        return turned.withPosition(position.plus(fixed.minus(turned.toFrame(under))));
    }
}
