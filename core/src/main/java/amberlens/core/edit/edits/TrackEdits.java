package amberlens.core.edit.edits;

import amberlens.core.material.track.Track;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** Tracks of footage. */
public final class TrackEdits {
    private TrackEdits() {}

    /** Keeps a track with its footage, instead of that with its id if there is one. */
    public static Edit keep(String mediaId, Track track) {
        return Edit.of("track", project -> changed(project, mediaId, tracks -> with(tracks, track)));
    }

    private static Project changed(Project project, String mediaId, UnaryOperator<List<Track>> change) {
        List<Media> media = new ArrayList<>();
        for (Media item : project.media()) {
            media.add(item.id().equals(mediaId) ? item.withTracks(change.apply(item.tracks())) : item);
        }
        return project.withMedia(media);
    }

    private static List<Track> with(List<Track> tracks, Track track) {
        List<Track> all = without(tracks, track.id());
        all.add(track);
        return all;
    }

    private static List<Track> without(List<Track> tracks, String id) {
        List<Track> others = new ArrayList<>(tracks);
        others.removeIf(known -> known.id().equals(id));
        return others;
    }

    /** Takes a track away; moves that followed it keep their keys. */
    public static Edit remove(String mediaId, String trackId) {
        return Edit.of("remove track", project -> changed(project, mediaId, tracks -> without(tracks, trackId)));
    }

    /** An id that no track of an item has. */
    public static String freshId(Media media) {
        return FreshIds.next("t", media.tracks().stream().map(Track::id).toList());
    }
}
