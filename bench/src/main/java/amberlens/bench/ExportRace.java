package amberlens.bench;

import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.media.WorkPool;
import amberlens.media.export.Export;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportProgress;
import amberlens.media.export.ExportSettings;
import amberlens.media.pixels.PixelCache;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** A push-in of 250 frames exported by us and by the zoompan filter of the ffmpeg program, with the same encoder. */
final class ExportRace {
    private static final int FRAMES = 250;
    private static final Size PICTURE = new Size(6000, 4000);
    private static final Size FRAME = new Size(1920, 1080);

    private ExportRace() {}

    /** Frames per second of ours and of theirs. */
    static double[] run(Path picture) throws FileProblem, IOException, InterruptedException {
        Path folder = Files.createTempDirectory("amber-bench");
        ours(picture, folder.resolve("warm-up.mp4"));
        double ours = FRAMES / ours(picture, folder.resolve("ours.mp4"));
        double theirs = FRAMES / theirs(picture, folder.resolve("theirs.mp4"));
        return new double[] {ours, theirs};
    }

    /** The push-in over a picture. */
    static Project project(Path picture) {
        Pose start = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(32));
        var camera = CameraTrack.still(start)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, start.scale(), Leg.LINEAR),
                                Key.of(FRAMES - 1, Scale.uniform(48), Leg.LINEAR))));
        var media = Media.photo("m1", picture.toString(), PICTURE);
        var shot = new Shot("s1", "push-in", "m1", 1, 0, FRAMES, true, camera, amberlens.core.base.extras.Extras.NONE);
        return Project.empty("race").withMedia(List.of(media)).withShots(List.of(shot));
    }

    private static double ours(Path picture, Path film) throws FileProblem {
        var settings = new ExportSettings(new FrameSpan(0, FRAMES - 1), FRAME, ExportFormat.MP4_H264, film, true);
        try (var rows = WorkPool.ofCores()) {
            var cache = new PixelCache(PixelCache.usualBudget(), Runnable::run, rows);
            long began = System.nanoTime();
            new Export(project(picture), settings, cache, rows).run(ExportProgress.NONE);
            return (System.nanoTime() - began) / 1e9;
        }
    }

    private static double theirs(Path picture, Path film) throws IOException, InterruptedException {
        Path program = FfmpegProgram.path();
        String zoom = "zoompan=z='1+0.5*on/249':x='iw/2-(iw/zoom/2)':y='ih/2-(ih/zoom/2)':d=" + FRAMES
                + ":s=1920x1080:fps=25,format=yuv420p";
        long began = System.nanoTime();
        FfmpegProgram.run(
                program,
                "-loglevel",
                "error",
                "-y",
                "-i",
                picture.toString(),
                "-vf",
                zoom,
                "-frames:v",
                String.valueOf(FRAMES),
                "-c:v",
                "libopenh264",
                "-rc_mode",
                "quality",
                "-b:v",
                "10368000",
                film.toString());
        return (System.nanoTime() - began) / 1e9;
    }
}
