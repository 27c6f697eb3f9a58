package amberlens.core.edit.ready;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.DepthProperty;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Framings at equal distances in time.
 *
 * @param poses one for a still, two or more for a move; all with the same anchor
 * @param even whether the zoom grows by equal ratios
 * @param ease instead of the wish's own
 * @param times the frames of the poses; empty for equal distances between the rests
 * @param smooth whether the legs run smoothly through the framings
 */
record Draft(List<Pose> poses, boolean even, Optional<TimingCurve> ease, List<Integer> times, boolean smooth) {
    Draft(List<Pose> poses, boolean even) {
        this(poses, even, Optional.empty(), List.of(), false);
    }

    /** The frame at which something that arrives within a part of the shot leaves. */
    static int leaves(Stage stage, MoveWish wish) {
        return Math.min(stage.first(wish), Math.max(0, stage.length() - 2));
    }

    /** The frame at which it has arrived. */
    static int arrives(Stage stage, MoveWish wish, double part) {
        int last = stage.length() - 1;
        return Math.min(last, leaves(stage, wish) + Math.max(1, (int) (part * last)));
    }

    Draft backwards() {
        return new Draft(poses.reversed(), even, ease, times, smooth);
    }

    Draft with(TimingCurve timing) {
        return new Draft(poses, even, Optional.of(timing), times, smooth);
    }

    /** The move over a shot, between the rests. */
    CameraTrack camera(Stage stage, MoveWish wish) {
        int first = stage.first(wish);
        int last = stage.last(wish);
        if (poses.size() == 1 || last - first < poses.size() - 1) {
            return CameraTrack.still(poses.getLast());
        }
        Leg leg = smooth ? Leg.SMOOTH : new Leg.Curve(ease.orElse(wish.timing()));
        List<Key<Scale>> scales = new ArrayList<>();
        List<Key<FramePoint>> positions = new ArrayList<>();
        List<Key<Double>> turns = new ArrayList<>();
        for (int i = 0; i < poses.size(); i++) {
            Pose pose = poses.get(i);
            int at = times.isEmpty()
                    ? first + Math.round((float) (last - first) * i / (poses.size() - 1))
                    : times.get(i);
            scales.add(Key.of(at, pose.scale(), leg).withEven(even));
            positions.add(Key.of(at, pose.position(), leg));
            turns.add(Key.of(at, pose.degrees(), leg));
        }
        boolean zooms = poses.stream()
                .anyMatch(pose -> !pose.scale().equals(poses.getFirst().scale()));
        boolean goes = poses.stream()
                .anyMatch(pose -> !pose.position().equals(poses.getFirst().position()));
        boolean turn = poses.stream()
                .anyMatch(pose -> pose.degrees() != poses.getFirst().degrees());
        Pose start = poses.getFirst();
        CameraTrack camera = new CameraTrack(
                zooms ? Channel.keyed(ValueKinds.SCALE, scales) : Channel.constant(ValueKinds.SCALE, start.scale()),
                goes || zooms
                        ? Channel.keyed(ValueKinds.POSITION, positions)
                        : Channel.constant(ValueKinds.POSITION, start.position()),
                turn ? Channel.keyed(ValueKinds.NUMBER, turns) : Channel.constant(ValueKinds.NUMBER, start.degrees()),
                Channel.constant(ValueKinds.ANCHOR, start.anchor()));
        for (DepthProperty<?> property : Properties.OF_DEPTH) {
            camera = leaning(camera, property, turns, leg);
        }
        return camera;
    }

    /** A property of depth that changes has keys where all others have them. */
    private <V> CameraTrack leaning(CameraTrack camera, DepthProperty<V> property, List<Key<Double>> times, Leg leg) {
        V start = property.of(poses.getFirst());
        boolean changes = poses.stream().anyMatch(pose -> !property.of(pose).equals(start));
        if (!changes) {
            return camera.with(property, Channel.constant(property.kind(), start));
        }
        List<Key<V>> keys = new ArrayList<>();
        for (int i = 0; i < poses.size(); i++) {
            keys.add(Key.of(times.get(i).at(), property.of(poses.get(i)), leg));
        }
        return camera.with(property, Channel.keyed(property.kind(), keys));
    }
}
