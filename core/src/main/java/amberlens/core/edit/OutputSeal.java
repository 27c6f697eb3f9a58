package amberlens.core.edit;

import amberlens.core.check.OutputEdge;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.seal.SealResult;
import amberlens.core.seal.SealTerms;
import amberlens.core.seal.SealWay;
import amberlens.core.time.OutputTimes;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What seals everything that an output would show open.
 *
 * @param steps one for each shot that is sealed
 * @param refusals one for each shot that cannot be, in words
 */
public record OutputSeal(List<Edit> steps, List<String> refusals) {
    public OutputSeal {
        steps = List.copyOf(steps);
        refusals = List.copyOf(refusals);
    }

    public static OutputSeal of(Project project, OutputTimes times, SealWay way, SealTerms terms) {
        List<Edit> steps = new ArrayList<>();
        List<String> refusals = new ArrayList<>();
        Project now = project;
        for (OutputEdge edge : OutputEdge.of(project, times)) {
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

    /** All steps as one. */
    public Edit edit() {
        return Edit.all("seal for an export", steps);
    }
}
