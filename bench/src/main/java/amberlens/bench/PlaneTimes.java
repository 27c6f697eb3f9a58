package amberlens.bench;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.check.ShotPlanes;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.PictureRef;
import amberlens.media.WorkPool;
import amberlens.media.pixels.PixelKey;
import amberlens.media.pixels.PixelLoader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A picture in planes against the same picture in one: frames of the same move at 1920 × 1080, all pictures ready; and the proof of a whole
 * shot.
 *
 * @param planes how many, the ground among them
 * @param deepMs of a frame in planes
 * @param flatMs of a frame in one
 * @param proofMs of all frames of the shot
 * @param frames of the shot
 */
record PlaneTimes(int planes, double deepMs, double flatMs, double proofMs, int frames) {
    private static final int ROUNDS = 6;

    static PlaneTimes measure(Project demo) throws FileProblem {
        Shot shot = demo.shots().stream().filter(demo::isInPlanes).findFirst().orElseThrow();
        Project deep = demo.only(shot);
        Media media = demo.mediaOf(shot);
        Project flat = deep.withMedia(
                deep.media().stream().map(item -> item.withPlanes(List.of())).toList());
        try (var rows = WorkPool.ofCores();
                var pixels = new PixelLoader(rows)) {
            Map<PictureRef, Pyramid> pictures = new HashMap<>();
            List<PictureRef> refs = new ArrayList<>(PictureRef.cutOuts(media));
            refs.add(PictureRef.of(flat.mediaOf(shot), 0));
            for (PictureRef ref : refs) {
                pictures.put(ref, Pyramid.of(pixels.load(PixelKey.of(ref)), rows));
            }
            double inPlanes = Double.POSITIVE_INFINITY;
            double inOne = Double.POSITIVE_INFINITY;
            for (int round = 0; round < ROUNDS; round++) { // by turns, so that a busy machine slows both
                inPlanes = Math.min(inPlanes, millis(deep, shot, pictures, rows));
                inOne = Math.min(inOne, millis(flat, shot, pictures, rows));
            }
            return new PlaneTimes(1 + media.planes().size(), inPlanes, inOne, proof(deep, shot), shot.length());
        }
    }

    private static double millis(Project project, Shot shot, Map<PictureRef, Pyramid> pictures, WorkPool rows) {
        Size output = new Size(1920, 1080);
        int frames = 0;
        long start = System.nanoTime();
        for (int at = 0; at < shot.length(); at += 8, frames++) {
            var layers = LineUpFrame.layers(
                    project, shot.start() + at, output, ref -> new Picture.Pixels(pictures.get(ref)));
            Compositor.compose(layers, project.frame().background(), output, rows);
        }
        return (System.nanoTime() - start) / 1e6 / frames;
    }

    private static double proof(Project project, Shot shot) {
        double least = Double.POSITIVE_INFINITY;
        for (int round = 0; round < ROUNDS; round++) {
            long start = System.nanoTime();
            ShotPlanes.of(project, shot, project.frameSize());
            least = Math.min(least, (System.nanoTime() - start) / 1e6);
        }
        return least;
    }

    List<String> rows() {
        return List.of(
                String.format(
                        Locale.ROOT,
                        "%-50s %8.1f ms, in one %8.1f ms, %5.2f ×  (goal: 2.5 × at most)",
                        "a 1920×1080 frame in " + planes + " planes",
                        deepMs,
                        flatMs,
                        deepMs / flatMs),
                String.format(
                        Locale.ROOT,
                        "%-50s %8.1f ms for %d frames",
                        "the proof of what is seen behind them",
                        proofMs,
                        frames));
    }
}
