package amberlens.core;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Moves drawn from a seed, mostly open somewhere. */
public final class RandomMoves {
    public static final Size FRAME = new Size(1920, 1080);
    public static final Size PICTURE = new Size(5200, 3600);

    private RandomMoves() {}

    /**
     * Turns of several revolutions, unequal axes, anchors off the picture, keys of each property at times of its own.
     *
     * @param straight only hold, linear and curve legs on straight paths
     */
    public static Take any(Random chance, int length, boolean straight) {
        PicturePoint anchor = new PicturePoint(
                PICTURE.width() * (1.6 * chance.nextDouble() - 0.3),
                PICTURE.height() * (1.6 * chance.nextDouble() - 0.3));
        double unequal = chance.nextBoolean() ? 1 : 0.7 + 0.6 * chance.nextDouble();
        double turns = chance.nextBoolean() ? 20 : 1000;
        List<Key<Scale>> scales = new ArrayList<>();
        List<Key<FramePoint>> positions = new ArrayList<>();
        List<Key<Double>> degrees = new ArrayList<>();
        for (int at : times(chance, length)) {
            double percent = 45 + 70 * chance.nextDouble();
            boolean again = !scales.isEmpty() && chance.nextInt(4) == 0;
            scales.add(Key.of(
                    at,
                    again ? scales.getLast().value() : new Scale(percent, percent * unequal),
                    leg(chance, straight)));
        }
        for (int at : times(chance, length)) {
            degrees.add(Key.of(at, turns * (chance.nextDouble() - 0.5), leg(chance, straight)));
        }
        var turning = Channel.keyed(ValueKinds.NUMBER, degrees);
        var sizing = Channel.keyed(ValueKinds.SCALE, scales);
        for (int at : times(chance, length)) {
            var centre = new PicturePoint(
                    PICTURE.width() * (0.25 + 0.5 * chance.nextDouble()),
                    PICTURE.height() * (0.25 + 0.5 * chance.nextDouble()));
            Pose pose = new Pose(sizing.at(at), FRAME.centre(), turning.at(at), anchor);
            FramePoint there = pose.toFrame(centre);
            Key<FramePoint> key = Key.of(at, pose.position().plus(FRAME.centre().minus(there)), leg(chance, straight));
            positions.add(straight || chance.nextBoolean() ? key : key.withHandles(bend(chance)));
        }
        return new Take(
                new CameraTrack(
                        chance.nextInt(4) == 0
                                ? Channel.constant(
                                        ValueKinds.SCALE, scales.getFirst().value())
                                : sizing,
                        Channel.keyed(ValueKinds.POSITION, positions),
                        turning,
                        Channel.constant(ValueKinds.ANCHOR, anchor)),
                length,
                PICTURE,
                FRAME);
    }

    private static PathHandles bend(Random chance) {
        var out = new FramePoint(300 * chance.nextDouble() - 150, 300 * chance.nextDouble() - 150);
        return new PathHandles(out.times(-0.7), out);
    }

    private static List<Integer> times(Random chance, int length) {
        List<Integer> times = new ArrayList<>();
        for (int at = chance.nextInt(8); at < length; at += 12 + chance.nextInt(length / 2)) {
            times.add(at);
        }
        return times;
    }

    private static Leg leg(Random chance, boolean straight) {
        return switch (chance.nextInt(straight ? 4 : 5)) {
            case 0 -> Leg.LINEAR;
            case 1 -> Ease.GENTLE_BOTH.leg();
            case 2 -> new Leg.Curve(new TimingCurve(0.3, 0, 0.4, 1 + 0.2 * chance.nextDouble()));
            case 3 -> Ease.HOLD.leg();
            default -> Leg.SMOOTH;
        };
    }
}
