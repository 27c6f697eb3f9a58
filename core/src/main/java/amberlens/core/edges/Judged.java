package amberlens.core.edges;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PictureArea;
import amberlens.core.geometry.Size;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Depth;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Ride;
import amberlens.core.motion.Take;

/**
 * What edges are judged by: an area of the picture, mostly all of it, and a mask in the middle of the frame, mostly all of
 * it. Judged poses are poses of the area, as if it were the picture, in the mask, as if it were the frame: only the places
 * that anchor and position are counted from change, so all rules of the edges hold for them as they are.
 *
 * @param area of the picture
 * @param sheet the whole picture, source pixels
 * @param mask its size in frame pixels, not larger than the frame
 * @param frame frame pixels
 */
public record Judged(PictureArea area, Size sheet, Size mask, Size frame) {
    /** All of a picture in all of a frame. */
    public static Judged whole(Size picture, Size frame) {
        return new Judged(PictureArea.whole(picture), picture, frame, frame);
    }

    public Judged withMask(Size newMask) {
        return new Judged(area, sheet, newMask, frame);
    }

    /** The size of what counts as the picture, in source pixels. */
    public Size picture() {
        return area.size();
    }

    private FramePoint maskOrigin() {
        return frame.centre().minus(mask.centre());
    }

    private boolean shifts() {
        return area.left() != 0 || area.top() != 0 || !mask.equals(frame);
    }

    /** A pose as it is judged. */
    public Pose of(Pose pose) {
        Pose placed = pose.isFlat() ? pose : pose.withDepth(pose.depth().in(setting(pose)));
        return shifts()
                ? placed.withAnchor(pose.anchor().plus(-area.left(), -area.top()))
                        .withPosition(pose.position().minus(maskOrigin()))
                : placed;
    }

    /** The pose of which a judged pose is made. */
    public Pose back(Pose judged) {
        Pose placed = judged.isFlat() ? judged : judged.withDepth(judged.depth().in(Depth.Setting.of(sheet, frame)));
        return shifts()
                ? placed.withAnchor(judged.anchor().plus(area.left(), area.top()))
                        .withPosition(judged.position().plus(maskOrigin()))
                : placed;
    }

    private Depth.Setting setting() {
        return Depth.Setting.of(sheet, frame).judged(area.left(), area.top(), maskOrigin());
    }

    /** What a pose is seen in when it is judged; what is laid over it stays. */
    private Depth.Setting setting(Pose pose) {
        return pose.depth()
                .setting()
                .map(seen -> seen.judged(area.left(), area.top(), maskOrigin()))
                .orElseGet(this::setting);
    }

    /** A move as it is judged. */
    public Take take(CameraTrack camera, int length, Ride ride) {
        return new Take(
                shifts() ? shifted(camera, -1) : camera,
                length,
                picture(),
                mask,
                ride.withOrigin(maskOrigin()),
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
        FramePoint origin = maskOrigin().times(sign);
        return camera.withAnchor(camera.anchor()
                        .mapValues(anchor -> anchor.plus(sign * area.left(), (double) sign * area.top())))
                .withPosition(camera.position().mapValues(position -> position.plus(origin)));
    }
}
