package amberlens.core.edit.edits;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.aim.SubjectHold;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.KeyFit;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;

/**
 * Holds footage still that was shot from an almost still camera: in each frame the move is put after the opposite of how the ground moved,
 * so that the picture is seen as if nobody had touched the camera. Then it is sealed by going closer as a whole, and what that costs is
 * told.
 *
 * @param camera the move, sealed
 * @param closer how much closer it had to be gone, a factor from 1 on
 * @param shake how far a corner of the frame was off at most, in frame pixels
 * @param keys how many keys its position has
 * @param unsure in how many frames the ground was guessed
 */
public record Steady(CameraTrack camera, double closer, double shake, int keys, int unsure) {
    /** How far keys may leave a corner of the frame off, in frame pixels. */
    private static final double KEYS_PX = 0.25;

    /** Scales that are farther apart than this, in parts, are not those of a picture that keeps its shape. */
    private static final double SAME_SHAPE = 1e-9;

    /**
     * The move of a shot held still.
     *
     * @param ground the way of the middle of the footage, with how it grew and turned
     * @throws IllegalArgumentException when that cannot be, with the reason in words
     */
    public static Steady of(Project project, Shot shot, Track ground) {
        if (shot.camera().hasDepth()) {
            throw new IllegalArgumentException(
                    "a picture with pitch, yaw or pulled corners cannot be stabilised; reset those first");
        }
        Size size = project.mediaOf(shot).size();
        Size frame = project.frameSize();
        Spot[] spots = Tracked.on(project, shot, ground);
        var middle = new PicturePoint(size.width() / 2.0, size.height() / 2.0);
        List<Scale> scales = new ArrayList<>();
        List<FramePoint> positions = new ArrayList<>();
        List<Double> turns = new ArrayList<>();
        double shake = 0;
        int unsure = 0;
        for (int at = 0; at < shot.length(); at++) {
            Pose pose = shot.camera().at(at);
            if (Math.abs(pose.scale().x() - pose.scale().y())
                    > SAME_SHAPE * pose.scale().x()) {
                throw new IllegalArgumentException("a stretched picture cannot be stabilised; link its scale first");
            }
            Pose held = held(pose, spots[at], middle);
            scales.add(held.scale());
            positions.add(held.position());
            turns.add(held.degrees());
            shake = Math.max(shake, apart(pose, held, frame));
            unsure += spots[at].weak() ? 1 : 0;
        }
        double reach = Math.hypot(frame.width(), frame.height()) / 2;
        CameraTrack camera = shot.camera()
                .withScale(KeyFit.of(ValueKinds.SCALE, scales, scales.getFirst().x() * KEYS_PX / reach))
                .withRotation(KeyFit.of(Properties.ROTATION.kind(), turns, Math.toDegrees(KEYS_PX / reach)))
                .withPosition(KeyFit.of(ValueKinds.POSITION, positions, KEYS_PX));
        return sealed(project, shot.withCamera(camera), shake, unsure);
    }

    /** The pose that shows what the ground shows as the given one shows it where it did not move. */
    private static Pose held(Pose pose, Spot spot, PicturePoint middle) {
        Pose back = pose.withScale(pose.scale().times(1 / spot.scale())).withDegrees(pose.degrees() - spot.degrees());
        return SubjectHold.pose(back, spot.at(), pose.toFrame(middle));
    }

    /** How far two poses show the same at most, at a corner of the frame. */
    private static double apart(Pose a, Pose b, Size frame) {
        double most = 0;
        for (Corner corner : Corner.values()) {
            FramePoint place = corner.of(frame);
            most = Math.max(most, b.toFrame(a.toPicture(place)).distance(place));
        }
        return most;
    }

    private static Steady sealed(Project project, Shot held, double shake, int unsure) {
        int keys = held.camera().position().keys().size();
        return switch (SealEdits.seal(project, held, SealWay.LIFT, SealTerms.free())) {
            case SealResult.AlreadySealed _ -> new Steady(held.camera(), 1, shake, keys, unsure);
            case SealResult.Sealed sealed ->
                new Steady(
                        sealed.camera(),
                        sealed.camera().at(0).scale().x()
                                / held.camera().at(0).scale().x(),
                        shake,
                        keys,
                        unsure);
            case SealResult.Refused refused ->
                throw new IllegalArgumentException("it cannot be stabilised without an open edge: " + refused.reason());
        };
    }
}
