package amberlens.core.edit.traced;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.trace.Trace;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.MoveFit;
import amberlens.core.motion.keys.PoseDistance;
import amberlens.core.motion.keys.PoseRests;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * The pace of a film on the way of a shot: as large a part of its way as the film has gone, the shot has gone at the same time. Where the
 * film rests as often on its way as the shot has framings between its first and its last, each rest is at a framing.
 */
final class FilmPace {
    private final Size frame;
    private final FrameRate rate;
    private final PoseDistance distance;

    FilmPace(Size frame, FrameRate rate) {
        this.frame = frame;
        this.rate = rate;
        distance = new PoseDistance(frame);
    }

    /**
     * The camera with the pace of a film over all of its shot.
     *
     * @param film its smooth move
     * @throws IllegalArgumentException when the camera, or the film, goes nowhere
     */
    CameraTrack on(CameraTrack camera, int length, Trace film) {
        List<Integer> framings =
                camera.keyFrames().stream().filter(at -> at >= 0 && at < length).toList();
        if (framings.size() < 2) {
            throw new IllegalArgumentException("the shot needs two framings to go from one to the other");
        }
        int first = framings.getFirst();
        List<Pose> own = IntStream.rangeClosed(first, framings.getLast())
                .mapToObj(at -> camera.at(at).withDepth(Depth.FLAT))
                .toList();
        double[] ownWay = way(own, List.of());
        List<Pose> seen = IntStream.range(0, length)
                .mapToObj(at -> Trace.pose(
                        new Pose(
                                camera.at(first).scale(),
                                frame.centre(),
                                0,
                                camera.at(first).anchor()),
                        film.at((double) at * (film.length() - 1) / Math.max(1, length - 1)),
                        frame))
                .toList();
        List<FrameSpan> rests = PoseRests.of(
                seen, frame, FilmMove.OFF * frame.width(), Math.max(2, rate.frames(MoveFit.SHORTEST_REST)));
        double[] filmWay = way(seen, rests);
        if (ownWay[ownWay.length - 1] <= 0) {
            throw new IllegalArgumentException("the shot goes nowhere");
        }
        if (filmWay[filmWay.length - 1] <= 0) {
            throw new IllegalArgumentException("the camera of the film stands still");
        }
        return laid(camera, first, own, ownWay, framings, filmWay, rests);
    }

    private CameraTrack laid(
            CameraTrack camera,
            int first,
            List<Pose> own,
            double[] ownWay,
            List<Integer> framings,
            double[] filmWay,
            List<FrameSpan> rests) {
        int last = filmWay.length - 1;
        List<FrameSpan> inner = rests.stream()
                .filter(rest -> rest.from() > 0 && rest.to() < last)
                .toList();
        double[] gone = Arrays.stream(filmWay).map(way -> way / filmWay[last]).toArray();
        double[] stops = framings.stream()
                .mapToDouble(at -> ownWay[at - first] / ownWay[ownWay.length - 1])
                .toArray();
        if (inner.size() == framings.size() - 2) {
            double[] pauses = new double[inner.size() + 2];
            pauses[pauses.length - 1] = 1;
            for (int i = 0; i < inner.size(); i++) {
                pauses[i + 1] = gone[inner.get(i).from()];
            }
            gone = Arrays.stream(gone).map(part -> moved(part, pauses, stops)).toArray();
        }
        List<Pose> poses = new ArrayList<>();
        for (double part : gone) {
            poses.add(camera.at(first + place(ownWay, part * ownWay[ownWay.length - 1]))
                    .withDepth(Depth.FLAT));
        }
        CameraTrack fitted = MoveFit.of(
                poses, frame, FilmMove.OFF * frame.width(), rate.frames(MoveFit.SHORTEST_REST), passed(gone, stops));
        return camera.withScale(fitted.scale()).withPosition(fitted.position()).withRotation(fitted.rotation());
    }

    /** The frames at which the framings on the way are reached. */
    private static SortedSet<Integer> passed(double[] gone, double[] stops) {
        SortedSet<Integer> frames = new TreeSet<>();
        for (int i = 1; i + 1 < stops.length; i++) {
            int at = 0;
            for (int frame = 1; frame < gone.length; frame++) {
                at = Math.abs(gone[frame] - stops[i]) < Math.abs(gone[at] - stops[i]) - 1e-9 ? frame : at;
            }
            frames.add(at);
        }
        return frames;
    }

    /** A part of one way as the part of another whose stops correspond to the first one's. */
    private static double moved(double part, double[] from, double[] to) {
        int i = 0;
        while (i < from.length - 2 && part > from[i + 1]) {
            i++;
        }
        double length = from[i + 1] - from[i];
        double within = length > 0 ? (part - from[i]) / length : 0;
        return to[i] + (to[i + 1] - to[i]) * Math.clamp(within, 0, 1);
    }

    /** Where a way that only grows has so much of its length, in its frames. */
    private static double place(double[] way, double length) {
        int at = 0;
        while (at < way.length - 2 && way[at + 1] < length) {
            at++;
        }
        double step = way[at + 1] - way[at];
        return at + (step > 0 ? Math.clamp((length - way[at]) / step, 0, 1) : 0);
    }

    /** How far poses have gone by each of them, in frame pixels; while they rest they go nowhere. */
    private double[] way(List<Pose> poses, List<FrameSpan> rests) {
        double[] way = new double[poses.size()];
        for (int i = 1; i < way.length; i++) {
            int at = i;
            boolean rest = rests.stream().anyMatch(one -> one.contains(at) && one.contains(at - 1));
            way[i] = way[i - 1] + (rest ? 0 : distance.between(poses.get(i - 1), poses.get(i)));
        }
        return way;
    }
}
