package amberlens.bench;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.media.WorkPool;
import amberlens.media.footage.FilmFrames;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.Set;

/**
 * Footage and many shots, each timed in milliseconds after a warm-up.
 *
 * @param seek a random jump in the demo's 1920 × 1080 footage with its pixels ready, 95 % within
 * @param play one frame after the other at 640 × 360 with a move, the mean
 * @param arrange suitable sealed moves for 200 pictures
 * @param check everything that is measured of 500 shots
 */
record ManyShotsTimes(double seek, double play, double arrange, double check) {
    private static final Size PREVIEW = new Size(1280, 720);
    private static final Size FRAME = new Size(1920, 1080);
    private static final int JUMPS = 60;
    private static final int PLAYED = 100;

    static ManyShotsTimes measure(Path film) throws FileProblem {
        return new ManyShotsTimes(seeks(film), plays(film), arranges(), checks());
    }

    private static double seeks(Path film) throws FileProblem {
        var chance = new Random(3);
        try (var rows = WorkPool.ofCores();
                var frames = new FilmFrames(film, rows)) {
            double[] times = new double[JUMPS];
            for (int i = -10; i < JUMPS; i++) {
                long began = System.nanoTime();
                frames.frame(chance.nextInt(frames.footage().frames()));
                if (i >= 0) {
                    times[i] = (System.nanoTime() - began) / 1e6;
                }
            }
            Arrays.sort(times);
            return times[JUMPS * 95 / 100];
        }
    }

    private static double plays(Path film) throws FileProblem {
        try (var rows = WorkPool.ofCores();
                var frames = new FilmFrames(film, rows)) {
            Pose pose = Refit.FILL.pose(FRAME, FRAME).zoomedAbout(FRAME.centre(), 1.06);
            long began = 0;
            for (int i = -30; i < PLAYED; i++) {
                if (i == 0) {
                    began = System.nanoTime();
                }
                var picture = Pyramid.onDemand(frames.frame(i + 30));
                Pose moved = pose.zoomedAbout(FRAME.centre(), 1 + i / 5000.0);
                Compositor.compose(
                        List.of(LineUpFrame.layer(picture, moved, FRAME, PREVIEW)), Colour.BLACK, PREVIEW, rows);
            }
            return (System.nanoTime() - began) / 1e6 / PLAYED;
        }
    }

    /** Shots of 100 frames of pictures of all sizes. */
    private static Project many(int count) {
        var chance = new Random(8);
        List<Media> media = new ArrayList<>();
        List<Shot> shots = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Size size = new Size(2000 + chance.nextInt(9000), 1500 + chance.nextInt(4000));
            media.add(Media.photo("m" + i, i + ".jpg", size));
            CameraTrack camera = CameraTrack.still(Refit.FILL.pose(size, FRAME));
            shots.add(new Shot("s" + i, "Shot " + i, "m" + i, 1, 100 * i, 100, true, camera, Extras.NONE));
        }
        return Project.empty("many").withMedia(media).withShots(shots);
    }

    private static double arranges() {
        Project project = many(200);
        Set<String> all = Set.copyOf(project.shots().stream().map(Shot::id).toList());
        return best(() -> ReadyEdits.arrange(project, all, 5, 100, 110).edit().apply(project));
    }

    private static double checks() {
        Project still = many(500);
        Set<String> all = Set.copyOf(still.shots().stream().map(Shot::id).toList());
        Project project = ReadyEdits.arrange(still, all, 5, 100, 110).edit().apply(still);
        return best(() -> {
            long open = project.shots().parallelStream()
                    .filter(shot -> !ShotCheck.of(project, shot).sealed())
                    .count();
            if (open > 0) {
                throw new IllegalStateException(open + " arranged shots are open");
            }
        });
    }

    /** The best of five, the first for warming up. */
    private static double best(Runnable work) {
        double best = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 5; i++) {
            long began = System.nanoTime();
            work.run();
            best = i == 0 ? best : Math.min(best, (System.nanoTime() - began) / 1e6);
        }
        return best;
    }
}
