package amberlens.bench;

import static org.bytedeco.opencv.global.opencv_core.BORDER_REPLICATE;
import static org.bytedeco.opencv.global.opencv_core.CV_64F;
import static org.bytedeco.opencv.global.opencv_core.CV_8UC3;
import static org.bytedeco.opencv.global.opencv_imgproc.INTER_CUBIC;
import static org.bytedeco.opencv.global.opencv_imgproc.WARP_INVERSE_MAP;
import static org.bytedeco.opencv.global.opencv_imgproc.warpAffine;
import static org.bytedeco.opencv.global.opencv_imgproc.warpPerspective;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.AffineMap;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.Layer;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Seen;
import amberlens.media.WorkPool;
import amberlens.media.picture.PictureReader;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.bytedeco.javacpp.indexer.DoubleIndexer;
import org.bytedeco.opencv.global.opencv_core;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Scalar;

/**
 * Frames from the demo's planting plan of 6000 × 4000 pixels: ours and OpenCV's by turns, so that whatever else the machine does slows
 * both. What counts is the median of the ratios.
 */
final class FrameRace implements AutoCloseable {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PREVIEW = new Size(1280, 720);
    private static final int WARM = 15;
    private static final int ROUNDS = 41;

    private final WorkPool rows = WorkPool.ofCores();
    private final Pyramid picture;
    private final Project demo;
    private final Mat source = new Mat(4000, 6000, CV_8UC3);
    private final Mat result = new Mat();

    FrameRace(Project demo) throws FileProblem {
        Loops.warmUp();
        this.demo = demo;
        Path plan = Path.of(demo.media().getFirst().path());
        picture = Pyramid.of(PictureReader.read(plan, rows), rows);
        Pose whole = Pose.neutral(picture.size(), picture.size());
        FrameRaster pixels = Compositor.compose(
                List.of(LineUpFrame.layer(picture, whole, picture.size(), picture.size())),
                Colour.BLACK,
                picture.size(),
                rows);
        ByteBuffer bytes = source.createBuffer();
        for (int argb : pixels.argb()) {
            bytes.put((byte) argb).put((byte) (argb >> 8)).put((byte) (argb >> 16));
        }
        opencv_core.setNumThreads(Runtime.getRuntime().availableProcessors());
    }

    @Override
    public void close() {
        rows.close();
    }

    /** Measures all of it and prints a row for each. */
    void run() {
        race("1920×1080 of 6000×4000, 100.5 %, no turn", () -> ours(100.5, 0, FRAME), () -> theirs(100.5, 0), "0.28 ×");
        for (int degrees : new int[] {2, 15, 45}) {
            race("turned " + degrees + "°", () -> ours(100, degrees, FRAME), () -> theirs(100, degrees), "0.6 ×");
        }
        race(
                "reduced to 40 %, turned 15°, prefiltered (theirs is not)",
                () -> ours(40, 15, FRAME), () -> theirs(40, 15), "1.3 ×");
        race("yaw 20°, pitch 10°", this::leaningOurs, this::leaningTheirs, "0.9 ×");
        double[][] shutter = byTurns(this::exposed, () -> ours(100, 2, FRAME));
        row("8-sample shutter, turned 2°, beside one instant", shutter, "one instant", "6 ×");
        alone("frame reduced to 40 %, unturned, prefiltered", () -> ours(40, 0, FRAME), "");
        alone("preview 1280×720", () -> ours(40, 0, PREVIEW), "25 ms");
        alone("preview 1280×720, turned", () -> ours(40, 2, PREVIEW), "25 ms");
        alone("edges of the whole demo", this::checkDemo, "20 ms");
    }

    private static void race(String what, Runnable ours, Runnable theirs, String goal) {
        row(what, byTurns(ours, theirs), "OpenCV", goal);
    }

    private static void row(String what, double[][] times, String other, String goal) {
        double[] ratios = IntStream.range(0, ROUNDS)
                .mapToDouble(round -> times[0][round] / times[1][round])
                .toArray();
        System.out.printf(
                Locale.ROOT,
                "%-58s %7.1f ms, %s %7.1f ms, median of ratios %5.2f ×  (goal: %s)%n",
                what,
                part(times[0], 0.5),
                other,
                part(times[1], 0.5),
                part(ratios, 0.5),
                goal);
    }

