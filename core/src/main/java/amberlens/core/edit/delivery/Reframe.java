package amberlens.core.edit.delivery;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Resizing;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.DoubleUnaryOperator;
import java.util.function.IntFunction;

/**
 * Framings of a shot that suit another shape of the frame. They show as much of the picture as the shot's own do, by area, around the
 * same middle, or with the shot's subject, or what its picture is aimed at, at its place of the frame; where that would show an edge they
 * are sealed with the smallest change, and moved aside where they would cut a mark at rests. Legs and eases stay.
 */
public final class Reframe {
    /** How often the zooms between the widest and the closest are halved. */
    private static final int HALVINGS = 5;

    /** What came of a shot. */
    public sealed interface Result {
        String shotId();
    }

    /**
     * Framings of which no frame shows an edge.
     *
     * @param camera the move in the delivery
     */
    public record Framed(String shotId, CameraTrack camera) implements Result {}

    /** It is seen as it should be without any: a title for example, a rig, or what is not meant to fill the frame. */
    public record Unneeded(String shotId) implements Result {}

    /**
     * No framings were found; the shot stays as it is.
     *
     * @param reason one plain sentence
     */
    public record Refused(String shotId, String reason) implements Result {}

    private final Project project;
    private final Delivery delivery;
    private final Project seen;
    private final SealTerms terms;

    /** @param terms of the seals; what is locked in the film does not count here */
    public Reframe(Project project, Delivery delivery, SealTerms terms) {
        this.project = project;
        this.delivery = delivery;
        this.terms = terms.withLocked(new TreeSet<>());
        seen = loose(DeliveryFilm.of(project, delivery));
    }

    /** With nothing locked and no move that follows another, so that each shot is sealed for itself. */
    private static Project loose(Project film) {
        return film.withShots(film.shots().stream()
                .map(shot -> shot.withSettings(
                        shot.settings().withLocked(new TreeSet<>()).withCarried(Optional.empty())))
                .toList());
    }

    /** Framings for a shot of the project. May take a second or so for long moves. */
    public Result of(Shot shot) {
        if (!project.judges(shot)) {
            return new Unneeded(shot.id());
        }
        double across = (double) delivery.size().width() / project.frameSize().width();
        double down = (double) delivery.size().height() / project.frameSize().height();
        double widest = Math.sqrt(across * down);
        double closest = Math.max(across, down);
        Result found =
                widest(shot, widest, closest).map(Result.class::cast).orElseGet(() -> inAnyWay(shot, widest, closest));
        return found instanceof Framed framed ? aside(shot, framed) : found;
    }

    /** Moved so that no mark is cut at rests, if that can be. */
    private Framed aside(Shot shot, Framed framed) {
        Shot there = seen.shot(shot.id()).orElseThrow();
        Shot tried = there.withCamera(there.camera().withMoveOf(framed.camera()));
        Project film = seen.mapShot(shot.id(), _ -> tried);
        return SealEdits.moveAside(film, tried) instanceof SealResult.Sealed moved
                ? new Framed(shot.id(), moved.camera().moveAlone())
                : framed;
    }

    /** What stays in sight: the subject that somebody has set, or what the picture is aimed at. */
    private Optional<PicturePoint> subject(Shot shot) {
        return shot.settings().subject().or(() -> ReadyEdits.stage(project, shot, Enlargement.UNNOTICED)
                .aim()
                .map(aim -> aim.box().middle()));
    }

    /** The widest framings between two zooms that need no more than to be shifted, if they keep the subject. */
    private Optional<Framed> widest(Shot shot, double wide, double close) {
        Optional<Framed> found = shifted(shot, wide);
        if (found.isPresent()) {
            return found;
        }
        found = shifted(shot, close);
        double open = wide;
        double shut = close;
        for (int i = 0; found.isPresent() && i < HALVINGS; i++) {
            double between = Math.sqrt(open * shut);
            Optional<Framed> wider = shifted(shot, between);
            found = wider.isPresent() ? wider : found;
            open = wider.isPresent() ? open : between;
            shut = wider.isPresent() ? between : shut;
        }
        return found;
    }

    private Optional<Framed> shifted(Shot shot, double zoom) {
        return sealed(shot, framings(shot, zoom).getFirst(), SealWay.SHIFT)
                .filter(framed -> keeps(shot, framed.camera()));
    }

    /** Sealed in any way; the first in which no framing loses the subject that it had, if there is one. */
    private Result inAnyWay(Shot shot, double wide, double close) {
        List<Framed> found = new ArrayList<>();
        for (double zoom : new double[] {wide, close, 1.5 * close, 2 * close}) {
            for (CameraTrack camera : framings(shot, zoom)) {
                for (SealWay way : List.of(SealWay.SHIFT, SealWay.LEAST, SealWay.LIFT)) {
                    Optional<Framed> framed = sealed(shot, camera, way);
                    if (framed.isPresent() && keeps(shot, framed.get().camera())) {
                        return framed.get();
                    }
                    framed.ifPresent(found::add);
                }
            }
            if (!found.isEmpty() && zoom >= close) {
                break;
            }
        }
        return found.isEmpty() ? refused(shot, close) : found.getFirst();
    }

