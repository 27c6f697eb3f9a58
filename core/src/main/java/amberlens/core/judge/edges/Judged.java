package amberlens.core.judge.edges;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Ride;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;

/**
 * What edges are judged by: an area of the picture, mostly all of it, and a delivery guide in the middle of the frame, mostly all of
 * it. Judged poses are poses of the area, as if it were the picture, in the delivery guide, as if it were the frame: only the places
 * that anchor and position are counted from change, so all rules of the edges hold for them as they are.
 *
 * @param area of the picture
 * @param sheet the whole picture, source pixels
 * @param delivery its size in frame pixels, not larger than the frame
 * @param frame frame pixels
 * @param left what is left of the area at the moment for which poses are judged
 */
public record Judged(PictureArea area, Size sheet, Size delivery, Size frame, Portion left) {
    /** With all of the area left. */
    public Judged(PictureArea area, Size sheet, Size delivery, Size frame) {
        this(area, sheet, delivery, frame, Portion.WHOLE);
    }

    /** All of a picture in all of a frame. */
    public static Judged whole(Size picture, Size frame) {
        return new Judged(PictureArea.whole(picture), picture, frame, frame);
    }

    public Judged withDelivery(Size newDelivery) {
        return new Judged(area, sheet, newDelivery, frame, left);
    }

    /**
     * The same at a moment at which only a part is left of the picture.
     *
     * @param ofSheet the part
     */
    public Judged cropped(Portion ofSheet) {
        return new Judged(area, sheet, delivery, frame, ofSheet.in(area, sheet));
    }

    /** The size of what counts as the picture, in source pixels. */
    public Size picture() {
        return area.size();
    }

    private FramePoint deliveryOrigin() {
        return frame.centre().minus(delivery.centre());
    }

    private boolean shifts() {
        return area.left() != 0 || area.top() != 0 || !delivery.equals(frame);
    }

    /** A box of the picture as it is judged. */
    public PictureBox of(PictureBox box) {
        return box.plus(-area.left(), -area.top());
    }

    /** A pose as it is judged. */
    public Pose of(Pose pose) {
        Pose placed = pose.isFlat() ? pose : pose.withDepth(pose.depth().in(setting(pose)));
        Pose shifted = shifts()
                ? placed.withAnchor(pose.anchor().plus(-area.left(), -area.top()))
                        .withPosition(pose.position().minus(deliveryOrigin()))
                : placed;
        return shifted.within(left, picture());
    }

    /** The pose of which a judged pose is made. */
    public Pose back(Pose ofLeft) {
        Pose judged = ofLeft.outOf(left, picture());
        Pose placed = judged.isFlat() ? judged : judged.withDepth(judged.depth().in(Depth.Setting.of(sheet, frame)));
        return shifts()
                ? placed.withAnchor(judged.anchor().plus(area.left(), area.top()))
                        .withPosition(judged.position().plus(deliveryOrigin()))
                : placed;
    }

    private Depth.Setting setting() {
        return Depth.Setting.of(sheet, frame).judged(area.left(), area.top(), deliveryOrigin());
    }

    /** What a pose is seen in when it is judged; what is laid over it stays. */
    private Depth.Setting setting(Pose pose) {
        return pose.depth()
                .setting()
                .map(seen -> seen.judged(area.left(), area.top(), deliveryOrigin()))
                .orElseGet(this::setting);
    }

    /** A move as it is judged. */
    public Take take(CameraTrack camera, int length, Ride ride) {
        return new Take(
                shifts() ? shifted(camera, -1) : camera,
                length,
                picture(),
                delivery,
                ride.withOrigin(deliveryOrigin()),
                setting());
    }

    /** Likewise, with nothing laid over it. */
    public Take take(CameraTrack camera, int length) {
        return take(camera, length, Ride.NONE);
    }

    /** The move of which a judged move is made. */
    public CameraTrack back(CameraTrack judged) {
        return shifts() ? shifted(judged, 1) : judged;
    }

    private CameraTrack shifted(CameraTrack camera, int sign) {
        FramePoint origin = deliveryOrigin().times(sign);
        CameraTrack moved = camera.withAnchor(camera.anchor()
                        .mapValues(anchor -> anchor.plus(sign * area.left(), (double) sign * area.top())))
                .withPosition(camera.position().mapValues(position -> position.plus(origin)));
        return moved.flies()
                ? moved.mapLegs(leg -> leg instanceof Leg.Flight flight ? flight.shifted(origin) : leg)
                : moved;
    }
}
