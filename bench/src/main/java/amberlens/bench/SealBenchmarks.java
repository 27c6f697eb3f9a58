package amberlens.bench;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.GateReach;
import amberlens.core.judge.edges.Room;
import amberlens.core.judge.seal.Seal;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Margins of a long shot, what a drag recomputes, and the seal of a move of 20 framings over 1500 frames. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class SealBenchmarks {
    private static final Size PICTURE = new Size(5200, 3600);
    private static final Size FRAME = new Size(1920, 1080);
    private static final int FRAMINGS = 20;

    private final Take turning = move(1500, Ease.GENTLE_BOTH.leg());
    private final Take smooth = move(1500, Leg.SMOOTH);
    private final Take brief = move(500, Ease.GENTLE_BOTH.leg());
    private final Take lengthy = move(10_000, Ease.GENTLE_BOTH.leg());

    private static Take move(int length, Leg leg) {
        var chance = new Random(5);
        List<Key<Scale>> scales = new ArrayList<>();
        List<Key<FramePoint>> positions = new ArrayList<>();
        List<Key<Double>> turns = new ArrayList<>();
        for (int i = 0; i < FRAMINGS; i++) {
            int at = i * (length - 1) / (FRAMINGS - 1);
            scales.add(Key.of(at, Scale.uniform(45 + 40 * chance.nextDouble()), leg));
            positions.add(Key.of(
                    at,
                    new FramePoint(960 + 900 * (chance.nextDouble() - 0.5), 540 + 600 * (chance.nextDouble() - 0.5)),
                    leg));
            turns.add(Key.of(at, 40 * (chance.nextDouble() - 0.5), leg));
        }
        var camera = new CameraTrack(
                Channel.keyed(ValueKinds.SCALE, scales),
                Channel.keyed(ValueKinds.POSITION, positions),
                Channel.keyed(ValueKinds.NUMBER, turns),
                Channel.constant(ValueKinds.ANCHOR, new PicturePoint(2600, 1800)));
        return new Take(camera, length, PICTURE, FRAME);
    }

    @Benchmark
    public EdgeReport marginsOf10000Frames() {
        return EdgeReport.of(lengthy);
    }

    /** The strip of 500 frames, the room and the reach at one of them. */
    @Benchmark
    public double roomAndStripOf500Frames() {
        Pose pose = brief.pose(200);
        return EdgeReport.of(brief).worst().framePx()
                + Room.of(pose, PICTURE, FRAME).left()
                + GateReach.of(pose, PICTURE, FRAME).left();
    }

    @Benchmark
    public SealResult leastChange() {
        return Seal.by(SealWay.LEAST, turning, SealTerms.free());
    }

    @Benchmark
    public SealResult leastChangeOnSmoothLegs() {
        return Seal.by(SealWay.LEAST, smooth, SealTerms.free());
    }

    @Benchmark
    public SealResult lift() {
        return Seal.by(SealWay.LIFT, turning, SealTerms.free());
    }
}
