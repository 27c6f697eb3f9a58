package amberlens.core.edit.edits;

import amberlens.core.material.mark.FoundMark;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.Media;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;

/** Marks of pictures. */
public final class MarkEdits {
    private MarkEdits() {}

    /**
     * Notes what was found in pictures, where nothing is noted yet: what moves are aimed at belongs to the project.
     *
     * @param found by the id of the item
     */
    public static Edit found(Map<String, List<FoundMark>> found) {
        return Edit.of("marks", project -> {
            List<Media> media = project.media().stream()
                    .map(one -> found.containsKey(one.id()) ? noted(one, found.get(one.id())) : one)
                    .toList();
            return media.equals(project.media()) ? project : project.withMedia(media);
        });
    }

    /** An item with what was found in it, unless it has marks. */
    public static Media noted(Media media, List<FoundMark> found) {
        if (!media.marks().isEmpty() || found.isEmpty()) {
            return media;
        }
        List<Mark> marks = new ArrayList<>();
        for (FoundMark mark : found) {
            marks.add(mark.as("k" + (marks.size() + 1)));
        }
        return media.withMarks(marks);
    }

    /** Puts a mark on a picture, instead of that with its id if there is one. */
    public static Edit put(String mediaId, Mark mark) {
        return changed("mark", mediaId, marks -> {
            List<Mark> all = new ArrayList<>(marks);
            int at = indexOf(all, mark.id());
            if (at < 0) {
                all.add(mark);
            } else {
                all.set(at, mark);
            }
            return all;
        });
    }

    /** Asks something else of a mark. */
    public static Edit keep(String mediaId, String markId, Mark.Keep keep) {
        return changed("keep " + keep.words(), mediaId, marks -> marks.stream()
                .map(mark -> mark.id().equals(markId) ? mark.withKeep(keep) : mark)
                .toList());
    }

    public static Edit remove(String mediaId, String markId) {
        return changed("remove mark", mediaId, marks -> marks.stream()
                .filter(mark -> !mark.id().equals(markId))
                .toList());
    }

    /** An id that no mark of an item has. */
    public static String freshId(Media media) {
        return FreshIds.next("k", media.marks().stream().map(Mark::id).toList());
    }

    private static int indexOf(List<Mark> marks, String id) {
        for (int i = 0; i < marks.size(); i++) {
            if (marks.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    private static Edit changed(String name, String mediaId, UnaryOperator<List<Mark>> change) {
        return Edit.of(
                name,
                project -> project.withMedia(project.media().stream()
                        .map(media -> media.id().equals(mediaId) ? media.withMarks(change.apply(media.marks())) : media)
                        .toList()));
    }
}
