package amberlens.core.edit.ready;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.IntFunction;

/**
 * A camera that is hit, on top of whatever it does: it goes to and fro in directions drawn by chance, the same for the same seed, and
 * comes to rest. The usual strength goes 0.6 % of the frame's width to either side and turns by 0.35°, which is common practice for a jolt.
 *
 * @param perSecond how often it goes to and fro, {@value #SLOWEST} … {@value #FASTEST}
 * @param strength per cent of the usual one, above 0 and at most {@value #MOST}
 * @param decay after so many seconds a hit has died away, {@value #SHORTEST} … {@value #LONGEST}
 */
public record Jolts(double perSecond, double strength, double decay, long seed) {
    public static final double SLOWEST = 0.25;
    public static final double FASTEST = 15;
    public static final double MOST = 500;
    public static final double SHORTEST = 0.1;
    public static final double LONGEST = 30;

    public static final Jolts USUAL = new Jolts(6, 100, 0.8, 1);

    private static final double WAY_OF_WIDTH = 0.006;
    private static final double TURN = 0.35;

    /** It goes nearly back the way it came, aside by so much at most, in radians. */
    private static final double ASIDE = 0.8;

    /** The least that it goes, of the strength. */
    private static final double LEAST = 0.65;

    /** How fast a hit dies away: e to the minus so much is left at its end, from where it is taken to nothing. */
    private static final double FADES = 3;

    public Jolts {
        check("a rate", perSecond, SLOWEST, FASTEST, "times a second");
        check("a strength", strength, Double.MIN_VALUE, MOST, "%");
        check("a decay", decay, SHORTEST, LONGEST, "s");
    }

    private static void check(String what, double value, double least, double most, String unit) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(
                    what + " is between " + least + " and " + most + " " + unit + ", not " + value);
        }
    }

    /**
     * The move hit at some frames.
     *
     * @param hits frames of the shot
     */
    public CameraTrack hit(CameraTrack camera, SortedSet<Integer> hits, int length, FrameRate rate, Size frame) {
        int lasts = Math.max(2, rate.frames(decay));
        CameraTrack shaken = camera;
        int from = -1;
        int to = -1;
        for (int at : hits) {
            if (at < 0 || at >= length - 2) {
                continue;
            }
            if (from >= 0 && at > to) {
                shaken = shaken(shaken, from, to, strengths(hits, lasts), rate, frame);
                from = -1;
            }
            from = from < 0 ? at : from;
            to = Math.min(length - 1, at + lasts);
        }
        return from < 0 ? shaken : shaken(shaken, from, to, strengths(hits, lasts), rate, frame);
    }

    /** What is left of the latest hit at a frame, 0 … 1. */
    private static IntFunction<Double> strengths(SortedSet<Integer> hits, int lasts) {
        return at -> {
            SortedSet<Integer> before = hits.headSet(at + 1);
            if (before.isEmpty()) {
                return 0.0;
            }
            double part = (double) (at - before.last()) / lasts;
            return part >= 1 ? 0 : Math.exp(-FADES * part) * (1 - part * part);
        };
    }

    private CameraTrack shaken(
            CameraTrack camera, int from, int to, IntFunction<Double> left, FrameRate rate, Size frame) {
        int apart = Math.max(1, (int) Math.round(rate.perSecond() / perSecond / 2));
        var chance = new Random(seed * 31 + from);
        SortedSet<Integer> times = new TreeSet<>();
        for (int at = from + apart; at < to; at += apart) {
            times.add(at);
        }
        List<Key<FramePoint>> places = new ArrayList<>();
        List<Key<Double>> turns = new ArrayList<>();
        double direction = 2 * Math.PI * chance.nextDouble();
        for (int at : times) {
            double part = strength / 100 * left.apply(at) * (LEAST + (1 - LEAST) * chance.nextDouble());
            direction += Math.PI + ASIDE * (2 * chance.nextDouble() - 1);
            double way = WAY_OF_WIDTH * frame.width() * part;
            double turn = TURN * part * Math.signum(Math.cos(direction)) * chance.nextDouble();
            FramePoint off = new FramePoint(way * Math.cos(direction), way * Math.sin(direction));
            places.add(Key.of(at, camera.at(at).position().plus(off), Leg.SMOOTH));
            turns.add(Key.of(at, camera.at(at).degrees() + turn, Leg.SMOOTH));
        }
        return camera.withPosition(
                        within(camera.position(), from, to, camera.at(from).position(), places))
                .withRotation(
                        within(camera.rotation(), from, to, camera.at(from).degrees(), turns));
    }

    /** A channel with other keys between two frames, at which it is as it was. */
    private static <V> Channel<V> within(Channel<V> channel, int from, int to, V first, List<Key<V>> keys) {
        if (channel.muted() || keys.isEmpty()) {
            return channel;
        }
        Channel<V> linked = channel.animated()
                ? channel.linked()
                : Channel.keyed(channel.kind(), List.of(Key.of(from, first, Leg.LINEAR)));
        Channel<V> divided = KeyInsertion.at(KeyInsertion.at(linked, from), to);
        List<Key<V>> all = new ArrayList<>();
        for (Key<V> key : divided.keys()) {
            if (key.at() < from || key.at() > to) {
                all.add(key);
            } else if (key.at() == from) {
                all.add(key.withLeg(Leg.SMOOTH)
                        .withEven(false)
                        .withHandles(new PathHandles(key.handles().in(), PathHandles.STRAIGHT.out())));
                all.addAll(keys);
            } else if (key.at() == to) {
                all.add(key.withHandles(
                        new PathHandles(PathHandles.STRAIGHT.in(), key.handles().out())));
            }
        }
        return channel.withKeys(all, channel.constant());
    }
}
