package amberlens.core.edit.edits;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.footage.SourceTime;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/** A track as a shot of its footage shows it: in the frames of the shot, on the picture as it is shown. */
public final class Tracked {
    private Tracked() {}

    /**
     * Where the subject is in each frame of a shot.
     *
     * @throws IllegalArgumentException when the shot shows no footage
     */
    public static Spot[] on(Project project, Shot shot, Track track) {
        SourceTime time = project.sourceTime(shot)
                .orElseThrow(() -> new IllegalArgumentException("only a shot of footage shows a track"));
        Mirror mirrored = shot.settings().mirror();
        ProjectiveMap mirror = mirrored.of(project.mediaOf(shot).size());
        int sense = mirrored.across() == mirrored.down() ? 1 : -1;
        var spots = new Spot[shot.length()];
        for (int frame = 0; frame < spots.length; frame++) {
            Spot spot = track.at(time.place(frame));
            spots[frame] = new Spot(
                    new PicturePoint(
                            mirror.x(spot.at().x(), spot.at().y()),
                            mirror.y(spot.at().x(), spot.at().y())),
                    spot.scale(),
                    sense * spot.degrees(),
                    spot.confidence());
        }
        return spots;
    }

    /** The frame of the footage that a frame of a shot shows mostly. */
    public static int sourceFrame(Project project, Shot shot, int frame) {
        var shown = project.sourceFrames(shot, frame);
        return shown.part() > 0.5 ? shown.second() : shown.first();
    }

    /** The first frame of a shot that mostly shows a frame of its footage; empty where it does not. */
    public static OptionalInt frameOf(Project project, Shot shot, int source) {
        return IntStream.range(0, shot.length())
                .filter(frame -> sourceFrame(project, shot, frame) == source)
                .findFirst();
    }

    /** The frames of its footage that a shot shows, from the first to the last. */
    public static FrameSpan sourceFrames(Project project, Shot shot) {
        int first = Integer.MAX_VALUE;
        int last = 0;
        for (int frame = 0; frame < shot.length(); frame++) {
            var shown = project.sourceFrames(shot, frame);
            first = Math.min(first, shown.first());
            last = Math.max(last, shown.second());
        }
        return new FrameSpan(first, last);
    }

    /** The place of the footage that is seen at a point of the picture as a shot shows it: a mirror is its own way back. */
    public static PicturePoint source(Project project, Shot shot, PicturePoint shown) {
        ProjectiveMap mirror = shot.settings().mirror().of(project.mediaOf(shot).size());
        return new PicturePoint(mirror.x(shown.x(), shown.y()), mirror.y(shown.x(), shown.y()));
    }
}
