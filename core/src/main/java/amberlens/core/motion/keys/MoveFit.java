package amberlens.core.motion.keys;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
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
 * The fewest framings that reproduce a move known frame by frame, as a person would set them: where it rests, a rest; in between legs as
 * long as they can be with one ease each. Scale, position and rotation have their keys at the same frames.
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
    private final LegFit.Course course;
    private final SortedMap<Integer, Pose> framings = new TreeMap<>();

    /** What leaves each framing but the last, and at which of them a rest begins. */
    private final SortedMap<Integer, LegFit.Fitted> legs = new TreeMap<>();

    private final SortedSet<Integer> rests = new TreeSet<>();

    private MoveFit(List<Pose> poses, Size frame, double off) {
        distance = new PoseDistance(frame);
        this.off = off;
        this.poses = stiller(poses, frame);
        course = new LegFit.Course(this.poses, way(), distance, off);
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
    public static CameraTrack of(List<Pose> poses, Size frame, double off, int shortestRest, SortedSet<Integer> kept) {
        var fit = new MoveFit(poses, frame, off);
        if (kept.isEmpty() && fit.isStill()) {
            return CameraTrack.still(poses.getFirst());
        }
        fit.run(PoseRests.of(fit.poses, frame, WAVER * off, Math.max(2, shortestRest)), kept);
        return fit.track();
    }

    /** Likewise, with no framing that has to be there. */
    public static CameraTrack of(List<Pose> poses, Size frame, double off, int shortestRest) {
        return of(poses, frame, off, shortestRest, Collections.emptySortedSet());
    }

    private boolean isStill() {
        return poses.stream().allMatch(pose -> distance.between(poses.getFirst(), pose) <= WAVER * off);
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
                                frame.centre(), first.scale().x() / pose.scale().x())
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

    private double[] way() {
        double[] way = new double[poses.size()];
        for (int at = 1; at < way.length; at++) {
            way[at] = way[at - 1] + distance.between(poses.get(at - 1), poses.get(at));
        }
        return way;
    }

    private void run(List<FrameSpan> still, SortedSet<Integer> kept) {
        int last = poses.size() - 1;
        framings.put(0, poses.getFirst());
        framings.put(last, poses.getLast());
        for (int at : kept.subSet(0, last + 1)) {
            framings.put(at, poses.get(at));
        }
        for (FrameSpan rest : still) {
            Pose there = resting(rest);
            framings.subMap(rest.from(), rest.to() + 1).clear();
            framings.put(rest.from(), there);
            framings.put(rest.to(), there);
            rests.add(rest.from());
            legs.put(rest.from(), new LegFit.Fitted(Leg.HOLD, FramePoint.ZERO, FramePoint.ZERO));
        }
        List<Integer> fixed = List.copyOf(framings.keySet());
        for (int i = 0; i + 1 < fixed.size(); i++) {
            if (!rests.contains(fixed.get(i))) {
                travel(fixed.get(i), fixed.get(i + 1));
            }
        }
    }

    /** The pose of a rest: the first or the last of all where it is at an end, else the middle one. */
    private Pose resting(FrameSpan rest) {
        int at = rest.from() == 0 ? 0 : rest.to() == poses.size() - 1 ? rest.to() : (rest.from() + rest.to()) / 2;
        return poses.get(at);
    }

    /** Legs as long as they can be, one after the other; the halves of what is too long are tried until one is not. */
    private void travel(int begin, int end) {
        int from = begin;
        boolean fromRest = !framings.headMap(begin).isEmpty()
                && rests.contains(framings.headMap(begin).lastKey());
        while (from < end) {
            int near = from + 1;
            Optional<LegFit.Fitted> best = Optional.empty();
            int far = end;
            for (int to = end; to > near || best.isEmpty(); to = (near + far + 1) / 2) {
                Optional<LegFit.Fitted> leg = leg(from, fromRest, to, end);
                if (leg.isPresent()) {
                    best = leg;
                    near = to;
                } else {
                    far = to - 1;
                }
                if (near >= far && best.isPresent()) {
                    break;
                }
            }
            legs.put(from, best.orElseThrow());
            framings.putIfAbsent(near, poses.get(near));
            from = near;
            fromRest = false;
        }
    }

    private Optional<LegFit.Fitted> leg(int from, boolean fromRest, int to, int end) {
        Pose start = framings.getOrDefault(from, poses.get(from));
        Pose there = to == end ? framings.getOrDefault(to, poses.get(to)) : poses.get(to);
        return LegFit.of(course, from, start, fromRest, to, there, to == end && rests.contains(end));
    }

    private CameraTrack track() {
        return CameraTrack.still(poses.getFirst())
                .withScale(channel(ValueKinds.SCALE, Pose::scale))
                .withPosition(channel(ValueKinds.POSITION, Pose::position))
                .withRotation(channel(Properties.ROTATION.kind(), Pose::degrees));
    }

    private <V> Channel<V> channel(ValueKind<V> kind, Function<Pose, V> of) {
        List<Key<V>> keys = new ArrayList<>();
        FramePoint in = FramePoint.ZERO;
        for (var framing : framings.entrySet()) {
            LegFit.Fitted leg = legs.get(framing.getKey());
            FramePoint out = leg == null ? FramePoint.ZERO : leg.out();
            Key<V> key = Key.of(framing.getKey(), of.apply(framing.getValue()), leg == null ? Leg.LINEAR : leg.leg());
            keys.add(kind == ValueKinds.POSITION ? key.withHandles(new PathHandles(in, out)) : key);
            in = leg == null ? FramePoint.ZERO : leg.in();
        }
        V first = keys.getFirst().value();
        return keys.stream().allMatch(key -> key.value().equals(first))
                ? Channel.constant(kind, first)
                : Channel.keyed(kind, keys);
    }
}
