package amberlens.core.edit.edits;

import amberlens.core.material.planes.Plane;
import amberlens.core.material.planes.PlaneLimits;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.Media;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Planes of still pictures. */
public final class PlaneEdits {
    private PlaneEdits() {}

    /** Why a picture cannot have these planes, for people; empty when it can. */
    public static Optional<String> refusal(Media media, List<Plane> planes) {
        return media.kind() == Media.Kind.PHOTO
                ? PlaneLimits.problem(planes, media.size())
                : Optional.of("only a still picture can be cut into planes");
    }

    /**
     * Gives a picture other planes.
     *
     * @param name of the step
     */
    public static Edit set(String name, String mediaId, List<Plane> planes) {
        return Edit.of(name, project -> {
            List<Media> media = new ArrayList<>();
            for (Media item : project.media()) {
                media.add(item.id().equals(mediaId) ? item.withPlanes(planes) : item);
            }
            return project.withMedia(media);
        });
    }

    /** The planes of a picture with one of them changed. */
    public static List<Plane> changed(Media media, String planeId, UnaryOperator<Plane> change) {
        return media.planes().stream()
                .map(plane -> plane.id().equals(planeId) ? change.apply(plane) : plane)
                .toList();
    }

    /** The planes of a picture without one of them. */
    public static List<Plane> without(Media media, String planeId) {
        return media.planes().stream()
                .filter(plane -> !plane.id().equals(planeId))
                .toList();
    }

    /** An id that no plane of a picture has. */
    public static String freshId(Media media) {
        return FreshIds.next("p", media.planes().stream().map(Plane::id).toList());
    }
}
