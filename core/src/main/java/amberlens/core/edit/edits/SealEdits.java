package amberlens.core.edit.edits;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.edges.Margin;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.judge.marks.MarkWish;
import amberlens.core.judge.seal.MoveAside;
import amberlens.core.judge.seal.Seal;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.seal.Subject;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** Seals of shots, as they are judged and with their locked framings. */
public final class SealEdits {
    private SealEdits() {}

    /** What a seal of one shot of a project gives, see {@link #seal(Project, Shot, SealWay, SealTerms, UnaryOperator)}. */
    public static SealResult seal(Project project, Shot shot, SealWay way, SealTerms terms) {
        return seal(project, shot, way, terms, judged -> judged);
    }

    /**
     * What a seal of one shot gives. A shot that others follow is sealed for those, too; a rig for the shots it moves, as they are seen.
     * A shot that is not meant to fill the frame counts as sealed.
     *
     * @param by what edges are judged by instead of what the project would, for example by a delivery guide
     */
    public static SealResult seal(Project project, Shot shot, SealWay way, SealTerms terms, UnaryOperator<Judged> by) {
        return seal(project, shot, way, terms, by, Optional.empty());
    }

    /** Likewise, so that neither the line-up nor an output shows an edge at any of its times. */
    public static SealResult seal(Project project, Shot shot, SealWay way, SealTerms terms, OutputTimes times) {
        return seal(project, shot, way, terms, judged -> judged, Optional.of(times));
    }

    /** What a seal by least change gives, or by lift where that cannot do it. */
    public static SealResult leastOrLift(Project project, Shot shot, SealTerms terms) {
        SealResult least = seal(project, shot, SealWay.LEAST, terms);
        if (!(least instanceof SealResult.Refused)) {
            return least;
        }
        SealResult lifted = seal(project, shot, SealWay.LIFT, terms);
        return cuts(project, shot, lifted).isEmpty() ? lifted : least;
    }

    /** The marks that a sealed move cuts although they are always to be whole. */
    public static List<Mark> cuts(Project project, Shot shot, SealResult result) {
        List<Mark> always = project.marks(shot).stream()
                .filter(mark -> mark.keep() == Mark.Keep.ALWAYS)
                .toList();
        if (always.isEmpty() || !(result instanceof SealResult.Sealed sealed)) {
            return List.of();
        }
        Judged judged = project.judged(shot);
        Take take = project.take(shot.withCamera(shot.camera().withMoveOf(sealed.camera())));
        return always.stream()
                .filter(mark -> !MarkReport.always(take, judged.of(mark.box())).isKept())
                .toList();
    }

    /** A shot's move with its flights no higher than the picture allows; empty where nothing is open, or that would not close it. */
    public static Optional<CameraTrack> underRoof(Project project, Shot shot) {
        Judged own = project.judged(shot);
        Take take = project.take(shot, own);
        var locked = new TreeSet<>(shot.settings().locked().subSet(0, shot.length()));
        return Seal.underRoof(take, SealTerms.free().withLocked(locked)).map(own::back);
    }

    private static SealResult seal(
            Project project,
            Shot shot,
            SealWay way,
            SealTerms terms,
            UnaryOperator<Judged> by,
            Optional<OutputTimes> times) {
        List<Shot> concerned = concerned(project, shot);
        if (concerned.isEmpty()) {
            return new SealResult.AlreadySealed();
        }
        var locked = new TreeSet<>(terms.locked());
        locked.addAll(shot.settings().locked().subSet(0, shot.length()));
        Judged own = by.apply(project.judged(shot));
        Take take = project.take(shot, own);
        var subject = concerned.equals(List.of(shot)) && times.isEmpty()
                ? Subject.of(take, true, wishes(project, shot, own))
                : new Subject(take.camera(), take.frame(), project.isRig(shot), camera -> {
                    Project sealed =
                            CarryEdits.apply(ShotEdits.setCamera("seal", shot.id(), own.back(camera)), project);
                    return concerned.stream()
                            .flatMap(other ->
                                    judgements(sealed, other.id(), other.id().equals(shot.id()), by, times).stream())
                            .toList();
                });
        Optional<SealResult> cut = cutByRig(project, concerned, by).or(() -> dissolving(project, concerned));
        if (cut.isPresent()) {
            return cut.get();
        }
        SealResult result;
        try {
            result = Seal.by(way, subject, terms.withLocked(locked));
        } catch (IllegalArgumentException e) { // a shot that follows would pass what numbers there can be
            return new SealResult.Refused(
                    0, Optional.empty(), "what would close it is out of range (" + e.getMessage() + ")");
        }
        return result instanceof SealResult.Sealed sealed
                ? new SealResult.Sealed(own.back(sealed.camera()), sealed.cost(), sealed.addedKey())
                : result;
    }

