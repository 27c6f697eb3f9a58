package amberlens.core.motion.keys;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;

/**
 * The fewest framings that reproduce a move known frame by frame, as a person would set them: where it rests, a rest; between two rests one
 * leg with one ease where that is near enough, else smooth legs through as few framings as it takes. Scale, position and rotation have
 * their keys at the same frames.
 */
public final class MoveFit {
    /** A rest is part of a move from so many seconds on. */
    public static final double SHORTEST_REST = 0.4;

    /** What a rest may waver and a still channel may be off, in parts of what is allowed. */
    private static final double WAVER = 0.5;

    private static final double NOTHING = 0.2;

    private final List<Pose> poses;
    private final double off;
    private final PoseDistance distance;

    /** The framings by their frames, and beside each the leg that leaves it. */
    private final SortedMap<Integer, Pose> framings = new TreeMap<>();

    private final SortedMap<Integer, Leg> legs = new TreeMap<>();

    private MoveFit(List<Pose> poses, Size frame, double off) {
        distance = new PoseDistance(frame);
        this.off = off;
        this.poses = stiller(poses, frame);
    }

    /**
     * The move.
     *
     * @param poses flat, with one anchor, one for each frame from 0 on
     * @param frame frame pixels
     * @param off how far any corner of the frame may be off, in frame pixels, above 0
     * @param shortestRest in frames
     * @param kept frames at which there is a framing in any case
     */
    public static CameraTrack of(
            List<Pose> poses, Size frame, double off, int shortestRest, SortedSet<Integer> kept) {
        var fit = new MoveFit(poses, frame, off);
        fit.run(PoseRests.of(fit.poses, frame, WAVER * off, Math.max(2, shortestRest)), kept);
        return fit.track();
    }

    /** Likewise, with no framing that has to be there. */
    public static CameraTrack of(List<Pose> poses, Size frame, double off, int shortestRest) {
        return of(poses, frame, off, shortestRest, Collections.emptySortedSet());
    }

    /** Without the turn or the zoom if there is as good as none. */
    private List<Pose> stiller(List<Pose> all, Size frame) {
        Pose first = all.getFirst();
        List<Pose> level = all.stream()
                .map(pose -> pose.turnedAbout(frame.centre(), first.degrees() - pose.degrees())
                        .withDegrees(first.degrees()))
                .toList();
        List<Pose> turned = furthest(all, level) <= NOTHING * off ? level : all;
        List<Pose> sized = turned.stream()
                .map(pose -> pose.zoomedAbout(
                                frame.centre(),
                                first.scale().x() / pose.scale().x())
                        .withScale(first.scale()))
                .toList();
        return furthest(turned, sized) <= NOTHING * off ? sized : turned;
    }

    private double furthest(List<Pose> some, List<Pose> others) {
        double most = 0;
        for (int i = 0; i < some.size(); i++) {
            most = Math.max(most, distance.between(some.get(i), others.get(i)));
        }
        return most;
    }

    private void run(List<FrameSpan> rests, SortedSet<Integer> kept) {
        int last = poses.size() - 1;
        framings.put(0, poses.getFirst());
        framings.put(last, poses.getLast());
        for (int at : kept.subSet(0, last + 1)) {
            framings.put(at, poses.get(at));
        }
        for (FrameSpan rest : rests) {
            Pose there = resting(rest);
            framings.subMap(rest.from(), rest.to() + 1).clear();
            framings.put(rest.from(), there);
            framings.put(rest.to(), there);
            legs.put(rest.from(), Leg.HOLD);
        }
        List<Integer> fixed = List.copyOf(framings.keySet());
        for (int i = 0; i + 1 < fixed.size(); i++) {
            if (!legs.containsKey(fixed.get(i))) {
                travel(fixed.get(i), fixed.get(i + 1));
            }
        }
        softenRests(fixed);
    }

    /** The pose of a rest: the first or the last of all where it is at an end, else the middle one. */
    private Pose resting(FrameSpan rest) {
        int at = rest.from() == 0 ? 0 : rest.to() == poses.size() - 1 ? rest.to() : (rest.from() + rest.to()) / 2;
        return poses.get(at);
    }