    private Result refused(Shot shot, double close) {
        CameraTrack last = framings(shot, close).getLast();
        String reason = result(shot, last, SealWay.LIFT) instanceof SealResult.Refused refused
                ? refused.reason()
                : "no framings were found";
        return new Refused(shot.id(), reason);
    }

    /** Whether the subject is in the frame at every key of the shot where it is in the frame of the film. */
    private boolean keeps(Shot shot, CameraTrack camera) {
        Optional<PicturePoint> subject = subject(shot);
        return subject.isEmpty()
                || moments(shot).stream().allMatch(frame -> {
                    Pose there = camera.at(frame).in(project.mediaOf(shot).size(), delivery.size());
                    return !isSeen(project.pose(shot, frame), subject.get(), project.frameSize())
                            || isSeen(there, subject.get(), delivery.size());
                });
    }

    private static boolean isSeen(Pose pose, PicturePoint subject, Size frame) {
        FramePoint at = pose.toFrame(subject);
        return at.x() >= 0 && at.x() <= frame.width() && at.y() >= 0 && at.y() <= frame.height();
    }

    /** Its keys and its ends. */
    private static SortedSet<Integer> moments(Shot shot) {
        var frames = new TreeSet<>(shot.camera().keyFrames());
        frames.add(0);
        frames.add(shot.lastFrame());
        return frames;
    }

    /** With the subject at its place, and around the same middle. */
    private List<CameraTrack> framings(Shot shot, double zoom) {
        Resizing there = Resizing.zoomed(project.frameSize(), delivery.size(), zoom);
        CameraTrack middle = shot.camera().moveAlone().carried(there);
        return List.of(atItsPlace(shot, middle, there), middle);
    }

    private Optional<Framed> sealed(Shot shot, CameraTrack camera, SealWay way) {
        return switch (result(shot, camera, way)) {
            case SealResult.Sealed sealed ->
                Optional.of(new Framed(shot.id(), sealed.camera().moveAlone()));
            case SealResult.AlreadySealed _ -> Optional.of(new Framed(shot.id(), camera));
            case SealResult.Refused _ -> Optional.empty();
        };
    }

    private SealResult result(Shot shot, CameraTrack camera, SealWay way) {
        Shot there = seen.shot(shot.id()).orElseThrow();
        Shot tried = there.withCamera(there.camera().withMoveOf(camera));
        Project film = seen.mapShot(shot.id(), _ -> tried);
        return SealEdits.seal(film, tried, way, terms);
    }

    /** The move, shifted so that the subject stands where the shot's own framings have it: a third of the frame stays a third. */
    private CameraTrack atItsPlace(Shot shot, CameraTrack middle, Resizing there) {
        Optional<PicturePoint> subject = subject(shot);
        if (subject.isEmpty()) {
            return middle;
        }
        IntFunction<FramePoint> shift = frame -> shift(project.pose(shot, frame), subject.get(), there);
        Channel<FramePoint> position = middle.position();
        if (!position.animated() || position.muted()) {
            FramePoint mean = mean(shot, shift);
            return middle.withPosition(position.mapValues(at -> at.plus(mean)));
        }
        if (position.axes().isPresent()) {
            return middle.withPosition(position.mapAxes(axes -> new Axes(
                    shifted(axes.x(), at -> shift.apply((int) at).x()),
                    shifted(axes.y(), at -> shift.apply((int) at).y()))));
        }
        return middle.withPosition(
                position.mapKeys(key -> key.withValue(key.value().plus(shift.apply(key.at())))));
    }

    private static Channel<Double> shifted(Channel<Double> axis, DoubleUnaryOperator by) {
        return axis.animated()
                ? axis.mapKeys(key -> key.withValue(key.value() + by.applyAsDouble(key.at())))
                : axis.mapValues(value -> value + by.applyAsDouble(0));
    }

    private static FramePoint mean(Shot shot, IntFunction<FramePoint> shift) {
        SortedSet<Integer> frames = moments(shot);
        FramePoint sum = FramePoint.ZERO;
        for (int frame : frames) {
            sum = sum.plus(shift.apply(frame));
        }
        return new FramePoint(sum.x() / frames.size(), sum.y() / frames.size());
    }

    /** How far a framing lies off where its subject would keep its place; not at all where the subject is not in the frame. */
    private static FramePoint shift(Pose pose, PicturePoint subject, Resizing there) {
        Size from = there.fromFrame();
        if (!isSeen(pose, subject, from)) {
            return FramePoint.ZERO;
        }
        FramePoint off = pose.toFrame(subject).minus(from.centre());
        double zoom = there.zoom().orElseThrow();
        return new FramePoint(
                off.x() * ((double) there.toFrame().width() / from.width() - zoom),
                off.y() * ((double) there.toFrame().height() / from.height() - zoom));
    }
}
