package amberlens.core.edit.delivery;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CarryEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.model.project.ShotSettings;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Resizing;
import amberlens.core.motion.property.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/**
 * An edit made on one shape of a film, applied to the project behind it.
 *
 * @param looked the id of the delivery it was made on; empty for the project's own shape
 */
record ShapedEdit(Edit edit, Optional<String> looked) {
    Project apply(Project project) {
        Optional<Delivery> here = looked.flatMap(project::delivery);
        if (here.isPresent()) {
            Project seen = DeliveryFilm.of(project, here.get());
            Project after = CarryEdits.apply(edit, seen);
            if (after == seen || after.equals(seen)) {
                return project;
            }
            if (onlyPlanes(seen, after)) { // they are of the picture, whatever shape it is shown in
                Project cut = project.withMedia(after.media());
                return new Back(cut, seen.withMedia(after.media()), after, here.get()).project();
            }
            if (sameShots(seen, after)) {
                return new Back(project, seen, after, here.get()).project();
            }
        }
        return everywhere(project);
    }

    /** Whether something was cut out of pictures, and nothing else was done to media or to which shots there are. */
    private static boolean onlyPlanes(Project before, Project after) {
        return !before.media().equals(after.media())
                && without(before.media()).equals(without(after.media()))
                && sameShots(before.withMedia(after.media()), after);
    }

    private static List<Media> without(List<Media> media) {
        return media.stream().map(item -> item.withPlanes(List.of())).toList();
    }

    /** Whether every shot is there still, of the same length and picture. */
    private static boolean sameShots(Project before, Project after) {
        if (before.shots().size() != after.shots().size() || !before.media().equals(after.media())) {
            return false;
        }
        for (int i = 0; i < before.shots().size(); i++) {
            Shot old = before.shots().get(i);
            Shot shot = after.shots().get(i);
            if (!old.id().equals(shot.id()) || reshaped(before, old, after, shot)) {
                return false;
            }
        }
        return true;
    }

    /** Whether a move would not fit any more as it was. */
    private static boolean reshaped(Project before, Shot old, Project after, Shot shot) {
        return old.length() != shot.length()
                || !old.media().equals(shot.media())
                || old.settings().mirror() != shot.settings().mirror()
                || !before.mediaOf(old).size().equals(after.mediaOf(shot).size());
    }

    /** The edit in the project's own shape, and in each delivery in which shots have framings of their own that no longer fit. */
    private Project everywhere(Project project) {
        Project after = edit.apply(project);
        Project now = after;
        for (Delivery delivery : project.deliveries()) {
            List<String> changed = after.shots().stream()
                    .filter(shot -> shot.settings().deliveries().containsKey(delivery.id()))
                    .filter(shot -> project.shot(shot.id())
                            .filter(old -> !reshaped(project, old, after, shot))
                            .isEmpty())
                    .map(Shot::id)
                    .toList();
            if (!changed.isEmpty()) {
                Project seen = CarryEdits.apply(edit, DeliveryFilm.of(project, delivery));
                for (String id : changed) {
                    Optional<CameraTrack> own =
                            seen.shot(id).map(shot -> shot.camera().moveAlone());
                    now = now.mapShot(
                            id, shot -> shot.withSettings(shot.settings().withDelivery(delivery.id(), own)));
                }
            }
        }
        return now;
    }

    /** From what is seen of a project in a delivery, and was changed there, to the project. */
    private record Back(Project own, Project seen, Project after, Delivery delivery) {
        private Project project() {
            Size size = after.frameSize();
            List<Delivery> deliveries = after.deliveries().equals(own.deliveries()) && !size.equals(delivery.size())
                    ? after.deliveries().stream()
                            .map(one -> one.id().equals(delivery.id())
                                    ? new Delivery(one.id(), one.name(), size, one.extras())
                                    : one)
                            .toList()
                    : after.deliveries();
            List<Shot> shots = new ArrayList<>();
            for (int i = 0; i < own.shots().size(); i++) {
                shots.add(shot(
                        own.shots().get(i), seen.shots().get(i), after.shots().get(i)));
            }
            return after.withFrame(after.frame().withSize(own.frameSize()))
                    .withShots(shots)
                    .withDeliveries(deliveries);
        }

        private Shot shot(Shot mine, Shot old, Shot changed) {
            if (old == changed) {
                return mine;
            }
            boolean moved = !changed.camera().moveAlone().equals(old.camera().moveAlone());
            ShotSettings settings = moved
                    ? changed.settings()
                            .withDelivery(
                                    delivery.id(), Optional.of(changed.camera().moveAlone()))
                            .withCarried(mine.settings().carried())
                    : changed.settings();
            return changed.withLooks(changed.looks(), beside(mine, old, changed))
                    .withSettings(settings);
        }

        /** The camera of the project with what was changed beside the move. */
        private CameraTrack beside(Shot mine, Shot old, Shot changed) {
            Resizing there = DeliveryFilm.resizing(own, mine, delivery.size());
            CameraTrack back = DeliveryFilm.carried(own, mine, changed.camera(), there.inverse());
            CameraTrack camera = mine.camera();
            var properties =
                    new TreeSet<Property<?>>(changed.camera().channels().properties());
            properties.addAll(old.camera().channels().properties());
            for (Property<?> property : properties) {
                boolean same =
                        changed.camera().get(property).equals(old.camera().get(property));
                if (!property.group().ofMove() && !same) {
                    camera = camera.taking(property, back);
                }
            }
            return camera;
        }
    }
}
