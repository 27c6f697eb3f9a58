package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ChannelChange;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What keys hold, how their legs run, and which of them there are. */
class KeyChangesTest {
    private static final Size HD = new Size(1920, 1080);
    private static final Lane TURN = Lane.of(Properties.ROTATION);
    private static final Lane SCALE = Lane.of(Properties.SCALE);
    private static final Lane POSITION = Lane.of(Properties.POSITION);
    private static final Lane OPACITY = Lane.of(Properties.OPACITY);

    private static CameraTrack camera() {
        return CameraTrack.still(Pose.neutral(HD, HD))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER,
                        List.of(
                                Key.of(0, 0.0, Leg.LINEAR),
                                Key.of(20, 10.0, Ease.GENTLE_LEAVE.leg()),
                                Key.of(40, 30.0, Leg.LINEAR))))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, new Scale(50, 100), Leg.LINEAR), Key.of(40, Scale.uniform(200), Leg.LINEAR))))
                .with(Properties.OPACITY, Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(0, 60.0, Leg.LINEAR))));
    }

    private static KeySet key(Lane lane, int at) {
        return KeySet.of(new KeyRef(lane, at));
    }

    @Test
    void a_number_of_one_key_changes_and_all_others_stay() {
        CameraTrack turned = KeyValues.shifted(camera(), key(TURN, 20), TURN, 0, -4);
        assertThat(turned.rotation().keys()).extracting(Key::value).containsExactly(0.0, 6.0, 30.0);
        assertThat(turned.withRotation(camera().rotation())).isEqualTo(camera());
        CameraTrack apart = camera().withPosition(camera().position().unlinked());
        Lane vertical = new Lane(Properties.POSITION, Axis.Y);
        CameraTrack keyed = apart.map(vertical, new ChannelChange() {
            @Override
            public <V> Channel<V> apply(Channel<V> channel) {
                return channel.withKey(Key.of(7, channel.at(7), Leg.LINEAR));
            }
        });
        assertThat(KeyValues.shifted(keyed, key(vertical, 7), vertical, 0, 25)
                        .at(7)
                        .position())
                .isEqualTo(new FramePoint(960, 565));
    }

    @Test
    void the_vertical_number_of_a_place_moves_it_up_and_down() {
        CameraTrack placed = camera().withPosition(
                        Channel.keyed(ValueKinds.POSITION, List.of(Key.of(3, new FramePoint(100, 200), Leg.LINEAR))));
        assertThat(KeyValues.shifted(placed, key(POSITION, 3), POSITION, 1, 5)
                        .at(3)
                        .position())
                .isEqualTo(new FramePoint(100, 205));
        assertThat(KeyValues.shifted(placed, key(POSITION, 3), POSITION, 0, 5)
                        .at(3)
                        .position())
                .isEqualTo(new FramePoint(105, 200));
    }

    @Test
    void a_linked_scale_keeps_its_ratio_whichever_number_is_dragged_and_stops_at_its_ends() {
        assertThat(KeyValues.shifted(camera(), key(SCALE, 0), SCALE, 1, 50)
                        .at(0)
                        .scale())
                .isEqualTo(new Scale(75, 150));
        Scale least =
                KeyValues.shifted(camera(), key(SCALE, 0), SCALE, 0, -500).at(0).scale();
        assertThat(least.x()).isCloseTo(Scale.LEAST, within(1e-12));
        assertThat(least.y()).isCloseTo(2 * Scale.LEAST, within(1e-12));
    }

    @Test
    void opacity_stays_between_nothing_and_all() {
        assertThat(KeyValues.shifted(camera(), key(OPACITY, 0), OPACITY, 0, 70)
                        .get(Properties.OPACITY)
                        .at(0))
                .isEqualTo(100.0);
        assertThat(KeyValues.shifted(camera(), key(OPACITY, 0), OPACITY, 0, -70)
                        .get(Properties.OPACITY)
                        .at(0))
                .isEqualTo(0.0);
        // A turn has no such ends.
        assertThat(KeyValues.shifted(camera(), key(TURN, 40), TURN, 0, 400)
                        .at(40)
                        .degrees())
                .isEqualTo(430);
    }

    @Test
    void a_leg_held_back_at_neither_end_is_linear() {
        CameraTrack leaving = KeyEases.leaving(camera(), key(TURN, 0), 0.5);
        assertThat(leaving.rotation().keyAt(0).orElseThrow().leg()).isInstanceOf(Leg.Curve.class);
        assertThat(KeyEases.leaving(leaving, key(TURN, 0), 0)).isEqualTo(camera());
        CameraTrack arriving = KeyEases.arriving(camera(), key(TURN, 0), 0.5);
        assertThat(arriving.rotation().keyAt(0).orElseThrow().leg()).isInstanceOf(Leg.Curve.class);
        assertThat(KeyEases.arriving(arriving, key(TURN, 0), 0)).isEqualTo(camera());
    }

    @Test
    void only_the_chosen_legs_feel_even() {
        CameraTrack even = KeyEases.even(camera(), key(SCALE, 0), true);
        assertThat(even.scale().keys()).extracting(Key::even).containsExactly(true, false);
        assertThat(KeyEases.even(even, KeySet.all(even), false)).isEqualTo(camera());
    }

    @Test
    void deleted_keys_go_and_a_lane_without_keys_keeps_what_is_seen() {
        CameraTrack fewer = KeyOrder.deleted(camera(), key(TURN, 20), 20);
        assertThat(fewer.rotation().keys()).extracting(Key::at).containsExactly(0, 40);
        assertThat(fewer.at(20).degrees()).isEqualTo(15);
        assertThat(fewer.scale()).isEqualTo(camera().scale());
        CameraTrack none = KeyOrder.deleted(camera(), KeySet.of(camera(), TURN), 10);
        assertThat(none.rotation().animated()).isFalse();
        assertThat(none.at(33).degrees()).isEqualTo(5);
    }

    @Test
    void a_stretch_of_a_move_runs_backwards_and_the_rest_stays() {
        KeySet first = key(TURN, 0).with(key(TURN, 20));
        Retiming.Moved moved = KeyOrder.reversed(camera(), first);
        assertThat(moved.camera().rotation().keys()).extracting(Key::value).containsExactly(10.0, 0.0, 30.0);
        assertThat(moved.camera().rotation().keys()).extracting(Key::at).containsExactly(0, 20, 40);
        assertThat(moved.keys()).isEqualTo(first);
    }

    @Test
    void a_path_that_runs_backwards_goes_the_same_way() {
        CameraTrack curved = camera().withPosition(Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        Key.of(0, new FramePoint(0, 0), Leg.LINEAR)
                                .withHandles(new PathHandles(FramePoint.ZERO, new FramePoint(10, 300))),
                        Key.of(30, new FramePoint(500, 80), Leg.LINEAR))));
        CameraTrack back =
                KeyOrder.reversed(curved, KeySet.of(curved, POSITION)).camera();
        for (int frame = 0; frame <= 30; frame += 3) {
            assertThat(back.at(30 - frame).position().distance(curved.at(frame).position()))
                    .isLessThan(1e-6);
        }
        assertThat(curved.at(15).position().y()).isGreaterThan(100);
    }

    @Test
    void copies_at_the_ends_of_the_shot_belong_to_it() {
        assertThat(KeyOrder.copied(camera(), key(TURN, 20), -20, 40).keys()).isEqualTo(key(TURN, 0));
        assertThat(KeyOrder.copied(camera(), key(TURN, 20), 20, 40).keys()).isEqualTo(key(TURN, 40));
        assertThat(KeyOrder.copied(camera(), key(TURN, 20), 21, 40).keys().isEmpty())
                .isTrue();
        assertThat(KeyOrder.copied(camera(), key(TURN, 20), -21, 40).camera()).isEqualTo(camera());
        CameraTrack over = KeyOrder.copied(camera(), key(TURN, 20), 20, 40).camera();
        assertThat(over.at(40).degrees()).isEqualTo(10);
    }

    @Test
    void all_keys_shift_together_and_a_still_lane_stays_still() {
        CameraTrack later = KeyShift.of(camera(), 15);
        assertThat(later.rotation().keys()).extracting(Key::at).containsExactly(15, 35, 55);
        assertThat(later.scale().keys()).extracting(Key::at).containsExactly(15, 55);
        assertThat(later.anchor()).isEqualTo(camera().anchor());
        assertThat(KeyShift.of(later, -15)).isEqualTo(camera());
        assertThat(later.at(25).anchor()).isEqualTo(new PicturePoint(960, 540));
    }
}
