package amberlens.core.edit.edits;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.material.footage.Source;
import amberlens.core.model.lineup.Laying;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.keys.Carrying;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Changes of the shelf. */
public final class MediaEdits {
    private MediaEdits() {}

    /** Puts media on the shelf, behind what is there. */
    public static Edit add(Media media) {
        return Edit.of("import " + media.fileName(), project -> {
            var all = new ArrayList<>(project.media());
            all.add(media);
            return project.withMedia(all);
        });
    }

    /** Puts several media on the shelf, in their order; each gets an id of its own. */
    public static Edit addAll(List<Media> found) {
        String name = found.size() == 1 ? "import " + found.getFirst().fileName() : "import " + found.size() + " files";
        return Edit.of(name, project -> {
            var all = new ArrayList<>(project.media());
            var ids = FreshIds.many("m", all.stream().map(Media::id).toList(), found.size());
            for (int i = 0; i < found.size(); i++) {
                all.add(found.get(i).withId(ids.get(i)));
            }
            return project.withMedia(all);
        });
    }

    /** Takes media off the shelf, with all shots that show it and all clips that play it. */
    public static Edit remove(String mediaId) {
        return Edit.of("remove from the Shelf", project -> {
            Set<String> shown = project.shots().stream()
                    .filter(shot -> shot.media().equals(mediaId))
                    .map(Shot::id)
                    .collect(Collectors.toSet());
            Project silent = project.withSounds(project.sounds().stream()
                    .filter(clip -> !clip.media().equals(mediaId))
                    .toList());
            Project without = LineUpEdits.delete(shown, Laying.RIPPLE).apply(silent);
            return without.withMedia(without.media().stream()
                    .filter(media -> !media.id().equals(mediaId))
                    .toList());
        });
    }

    /** Says where missing files are now. What was found replaces what was known of each, but for its id. */
    public static Edit find(Map<String, Media> found) {
        return foundAs(found.size() == 1 ? "find picture" : "find " + found.size() + " pictures", found);
    }

    /** Takes files as they really are, by the ids of their media. */
    public static Edit conform(Map<String, Media> there) {
        return foundAs("accept changed files", there);
    }

    private static Edit foundAs(String name, Map<String, Media> found) {
        return Edit.of(
                name,
                project -> project.withMedia(project.media().stream()
                        .map(media -> found.containsKey(media.id()) ? media.foundAs(found.get(media.id())) : media)
                        .toList()));
    }

    /** How a move is carried to another picture. */
    public enum Look {
        SAME_LOOK("same look"),
        SAME_NUMBERS("same numbers");

        private final String words;

        Look(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Shows other media in shots and keeps their moves. */
    public static Edit replace(Set<String> shotIds, String mediaId, Look look) {
        return Edit.of(
                shotIds.size() == 1 ? "replace picture" : "replace the pictures of " + shotIds.size() + " shots",
                project -> {
                    Media now = project.media(mediaId).orElseThrow();
                    return project.withShots(project.shots().stream()
                            .map(shot -> shotIds.contains(shot.id()) ? replaced(project, shot, now, look) : shot)
                            .toList());
                });
    }

    private static Shot replaced(Project project, Shot shot, Media now, Look look) {
        Media before = project.mediaOf(shot);
        Shot shown = shot.withMedia(now.id());
        if (shot.name().equals(before.name())) {
            shown = shown.withName(now.name());
        }
        shown = now.moves() && before.moves() ? shown : shown.withSource(Source.WHOLE);
        if (look == Look.SAME_NUMBERS || before.size().equals(now.size())) {
            return shown;
        }
        double x = (double) now.size().width() / before.size().width();
        double y = (double) now.size().height() / before.size().height();
        return shown.withCamera(Carrying.fitted(shot.camera(), before.size(), now.size(), project.frameSize()))
                .withSettings(shot.settings()
                        .withOpaqueOnly(
                                shot.settings().opaqueOnly() && now.opaque().isPresent())
                        .withSubject(shot.settings()
                                .subject()
                                .map(point -> new PicturePoint(point.x() * x, point.y() * y))));
    }
}
