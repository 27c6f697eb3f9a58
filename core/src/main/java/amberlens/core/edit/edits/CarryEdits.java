package amberlens.core.edit.edits;

import amberlens.core.model.project.Carried;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.AnchorMove;
import amberlens.core.motion.keys.Carrying;
import amberlens.core.motion.keys.MoveLength;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * One shot's move put on other shots, with the same look and stretched to their lengths. A linked move goes on following: whatever
 * changes the first changes the others, but for the properties that were changed on them since, which are their own from then on.
 */
public final class CarryEdits {
    /** What says where an inset stands, and how large: whoever takes both is one. */
    private static final Set<Property<?>> PLACE = Set.of(Properties.SCALE, Properties.POSITION);

    private CarryEdits() {}

    /**
     * Carries a move.
     *
     * @param properties those that are carried, at least one
     * @param linked whether they follow from now on
     * @throws IllegalArgumentException when applied, if a shot would follow itself through others
     */
    public static Edit carry(String fromId, Set<String> toIds, Set<Property<?>> properties, boolean linked) {
        return carry(new Carried(fromId, properties), toIds, linked);
    }

    /**
     * Likewise, with its looks if they are wanted.
     *
     * @param what is carried, and from where
     */
    public static Edit carry(Carried what, Set<String> toIds, boolean linked) {
        String fromId = what.from();
        int count = toIds.contains(fromId) ? toIds.size() - 1 : toIds.size();
        return Edit.of("carry move to " + count + (count == 1 ? " shot" : " shots"), project -> {
            Shot from = project.shot(fromId).orElseThrow();
            if (linked) {
                LinkedMoves.requireNoCircle(project, fromId, toIds);
            }
            return project.withShots(project.shots().stream()
                    .map(shot -> toIds.contains(shot.id()) && !shot.id().equals(fromId)
                            ? carried(project, from, shot, what, linked)
                            : shot)
                    .toList());
        });
    }

    private static Shot carried(Project project, Shot from, Shot to, Carried what, boolean linked) {
        Optional<Carried> link = linked ? Optional.of(what) : Optional.empty();
        Optional<Carried> others = to.settings()
                .carried()
                .filter(old -> !linked
                        && (!what.properties().containsAll(old.properties()) || (old.looks() && !what.looks())));
        Shot taken = taken(project, from, to, what);
        return taken.withSettings(taken.settings().withCarried(link.or(() -> others)));
    }

    /** Frees shots from what they follow; their moves stay as they are. */
    public static Edit free(Set<String> shotIds) {
        return Edit.of(
                "stop following",
                project -> project.withShots(project.shots().stream()
                        .map(shot -> shotIds.contains(shot.id())
                                ? shot.withSettings(shot.settings().withCarried(Optional.empty()))
                                : shot)
                        .toList()));
    }

    /** An edit with what follows from it for linked moves. */
    public static Project apply(Edit edit, Project before) {
        Project after = edit.apply(before);
        boolean any = after != before
                && after.shots().stream()
                        .anyMatch(shot -> shot.settings().carried().isPresent());
        return any ? followed(before, after) : after;
    }

    /** Those that are followed come before those that follow them, in whatever order they stand. */
    private static Project followed(Project before, Project after) {
        Project now = after;
        for (Shot follower : LinkedMoves.inOrder(after)) {
            Project current = now;
            now = now.mapShot(follower.id(), shot -> followed(before, current, shot));
        }
        return now;
    }

    private static Shot followed(Project before, Project after, Shot shot) {
        Carried link = shot.settings().carried().orElseThrow();
        Optional<Shot> from = after.shot(link.from());
        if (from.isEmpty()) {
            return shot.withSettings(shot.settings().withCarried(Optional.empty()));
        }
        Optional<Shot> old = before.shot(shot.id());
        boolean sameLink = old.isPresent()
                && old.get().settings().carried().equals(shot.settings().carried());
        Shot own = sameLink ? freed(old.get(), shot, link) : shot;
        Optional<Carried> left = own.settings().carried();
        boolean changed = left.isPresent()
                && (!before.shot(link.from()).map(Shot::camera).equals(from.map(Shot::camera))
                        || !before.shot(link.from()).map(Shot::looks).equals(from.map(Shot::looks))
                        || !before.shot(link.from()).map(Shot::length).equals(from.map(Shot::length))
                        || !old.map(Shot::length).equals(Optional.of(shot.length()))
                        || !old.map(Shot::media).equals(Optional.of(shot.media())));
        return changed ? taken(after, from.get(), own, left.get()) : own;
    }

    /** The shot without the links of the properties that were changed on it by themselves. */
    private static Shot freed(Shot old, Shot shot, Carried link) {
        boolean same = old.camera() == shot.camera() && old.looks().equals(shot.looks());
        if (same || old.length() != shot.length() || !old.media().equals(shot.media())) {
            return shot;
        }
        Set<Property<?>> left = new TreeSet<>(link.properties());
        left.removeIf(
                property -> !old.camera().get(property).equals(shot.camera().get(property)));
        boolean looks = link.looks()
                && old.looks().equals(shot.looks())
                && shot.camera().equals(shot.camera().withLooksOf(old.camera()));
        Optional<Carried> rest =
                left.isEmpty() && !looks ? Optional.empty() : Optional.of(new Carried(link.from(), left, looks));
        return shot.withSettings(shot.settings().withCarried(rest));
    }

    private static Shot taken(Project project, Shot from, Shot to, Carried what) {
        Media source = project.mediaOf(from);
        CameraTrack fitted = MoveLength.stretched(
                Carrying.fitted(
                        from.camera(), source.size(), project.mediaOf(to).size(), project.frameSize()),
                from.length(),
                to.length());
        CameraTrack camera = to.camera();
        for (Property<?> property : what.properties()) {
            camera = camera.taking(property, fitted);
        }
        var setting = Depth.Setting.of(project.mediaOf(to).size(), project.frameSize());
        camera = AnchorMove.following(to.camera(), camera, what.properties(), setting);
        Shot kind = what.properties().containsAll(PLACE) && !from.fillsFrame() && !project.isRig(to)
                ? to.withSettings(to.settings().withFillsFrame(false))
                : to;
        return what.looks() ? kind.withLooks(from.looks(), camera.withLooksOf(fitted)) : kind.withCamera(camera);
    }
}
