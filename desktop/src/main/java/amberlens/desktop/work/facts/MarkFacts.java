package amberlens.desktop.work.facts;

import amberlens.core.base.memo.Memo;
import amberlens.core.edit.check.ShotMarks;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Ride;
import amberlens.desktop.work.pictures.MediaMarks;
import java.util.List;
import java.util.function.Function;

/** Which marks shots cut, of those that the project has and those that were found. Lives on the interface thread. */
public final class MarkFacts {
    private static final long BUDGET = 4L << 20;

    private final MediaMarks marks;
    private final Memo<State, List<ShotMarks.Cut>> cuts = new Memo<>(BUDGET, cut -> 200 + 120L * cut.size());
    private final Memo<State, SealResult> asides = new Memo<>(BUDGET, _ -> 2000);

    /** What it depends on. */
    private record State(Shot shot, List<Mark> marks, FrameFormat frame, Ride ride) {}

    public MarkFacts(MediaMarks marks) {
        this.marks = marks;
    }

    /** Where marks of a shot's picture are cut though they are to be kept. */
    public List<ShotMarks.Cut> cut(Project project, Shot shot) {
        return compute(cuts, project, shot, with -> ShotMarks.of(with, shot));
    }

    /** The shot with its framings moved aside, see {@link SealEdits#moveAside}. */
    public SealResult aside(Project project, Shot shot) {
        return compute(asides, project, shot, with -> SealEdits.moveAside(with, shot));
    }

    private <R> R compute(Memo<State, R> memo, Project project, Shot shot, Function<Project, R> computation) {
        Project with = marks.in(project);
        var state = new State(shot, with.mediaOf(shot).marks(), project.frame(), project.ride(shot));
        return memo.get(state, _ -> computation.apply(with));
    }

    /** Whether any mark of a shot is kept, so that there is something to say of them. */
    public boolean keeps(Project project, Shot shot) {
        return marks.of(project.mediaOf(shot)).stream().anyMatch(Mark::isKept);
    }
}
