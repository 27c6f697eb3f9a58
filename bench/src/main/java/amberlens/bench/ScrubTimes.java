package amberlens.bench;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.Seen;
import amberlens.media.LowPriority;
import amberlens.media.WorkPool;
import amberlens.media.export.Export;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportSettings;
import amberlens.media.pixels.PixelCache;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * How long a frame takes to be seen while one looks through a shot: alone, and beside an export, a search in footage and a seal without end,
 * with the same pools as the application has.
 *
 * @param alone milliseconds, 95 % within
 * @param beside likewise, beside all three
 * @param large likewise, alone, in a large window
 * @param moving likewise, while the hand moves, at half the size
 */
record ScrubTimes(double alone, double beside, double large, double moving) {
    private static final Size PREVIEW = new Size(960, 540);
    private static final Size LARGE = new Size(2560, 1440);
    private static final int JUMPS = 80;
    private static final int WARM = 20;

    /** One of the works beside; it ends soon after it is asked to. */
    @FunctionalInterface
    private interface Beside {
        void work() throws FileProblem, IOException;
    }

    static ScrubTimes measure(Project demo) throws FileProblem, IOException, InterruptedException {
        Path folder = Files.createTempDirectory("amber-bench-");
        Loops.warmUp();
        var goesOn = new AtomicBoolean(true);
        try (var seen = WorkPool.ofCores();
                var rows = WorkPool.ofLowPriority();
                var decoding = Executors.newFixedThreadPool(2);
                var others = Executors.newFixedThreadPool(3, LowPriority.threads("beside"))) {
            var cache = new PixelCache(PixelCache.usualBudget(), decoding, seen);
            double large = scrub(demo, cache, seen, LARGE);
            double moving = scrub(demo, cache, seen, new Size(LARGE.width() / 2, LARGE.height() / 2));
            double alone = scrub(demo, cache, seen, PREVIEW);
            Shot first = demo.shots().getFirst();
            var export = new ExportSettings(
                    new FrameSpan(0, 99),
                    new Size(1280, 720),
                    ExportFormat.MP4_H264,
                    folder.resolve("beside.mp4"),
                    true);
            List<Beside> all = List.of(
                    () -> new Export(demo, export, cache, rows).run((_, _) -> goesOn.get()),
                    () -> FollowTimes.track(FollowTimes.film(demo), rows, goesOn::get),
                    () -> SealEdits.seal(demo, first, SealWay.LEAST, SealTerms.free()));
            for (Beside beside : all) {
                others.execute(() -> again(beside, goesOn));
            }
            double besideThem = scrub(demo, cache, seen, PREVIEW);
            goesOn.set(false);
            return new ScrubTimes(alone, besideThem, large, moving);
        } finally {
            goesOn.set(false);
        }
    }

    private static void again(Beside beside, AtomicBoolean goesOn) {
        while (goesOn.get()) {
            try {
                beside.work();
            } catch (FileProblem | IOException e) {
                throw new IllegalStateException("what runs beside a scrub failed", e);
            }
        }
    }

    /** Random frames of the first shot, whose picture is there. */
    private static double scrub(Project demo, PixelCache cache, WorkPool seen, Size size) throws FileProblem {
        Shot shot = demo.shots().getFirst();
        var chance = new Random(7);
        List<Double> times = new ArrayList<>();
        for (int jump = -WARM; jump < JUMPS; jump++) {
            int frame = shot.start() + chance.nextInt(shot.length());
            for (var refs : LineUpFrame.reads(demo, frame).values()) {
                cache.pin(ScrubTimes.class, refs);
                for (var ref : refs) {
                    cache.await(ref, () -> true);
                }
            }
            long began = System.nanoTime();
            List<Seen> layers = LineUpFrame.layers(demo, frame, size, ref -> Picture.without(ref.media())
                    .or(() -> cache.ready(ref).map(Picture.Pixels::new))
                    .orElse(null));
            Compositor.compose(layers, demo.frame().background(), size, seen);
            if (jump >= 0) {
                times.add((System.nanoTime() - began) / 1e6);
            }
        }
        double[] sorted = times.stream().mapToDouble(time -> time).sorted().toArray();
        return sorted[sorted.length * 95 / 100];
    }

    List<String> rows() {
        return List.of(
                String.format(
                        Locale.ROOT,
                        "%-50s %8.2f ms, alone %8.2f ms, %5.2f ×  (goal: 2 × at most)",
                        "a scrub beside an export, tracking and a seal, 95 % within",
                        beside,
                        alone,
                        beside / alone),
                String.format(
                        Locale.ROOT,
                        "%-50s %8.2f ms, while the hand moves %8.2f ms, %5.2f ×",
                        "a frame of 2560×1440, 95 % within",
                        large,
                        moving,
                        moving / large));
    }
}
