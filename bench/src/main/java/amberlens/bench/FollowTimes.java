package amberlens.bench;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.media.WorkPool;
import amberlens.media.pixels.PixelKey;
import amberlens.media.pixels.PixelLoader;
import amberlens.media.track.SubjectTracker;
import amberlens.media.track.Tracking;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;

/**
 * How fast a subject of 1920 × 1080 footage is tracked, reading and decoding included, and flights are evaluated.
 *
 * @param trackingFps frames a second
 * @param poseMicros of a pose on a flight
 * @param plainMicros of a pose on plain legs
 */
record FollowTimes(double trackingFps, double poseMicros, double plainMicros) {
    private static final int POSES = 400_000;

    static FollowTimes measure(Project demo) throws FileProblem {
        Media film = film(demo);
        track(film);
        long start = System.nanoTime();
        Track track = track(film);
        double fps = track.spots().size() / ((System.nanoTime() - start) / 1e9);
        CameraTrack flight = demo.shots().stream()
                .map(shot -> shot.camera())
                .filter(CameraTrack::flies)
                .findFirst()
                .orElseThrow();
        CameraTrack plain = demo.shots().stream()
                .map(shot -> shot.camera())
                .filter(camera -> !camera.flies() && camera.scale().animated())
                .findFirst()
                .orElseThrow();
        return new FollowTimes(fps, micros(flight), micros(plain));
    }

    /** The footage in which something is tracked. */
    static Media film(Project demo) {
        return demo.media().stream()
                .filter(media -> !media.tracks().isEmpty())
                .findFirst()
                .orElseThrow();
    }

    private static Track track(Media film) throws FileProblem {
        try (var rows = WorkPool.ofCores()) {
            return track(film, rows, () -> true);
        }
    }

    /** Tracks it anew as long as somebody waits. */
    static Track track(Media film, WorkPool rows, BooleanSupplier goesOn) throws FileProblem {
        Track known = film.tracks().getFirst();
        int middle = known.given().first();
        PicturePoint at = known.at(middle).orElseThrow().at();
        double radius = SubjectTracker.USUAL_RADIUS * film.size().height();
        try (var pixels = new PixelLoader(rows)) {
            return new Tracking(frame -> pixels.load(PixelKey.of(film, frame)))
                    .begin(
                            "t",
                            "Subject",
                            middle,
                            at,
                            radius,
                            new FrameSpan(0, known.last()),
                            _ -> goesOn.getAsBoolean());
        }
    }

    private static double micros(CameraTrack camera) {
        double sum = 0;
        long start = 0;
        for (int i = -POSES / 2; i < POSES; i++) {
            if (i == 0) {
                start = System.nanoTime();
            }
            Pose pose = camera.at(Math.floorMod(i, 124) + 0.25);
            sum += pose.position().x();
        }
        double micros = (System.nanoTime() - start) / 1e3 / POSES;
        return Double.isNaN(sum) ? Double.NaN : micros;
    }

    List<String> rows() {
        return List.of(
                String.format(
                        Locale.ROOT,
                        "%-50s %8.1f fps  (goal: 20 fps at least)",
                        "a subject tracked in 1920×1080 footage",
                        trackingFps),
                String.format(
                        Locale.ROOT,
                        "%-50s %8.2f µs, plain legs %8.2f µs, %5.2f ×  (goal: 1 µs at most)",
                        "a pose on a flight",
                        poseMicros,
                        plainMicros,
                        poseMicros / plainMicros));
    }
}
