package amberlens.core.edit.edits;

import amberlens.core.base.time.OutputTimes;
import amberlens.core.edit.check.OutputEdge;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What seals everything that an output would show open.
 *
 * @param steps one for each shot that is sealed
 * @param refusals one for each shot that cannot be, in words
 */
public record OutputSeal(List<Edit> steps, List<String> refusals) {
    /** Sealing one shot may open another, which is rare and settles at once; that it never settles is said. */
    private static final int ROUNDS = 8;

    public OutputSeal {
        steps = List.copyOf(steps);
        refusals = List.copyOf(refusals);
    }

    /**
     * Seals what is open, edges and behind planes, and judges anew whatever that has changed until nothing is open: a lift changes what is
     * seen behind the planes, and a shot that is followed changes those that follow it.
     */
    public static OutputSeal of(Project project, OutputTimes times, SealWay way, SealTerms terms) {
        OutputSeal sealed = new OutputSeal(List.of(), List.of());
        Project now = project;
        List<OutputEdge> open = OutputEdge.of(now, times);
        for (int round = 0; round < ROUNDS && !open.isEmpty() && sealed.refusals.isEmpty(); round++) {
            OutputSeal more = once(now, open, times, way, terms);
            now = CarryEdits.apply(more.edit(), now);
            sealed = sealed.and(more);
            open = OutputEdge.of(now, times);
        }
        return open.isEmpty() || !sealed.refusals.isEmpty() ? sealed : sealed.and(stillOpen(open, now));
    }

    private static OutputSeal once(
            Project project, List<OutputEdge> open, OutputTimes times, SealWay way, SealTerms terms) {
        List<Edit> steps = new ArrayList<>();
        List<String> refusals = new ArrayList<>();
        Project now = project;
        for (OutputEdge edge : open) {
            Shot shot = now.shot(edge.shot().id()).orElseThrow();
            if (edge.behind().isPresent()) {
                Optional<PlaneSeal> planes = PlaneSeal.of(now, shot, times);
                if (planes.isPresent()) {
                    steps.add(planes.get().edit());
                    now = CarryEdits.apply(planes.get().edit(), now);
                }
                continue;
            }
            switch (SealEdits.seal(now, shot, way, terms, times)) {
                case SealResult.Sealed sealed -> {
                    Edit step = SealEdits.accept(shot, way, sealed);
                    steps.add(step);
                    now = CarryEdits.apply(step, now);
                }
                case SealResult.Refused refused -> refusals.add("\"" + shot.name() + "\": " + refused.reason());
                case SealResult.AlreadySealed _ -> {} // by a step before, for a shot that it follows
            }
        }
        return new OutputSeal(steps, refusals);
    }

    private static OutputSeal stillOpen(List<OutputEdge> open, Project project) {
        return new OutputSeal(
                List.of(),
                open.stream()
                        .map(edge -> edge.words(project.frame().rate()) + " even after sealing")
                        .toList());
    }

    private OutputSeal and(OutputSeal more) {
        return new OutputSeal(
                Stream.concat(steps.stream(), more.steps.stream()).toList(),
                Stream.concat(refusals.stream(), more.refusals.stream()).toList());
    }

    /** All steps as one. */
    public Edit edit() {
        return Edit.all("seal for export", steps);
    }
}
