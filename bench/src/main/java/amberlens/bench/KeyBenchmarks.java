package amberlens.bench;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.History;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.Neighbours;
import amberlens.core.motion.keys.Retiming;
import amberlens.core.motion.property.Properties;
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

/** A shot with 500 keys in each of its four properties. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class KeyBenchmarks {
    private static final int KEYS = 500;
    private static final int APART = 5;
    private static final int POSES = 100_000;

    private final CameraTrack camera = camera();
    private final KeySet scales =
            KeySet.where(camera, key -> key.lane().property() == Properties.SCALE && key.at() > 20);
    private final History<String> history = new History<>(project(camera));

    private static CameraTrack camera() {
        var chance = new Random(4);
        List<Key<Scale>> scales = new ArrayList<>();
        List<Key<FramePoint>> positions = new ArrayList<>();
        List<Key<Double>> turns = new ArrayList<>();
        List<Key<PicturePoint>> anchors = new ArrayList<>();
        Leg leg = Ease.GENTLE_BOTH.leg();
        for (int at = 0; at < KEYS * APART; at += APART) {
            scales.add(Key.of(at, Scale.uniform(60 + 20 * chance.nextDouble()), leg));
            positions.add(Key.of(at, new FramePoint(900 + 100 * chance.nextDouble(), 540), leg));
            turns.add(Key.of(at, chance.nextDouble(), leg));
            anchors.add(Key.of(at, new PicturePoint(3000 + chance.nextDouble(), 2000), leg));
        }
        return new CameraTrack(
                Channel.keyed(ValueKinds.SCALE, scales),
                Channel.keyed(ValueKinds.POSITION, positions),
                Channel.keyed(ValueKinds.NUMBER, turns),
                Channel.keyed(ValueKinds.ANCHOR, anchors));
    }

    private static Project project(CameraTrack camera) {
        Media plan = Media.photo("m1", "plan.png", new Size(6000, 4000));
        return Project.empty("keys")
                .withMedia(List.of(plan))
                .withShots(List.of(new Shot("s1", "Plan", "m1", 1, 0, KEYS * APART, true, camera, Extras.NONE)));
    }

    @Benchmark
    public double poses() {
        double sum = 0;
        for (int i = 0; i < POSES; i++) {
            sum += camera.at((double) i * KEYS * APART / POSES).degrees();
        }
        return sum;
    }

    /** The keys of one property moved by a frame, as a step, and taken back. */
    @Benchmark
    public boolean moveAndUndo() {
        Retiming.Moved moved = new Retiming(camera, scales, KEYS * APART - 1, Neighbours.PUSH).shifted(1);
        history.apply(ShotEdits.setCamera("move of keys", "s1", moved.camera()), "");
        return history.undo().isPresent();
    }
}
