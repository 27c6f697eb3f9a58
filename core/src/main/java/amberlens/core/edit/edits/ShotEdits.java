package amberlens.core.edit.edits;

import amberlens.core.base.extras.Extras;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.MoveLength;
import amberlens.core.motion.keys.MoveScale;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;

/** Changes of the line-up: which shots there are, in which order and how long. */
public final class ShotEdits {
    /** The length of a new shot of a still picture, in seconds; one of footage is as long as that. */
    public static final int NEW_SHOT_SECONDS = 5;

    private static final int FIRST_TRACK = 1;

    private ShotEdits() {}

    /** A shot of the media, conformed to the frame, at the given place among the shots of the first track. */
    public static Edit add(Media media, Refit conform, int place) {
        return Edit.of("add shot", project -> {
            Shot shot = newShot(project, media, conform);
            var row = new ArrayList<>(LineUp.track(project, FIRST_TRACK));
            row.add(Math.clamp(place, 0, row.size()), shot);
            var all = new ArrayList<>(project.shots());
            all.add(shot);
            return inRow(project.withShots(all), row);
        });
    }

    /** A shot of the media behind all others, as long as it usually is. */
    static Shot newShot(Project project, Media media, Refit conform) {
        int length = media.footage()
                .map(footage ->
                        Math.min(Shot.LONGEST, footage.framesAt(project.frame().rate())))
                .orElse(NEW_SHOT_SECONDS * project.frame().rate().nominal());
        boolean title = media.title().isPresent();
        var camera = CameraTrack.still((title ? Refit.ONE_TO_ONE : conform).pose(media.size(), project.frameSize()));
        String id = FreshIds.next("s", project.shots().stream().map(Shot::id).toList());
        int end = LineUp.length(project);
        Shot shot = new Shot(id, media.name(), media.id(), FIRST_TRACK, end, length, !title, camera, Extras.NONE);
        return shot.withSettings(shot.settings().withHeard(media.sounds()));
    }

    /** What happens to a move when its shot gets another length. */
    public enum Timing {
        KEEP("keep the timing"),
        STRETCH("stretch the move");

        private final String words;

        Timing(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Gives a shot another length; later shots of its track move along. */
    public static Edit setLength(String shotId, int length, Timing timing) {
        return Edit.of("change shot length", project -> project.shot(shotId)
                .map(shot -> shiftedAfter(
                        project.mapShot(shotId, old -> resized(old, length, timing)), shot, length - shot.length()))
                .orElse(project));
    }

    private static Shot resized(Shot shot, int length, Timing timing) {
        Shot resized = shot.withLength(length);
        return timing == Timing.KEEP
                ? resized
                : resized.withCamera(MoveLength.stretched(shot.camera(), shot.length(), length))
                        .withMarkers(shot.markers().stream()
                                .map(marker -> marker.withAt(stretched(marker.at(), shot.length(), length)))
                                .toList());
    }

    private static int stretched(int at, int from, int to) {
        return from <= 1 ? at : (int) Math.round(at * (to - 1.0) / (from - 1));
    }

    public static Edit rename(String shotId, String name) {
        return Edit.ofShot("rename shot", shotId, shot -> shot.withName(name));
    }

    /** Lays a shot's picture into the frame anew, unturned and without keys. */
    public static Edit conform(String shotId, Refit conform) {
        return Edit.of(
                "reset to " + conform.word(),
                project -> project.mapShot(shotId, shot -> {
                    var pose = conform.pose(project.mediaOf(shot).size(), project.frameSize());
                    return shot.withCamera(shot.camera().withMoveOf(CameraTrack.still(pose)));
                }));
    }

    /**
     * Likewise with the move kept: as a whole it becomes so much larger or smaller that it begins at the size at which the picture would be
     * laid in.
     *
     * @throws IllegalArgumentException by the edit, when a framing would get too large or too small
     */
    public static Edit refit(String shotId, Refit way) {
        return Edit.of(
                "reset to " + way.word() + ", keeping the move",
                project -> project.mapShot(shotId, shot -> {
                    double wanted = way.pose(project.mediaOf(shot).size(), project.frameSize())
                            .scale()
                            .factorX();
                    double factor = wanted / shot.camera().at(0).scale().factorX();
                    return shot.withCamera(MoveScale.scaled(shot.camera(), factor, project.frameSize()));
                }));
    }

    /** Replaces a shot's move, as the seal does. */
    public static Edit setCamera(String name, String shotId, CameraTrack camera) {
        return Edit.ofShot(name, shotId, shot -> shot.withCamera(camera));
    }

    private static Project shiftedAfter(Project project, Shot shot, int frames) {
        return project.withShots(project.shots().stream()
                .map(other -> other.track() == shot.track() && other.start() > shot.start()
                        ? other.withStart(Math.max(0, other.start() + frames))
                        : other)
                .toList());
    }

    /** The row's shots one after the other from where its earliest begins. */
    private static Project inRow(Project project, List<Shot> row) {
        int start =
                row.size() == 1 ? 0 : row.stream().mapToInt(Shot::start).min().orElse(0);
        var starts = new HashMap<String, Integer>();
        for (Shot shot : row) {
            starts.put(shot.id(), start);
            start += shot.length();
        }
        return project.withShots(project.shots().stream()
                .map(shot -> shot.withStart(starts.getOrDefault(shot.id(), shot.start())))
                .toList());
    }
}
