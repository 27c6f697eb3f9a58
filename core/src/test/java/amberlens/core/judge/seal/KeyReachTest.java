package amberlens.core.judge.seal;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.DoubleFunction;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** What a move shows where an amount does not reach is what it showed without it. */
class KeyReachTest {
    private static final Size PICTURE = new Size(2000, 1500);
    private static final Size FRAME = new Size(1000, 600);
    private static final CameraTrack STILL = CameraTrack.still(Pose.neutral(PICTURE, FRAME));

    private static <V> List<Key<V>> keys(Random random, int most, DoubleFunction<V> value) {
        List<Key<V>> keys = new ArrayList<>();
        int at = random.nextInt(10);
        double last = random.nextDouble();
        for (int i = 0; i < 1 + random.nextInt(most); i++) {
            Leg leg =
                    switch (random.nextInt(3)) {
                        case 0 -> Leg.HOLD;
                        case 1 -> Leg.LINEAR;
                        default -> new Leg.Curve(new TimingCurve(0.4, 0, 0.1, 1));
                    };
            last = random.nextInt(4) == 0 ? last : random.nextDouble();
            keys.add(Key.of(at, value.apply(last), leg));
            at += 1 + random.nextInt(9);
        }
        return keys;
    }

    private static CameraTrack camera(Random random) {
        DoubleFunction<Double> number = part -> 400 + 200 * part;
        Channel<FramePoint> position = random.nextBoolean()
                ? Channel.keyed(
                        ValueKinds.POSITION, keys(random, 9, part -> new FramePoint(400 + 200 * part, 300 - 90 * part)))
                : Channel.unlinked(
                        ValueKinds.POSITION,
                        new Axes(
                                Channel.keyed(ValueKinds.NUMBER, keys(random, 9, number)),
                                Channel.keyed(ValueKinds.NUMBER, keys(random, 9, number))));
        return STILL.withPosition(position)
                .withScale(Channel.keyed(ValueKinds.SCALE, keys(random, 9, part -> Scale.uniform(80 + 100 * part))));
    }

    @Property(tries = 150)
    void beyond_its_reach_an_amount_changes_nothing(@ForAll long seed) {
        CameraTrack camera = camera(new Random(seed));
        KeyMoves moves = new KeyMoves(camera, FRAME.width(), SealWay.LEAST);
        List<List<KeyReach>> groups = KeyReach.groups(moves, true);
        assertThat(groups.stream().flatMap(List::stream).map(KeyReach::amount))
                .as("each amount is in one group")
                .hasSize(moves.amounts().size())
                .doesNotHaveDuplicates();
        for (List<KeyReach> group : groups) {
            for (KeyReach reach : group) {
                double[] by = new double[moves.amounts().size()];
                by[reach.amount()] = 0.1;
                CameraTrack moved = moves.moved(by);
                for (double at = 0; at < 90; at += 0.5) {
                    if (!reach.touches(at)) {
                        assertThat(moved.at(at)).as("at %s", at).isEqualTo(camera.at(at));
                    }
                    double moment = at;
                    assertThat(group.stream().filter(other -> other.touches(moment)))
                            .as("of a group, at %s", at)
                            .hasSizeLessThanOrEqualTo(1);
                }
            }
        }
    }

    @Test
    void a_seal_looks_at_a_move_of_many_keys_no_more_often_than_at_one_of_few() {
        assertThat(looks(400)).isLessThanOrEqualTo(looks(8) + 20);
    }

    /** How often a seal asks what a move leads to; every second of its keys is beyond the picture. */
    private static int looks(int keys) {
        var positions = new ArrayList<Key<FramePoint>>();
        for (int i = 0; i < keys; i++) {
            positions.add(Key.of(10 * i, new FramePoint(500, i % 2 == 0 ? 300 : 900 + i % 7), Leg.LINEAR));
        }
        var count = new AtomicInteger();
        Take take =
                new Take(STILL.withPosition(Channel.keyed(ValueKinds.POSITION, positions)), 10 * keys, PICTURE, FRAME);
        Subject plain = Subject.of(take);
        var counted = new Subject(plain.camera(), plain.frame(), plain.ofRig(), plain.alone(), camera -> {
            count.incrementAndGet();
            return plain.judged().apply(camera);
        });
        assertThat(KeySeal.seal(SealWay.SHIFT, counted, SealTerms.free())).isInstanceOf(SealResult.Sealed.class);
        return count.get();
    }
}
