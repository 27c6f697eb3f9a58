package amberlens.core.model;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Media by their id: looked up for every shot whenever a view is painted, so each thread remembers the index of its last list, by
 * identity; lists of media never change.
 */
final class MediaIndex {
    private static final ThreadLocal<@Nullable MediaIndex> LAST = new ThreadLocal<>();

    private final List<Media> media;
    private final Map<String, Media> byId = new HashMap<>();
    private final boolean rigs;

    private MediaIndex(List<Media> media) {
        this.media = media;
        media.forEach(item -> byId.put(item.id(), item));
        rigs = media.stream().anyMatch(item -> item.kind() == Media.Kind.RIG);
    }

    static MediaIndex of(List<Media> media) {
        MediaIndex last = LAST.get();
        if (last == null || last.media != media) {
            last = new MediaIndex(media);
            LAST.set(last);
        }
        return last;
    }

    Optional<Media> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** Whether any of them is a rig. */
    boolean rigs() {
        return rigs;
    }
}
