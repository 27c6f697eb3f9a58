package amberlens.bench;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.WorkPool;
import amberlens.media.export.FrameSource;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.media.film.StillFile;
import amberlens.media.pixels.PixelCache;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Encoders of films side by side: frames a second without rendering, bytes, and likeness by the ssim filter of the ffmpeg program. */
final class EncoderTimes {
    private static final int FRAMES = 25;
    private static final Size FRAME = new Size(1920, 1080);
    private static final Pattern SSIM = Pattern.compile("SSIM Y:([0-9.]+)");

    private EncoderTimes() {}

    static List<String> measure(Path picture) throws FileProblem, IOException, InterruptedException {
        Path folder = Files.createTempDirectory("amber-bench");
        List<String> rows = new ArrayList<>();
        try (var workers = WorkPool.ofCores()) {
            WorkPool.warmUp(Duration.ZERO);
            List<FrameRaster> frames = frames(picture, workers);
            for (int i = 0; i < FRAMES; i++) {
                Files.write(
                        folder.resolve(String.format(Locale.ROOT, "frame-%02d.png", i)), StillFile.png(frames.get(i)));
            }
            for (FilmCodec codec : List.of(FilmCodec.H264, FilmCodec.VP9, FilmCodec.AV1)) {
                for (Quality quality : Quality.values()) {
                    rows.add(row(codec, quality, frames, workers, folder));
                }
            }
        }
        return rows;
    }

    private static List<FrameRaster> frames(Path picture, Rows workers) throws FileProblem {
        var source = new FrameSource(
                ExportRace.project(picture), new PixelCache(PixelCache.usualBudget(), Runnable::run, workers), workers);
        List<FrameRaster> frames = new ArrayList<>();
        for (int i = 0; i < FRAMES; i++) {
            frames.add(source.frame(i, FRAME));
        }
        return frames;
    }

    private static String row(FilmCodec codec, Quality quality, List<FrameRaster> frames, Rows workers, Path folder)
            throws FileProblem, IOException, InterruptedException {
        Path file = folder.resolve(codec + "-" + quality + (codec == FilmCodec.VP9 ? ".webm" : ".mp4"));
        long began = System.nanoTime();
        try (var film = new FilmFile(file, codec, quality, FRAME, FrameRate.of(25), workers)) {
            for (FrameRaster frame : frames) {
                film.write(frame);
            }
            film.finish();
        }
        double seconds = (System.nanoTime() - began) / 1e9;
        return String.format(
                Locale.ROOT,
                "%-50s %8.1f fps, %8.0f kB, SSIM %.4f",
                codec + ", " + quality.words(),
                FRAMES / seconds,
                Files.size(file) / 1e3,
                likeness(file, folder));
    }

    private static double likeness(Path film, Path folder) throws IOException, InterruptedException {
        String said = FfmpegProgram.run(
                FfmpegProgram.path(),
                "-i",
                film.toString(),
                "-framerate",
                "25",
                "-i",
                folder.resolve("frame-%02d.png").toString(),
                "-lavfi",
                "[1:v]scale=out_color_matrix=bt709:out_range=tv,format=yuv420p[exact];[0:v]format=yuv420p[film];[film][exact]ssim",
                "-f",
                "null",
                "-");
        Matcher found = SSIM.matcher(said);
        if (!found.find()) {
            throw new IOException("the ffmpeg program did not compare: " + said);
        }
        return Double.parseDouble(found.group(1));
    }
}
