package amberlens.media.track;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.trace.Trace;
import amberlens.core.model.project.FileProblem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Finds what the camera of a film did. Each frame is held against a key frame; when too little of that is left in the picture, another one
 * takes its place, which is held against earlier ones that still see a part of it, so that errors do not add up. A cut ends the search.
 */
public final class FilmTracer {
    /** Is asked now and then whether to go on. */
    @FunctionalInterface
    public interface Progress {
        boolean looked(int frames);
    }

    private static final int MOST_POINTS = 400;
    private static final int APART = 14;
    private static final double STANDS_OUT = 0.5;
    private static final double STRONG = 0.01;
    private static final double NEAR = 1.2;
    private static final double REACH = 34;

    /** So many frames that fit to nothing are a cut, and not a flash. */
    private static final int LOST = 5;

    /** Of those points that should be seen, so many have to agree. */
    private static final double LEAST_PART = 0.2;

    /** With fewer a new key frame may be better. */
    private static final double GOOD_PART = 0.4;

    /** It has to be so much better: in a picture that changes all the time, the frame before is always a little better than one long ago. */
    private static final double GAIN = 0.25;

    private static final double MOST_GROWTH = 1.2;
    private static final double MOST_TURN = Math.toRadians(8);
    private static final double LEAST_SEEN = 0.6;
    private static final int BEFORE = 3;
    private static final int KEPT = 24;

    private final SubjectTracker.Frames frames;
    private final Flow flow = new Flow(REACH);
    private final Agreement agreement = new Agreement(NEAR);
    private final List<KeyView> keys = new ArrayList<>();
    private Depths depths = new Depths();

    public FilmTracer(SubjectTracker.Frames frames) {
        this.frames = frames;
    }

    /** A frame held against a key frame: how the first frame of all stands in it, and how much agrees. */
    private record Held(Placing pose, double part) {}

    /**
     * What the camera did.
     *
     * @param size of the film
     * @param within the frames to look at; the search may end before the last of them, at a cut or because it was told to
     * @throws IllegalArgumentException when there are too few points to hold on to
     */
    public Trace trace(Size size, FrameRate rate, FrameSpan within, Progress progress) throws FileProblem {
        var poses = new ArrayList<Placing>();
        var sure = new ArrayList<Double>();
        boolean cut = false;
        keys.clear();
        depths = new Depths();
        Grey grey;
        try (var films = new GreyFrames(frames, within.from(), within.to())) {
            grey = films.at(within.from());
            Shades last = grey.image();
            keys.add(key(last, Placing.at(0, 0), 0));
            if (keys.getLast().points().size() < 2 * Agreement.FEWEST) {
                throw new IllegalArgumentException("there is too little detail in the picture to trace");
            }
            poses.add(Placing.at(0, 0));
            sure.add(1.0);
            int lost = 0;
            for (int frame = within.from() + 1; frame <= within.to() && !cut; frame++) {
                Shades now = films.at(frame).image();
                Optional<Held> held = held(now, last, poses);
                lost = held.isPresent() ? 0 : lost + 1;
                poses.add(held.map(Held::pose).orElseGet(poses::getLast));
                sure.add(held.map(Held::part).orElse(0.0));
                last = held.isPresent() ? now : last;
                if (lost == LOST || lost > 0 && frame == within.to() && !alike(now, last)) {
                    cut = true;
                    poses.subList(poses.size() - lost, poses.size()).clear();
                    sure.subList(sure.size() - lost, sure.size()).clear();
                }
                if (!progress.looked(frame - within.from() + 1)) {
                    break;
                }
            }
        }
        return new Trace(size, rate, within.from(), Stands.of(poses, sure, grey, size), cut, depths.parallax());
    }

    private KeyView key(Shades picture, Placing pose, int hops) {
        var levels = flow.levels(picture);
        double[] brightness = KeyView.brightness(picture);
        return new KeyView(
                levels,
                Spread.over(picture, Flow.corners(levels, 2 * MOST_POINTS, APART, STANDS_OUT, STRONG), MOST_POINTS),
                pose,
                hops,
                brightness[0],
                brightness[1]);
    }

