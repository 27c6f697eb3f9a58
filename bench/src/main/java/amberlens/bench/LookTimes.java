package amberlens.bench;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.look.AppliedLooks;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.StockLook;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.Seen;
import amberlens.media.WorkPool;
import amberlens.media.picture.PictureReader;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Frames of 1920 × 1080 with looks beside those without, all in turn so that the machine is the same for all; medians in milliseconds.
 *
 * @param times by what is rendered
 */
record LookTimes(Map<String, Double> times) {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PREVIEW = new Size(640, 360);
    private static final int ROUNDS = 25;
    private static final int WARM_UP = 12;

    /** @param plan the demo's planting plan */
    static LookTimes measure(Path plan) throws FileProblem {
        Loops.warmUp();
        try (var rows = WorkPool.ofCores()) {
            Pyramid picture = Pyramid.of(PictureReader.read(plan, rows), rows);
            Map<String, Runnable> work = new LinkedHashMap<>();
            Pose full = Pose.neutral(picture.size(), FRAME).withScale(Scale.uniform(100.5));
            Pose inset = Pose.neutral(picture.size(), FRAME).withScale(Scale.uniform(20));
            var draft = new Draft(picture.size());
            put(work, "plain", picture, full, draft.of().named(""), FRAME, rows);
            put(work, "soft 10", picture, full, draft.softness(10), FRAME, rows);
            put(work, "soft 100", picture, full, draft.softness(100), FRAME, rows);
            put(work, "tone and vignette", picture, full, draft.toneAndVignette(), FRAME, rows);
            put(work, "inset", picture, inset, draft.of().named(""), FRAME, rows);
            put(
                    work,
                    "shadowed card",
                    picture,
                    inset,
                    StockLook.PAPER_CARD.make(picture.size(), FRAME, 1),
                    FRAME,
                    rows);
            put(work, "preview", picture, full, draft.three(), PREVIEW, rows);
            Map<String, double[]> measured = new LinkedHashMap<>();
            work.keySet().forEach(name -> measured.put(name, new double[ROUNDS]));
            for (int round = -WARM_UP; round < ROUNDS; round++) {
                int at = round;
                work.forEach((name, one) -> {
                    long began = System.nanoTime();
                    one.run();
                    if (at >= 0) {
                        measured.get(name)[at] = (System.nanoTime() - began) / 1e6;
                    }
                });
            }
            Map<String, Double> medians = new LinkedHashMap<>();
            measured.forEach((name, times) -> {
                Arrays.sort(times);
                medians.put(name, times[ROUNDS / 2]);
            });
            return new LookTimes(medians);
        }
    }

    private static void put(
            Map<String, Runnable> work,
            String name,
            Pyramid picture,
            Pose pose,
            LookSet set,
            Size output,
            WorkPool rows) {
        AppliedLooks looks = AppliedLooks.of(set.looks(), set.camera(), 0);
        work.put(name, () -> {
            Seen seen = LineUpFrame.dressed(new Picture.Pixels(picture), pose, Mirror.NONE, looks, FRAME, output);
            Compositor.compose(List.of(seen), Colour.BLACK, output, rows);
        });
    }

    private record Draft(Size picture) {
        LookDraft of() {
            return new LookDraft(picture, FRAME, 1);
        }

        LookSet softness(double sigma) {
            return of().add(LookKinds.SOFTNESS).set(LookKinds.SIGMA, sigma).named("softness");
        }

        LookSet toneAndVignette() {
            return of().add(LookKinds.TONE)
                    .set(LookKinds.EXPOSURE, 0.2)
                    .set(LookKinds.SATURATION, 60.0)
                    .set(LookKinds.WARMTH, 30.0)
                    .add(LookKinds.VIGNETTE)
                    .set(LookKinds.STRENGTH, 40.0)
                    .named("tone and vignette");
        }

        LookSet three() {
            return of().add(LookKinds.TONE)
                    .set(LookKinds.CONTRAST, 1.1)
                    .add(LookKinds.SOFTNESS)
                    .set(LookKinds.SIGMA, 6.0)
                    .add(LookKinds.VIGNETTE)
                    .set(LookKinds.STRENGTH, 40.0)
                    .named("three");
        }
    }

    /** How much longer one takes than another. */
    private double ratio(String with, String without) {
        return times.get(with) / times.get(without);
    }

    /** The rows of the measurements. */
    List<String> rows() {
        return List.of(
                row("softness of 10 px", "soft 10", "plain", "1.5 × at most"),
                row("softness of 100 px", "soft 100", "plain", "2.5 × at most"),
                row("tone and vignette", "tone and vignette", "plain", "1.15 × at most"),
                row("an inset as a card with a shadow", "shadowed card", "inset", "1.3 × at most"),
                String.format(
                        Locale.ROOT,
                        "%-50s %8.1f ms  (goal: 40 ms a frame)",
                        "640×360 with three looks",
                        times.get("preview")));
    }

    private String row(String what, String with, String without, String goal) {
        return String.format(
                Locale.ROOT,
                "%-50s %8.1f ms, without %8.1f ms, %5.2f ×  (goal: %s)",
                what,
                times.get(with),
                times.get(without),
                ratio(with, without),
                goal);
    }
}
