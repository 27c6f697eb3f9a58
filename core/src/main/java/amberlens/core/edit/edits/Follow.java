package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.GateReach;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.KeyFit;
import amberlens.core.motion.smooth.SmoothWay;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * The smoothest camera that keeps a tracked subject near its place of the frame and never shows an edge: least squares on second
 * differences of the middle of the frame on the picture, between bounds ({@link SmoothWay}); what comes of it is left as few plain keys
 * of the position. Where the picture ends, the subject leaves its place and not the frame the picture. Scale, turn and anchor stay.
 */
public final class Follow {
    /** How far keys may lead off the way, in frame pixels. */
    private static final double KEYS_PX = 0.5;

    private static final double[] EVER_NEARER_PX = {KEYS_PX, KEYS_PX / 4, KEYS_PX / 16};
    private static final double MOST_CLOSER = 8;
    private static final int HALVINGS = 30;

    /** A hair closer, so that rounding leaves it the room. */
    private static final double HAIR = 1 + 1e-6;

    private Follow() {}

    /**
     * The move of a shot that follows a track of its footage.
     *
     * @throws IllegalArgumentException when that cannot be, with the reason in words
     */
    public static Following of(Project project, Shot shot, Track track, FollowWish wish) {
        Shot plain = shot.withCamera(shot.camera()
                .withPosition(Channel.constant(
                        ValueKinds.POSITION, shot.camera().at(0).position())));
        Course course = new Course(project, plain, track);
        if (course.leans()) {
            throw new IllegalArgumentException(
                    "a picture with pitch, yaw or pulled corners cannot follow a subject; reset those first");
        }
        OptionalDouble closer = closerBy(course, track, wish);
        boolean goesCloser = wish.closer() && closer.isPresent();
        if (goesCloser) {
            plain = scaled(plain, closer.getAsDouble());
            course = new Course(project, plain, track);
        }
        OptionalDouble needed = goesCloser ? OptionalDouble.empty() : closer;
        course.uncovered().ifPresent(frame -> {
            throw new IllegalArgumentException("at frame " + frame
                    + " the picture is too small for the frame wherever it is; go closer, or let the camera do so");
        });
        Wanted wanted = new Wanted(course, wish);
        List<FramePoint> way = way(course, wanted, wish);
        for (double px : EVER_NEARER_PX) {
            Channel<FramePoint> position = KeyFit.of(ValueKinds.POSITION, way, px);
            CameraTrack camera = plain.camera().withPosition(position);
            if (sealed(project, shot.withCamera(camera))) {
                return following(course, wanted, camera, needed);
            }
        }
        Channel<FramePoint> position = KeyFit.of(ValueKinds.POSITION, way, KEYS_PX);
        Shot followed = shot.withCamera(plain.camera().withPosition(position));
        return switch (SealEdits.leastOrLift(project, followed, SealTerms.free())) {
            case SealResult.Sealed sealed -> following(course, wanted, sealed.camera(), needed);
            case SealResult.AlreadySealed _ -> following(course, wanted, followed.camera(), needed);
            case SealResult.Refused refused ->
                throw new IllegalArgumentException("the move could not be sealed: " + refused.reason());
        };
    }

    private static Shot scaled(Shot shot, double by) {
        return shot.withCamera(shot.camera()
                .withScale(shot.camera()
                        .scale()
                        .mapValues(scale -> ValueKinds.SCALE.of(part -> by * ValueKinds.SCALE.part(scale, part)))));
    }

    private static boolean sealed(Project project, Shot shot) {
        return !project.judges(shot) || EdgeReport.of(project.take(shot)).isSealed();
    }

    /** By how much the camera has to be closer for the subject to be at its place in every sure frame. */
    private static OptionalDouble closerBy(Course course, Track track, FollowWish wish) {
        if (hasRoom(course, wish)) {
            return OptionalDouble.empty();
        }
        double tooFar = 1;
        double near = MOST_CLOSER;
        if (!hasRoom(new Course(course.project(), scaled(course.shot(), near), track), wish)) {
            return OptionalDouble.empty();
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (tooFar + near) / 2;
            if (hasRoom(new Course(course.project(), scaled(course.shot(), middle), track), wish)) {
                near = middle;
            } else {
                tooFar = middle;
            }
        }
        return OptionalDouble.of(near * HAIR);
    }

    private static boolean hasRoom(Course course, FollowWish wish) {
        Wanted wanted = new Wanted(course, wish);
        double reach = wish.reach(course.project().frameSize().height());
        for (int frame = 0; frame < course.length(); frame++) {
            GateReach room = course.room(frame, KEYS_PX);
            if (room.isEmpty() || (!course.spot(frame).weak() && wanted.missed(frame, room) > reach)) {
                return false;
            }
        }
        return true;
    }

    /** The positions of the camera, frame by frame. */
    private static List<FramePoint> way(Course course, Wanted wanted, FollowWish wish) {
        int length = course.length();
        var x = new Bounds(length);
        var y = new Bounds(length);
        double reach = wish.reach(course.project().frameSize().height()) / Math.sqrt(2);
        for (int frame = 0; frame < length; frame++) {
            GateReach room = course.room(frame, KEYS_PX);
            PicturePoint middle = wanted.middle(frame);
            var scale = course.seen(frame).scale();
            boolean weak = course.spot(frame).weak();
            double weight = course.spot(frame).confidence();
            x.set(frame, room.left(), room.right(), middle.x(), weak ? -1 : reach / scale.factorX(), weight);
            y.set(frame, room.top(), room.bottom(), middle.y(), weak ? -1 : reach / scale.factorY(), weight);
        }
        double[] across = x.smooth();
        double[] down = y.smooth();
        List<FramePoint> way = new ArrayList<>(length);
        for (int frame = 0; frame < length; frame++) {
            way.add(course.position(frame, new PicturePoint(across[frame], down[frame])));
        }
        return way;
    }

    /** What bounds one direction. */
    private static final class Bounds {
        private final double[] low;
        private final double[] high;
        private final double[] target;
        private final double[] weight;

        Bounds(int length) {
            low = new double[length];
            high = new double[length];
            target = new double[length];
            weight = new double[length];
        }

        /** @param reach how far the middle may be from where it is wanted; negative for as far as there is room */
        void set(int frame, double from, double to, double wanted, double reach, double sure) {
            double inside = from > to ? (from + to) / 2 : Math.clamp(wanted, from, to);
            double free = reach < 0 ? Double.POSITIVE_INFINITY : reach;
            low[frame] = Math.min(inside, Math.max(from, wanted - free));
            high[frame] = Math.max(inside, Math.min(to, wanted + free));
            target[frame] = inside;
            weight[frame] = sure;
        }

        double[] smooth() {
            return SmoothWay.between(low, high, target, weight);
        }
    }

    private static Following following(Course course, Wanted wanted, CameraTrack camera, OptionalDouble closer) {
        var missed = new double[course.length()];
        Arrays.setAll(
                missed, frame -> course.spot(frame).weak() ? 0 : wanted.missed(frame, course.room(frame, KEYS_PX)));
        List<FrameSpan> limited = FrameSpan.runs(0, missed.length - 1, frame -> missed[frame] > KEYS_PX);
        double furthest = limited.isEmpty() ? 0 : Arrays.stream(missed).max().orElse(0);
        int unsure = (int) IntStream.range(0, missed.length)
                .filter(frame -> course.spot(frame).weak())
                .count();
        return new Following(camera, camera.position().keys().size(), limited, furthest, closer, unsure);
    }
}
