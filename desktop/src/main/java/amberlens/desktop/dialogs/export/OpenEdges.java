package amberlens.desktop.dialogs.export;

import amberlens.core.base.time.OutputTimes;
import amberlens.core.edit.check.OutputEdge;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.OutputSeal;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.media.export.ExportJob;
import java.util.ArrayList;
import java.util.List;

/** The edges that exports would show, and what closes them. Takes its time; not for the interface thread. */
final class OpenEdges {
    private static final int NAMED = 3;

    private OpenEdges() {}

    private static OutputTimes times(ExportJob job) {
        return job.settings().times(job.project().frame());
    }

    /** What would be seen, in words; empty when nothing is open. */
    static String words(List<ExportJob> jobs) {
        List<String> edges = new ArrayList<>();
        for (ExportJob job : jobs) {
            if (job.settings().format().soundAlone().isPresent()) {
                continue; // nothing is seen
            }
            for (OutputEdge edge : OutputEdge.of(job.project(), times(job))) {
                edges.add(edge.words(job.project().frame().rate()));
            }
        }
        if (edges.isEmpty()) {
            return "";
        }
        int more = edges.size() - NAMED;
        return String.join("; ", edges.subList(0, Math.min(NAMED, edges.size())))
                + (more > 0 ? "; and " + more + " more" : "")
                + ".";
    }

    /** The lifts that close them all, each for the times and in the frame of its own export; edits of the project as a whole. */
    static OutputSeal lifted(List<ExportJob> jobs, double limit) {
        List<Edit> steps = new ArrayList<>();
        List<String> refusals = new ArrayList<>();
        for (ExportJob job : jobs) {
            OutputSeal seal = OutputSeal.of(job.project(), times(job), SealWay.LIFT, SealTerms.limit(limit));
            seal.steps().forEach(step -> steps.add(DeliveryEdits.inAllShapes(step, job.delivery())));
            refusals.addAll(seal.refusals());
        }
        return new OutputSeal(steps, refusals);
    }
}
