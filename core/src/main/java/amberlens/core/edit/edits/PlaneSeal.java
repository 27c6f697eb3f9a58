package amberlens.core.edit.edits;

import amberlens.core.base.time.OutputTimes;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.check.ShotPlanes;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.material.planes.PlaneReport;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * What keeps a shot from seeing what is not there behind its planes: fillings that reach as deep as is seen, and where that is not enough,
 * because nothing is filled or a plane is cut by the picture's side, less parallax. With none at all nothing is seen behind any plane, so
 * there is always a way.
 *
 * @param edit of the picture, the move, or both, as one step
 * @param words what was done, for people
 */
public record PlaneSeal(Edit edit, String words) {
    /** So much deeper than is seen. */
    private static final double SPARE = 2;

    private static final int HALVINGS = 7;

    /** Empty when nothing is to be done. */
    public static Optional<PlaneSeal> of(Project project, Shot shot) {
        return of(
                project,
                shot,
                (now, seen) -> ShotPlanes.of(now, seen, now.judged(seen).delivery()));
    }

    /** Likewise, of what an output shows at its own times. */
    public static Optional<PlaneSeal> of(Project project, Shot shot, OutputTimes times) {
        return of(project, shot, (now, seen) -> ShotPlanes.of(now, seen, times));
    }

    private static Optional<PlaneSeal> of(Project project, Shot shot, BiFunction<Project, Shot, PlaneReport> judge) {
        PlaneReport report = judge.apply(project, shot);
        if (report.isSealed()) {
            return Optional.empty();
        }
        List<Edit> steps = new ArrayList<>();
        List<String> words = new ArrayList<>();
        Media media = project.mediaOf(shot);
        List<Plane> deeper = deeper(media.planes(), report.depths(), words);
        Project now = project;
        if (!words.isEmpty()) {
            Edit fill = PlaneEdits.set("deepen fill", media.id(), deeper);
            steps.add(fill);
            now = fill.apply(now);
        }
        if (!judge.apply(now, shot).isSealed()) {
            Edit calm = calmer(now, shot, judge, words);
            steps.add(calm);
        }
        return Optional.of(new PlaneSeal(Edit.all("seal behind the planes", steps), String.join(", ", words)));
    }

    private static List<Plane> deeper(List<Plane> planes, Map<String, PlaneReport.Depth> depths, List<String> words) {
        List<Plane> deeper = new ArrayList<>();
        for (Plane plane : planes) {
            PlaneReport.Depth seen = depths.get(plane.id());
            boolean shallow = seen != null
                    && plane.fill().kind() != Fill.Kind.NONE
                    && seen.px() > plane.fill().reach();
            if (shallow) {
                double reach = Math.ceil(seen.px() + SPARE);
                deeper.add(plane.withFill(plane.fill().withReach(reach)));
                words.add(String.format(Locale.ROOT, "filled %.0f px deep behind \"%s\"", reach, plane.name()));
            } else {
                deeper.add(plane);
            }
        }
        return deeper;
    }

    private static Edit calmer(
            Project project, Shot shot, BiFunction<Project, Shot, PlaneReport> judge, List<String> words) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            Project tried = times(shot, middle).apply(project);
            boolean sealed =
                    judge.apply(tried, tried.shot(shot.id()).orElseThrow()).isSealed();
            low = sealed ? middle : low;
            high = sealed ? high : middle;
        }
        words.add("parallax " + Figures.fixed(100 * low, 0) + " % of what it was");
        return times(shot, low);
    }

    private static Edit times(Shot shot, double factor) {
        Channel<Double> parallax = shot.camera().get(Properties.PARALLAX).mapValues(value -> value * factor);
        return ShotEdits.setCamera("reduce parallax", shot.id(), shot.camera().with(Properties.PARALLAX, parallax));
    }
}
