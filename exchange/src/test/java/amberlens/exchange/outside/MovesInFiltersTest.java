package amberlens.exchange.outside;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.exchange.MoveFormat;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.lang.ProcessBuilder.Redirect;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.javacpp.Loader;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledIf;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Moves as chains of filters, run by FFmpeg's own program and read by its own expressions, against our frames. */
class MovesInFiltersTest extends DiscTrial {
    private static final double NEAR_PX = 0.5;

    /** The program is linked to libraries of sound devices, which not every machine has. */
    static boolean noProgram() {
        try {
            return runs("-version") != 0 && !Boolean.getBoolean("amber.window");
        } catch (IOException | InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static int runs(String... arguments) throws IOException, InterruptedException {
        String program = Loader.load(org.bytedeco.ffmpeg.ffmpeg.class);
        List<String> command = new ArrayList<>(List.of(program));
        command.addAll(List.of(arguments));
        var builder = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(Redirect.DISCARD);
        // What its libraries are linked to lies beside it, too, but they look for it in the system only.
        builder.environment()
                .put("LD_LIBRARY_PATH", Path.of(program).getParent().toString());
        Process process = builder.start();
        return process.waitFor(300, TimeUnit.SECONDS) ? process.exitValue() : -1;
    }

    @Test
    @DisabledIf(value = "noProgram", disabledReason = "needs sound libraries: ./amber test installs them")
    void the_program_shows_the_disc_where_our_frames_have_it() throws Exception {
        shows("turned");
    }

    @Test
    @Tag("long")
    @DisabledIf(value = "noProgram", disabledReason = "needs sound libraries: ./amber test installs them")
    void the_program_shows_legs_of_all_kinds_as_our_frames_do() throws Exception {
        shows("eased", "held", "even", "turned", "mirrored");
    }

    private static void shows(String... legs) throws Exception {
        write(LEGS);
        for (String leg : legs) {
            written(leg, MoveFormat.FFMPEG);
            Files.createDirectories(folder.resolve(leg));
            int code = runs(
                    "-v",
                    "error",
                    "-i",
                    folder.resolve("a disc.png").toString(),
                    "-filter_complex_script",
                    folder.resolve("move.filter").toString(),
                    folder.resolve(leg).resolve("%03d.png").toString());
            assertThat(code).as(leg).isZero();
            try (var frames = Files.list(folder.resolve(leg))) {
                assertThat(frames.count()).as("frames of " + leg).isEqualTo(30);
            }
            for (int frame : FRAMES) {
                Path file = folder.resolve(leg).resolve("%03d.png".formatted(frame + 1));
                BufferedImage seen = ImageIO.read(file.toFile());
                FramePoint ours = ours(leg, frame);
                FramePoint there = disc(seen, 0, 0);
                assertThat(there.distance(ours))
                        .as("%s at frame %d: %s, not %s", leg, frame, there, ours)
                        .isLessThanOrEqualTo(NEAR_PX);
            }
        }
    }

    /** A picture comes in at 25 frames a second, whatever the film's rate is. */
    @ParameterizedTest
    @CsvSource({"60/1, 2", "60/1, 100", "30000/1001, 100", "24000/1001, 31", "12/1, 40", "25/1, 7"})
    @DisabledIf(value = "noProgram", disabledReason = "needs sound libraries: ./amber test installs them")
    void no_frame_is_lost_at_any_rate(String rate, int length) throws Exception {
        write(Map.of("eased", LEGS.get("eased")));
        Path project = folder.resolve("disc.amber");
        Files.writeString(
                project,
                Files.readString(project)
                        .replace("\"rate\": \"25/1\"", "\"rate\": \"" + rate + "\"")
                        .replace("\"length\": 30", "\"length\": " + length));
        written("eased", MoveFormat.FFMPEG);
        Path frames = Files.createDirectories(folder.resolve("at " + rate.replace('/', '-') + " " + length));
        int code = runs(
                "-v",
                "error",
                "-i",
                folder.resolve("a disc.png").toString(),
                "-filter_complex_script",
                folder.resolve("move.filter").toString(),
                "-s",
                "32x18",
                frames.resolve("%03d.png").toString());
        assertThat(code).isZero();
        try (var files = Files.list(frames)) {
            assertThat(files.count()).isEqualTo(length);
        }
    }

    /** The binding has no perspective filter, but it reads the expressions of its corners. */
    @Test
    void the_corners_of_a_leaning_picture_are_where_the_table_of_maps_has_them() throws Exception {
        write(Map.of("leaning", LEANING));
        String script = written("leaning", MoveFormat.FFMPEG);
        List<String[]> rows = written("leaning", MoveFormat.CSV)
                .lines()
                .map(line -> line.split(","))
                .toList();
        Map<String, Integer> columns = new HashMap<>();
        for (int i = 0; i < rows.getFirst().length; i++) {
            columns.put(rows.getFirst()[i], i);
        }
        Matcher scale = Pattern.compile("scale=(\\d+):(\\d+):flags=lanczos").matcher(script);
        assertThat(scale.find()).isTrue();
        double reducedX = Integer.parseInt(scale.group(1)) / 800.0;
        double reducedY = Integer.parseInt(scale.group(2)) / 600.0;
        int border = script.contains("pad=") ? 4 : 0;
        for (int frame = 0; frame < 30; frame++) {
            String[] row = rows.get(frame + 1);
            double x = place(script, "x0", frame) + 0.5;
            double y = place(script, "y0", frame) + 0.5;
            double u = (x - border) / reducedX;
            double v = (y - border) / reducedY;
            double[] m = new double[9];
            for (int i = 0; i < 9; i++) {
                m[i] = Double.parseDouble(row[columns.get("m" + (i / 3 + 1) + (i % 3 + 1))]);
            }
            double w = m[6] * u + m[7] * v + m[8];
            // The middle of the output's first pixel, as wide and as high as the frame is to the sheet: below half a
            // pixel.
            assertThat((m[0] * u + m[1] * v + m[2]) / w).isBetween(0.0, 0.5);
            assertThat((m[3] * u + m[4] * v + m[5]) / w).isBetween(0.0, 0.5);
        }
        assertThat(place(script, "x0", 0)).isNotCloseTo(place(script, "x0", 29), within(1.0));
    }

    /** A corner's place as FFmpeg's evaluator reads it; the filter counts frames from 1. */
    private static double place(String script, String corner, int frame) {
        Matcher match = Pattern.compile(corner + "='([^']*)'").matcher(script);
        assertThat(match.find()).isTrue();
        String expression = match.group(1).replace("on", Integer.toString(frame + 1));
        double[] result = new double[1];
        int code = avutil.av_expr_parse_and_eval(
                result, expression, (byte[]) null, null, (byte[]) null, null, (byte[]) null, null, null, 0, null);
        assertThat(code).as(expression).isGreaterThanOrEqualTo(0);
        return result[0];
    }
}
