package amberlens.desktop.shell.app;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** Footage that is not there, with two subjects tracked in it, one of them partly a guess, and a label above. */
final class TrackedPond {
    private static final Size SIZE = new Size(1920, 1080);
    private static final int FRAMES = 60;

    private TrackedPond() {}

    private static Track track(String id, String name, double slope) {
        List<Spot> spots = new ArrayList<>();
        for (int frame = 0; frame < FRAMES; frame++) {
            spots.add(new Spot(new PicturePoint(500 + slope * frame, 600), 1, 0, frame > 30 && frame < 45 ? 0 : 0.9));
        }
        return new Track(id, name, 0, spots, new TreeSet<>(List.of(0)), 60, Extras.NONE);
    }

    static Project project(Path folder) {
        Media pond = Media.footage(
                        "m1",
                        Media.Kind.FILM,
                        folder.resolve("pond.mp4").toString(),
                        SIZE,
                        new Footage(FrameRate.of(25), FRAMES))
                .withTracks(List.of(track("t1", "Ferry", 12), track("t2", "Heron by the reeds", 3)));
        Size label = new Size(300, 120);
        Project empty = Project.empty("Mill pond");
        Size frame = empty.frameSize();
        return empty.withMedia(List.of(
                        pond, Media.photo("m2", folder.resolve("label.png").toString(), label)))
                .withShots(List.of(
                        shot("s1", "Pond", "m1", 1, CameraTrack.still(Pose.neutral(SIZE, frame))),
                        shot("s2", "Label", "m2", 2, CameraTrack.still(Pose.neutral(label, frame)))));
    }

    private static Shot shot(String id, String name, String media, int track, CameraTrack camera) {
        return new Shot(id, name, media, track, 0, FRAMES, track == 1, camera, Extras.NONE);
    }
}
