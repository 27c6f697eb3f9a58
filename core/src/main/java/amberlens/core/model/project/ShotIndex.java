package amberlens.core.model.project;

import amberlens.core.base.memo.Last;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Shots by their id and by their track: asked for each shot whenever a view is painted, so the index of the last list is
 * remembered.
 */
final class ShotIndex {
    private static final Last<List<Shot>, ShotIndex> LAST = Last.byIdentity();

    private final List<Shot> shots;
    private final int tracks;
    private @Nullable Map<String, Shot> byId;
    private @Nullable Map<Integer, List<Shot>> byTrack;

    private ShotIndex(List<Shot> shots) {
        this.shots = shots;
        tracks = shots.stream().mapToInt(Shot::track).max().orElse(1);
    }

    static ShotIndex of(List<Shot> shots) {
        return LAST.get(shots, ShotIndex::new);
    }

    Optional<Shot> find(String id) {
        Map<String, Shot> known = byId;
        if (known == null) {
            known = HashMap.newHashMap(shots.size());
            for (Shot shot : shots) {
                known.put(shot.id(), shot);
            }
            byId = known;
        }
        return Optional.ofNullable(known.get(id));
    }

    /** The shots of a track in order of time. */
    List<Shot> track(int track) {
        Map<Integer, List<Shot>> known = byTrack;
        if (known == null) {
            known = shots.stream()
                    .sorted(Comparator.comparingInt(Shot::start))
                    .collect(Collectors.groupingBy(Shot::track, Collectors.toUnmodifiableList()));
            byTrack = known;
        }
        return known.getOrDefault(track, List.of());
    }

    /** The highest track in use; 1 when there is no shot. */
    int tracks() {
        return tracks;
    }
}
