package amberlens.core.model.project;

import amberlens.core.base.memo.Last;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Media by their id: looked up for every shot whenever a view is painted, so the index of the last list is
 * remembered.
 */
final class MediaIndex {
    private static final Last<List<Media>, MediaIndex> LAST = Last.byIdentity();

    private final Map<String, Media> byId = new HashMap<>();
    private final boolean rigs;

    private MediaIndex(List<Media> media) {
        media.forEach(item -> byId.put(item.id(), item));
        rigs = media.stream().anyMatch(item -> item.kind() == Media.Kind.RIG);
    }

    static MediaIndex of(List<Media> media) {
        return LAST.get(media, MediaIndex::new);
    }

    Optional<Media> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** Whether any of them is a rig. */
    boolean rigs() {
        return rigs;
    }
}