    private static void alone(String what, Runnable ours, String goal) {
        double[] times = byTurns(ours, () -> {})[0];
        System.out.printf(
                Locale.ROOT,
                "%-58s %7.1f ms, 95 %% within %.1f ms%s%n",
                what,
                part(times, 0.5),
                part(times, 0.95),
                goal.isEmpty() ? "" : "  (goal: " + goal + ")");
    }

    /** Times in milliseconds of both, one after the other and again. */
    private static double[][] byTurns(Runnable one, Runnable other) {
        double[][] times = new double[2][ROUNDS];
        for (int round = -WARM; round < ROUNDS; round++) {
            double first = millis(one);
            double second = millis(other);
            if (round >= 0) {
                times[0][round] = first;
                times[1][round] = second;
            }
        }
        return times;
    }

    private static double millis(Runnable work) {
        long before = System.nanoTime();
        work.run();
        return (System.nanoTime() - before) / 1e6;
    }

    private static double part(double[] values, double part) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        return sorted[(int) Math.round(part * (sorted.length - 1))];
    }

    private Pose pose(double percent, double degrees) {
        return Pose.neutral(picture.size(), FRAME)
                .withScale(Scale.uniform(percent))
                .withDegrees(degrees);
    }

    private void ours(double percent, double degrees, Size output) {
        Layer layer = LineUpFrame.layer(picture, pose(percent, degrees), FRAME, output);
        Compositor.compose(List.of(layer), Colour.BLACK, output, rows);
    }

    private void theirs(double percent, double degrees) {
        AffineMap map = pose(percent, degrees).pictureToFrame().inverse();
        try (Mat matrix = new Mat(2, 3, CV_64F);
                DoubleIndexer m = matrix.createIndexer();
                var size = new org.bytedeco.opencv.opencv_core.Size(FRAME.width(), FRAME.height())) {
            m.put(0, 0, map.xx(), map.xy(), map.x(0.5, 0.5) - 0.5);
            m.put(1, 0, map.yx(), map.yy(), map.y(0.5, 0.5) - 0.5);
            warpAffine(source, result, matrix, size, INTER_CUBIC | WARP_INVERSE_MAP, BORDER_REPLICATE, Scalar.all(0));
        }
    }

    private Pose leaning() {
        return pose(100, 0).withDepth(Depth.FLAT.withYaw(20).withPitch(10)).in(picture.size(), FRAME);
    }

    private void leaningOurs() {
        Compositor.compose(List.of(LineUpFrame.layer(picture, leaning(), FRAME, FRAME)), Colour.BLACK, FRAME, rows);
    }

    private void leaningTheirs() {
        ProjectiveMap map = leaning().map().inverse().afterShift(0.5, 0.5).thenShifted(-0.5, -0.5);
        try (Mat matrix = new Mat(3, 3, CV_64F);
                DoubleIndexer m = matrix.createIndexer();
                var size = new org.bytedeco.opencv.opencv_core.Size(FRAME.width(), FRAME.height())) {
            m.put(0, 0, map.xx(), map.xy(), map.dx());
            m.put(1, 0, map.yx(), map.yy(), map.dy());
            m.put(2, 0, map.wx(), map.wy(), map.ww());
            warpPerspective(
                    source, result, matrix, size, INTER_CUBIC | WARP_INVERSE_MAP, BORDER_REPLICATE, Scalar.all(0));
        }
    }

    /** Eight instants, a pixel apart, of the frame that is turned by 2°. */
    private void exposed() {
        List<Layer> instants = IntStream.range(0, 8)
                .mapToObj(i -> pose(100, 2).withPosition(new FramePoint(960 + i, 540)))
                .map(pose -> LineUpFrame.layer(picture, pose, FRAME, FRAME))
                .toList();
        Compositor.compose(List.of(new Seen.Exposed(List.copyOf(instants))), Colour.BLACK, FRAME, rows);
    }

    private void checkDemo() {
        demo.shots().forEach(shot -> EdgeReport.of(demo.take(shot)));
    }
}
