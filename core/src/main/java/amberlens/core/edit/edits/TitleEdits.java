package amberlens.core.edit.edits;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.title.Align;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.FreshIds;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;

/** Changes of titles. */
public final class TitleEdits {
    private TitleEdits() {}

    /**
     * Lays a title over whatever there is, in the middle of the frame: on a track of titles that has room for it, or else on a new one
     * above all.
     *
     * @param start its first frame in the line-up
     */
    public static Edit add(Title title, int start) {
        return Edit.of("title", project -> {
            int length = ShotEdits.NEW_SHOT_SECONDS * project.frame().rate().nominal();
            String mediaId = FreshIds.next("t", ids(project.media(), Media::id));
            var media = new ArrayList<>(project.media());
            media.add(Media.title(mediaId, title));
            Project with = project.withMedia(media);
            var camera = CameraTrack.still(Pose.neutral(media.getLast().size(), project.frameSize()));
            String id = FreshIds.next("s", ids(project.shots(), Shot::id));
            int track = track(project, new FrameSpan(start, start + length - 1));
            var shot = new Shot(id, title.name(), mediaId, track, start, length, false, camera, Extras.NONE);
            var shots = new ArrayList<>(project.shots());
            shots.add(shot.withSettings(shot.settings().withKeepInside(false)));
            return with.withShots(shots);
        });
    }

    private static <T> List<String> ids(List<T> all, Function<T, String> id) {
        return all.stream().map(id).toList();
    }

    private static int track(Project project, FrameSpan span) {
        int tracks = LineUp.tracks(project);
        return IntStream.rangeClosed(1, tracks)
                .filter(track -> isFree(project, LineUp.track(project, track), span))
                .findFirst()
                .orElse(tracks + 1);
    }

    /** Whether a track has titles only, and none of them then. */
    private static boolean isFree(Project project, List<Shot> track, FrameSpan span) {
        return !track.isEmpty()
                && track.stream()
                        .allMatch(shot -> project.isTitle(shot)
                                && (shot.onLineUp().from() > span.to()
                                        || shot.onLineUp().to() < span.from()));
    }

    /**
     * Gives a shot's title other words or another setting. Other shots that show the same title keep theirs. What grows or shrinks does
     * so from the side at which its lines are aligned, and as far up as down.
     *
     * @param what is changed, for people
     */
    public static Edit change(String what, String shotId, Title now) {
        return Edit.of(what, project -> project.shot(shotId)
                .filter(project::isTitle)
                .map(shot -> changed(project, shot, now))
                .orElse(project));
    }

    private static Project changed(Project project, Shot shot, Title now) {
        Media before = project.mediaOf(shot);
        Title title = before.title().orElseThrow();
        if (title.equals(now)) {
            return project;
        }
        boolean shared = project.shots().stream()
                        .filter(other -> other.media().equals(before.id()))
                        .count()
                > 1;
        Media after = before.withTitle(now);
        var media = new ArrayList<>(project.media());
        if (shared) {
            after = after.withId(FreshIds.next("t", ids(media, Media::id)));
            media.add(after);
        } else {
            media.set(media.indexOf(before), after);
        }
        Shot set = shot.withMedia(after.id())
                .withCamera(standing(shot.camera(), before.size(), after.size(), title.align()));
        Shot named = shot.name().equals(before.name()) ? set.withName(after.name()) : set;
        var shots = new ArrayList<>(project.shots());
        shots.set(shots.indexOf(shot), named);
        return project.with(media, shots);
    }

    /** The camera with its anchors at the same place of what is written. */
    private static CameraTrack standing(CameraTrack camera, Size before, Size after, Align align) {
        double x = (after.width() - before.width()) * align.part();
        double y = (after.height() - before.height()) / 2.0;
        return camera.withAnchor(camera.anchor().mapValues(anchor -> new PicturePoint(anchor.x() + x, anchor.y() + y)));
    }
}
