package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class RetimingTest {
    private static final Size HD = new Size(1920, 1080);
    private static final Lane TURN = Lane.of(Properties.ROTATION);

    private static CameraTrack turning(int... frames) {
        List<Key<Double>> keys = new ArrayList<>();
        for (int at : frames) {
            keys.add(Key.of(at, (double) at, Leg.LINEAR));
        }
        return CameraTrack.still(Pose.neutral(HD, HD)).withRotation(Channel.keyed(ValueKinds.NUMBER, keys));
    }

    private static KeySet keys(int... frames) {
        return KeySet.of(
                Arrays.stream(frames).mapToObj(at -> new KeyRef(TURN, at)).toList());
    }

    private static int[] frames(CameraTrack camera) {
        return camera.rotation().keys().stream().mapToInt(Key::at).toArray();
    }

    @Test
    void keys_keep_their_spacing_and_stop_at_neighbours() {
        var moves = new Retiming(turning(0, 10, 20, 40, 90), keys(10, 20), 100, Neighbours.STOP);
        assertThat(frames(moves.shifted(5).camera())).containsExactly(0, 15, 25, 40, 90);
        assertThat(frames(moves.shifted(500).camera())).containsExactly(0, 29, 39, 40, 90);
        assertThat(frames(moves.shifted(-500).camera())).containsExactly(0, 1, 11, 40, 90);
        assertThat(moves.shifted(500).keys()).isEqualTo(keys(29, 39));
    }

    @Test
    void pushed_neighbours_keep_a_frame_apart_and_nothing_leaves_the_shot() {
        var moves = new Retiming(turning(0, 10, 20, 40, 90), keys(10, 20), 100, Neighbours.PUSH);
        assertThat(frames(moves.shifted(30).camera())).containsExactly(0, 40, 50, 51, 90);
        assertThat(frames(moves.shifted(500).camera())).containsExactly(0, 88, 98, 99, 100);
        assertThat(frames(moves.shifted(-500).camera())).containsExactly(0, 1, 11, 40, 90);
    }

    @Test
    void a_stretch_keeps_one_end_and_the_proportions() {
        var moves = new Retiming(turning(0, 10, 20, 40, 90), keys(10, 20, 40), 100, Neighbours.STOP);
        assertThat(frames(moves.stretched(10, 40, 70).camera())).containsExactly(0, 10, 30, 70, 90);
        assertThat(frames(moves.stretched(10, 40, 25).camera())).containsExactly(0, 10, 15, 25, 90);
        assertThat(frames(moves.stretched(40, 10, -50).camera())).containsExactly(0, 1, 14, 40, 90);
        int[] least = frames(moves.stretched(10, 40, 0).camera());
        assertThat(least[3]).isLessThan(25);
        assertThat(least).doesNotHaveDuplicates();
    }

    /** The order of keys never changes, no two fall together, none leaves the shot. */
    @net.jqwik.api.Property
    void no_way_breaks_the_order(@ForAll @IntRange(min = -300, max = 300) int by, @ForAll boolean push) {
        CameraTrack camera = turning(3, 7, 8, 40, 41, 97);
        var moves = new Retiming(camera, keys(7, 40, 41), 100, push ? Neighbours.PUSH : Neighbours.STOP);
        for (Retiming.Moved moved : List.of(moves.shifted(by), moves.stretched(7, 41, 41 + by))) {
            int[] now = frames(moved.camera());
            assertThat(now).hasSize(6).isSorted().doesNotHaveDuplicates();
            assertThat(now[0]).isNotNegative();
            assertThat(now[5]).isLessThanOrEqualTo(100);
            assertThat(moved.keys().size()).isEqualTo(3);
        }
    }

    @Test
    void lanes_align_each_with_its_own_first_or_last_key() {
        CameraTrack camera = turning(10, 20)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(4, Pose.neutral(HD, HD).scale(), Leg.LINEAR),
                                Key.of(30, Pose.neutral(HD, HD).scale(), Leg.LINEAR))));
        var moves = new Retiming(camera, KeySet.all(camera), 100, Neighbours.STOP);
        CameraTrack first = moves.firstAt(50).camera();
        assertThat(frames(first)).containsExactly(50, 60);
        assertThat(first.scale().keys()).extracting(Key::at).containsExactly(50, 76);
        assertThat(frames(moves.lastAt(100).camera())).containsExactly(90, 100);
    }

    @Test
    void backwards_and_backwards_again_is_as_before() {
        CameraTrack camera = turning(0, 10, 40).map(TURN, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.mapKeys(key -> key.at() == 0 ? key.withLeg(Ease.GENTLE_LEAVE.leg()) : key);
            }
        });
        Retiming.Moved once = KeyOrder.reversed(camera, keys(0, 10, 40));
        for (int frame = 0; frame <= 40; frame++) {
            assertThat(once.camera().at(40 - frame).degrees())
                    .isCloseTo(camera.at(frame).degrees(), within(1e-9));
        }
        assertThat(KeyOrder.reversed(once.camera(), once.keys()).camera()).isEqualTo(camera);
    }

    @Test
    void copies_leave_the_originals_where_they_are() {
        Retiming.Moved copied = KeyOrder.copied(turning(0, 10), keys(0, 10), 50, 55);
        assertThat(frames(copied.camera())).containsExactly(0, 10, 50);
        assertThat(copied.keys()).isEqualTo(keys(50));
    }

    @Test
    void a_move_stretched_with_its_shot_keeps_first_and_last_frame() {
        assertThat(frames(MoveLength.stretched(turning(0, 60, 124), 125, 250))).containsExactly(0, 120, 249);
        assertThat(frames(MoveLength.stretched(turning(0, 1, 2, 124), 125, 3))).containsExactly(0, 1, 2, 3);
    }
}
