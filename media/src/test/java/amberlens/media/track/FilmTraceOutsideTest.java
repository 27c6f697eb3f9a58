package amberlens.media.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.trace.Stand;
import amberlens.core.material.trace.Trace;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.footage.FilmFrames;
import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.function.IntFunction;
import org.bytedeco.javacpp.Loader;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Films that FFmpeg's own filters make from a photograph of Debian's {@code mate-backgrounds} along moves that are known, with noise, 4 Mbit/s, and a
 * disc of a fifth of the picture's height crossing.
 */
@Tag("long")
class FilmTraceOutsideTest {
    private static final Path PHOTOGRAPH = Path.of("/usr/share/backgrounds/mate/abstract/Elephants_5640x3172.jpg");
    private static final int FRAMES = 60;
    private static final String DISC = "color=red:s=420x420:r=25,format=yuva420p,"
            + "geq=lum=200:cb=90:cr=200:a='255*lt(hypot(X-210,Y-210),205)'[disc];"
            + "[film][disc]overlay=x='-420+30*n':y=300:shortest=1";

    @TempDir
    private Path folder;

    private Path film(String filters) throws IOException, InterruptedException {
        Path film = folder.resolve("film.mp4");
        String program = Loader.load(org.bytedeco.ffmpeg.ffmpeg.class);
        var command = new ArrayList<>(List.of(program, "-hide_banner", "-loglevel", "error", "-y"));
        command.addAll(List.of(
                "-i",
                PHOTOGRAPH.toString(),
                "-frames:v",
                String.valueOf(FRAMES),
                "-filter_complex",
                "[0]" + filters + ",noise=alls=4:allf=t[film];" + DISC,
                "-c:v",
                "libopenh264",
                "-b:v",
                "4M",
                "-pix_fmt",
                "yuv420p",
                film.toString()));
        var builder = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(Redirect.DISCARD);
        builder.environment()
                .put("LD_LIBRARY_PATH", Path.of(program).getParent().toString());
        Process process = builder.start();
        assertThat(process.waitFor(600, TimeUnit.SECONDS)).isTrue();
        assertThat(process.exitValue()).isZero();
        return film;
    }

    private static void isTraced(Path file, IntFunction<Stand> known) throws Exception {
        try (var film = new FilmFrames(file, Rows.ALONE)) {
            Trace trace = new FilmTracer(film::frame)
                    .trace(film.info().size(), film.footage().rate(), new FrameSpan(0, FRAMES - 1), _ -> true);
            assertThat(trace.length()).isEqualTo(FRAMES);
            assertThat(trace.isDeep()).isFalse();
            for (int frame = 0; frame < FRAMES; frame++) {
                Stand found = trace.stands().get(frame);
                Stand expected = known.apply(frame);
                assertThat(Math.hypot(found.x() - expected.x(), found.y() - expected.y()))
                        .as("shift in frame %d", frame)
                        .isLessThan(0.003);
                assertThat(found.scale() / expected.scale()).isCloseTo(1, within(0.005));
                assertThat(found.degrees()).isCloseTo(expected.degrees(), within(0.1));
            }
        }
    }

    @Test
    void a_pan() throws Exception {
        Path file = film("loop=-1:1,crop=2880:1620:'100+24*n':'100+12*n',scale=1920:1080");
        isTraced(file, frame -> new Stand(-16.0 * frame / 1920, -8.0 * frame / 1920, 1, 0, 1));
    }

    @Test
    void a_zoom() throws Exception {
        Path file = film(
                "zoompan=z='1+0.012*on':x='iw/2-(iw/zoom/2)':y='ih/2-(ih/zoom/2)':d=" + FRAMES + ":s=1920x1080:fps=25");
        isTraced(file, frame -> new Stand(0, 0, 1 + 0.012 * frame, 0, 1));
    }

    @Test
    void a_roll() throws Exception {
        Path file = film("loop=-1:1,crop=3600:3100,rotate=a='0.006*n',crop=2880:1620,scale=1920:1080");
        isTraced(file, frame -> new Stand(0, 0, 1, Math.toDegrees(0.006 * frame), 1));
    }
}
