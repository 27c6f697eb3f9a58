package amberlens.core.edit.edits;

import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Changes of markers: on a shot, or on the line-up when no shot is named. */
public final class MarkerEdits {
    private MarkerEdits() {}

    /** Sets a marker at a frame; one that stands there stays as it is. */
    public static Edit set(Optional<String> shotId, int frame) {
        return on("marker", shotId, markers -> {
            boolean there = markers.stream().anyMatch(marker -> marker.at() == frame);
            var more = new ArrayList<>(markers);
            if (!there) {
                more.add(Marker.at(frame, ""));
            }
            return more;
        });
    }

    public static Edit delete(Optional<String> shotId, int frame) {
        return on("delete marker", shotId, markers -> markers.stream()
                .filter(marker -> marker.at() != frame)
                .toList());
    }

    public static Edit rename(Optional<String> shotId, int frame, String name) {
        return on("rename marker", shotId, markers -> markers.stream()
                .map(marker -> marker.at() == frame ? marker.withName(name) : marker)
                .toList());
    }

    /** Moves a marker; one that stands at the new frame gives way. */
    public static Edit move(Optional<String> shotId, int from, int to) {
        return on("move marker", shotId, markers -> {
            var moved = new ArrayList<>(
                    markers.stream().filter(marker -> marker.at() != from).toList());
            markers.stream()
                    .filter(marker -> marker.at() == from)
                    .forEach(marker -> moved.add(marker.withAt(Math.max(0, to))));
            return moved;
        });
    }

    private static Edit on(String name, Optional<String> shotId, UnaryOperator<List<Marker>> change) {
        return Edit.of(name, project -> shotId.map(
                        id -> project.mapShot(id, shot -> shot.withMarkers(change.apply(shot.markers()))))
                .orElseGet(() -> onLineUp(project, change)));
    }

    private static Project onLineUp(Project project, UnaryOperator<List<Marker>> change) {
        return project.withMarkers(change.apply(project.markers()));
    }
}
