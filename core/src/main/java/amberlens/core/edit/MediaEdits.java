package amberlens.core.edit;

import amberlens.core.geometry.Size;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import java.util.ArrayList;

/** Changes of the shelf. */
public final class MediaEdits {
    private MediaEdits() {}

    /** A picture ready to be put on the shelf of a project, with an id of its own. */
    public static Media photo(Project project, String path, Size size) {
        return Media.photo(
                FreshIds.next("m", project.media().stream().map(Media::id).toList()), path, size);
    }

    /** Puts media on the shelf, behind what is there. */
    public static Edit add(Media media) {
        return Edit.of("import of " + media.fileName(), project -> {
            var all = new ArrayList<>(project.media());
            all.add(media);
            return project.withMedia(all);
        });
    }

    /** Takes media off the shelf, with all shots that show it. */
    public static Edit remove(String mediaId) {
        return Edit.of("removal of a picture", project -> {
            Project without = project;
            for (var shot : project.shots()) {
                without = shot.media().equals(mediaId)
                        ? ShotEdits.delete(shot.id()).apply(without)
                        : without;
            }
            return without.withMedia(without.media().stream()
                    .filter(media -> !media.id().equals(mediaId))
                    .toList());
        });
    }

    /** Says where a missing file is now, and how large the picture really is. */
    public static Edit find(String mediaId, String path, Size size) {
        return Edit.of(
                "finding of a picture",
                project -> project.withMedia(project.media().stream()
                        .map(media -> media.id().equals(mediaId)
                                ? media.withPath(path).withSize(size)
                                : media)
                        .toList()));
    }
}
