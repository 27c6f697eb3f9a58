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
import amberlens.project.ProjectFile;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import org.bytedeco.javacpp.indexer.DoubleIndexer;
import org.bytedeco.opencv.opencv_core.Mat;
import org.bytedeco.opencv.opencv_core.Scalar;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/** One frame at a time: ours and OpenCV's, from the demo's planting plan of 6000 × 4000 pixels. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 3)
@Fork(
        value = 1,
        jvmArgsAppend = {
            "-Xmx6g",
            "--add-modules",
            "jdk.incubator.vector",
            "--enable-native-access=ALL-UNNAMED",
            "-Djava.awt.headless=true"
        })
public class RenderBenchmarks {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PREVIEW = new Size(1280, 720);

    private final WorkPool rows = WorkPool.ofCores();
    private Pyramid picture = Pyramid.plain(Colour.BLACK);
    private Mat source = new Mat();
    private Mat result = new Mat();
    private Project demo = Project.empty("demo");

    @Setup
    public void open() throws FileProblem {
        Loops.warmUp();
        Path file = Path.of(System.getProperty("amber.demo"));
        demo = ProjectFile.open(file);
        Path plan = Path.of(demo.media().getFirst().path());
        picture = Pyramid.of(PictureReader.read(plan, rows), rows);
        source = new Mat(4000, 6000, CV_8UC3);
        FrameRaster pixels = Compositor.compose(
                List.of(LineUpFrame.layer(
                        picture, Pose.neutral(picture.size(), picture.size()), picture.size(), picture.size())),
                Colour.BLACK,
                picture.size(),
                rows);
        ByteBuffer bytes = source.createBuffer();
        for (int argb : pixels.argb()) {
            bytes.put((byte) argb).put((byte) (argb >> 8)).put((byte) (argb >> 16));
        }
        org.bytedeco.opencv.global.opencv_core.setNumThreads(
                Runtime.getRuntime().availableProcessors());
    }

    @TearDown
    public void close() {
        rows.close();
    }

    private Pose pose(double percent, double degrees) {
        return Pose.neutral(picture.size(), FRAME)
                .withScale(Scale.uniform(percent))
                .withDegrees(degrees);
    }

    private FrameRaster ours(double percent, double degrees, Size output) {
        Layer layer = LineUpFrame.layer(picture, pose(percent, degrees), FRAME, output);
        return Compositor.compose(List.of(layer), Colour.BLACK, output, rows);
    }

    private Mat theirs(double percent, double degrees) {
        AffineMap map = pose(percent, degrees).pictureToFrame().inverse();
        try (Mat matrix = new Mat(2, 3, CV_64F);
                DoubleIndexer m = matrix.createIndexer();
                var size = new org.bytedeco.opencv.opencv_core.Size(FRAME.width(), FRAME.height())) {
            m.put(0, 0, map.xx(), map.xy(), map.x(0.5, 0.5) - 0.5);
            m.put(1, 0, map.yx(), map.yy(), map.y(0.5, 0.5) - 0.5);
            warpAffine(source, result, matrix, size, INTER_CUBIC | WARP_INVERSE_MAP, BORDER_REPLICATE, Scalar.all(0));
            return result;
        }
    }

    @Benchmark
    public FrameRaster turned2Ours() {
        return ours(100, 2, FRAME);
    }

    @Benchmark
    public Mat turned2Theirs() {
        return theirs(100, 2);
    }

    @Benchmark
    public FrameRaster turned15Ours() {
        return ours(100, 15, FRAME);
    }

    @Benchmark
    public Mat turned15Theirs() {
        return theirs(100, 15);
    }

    @Benchmark
    public FrameRaster turned45Ours() {
        return ours(100, 45, FRAME);
    }

    @Benchmark
    public Mat turned45Theirs() {
        return theirs(100, 45);
    }

    private Pose leaning() {
        return pose(100, 0).withDepth(Depth.FLAT.withYaw(20).withPitch(10)).in(picture.size(), FRAME);
    }

    @Benchmark
    public FrameRaster leaningOurs() {
        return Compositor.compose(
                List.of(LineUpFrame.layer(picture, leaning(), FRAME, FRAME)), Colour.BLACK, FRAME, rows);
    }

    @Benchmark
    public Mat leaningTheirs() {
        ProjectiveMap map = leaning().map().inverse().afterShift(0.5, 0.5).thenShifted(-0.5, -0.5);
        try (Mat matrix = new Mat(3, 3, CV_64F);
                DoubleIndexer m = matrix.createIndexer();
                var size = new org.bytedeco.opencv.opencv_core.Size(FRAME.width(), FRAME.height())) {
            m.put(0, 0, map.xx(), map.xy(), map.dx());
            m.put(1, 0, map.yx(), map.yy(), map.dy());
            m.put(2, 0, map.wx(), map.wy(), map.ww());
            warpPerspective(
                    source, result, matrix, size, INTER_CUBIC | WARP_INVERSE_MAP, BORDER_REPLICATE, Scalar.all(0));
            return result;
        }
    }

    /** Eight instants, a pixel apart, of the frame that is turned by 2°. */
    @Benchmark
    public FrameRaster exposed() {
        List<Layer> instants = IntStream.range(0, 8)
                .mapToObj(i -> pose(100, 2).withPosition(new FramePoint(960 + i, 540)))
                .map(pose -> LineUpFrame.layer(picture, pose, FRAME, FRAME))
                .toList();
        return Compositor.compose(List.of(new Seen.Exposed(List.copyOf(instants))), Colour.BLACK, FRAME, rows);
    }

    @Benchmark
    public FrameRaster straightOurs() {
        return ours(100.5, 0, FRAME);
    }

    @Benchmark
    public Mat straightTheirs() {
        return theirs(100.5, 0);
    }

    @Benchmark
    public FrameRaster reducedTurnedOurs() {
        return ours(40, 15, FRAME);
    }

    @Benchmark
    public Mat reducedTurnedTheirs() {
        return theirs(40, 15);
    }

    @Benchmark
    public FrameRaster reducedStraightOurs() {
        return ours(40, 0, FRAME);
    }

    @Benchmark
    public FrameRaster preview() {
        return ours(40, 0, PREVIEW);
    }

    @Benchmark
    public FrameRaster previewTurned() {
        return ours(40, 2, PREVIEW);
    }

    @Benchmark
    public List<EdgeReport> checkDemo() {
        return demo.shots().stream().map(shot -> EdgeReport.of(demo.take(shot))).toList();
    }
}
