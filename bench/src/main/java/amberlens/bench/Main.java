package amberlens.bench;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.media.picture.PictureReader;
import amberlens.project.ProjectFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.openjdk.jmh.results.Result;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Measures rows of docs/BENCHMARKS.md and prints them. */
public final class Main {
    private final Map<String, Result<?>> results = new HashMap<>();

    private Main() {}

    /** Measures rows that belong together and prints them. */
    @FunctionalInterface
    private interface Group {
        void measure() throws RunnerException, FileProblem, IOException, InterruptedException;
    }

    /** Takes the demo project's file, and the names of what to measure; all of it if none is given. */
    public static void main(String[] args) throws RunnerException, FileProblem, IOException, InterruptedException {
        Path demo = Path.of(args[0]).toAbsolutePath();
        Map<String, Group> groups = groups(demo);
        List<String> wanted = args.length > 1 ? List.of(args).subList(1, args.length) : List.copyOf(groups.keySet());
        if (wanted.contains("--help") || wanted.contains("-h")) {
            System.out.println("Usage: amber bench [NAME...]\nMeasures the rows of docs/BENCHMARKS.md, or those called "
                    + String.join(", ", groups.keySet()) + ".");
            return;
        }
        for (String name : wanted) {
            if (!groups.containsKey(name)) {
                System.err.println("amber: there is nothing called \"" + name + "\" to measure; choose of "
                        + String.join(", ", groups.keySet()) + ".");
                System.exit(2);
            }
        }
        long began = System.nanoTime();
        for (String name : wanted) {
            System.out.printf(
                    Locale.ROOT,
                    "-- %s (%d of %d, after %d s) --%n",
                    name,
                    wanted.indexOf(name) + 1,
                    wanted.size(),
                    (System.nanoTime() - began) / 1_000_000_000);
            groups.get(name).measure();
        }
    }

    private static Map<String, Group> groups(Path demo) throws FileProblem {
        Project project = ProjectFile.open(demo);
        Path plan = Path.of(project.media().getFirst().path());
        var groups = new LinkedHashMap<String, Group>();
        groups.put("rendering", () -> {
            try (var race = new FrameRace(project)) {
                race.run();
            }
            memory(plan);
        });
        groups.put("export", () -> print(ExportRace.run(plan)));
        groups.put("encoders", () -> print(EncoderTimes.measure(plan)));
        groups.put("keys", () -> {
            var main = new Main();
            main.measure(demo);
            main.print();
        });
        groups.put("looks", () -> print(LookTimes.measure(plan).rows()));
        groups.put("sound", () -> print(SoundTimes.measure().rows()));
        groups.put("following", () -> print(FollowTimes.measure(project).rows()));
        groups.put("planes", () -> print(PlaneTimes.measure(project).rows()));
        groups.put("marks", () -> print(MarkTimes.measure(project).rows()));
        groups.put("scrubbing", () -> print(ScrubTimes.measure(project).rows()));
        groups.put("shots", () -> print(ManyShotsTimes.measure(film(demo))));
        return groups;
    }

    private static void print(List<String> rows) {
        rows.forEach(System.out::println);
    }

    private static Path film(Path demo) throws FileProblem {
        return Path.of(ProjectFile.open(demo).media().stream()
                .filter(media -> media.kind() == Media.Kind.FILM)
                .findFirst()
                .orElseThrow()
                .path());
    }

    private void measure(Path demo) throws RunnerException {
        Collection<RunResult> runs = new Runner(new OptionsBuilder()
                        .include(KeyBenchmarks.class.getSimpleName())
                        .include(SealBenchmarks.class.getSimpleName())
                        .jvmArgsAppend("-Damber.demo=" + demo)
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        for (RunResult run : runs) {
            String name = run.getParams().getBenchmark();
            results.put(name.substring(name.lastIndexOf('.') + 1), run.getPrimaryResult());
        }
    }

    private static void memory(Path plan) throws FileProblem {
        Raster picture = PictureReader.read(plan, Rows.ALONE);
        System.out.printf(
                Locale.ROOT,
                "%-50s %8.0f MB  (goal: 130 MB at most)%n",
                picture.size().width() + "×" + picture.size().height() + " with its pyramid",
                Pyramid.bytes(picture) / 1e6);
    }

    private double mean(String name) {
        return results.get(name).getScore();
    }

    private void print() {
        plain("100 000 poses of four properties × 500 keys", mean("poses"), "60 ms");
        plain("480 keys moved, and the step undone", mean("moveAndUndo"), "5 ms for the undo");
        plain("margins of 10 000 frames", mean("marginsOf10000Frames"), "30 ms");
        plain("room and strip of 500 frames", mean("roomAndStripOf500Frames"), "8 ms");
        plain("least change, 20 framings, 1500 frames", mean("leastChange"), "1500 ms");
        plain("the same on smooth legs", mean("leastChangeOnSmoothLegs"), "");
        plain("lift of the same", mean("lift"), "");
    }

    private static void print(double[] race) {
        System.out.printf(
                Locale.ROOT,
                "%-50s %8.1f fps, zoompan %6.1f fps, %5.2f ×  (goal: 1.15 × at least)%n",
                "export of 250 frames, push-in",
                race[0],
                race[1],
                race[0] / race[1]);
    }

    private static void print(ManyShotsTimes many) {
        plain("jump in 1920×1080 footage, 95 % within", many.seek(), "120 ms");
        plain("playing footage with a move at 1280×720", many.play(), "40 ms a frame");
        plain("moves arranged for 200 pictures", many.arrange(), "3000 ms");
        plain("check of 500 shots", many.check(), "500 ms");
    }

    private static void plain(String what, double ours, String goal) {
        System.out.printf(
                Locale.ROOT, "%-50s %8.2f ms%s%n", what, ours, goal.isEmpty() ? "" : "  (goal: " + goal + ")");
    }
}
