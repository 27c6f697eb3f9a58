package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class PastingTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PLAN = new Size(6000, 4000);
    private static final Leg GENTLE = Ease.GENTLE_BOTH.leg();

    private static CameraTrack still() {
        return CameraTrack.still(Pose.neutral(PLAN, FRAME));
    }

    @SafeVarargs
    private static CameraTrack turning(Key<Double>... keys) {
        return still().withRotation(Channel.keyed(ValueKinds.NUMBER, List.of(keys)));
    }

    private static CameraTrack sliding(Key<FramePoint> first, Key<FramePoint> second) {
        return still().withPosition(Channel.keyed(ValueKinds.POSITION, List.of(first, second)));
    }

    private static KeyClip clip(KeyClip.What what, CameraTrack camera) {
        return KeyClip.of(what, camera, KeySet.all(camera), PLAN, FRAME);
    }

    @Test
    void a_whole_move_replaces_what_was_there_and_begins_where_it_is_pasted() {
        CameraTrack pasted = Pasting.ALL.into(
                turning(Key.of(2, 50.0, Leg.LINEAR), Key.of(33, 60.0, Leg.LINEAR)),
                clip(KeyClip.What.MOVE, turning(Key.of(5, 1.0, GENTLE), Key.of(25, 3.0, Leg.LINEAR))),
                30);
        assertThat(pasted.rotation().keys()).containsExactly(Key.of(30, 1.0, GENTLE), Key.of(50, 3.0, Leg.LINEAR));
    }

    @Test
    void keys_alone_stay_beside_what_was_there() {
        CameraTrack pasted = Pasting.ALL.into(
                turning(Key.of(2, 50.0, Leg.LINEAR), Key.of(50, 60.0, Leg.LINEAR)),
                clip(KeyClip.What.KEYS, turning(Key.of(5, 1.0, GENTLE), Key.of(25, 3.0, Leg.LINEAR))),
                30);
        assertThat(pasted.rotation().keys())
                .containsExactly(Key.of(2, 50.0, Leg.LINEAR), Key.of(30, 1.0, GENTLE), Key.of(50, 3.0, Leg.LINEAR));
    }

    @Test
    void a_value_on_a_leg_takes_the_ease_of_that_leg_and_one_before_all_legs_is_linear() {
        KeyClip clip = clip(KeyClip.What.KEYS, turning(Key.of(0, 1.0, Leg.HOLD), Key.of(10, 2.0, Leg.HOLD)));
        CameraTrack target = turning(Key.of(40, 50.0, GENTLE), Key.of(80, 60.0, Leg.HOLD));
        assertThat(Pasting.VALUES.into(target, clip, 50).rotation().keys())
                .containsExactly(
                        Key.of(40, 50.0, GENTLE),
                        Key.of(50, 1.0, GENTLE),
                        Key.of(60, 2.0, GENTLE),
                        Key.of(80, 60.0, Leg.HOLD));
        assertThat(Pasting.VALUES.into(target, clip, 30).rotation().keys())
                .containsExactly(Key.of(30, 1.0, Leg.LINEAR), Key.of(40, 2.0, GENTLE), Key.of(80, 60.0, Leg.HOLD));
    }

    @Test
    void eases_go_one_by_one_to_the_keys_from_the_frame_on() {
        KeyClip clip = clip(KeyClip.What.KEYS, turning(Key.of(3, 1.0, Leg.HOLD), Key.of(4, 2.0, GENTLE)));
        CameraTrack target =
                turning(Key.of(0, 7.0, Leg.LINEAR), Key.of(20, 8.0, Leg.LINEAR), Key.of(60, 9.0, Leg.LINEAR));
        assertThat(Pasting.EASES.into(target, clip, 20).rotation().keys())
                .containsExactly(Key.of(0, 7.0, Leg.LINEAR), Key.of(20, 8.0, Leg.HOLD), Key.of(60, 9.0, GENTLE));
        assertThat(Pasting.EASES.into(target, clip, 0).rotation().keys())
                .containsExactly(Key.of(0, 7.0, Leg.HOLD), Key.of(20, 8.0, GENTLE), Key.of(60, 9.0, Leg.LINEAR));
    }

    @Test
    void relative_keys_add_to_the_move_that_runs_below_them() {
        KeyClip clip = clip(KeyClip.What.KEYS, turning(Key.of(0, 30.0, Leg.LINEAR), Key.of(20, 34.0, Leg.LINEAR)));
        CameraTrack target = turning(Key.of(0, 0.0, Leg.LINEAR), Key.of(100, 50.0, Leg.LINEAR));
        CameraTrack pasted = Pasting.RELATIVE.into(target, clip, 40);
        assertThat(pasted.rotation().keys())
                .extracting(Key::value)
                .containsExactly(0.0, 20.0, 34.0, 50.0); // below: 20° at 40, 30° at 60
        assertThat(pasted.rotation().keys()).extracting(Key::at).containsExactly(0, 40, 60, 100);
    }

    @Test
    void axes_that_are_apart_take_values_but_no_path() {
        var bent = new PathHandles(FramePoint.ZERO, new FramePoint(0, 200));
        CameraTrack curved = sliding(
                Key.of(0, new FramePoint(100, 100), Leg.LINEAR).withHandles(bent),
                Key.of(20, new FramePoint(300, 100), Leg.LINEAR));
        assertThat(curved.at(10).position().y()).isGreaterThan(120);
        CameraTrack apart = still().withPosition(still().position().unlinked());
        CameraTrack pasted = Pasting.ALL.into(apart, clip(KeyClip.What.KEYS, curved), 5);
        assertThat(pasted.at(15).position()).isEqualTo(new FramePoint(200, 100));
        assertThat(pasted.position().unlinked()).isEqualTo(pasted.position());
        // A straight path between linked keys stays linked.
        CameraTrack straight = sliding(
                Key.of(0, new FramePoint(100, 100), Leg.LINEAR), Key.of(20, new FramePoint(300, 100), Leg.LINEAR));
        assertThat(Pasting.ALL
                        .into(still(), clip(KeyClip.What.KEYS, straight), 5)
                        .position()
                        .axes())
                .isEmpty();
    }

    @Test
    void each_way_of_pasting_and_each_amount_has_a_name_of_its_own() {
        assertThat(Arrays.stream(Pasting.values()).map(Pasting::words))
                .doesNotHaveDuplicates()
                .allMatch(w -> w.startsWith("paste"));
        assertThat(Arrays.stream(KeyClip.What.values()).map(KeyClip.What::word))
                .containsExactly("keys", "framing", "move");
        assertThat(Arrays.stream(Neighbours.values()).map(Neighbours::words))
                .doesNotHaveDuplicates()
                .doesNotContain("");
    }

    @Test
    void a_move_carried_to_a_smaller_picture_shows_the_same_part_of_it() {
        CameraTrack camera = CameraTrack.still(new Pose(
                amberlens.core.base.geometry.Scale.uniform(50),
                new FramePoint(960, 540),
                3,
                new PicturePoint(1500, 3000)));
        CameraTrack carried = Carrying.fitted(camera, PLAN, new Size(3000, 2000), FRAME);
        assertThat(carried.at(0))
                .isEqualTo(new Pose(
                        amberlens.core.base.geometry.Scale.uniform(100),
                        new FramePoint(960, 540),
                        3,
                        new PicturePoint(750, 1500)));
    }
}
