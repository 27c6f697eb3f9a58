package amberlens.core.model.lineup;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Room made and closed on one track. */
public final class Row {
    private Row() {}

    /** The project with some shots changed; those that are new are added. */
    public static Project with(Project project, List<Shot> changed) {
        Map<String, Shot> byId = new HashMap<>();
        changed.forEach(shot -> byId.put(shot.id(), shot));
        List<Shot> all = new ArrayList<>();
        for (Shot shot : project.shots()) {
            Shot now = byId.remove(shot.id());
            all.add(now == null ? shot : now);
        }
        changed.stream().filter(shot -> byId.containsKey(shot.id())).forEach(all::add);
        return project.withShots(all);
    }

    public static Project without(Project project, Set<String> ids) {
        return project.withShots(project.shots().stream()
                .filter(shot -> !ids.contains(shot.id()))
                .toList());
    }

    /** The project with everything on a track that starts at a frame or later moved. */
    public static Project shifted(Project project, int track, int from, int by, Set<String> except) {
        return project.withShots(project.shots().stream()
                .map(shot -> shot.track() == track && shot.start() >= from && !except.contains(shot.id())
                        ? shot.withStart(Math.max(0, shot.start() + by))
                        : shot)
                .toList());
    }

    /** The project with a stretch of a track cut free of all but some shots. */
    public static Project cleared(Project project, int track, FrameSpan span, Set<String> except) {
        List<Shot> all = new ArrayList<>();
        Set<String> taken = project.shots().stream().map(Shot::id).collect(Collectors.toSet());
        for (Shot shot : project.shots()) {
            boolean apart = shot.track() != track
                    || except.contains(shot.id())
                    || shot.onLineUp().to() < span.from()
                    || shot.onLineUp().from() > span.to();
            if (apart) {
                all.add(shot);
                continue;
            }
            int before = span.from() - shot.start();
            int after = span.to() + 1 - shot.start();
            if (before > 0) {
                all.add(ShotCuts.ofLength(shot, before));
            }
            if (after < shot.length()) {
                Shot rest = ShotCuts.withoutFirst(project, shot, after);
                if (before > 0) {
                    String id = FreshIds.next("s", taken);
                    taken.add(id);
                    rest = rest.withId(id);
                }
                all.add(rest);
            }
        }
        return project.withShots(all);
    }

    /** The cut of a track that is nearest to a frame: the start or end of one of its shots; on an empty track the frame itself. */
    public static int nearestCut(Project project, int track, int frame) {
        return LineUp.track(project, track).stream()
                .flatMap(shot -> Stream.of(shot.start(), shot.start() + shot.length()))
                .min(Comparator.comparingInt(cut -> Math.abs(cut - frame)))
                .orElse(Math.max(0, frame));
    }
}