    /** What the looks of a rig cut away of the frame stays away wherever the picture lies. */
    private static Optional<SealResult> cutByRig(Project project, List<Shot> concerned, UnaryOperator<Judged> by) {
        for (Shot shot : concerned) {
            Take take = project.take(shot, by.apply(project.judged(shot)));
            for (double at : take.ride().cuts() ? take.moments() : new double[0]) {
                Optional<Margin> open = EdgeReport.cut(take, at).filter(cut -> !cut.isSealed());
                if (open.isPresent()) {
                    return Optional.of(new SealResult.Refused(
                            take.frameOf(at),
                            Optional.of(open.get().side()),
                            "a crop or a card of a rig over \"" + shot.name() + "\" cuts into the frame at frame "
                                    + take.frameOf(at)
                                    + ", where neither scale nor position of the picture can help"));
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<SealResult> dissolving(Project project, List<Shot> concerned) {
        return concerned.stream()
                .flatMap(
                        shot -> project.take(shot).dissolving().stream()
                                .map(
                                        frames -> new SealResult.Refused(
                                                frames.from(),
                                                Optional.empty(),
                                                "\"" + shot.name() + "\" still dissolves at frame " + frames.from()
                                                        + ", where the shot before it has ended; shorten the dissolve or lengthen that shot")))
                .map(SealResult.class::cast)
                .findFirst();
    }

    /** A shot as the line-up sees it, and as the output does. */
    private static List<Subject.Judgement> judgements(
            Project project, String id, boolean own, UnaryOperator<Judged> by, Optional<OutputTimes> times) {
        Shot shot = project.shot(id).orElseThrow();
        Judged judged = by.apply(project.judged(shot));
        Take take = project.take(shot, judged);
        String whose = own ? "" : "\"" + shot.name() + "\"";
        return Stream.concat(Stream.of(take), times.stream().map(output -> take.shownBy(output, shot.start())))
                .map(seen -> new Subject.Judgement(whose, seen, true, wishes(project, shot, judged)))
                .toList();
    }

    /** Its marks that are always to be whole. */
    private static List<MarkWish> wishes(Project project, Shot shot, Judged judged) {
        return project.marks(shot).stream()
                .filter(mark -> mark.keep() == Mark.Keep.ALWAYS)
                .map(mark -> MarkWish.always(judged.of(mark.box())))
                .toList();
    }

    /** A shot with its framings shifted by the least, so that no mark is cut at rests, see {@link MoveAside}. */
    public static SealResult moveAside(Project project, Shot shot) {
        Judged judged = project.judged(shot);
        List<PictureBox> boxes = project.marks(shot).stream()
                .filter(Mark::isKept)
                .map(mark -> judged.of(mark.box()))
                .toList();
        var locked = new TreeSet<>(shot.settings().locked().subSet(0, shot.length()));
        SealResult result = MoveAside.of(
                project.take(shot, judged),
                project.judges(shot),
                boxes,
                SealTerms.free().withLocked(locked));
        return result instanceof SealResult.Sealed moved
                ? new SealResult.Sealed(judged.back(moved.camera()), moved.cost(), moved.addedKey())
                : result;
    }

    /** The shots whose edges a change of a shot's move may open or close, as far as they are judged; the shot itself first. */
    public static List<Shot> concerned(Project project, Shot shot) {
        List<Shot> all = new ArrayList<>();
        if (project.isRig(shot)) {
            all.addAll(project.under(shot));
        } else {
            all.add(shot);
            all.addAll(LinkedMoves.following(project, shot.id()));
        }
        all.removeIf(other -> !project.judges(other));
        return all;
    }

    /** Puts a sealed move in force. */
    public static Edit accept(Shot shot, SealWay way, SealResult.Sealed sealed) {
        return ShotEdits.setCamera(
                "seal by " + way.words().toLowerCase(java.util.Locale.ROOT), shot.id(), sealed.camera());
    }
}