    private void travel(int from, int to) {
        boolean rests = rests(before(from)) || rests(to);
        Optional<Leg> one =
                EaseFit.of(poses, distance, from, pose(from), to, pose(to), off, rests);
        if (one.isPresent()) {
            legs.put(from, one.get());
            return;
        }
        SortedSet<Integer> inner = new TreeSet<>();
        while (true) {
            int worst = worst(from, to, inner);
            if (worst < 0) {
                break;
            }
            inner.add(worst);
        }
        thin(from, to, inner);
        for (int at : inner) {
            framings.put(at, poses.get(at));
            legs.put(at, Leg.SMOOTH);
        }
        legs.put(from, Leg.SMOOTH);
    }

    private void thin(int from, int to, SortedSet<Integer> inner) {
        for (int at : List.copyOf(inner)) {
            SortedSet<Integer> fewer = new TreeSet<>(inner);
            fewer.remove(at);
            if (worst(from, to, fewer) < 0) {
                inner.remove(at);
            }
        }
    }

    /** The frame in between that smooth legs through some framings are furthest from; −1 where all are near enough. */
    private int worst(int from, int to, SortedSet<Integer> inner) {
        SortedMap<Integer, Pose> through = new TreeMap<>();
        through.put(from, pose(from));
        through.put(to, pose(to));
        inner.forEach(at -> through.put(at, poses.get(at)));
        if (rests(before(from))) {
            through.put(from - 1, pose(from));
        }
        if (rests(to)) {
            through.put(to + 1, pose(to));
        }
        CameraTrack smooth = track(through, Collections.emptySortedMap());
        double most = off;
        int at = -1;
        for (int frame = from + 1; frame < to; frame++) {
            double there = inner.contains(frame) ? 0 : distance.between(poses.get(frame), smooth.at(frame));
            if (there > most) {
                most = there;
                at = frame;
            }
        }
        return at;
    }

    private Pose pose(int at) {
        return framings.getOrDefault(at, poses.get(at));
    }

    /** Whether a rest leaves a framing. */
    private boolean rests(int at) {
        return legs.get(at) == Leg.HOLD;
    }

    private int before(int frame) {
        SortedMap<Integer, Pose> earlier = framings.headMap(frame);
        return earlier.isEmpty() ? -1 : earlier.lastKey();
    }

    /** A rest beside smooth legs is one of them, so that they leave it and come to it gently. */
    private void softenRests(List<Integer> fixed) {
        for (int at : fixed) {
            Leg before = legs.getOrDefault(before(at), Leg.LINEAR);
            int to = framings.tailMap(at + 1).isEmpty() ? -1 : framings.tailMap(at + 1).firstKey();
            Leg after = legs.getOrDefault(to, Leg.LINEAR);
            if (legs.get(at) == Leg.HOLD && (before == Leg.SMOOTH || after == Leg.SMOOTH)) {
                legs.put(at, Leg.SMOOTH);
            }
        }
    }

    private CameraTrack track() {
        if (framings.values().stream().allMatch(poses.getFirst()::equals)) {
            return CameraTrack.still(poses.getFirst());
        }
        return track(framings, legs);
    }

    private CameraTrack track(SortedMap<Integer, Pose> at, SortedMap<Integer, Leg> by) {
        return CameraTrack.still(poses.getFirst())
                .withScale(channel(ValueKinds.SCALE, at, by, Pose::scale))
                .withPosition(channel(ValueKinds.POSITION, at, by, Pose::position))
                .withRotation(channel(Properties.ROTATION.kind(), at, by, Pose::degrees));
    }

    private static <V> Channel<V> channel(
            ValueKind<V> kind, SortedMap<Integer, Pose> framings, SortedMap<Integer, Leg> legs, Function<Pose, V> of) {
        List<Key<V>> keys = new ArrayList<>();
        framings.forEach((at, pose) -> keys.add(Key.of(at, of.apply(pose), legs.getOrDefault(at, Leg.SMOOTH))));
        V first = keys.getFirst().value();
        return keys.stream().allMatch(key -> key.value().equals(first))
                ? Channel.constant(kind, first)
                : Channel.keyed(kind, keys);
    }
}