    /** How the picture stands in a frame; empty where it fits to nothing before. */
    private Optional<Held> held(Shades now, Shades last, List<Placing> poses) {
        Placing expected = expected(poses);
        Optional<Held> held = against(keys.getLast(), now, expected);
        if (held.isEmpty() || held.get().part < GOOD_PART) {
            KeyView before = key(last, poses.getLast(), keys.getLast().hops() + 1);
            Optional<Held> nearer = against(before, now, expected);
            double enough = held.map(one -> one.part + GAIN).orElse(0.0);
            if (nearer.isPresent() && nearer.get().part > enough) {
                keep(settled(last, poses.getLast()));
                held = against(keys.getLast(), now, expected);
            }
        }
        held.filter(one -> isFar(one.pose, now)).ifPresent(one -> keep(settled(now, one.pose)));
        return held;
    }

    /** As it went before, it goes on. */
    private static Placing expected(List<Placing> poses) {
        Placing last = poses.getLast();
        return poses.size() < 2
                ? last
                : last.after(poses.get(poses.size() - 2).inverse()).after(last);
    }

    private Optional<Held> against(KeyView key, Shades now, Placing expected) {
        Placing guess = expected.after(key.pose().inverse());
        List<Dot> points = key.points().stream()
                .filter(point -> isInside(guess.toX(point.x(), point.y()), guess.toY(point.x(), point.y()), now))
                .toList();
        if (points.size() < 2 * Agreement.FEWEST) {
            return Optional.empty();
        }
        List<Dot.Pair> pairs = flow.pairs(key.levels(), flow.levels(key.alike(now)), points, Placing.at(0, 0), guess);
        return agreement.of(pairs).flatMap(found -> {
            double part = (double) found.agreeing().size() / points.size();
            if (part < LEAST_PART) {
                return Optional.empty();
            }
            depths.add(found.placing(), pairs, now);
            return Optional.of(new Held(found.placing().after(key.pose()), Math.min(1, part)));
        });
    }

    private static boolean isInside(double x, double y, Shades picture) {
        return x >= 0 && y >= 0 && x < picture.width() && y < picture.height();
    }

    /** Whether the key frame is too unlike this one to be good for the next. */
    private boolean isFar(Placing pose, Shades now) {
        KeyView key = keys.getLast();
        Placing from = pose.after(key.pose().inverse());
        boolean resized = from.scale() > MOST_GROWTH || from.scale() < 1 / MOST_GROWTH;
        long seen = key.points().stream()
                .filter(point -> isInside(from.toX(point.x(), point.y()), from.toY(point.x(), point.y()), now))
                .count();
        return resized
                || Math.abs(from.turn()) > MOST_TURN
                || seen < LEAST_SEEN * key.points().size();
    }

    /** A new key frame, whose pose is what earlier ones that see a part of it say together; those count more that were reached in fewer hops. */
    private KeyView settled(Shades now, Placing pose) {
        double weights = 0;
        double along = 0;
        double across = 0;
        double x = 0;
        double y = 0;
        double middleX = now.width() / 2.0;
        double middleY = now.height() / 2.0;
        int hops = keys.getLast().hops();
        int asked = 0;
        for (KeyView key : keys) {
            Placing from = pose.after(key.pose().inverse());
            boolean near = from.scale() < MOST_GROWTH * MOST_GROWTH
                    && from.scale() > 1 / MOST_GROWTH / MOST_GROWTH
                    && Math.abs(from.turn()) < 2 * MOST_TURN;
            Optional<Held> held = near && asked < BEFORE ? against(key, now, pose) : Optional.empty();
            if (held.isPresent()) {
                asked++;
                double weight = held.get().part / (1 + key.hops());
                Placing its = held.get().pose.after(pose.inverse());
                weights += weight;
                along += weight * its.along();
                across += weight * its.across();
                x += weight * its.toX(middleX, middleY);
                y += weight * its.toY(middleX, middleY);
                hops = Math.min(hops, key.hops());
            }
        }
        if (weights == 0) {
            return key(now, pose, hops + 1);
        }
        var turned = new Placing(along / weights, across / weights, 0, 0);
        Placing mended =
                turned.movedTo(x / weights - turned.toX(middleX, middleY), y / weights - turned.toY(middleX, middleY));
        return key(now, mended.after(pose), hops + 1);
    }

    private void keep(KeyView key) {
        keys.add(key);
        if (keys.size() > KEPT) {
            keys.remove(1); // the first stays: nothing is nearer to where all began
        }
    }

    /** Whether two pictures have their shades in much the same numbers. */
    private static boolean alike(Shades a, Shades b) {
        double[] one = KeyView.brightness(a);
        double[] other = KeyView.brightness(b);
        return Math.abs(one[0] - other[0]) < 12 && Math.abs(one[1] - other[1]) < 12;
    }
}
