package amberlens.core;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.Refit;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Poses and moves drawn from a seed. */
public final class RandomPoses {
    private RandomPoses() {}

    /** Unequal axes, several turns, anchors off the picture too. */
    public static Pose any(Random chance, Size picture, Size frame) {
        return new Pose(
                new Scale(20 + 200 * chance.nextDouble(), 20 + 200 * chance.nextDouble()),
                new FramePoint(
                        frame.width() * (2 * chance.nextDouble() - 0.5),
                        frame.height() * (2 * chance.nextDouble() - 0.5)),
                2000 * chance.nextDouble() - 1000,
                new PicturePoint(
                        picture.width() * (2 * chance.nextDouble() - 0.5),
                        picture.height() * (2 * chance.nextDouble() - 0.5)));
    }

    /** A pose whose gate is inside the picture, unturned. */
    public static Pose inside(Random chance, Size picture, Size frame) {
        double fill = Refit.FILL.pose(picture, frame).scale().x();
        Pose pose = Pose.neutral(picture, frame).withScale(Scale.uniform(fill * (1 + 3 * chance.nextDouble())));
        double roomX = (pose.scale().factorX() * picture.width() - frame.width()) / 2;
        double roomY = (pose.scale().factorY() * picture.height() - frame.height()) / 2;
        return pose.withPosition(frame.centre()
                .plus(new FramePoint(roomX * (2 * chance.nextDouble() - 1), roomY * (2 * chance.nextDouble() - 1))));
    }

    /** A move of a few framings whose gate centres stay on the picture, with turns, at keys of each property's own. */
    public static CameraTrack centred(Random chance, Size picture, Size frame, int length) {
        Leg[] legs = {Ease.HOLD.leg(), Ease.LINEAR.leg(), Ease.GENTLE_LEAVE.leg(), Ease.GENTLE_BOTH.leg(), Leg.SMOOTH};
        List<Key<Scale>> scales = new ArrayList<>();
        List<Key<FramePoint>> positions = new ArrayList<>();
        List<Key<Double>> turns = new ArrayList<>();
        Pose start = inside(chance, picture, frame);
        for (int at = 0; at < length; at += 20 + chance.nextInt(20)) {
            Leg leg = legs[chance.nextInt(legs.length)];
            Pose pose = inside(chance, picture, frame);
            scales.add(Key.of(at, pose.scale().times(0.8 + 0.4 * chance.nextDouble()), leg));
            positions.add(Key.of(at, pose.position(), leg));
            turns.add(Key.of(at, 120 * chance.nextDouble() - 60, leg));
        }
        return new CameraTrack(
                Channel.keyed(ValueKinds.SCALE, scales),
                Channel.keyed(ValueKinds.POSITION, positions),
                Channel.keyed(ValueKinds.NUMBER, turns),
                Channel.constant(ValueKinds.ANCHOR, start.anchor()));
    }
}
