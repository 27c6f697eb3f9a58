package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pace.Pace;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import java.util.List;
import org.junit.jupiter.api.Test;

class ClipTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PLAN = new Size(6000, 4000);
    private static final Size SHEET = new Size(3000, 5000);

    private static CameraTrack pushIn() {
        return CameraTrack.still(Pose.neutral(PLAN, FRAME))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(20, Scale.uniform(40), Ease.GENTLE_BOTH.leg()),
                                Key.of(80, Scale.uniform(60), Leg.LINEAR))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(20, new FramePoint(960, 540), Ease.GENTLE_BOTH.leg()),
                                Key.of(80, new FramePoint(1000, 500), Leg.LINEAR))));
    }

    private static KeyClip clip(KeyClip.What what) {
        return KeyClip.of(what, pushIn(), KeySet.all(pushIn()), PLAN, FRAME);
    }

    private static CameraTrack still(Size picture) {
        return CameraTrack.still(Pose.neutral(picture, FRAME));
    }

    @Test
    void pasted_keys_keep_their_spacing_from_the_playhead_on() {
        CameraTrack pasted = Pasting.ALL.into(still(PLAN), clip(KeyClip.What.KEYS), 7);
        assertThat(pasted.scale().keys()).extracting(Key::at).containsExactly(7, 67);
        assertThat(pasted.at(37).scale()).isEqualTo(pushIn().at(50).scale());
        assertThat(pasted.rotation().animated()).isFalse();
    }

    @Test
    void values_and_eases_can_be_pasted_apart() {
        CameraTrack target = still(PLAN)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, Scale.uniform(100), Leg.HOLD), Key.of(60, Scale.uniform(90), Leg.LINEAR))));
        CameraTrack values = Pasting.VALUES.into(target, clip(KeyClip.What.KEYS), 0);
        assertThat(values.scale().keyAt(0).orElseThrow().leg()).isEqualTo(Leg.HOLD);
        assertThat(values.at(60).scale().x()).isEqualTo(60);
        CameraTrack eases = Pasting.EASES.into(target, clip(KeyClip.What.KEYS), 0);
        assertThat(eases.scale().keyAt(0).orElseThrow().leg()).isEqualTo(Ease.GENTLE_BOTH.leg());
        assertThat(eases.at(60).scale().x()).isEqualTo(90);
    }

    @Test
    void relative_values_change_what_is_there_as_the_clip_changes() {
        CameraTrack target = still(PLAN)
                .withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(50)))
                .withPosition(Channel.constant(ValueKinds.POSITION, new FramePoint(100, 200)));
        CameraTrack pasted = Pasting.RELATIVE.into(target, clip(KeyClip.What.KEYS), 0);
        assertThat(pasted.at(0).scale().x()).isEqualTo(50);
        assertThat(pasted.at(60).scale().x()).isEqualTo(75);
        assertThat(pasted.at(60).position()).isEqualTo(new FramePoint(140, 160));
    }

    /** What each corner of the frame shows, as a part of the picture's width and height, stays the same share of fill. */
    @Test
    void the_same_look_on_another_picture_keeps_the_place_in_the_frame() {
        KeyClip fitted = clip(KeyClip.What.MOVE).fitted(SHEET, FRAME);
        CameraTrack pasted = Pasting.ALL.into(still(SHEET), fitted, 20);
        Pose was = pushIn().at(80);
        Pose now = pasted.at(80);
        assertThat(now.position()).isEqualTo(was.position());
        assertThat(now.anchor()).isEqualTo(new PicturePoint(1500, 2500));
        double fillPlan = 1920.0 / 6000;
        double fillSheet = 1920.0 / 3000;
        assertThat(now.scale().x() / fillSheet).isCloseTo(was.scale().x() / fillPlan, within(1e-9));
    }

    @Test
    void a_clip_of_linked_keys_fits_unlinked_axes_and_the_other_way_round() {
        CameraTrack apart = still(PLAN).withPosition(still(PLAN).position().unlinked());
        CameraTrack pasted = Pasting.ALL.into(apart, clip(KeyClip.What.KEYS), 0);
        assertThat(pasted.lanes()).contains(new Lane(Properties.POSITION, Axis.Y));
        assertThat(pasted.at(60).position()).isEqualTo(new FramePoint(1000, 500));
        CameraTrack source = pushIn().withPosition(pushIn().position().unlinked());
        KeyClip clip = KeyClip.of(KeyClip.What.KEYS, source, KeySet.all(source), PLAN, FRAME);
        assertThat(Pasting.ALL.into(still(PLAN), clip, 0).at(60).position()).isEqualTo(new FramePoint(1000, 500));
    }

    @Test
    void one_glide_has_no_step_in_speed_where_legs_meet() {
        CameraTrack three = still(PLAN)
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(900, 540), Ease.GENTLE_BOTH.leg()),
                                Key.of(40, new FramePoint(1500, 540), Ease.GENTLE_BOTH.leg()),
                                Key.of(100, new FramePoint(1900, 540), Ease.GENTLE_BOTH.leg()),
                                Key.of(300, new FramePoint(2900, 540), Leg.LINEAR))));
        CameraTrack glide = Glide.through(three, 0, 300, FRAME);
        List<Integer> framings = Framings.of(glide);
        assertThat(framings).hasSize(4).startsWith(0).endsWith(300);
        double middle =
                Pace.at(glide, (framings.get(1) + framings.get(2)) / 2, FRAME).centrePx();
        for (int at : framings.subList(1, 3)) {
            assertThat(Pace.at(glide, at - 1, FRAME).centrePx()).isCloseTo(middle, within(0.05 * middle));
            assertThat(Pace.at(glide, at, FRAME).centrePx()).isCloseTo(middle, within(0.05 * middle));
        }
        assertThat(Pace.at(glide, 0, FRAME).centrePx()).isLessThan(0.3 * middle);
        assertThat(Pace.at(glide, 299, FRAME).centrePx()).isLessThan(0.3 * middle);
    }

    @Test
    void strengths_set_one_end_and_leave_the_other() {
        KeySet first = KeySet.at(pushIn(), 20);
        CameraTrack eased = KeyEases.arriving(KeyEases.leaving(pushIn(), first, 0.8), first, 0.1);
        Leg leg = eased.scale().keys().getFirst().leg();
        assertThat(KeyEases.departure(leg)).hasValue(0.8);
        assertThat(KeyEases.arrival(leg).orElseThrow()).isCloseTo(0.1, within(1e-12));
        assertThat(KeyEases.departure(Leg.SMOOTH)).isEmpty();
    }

    @Test
    void values_dragged_on_a_linked_scale_move_both_axes() {
        Lane scale = Lane.of(Properties.SCALE);
        CameraTrack camera =
                pushIn().withScale(Channel.keyed(ValueKinds.SCALE, List.of(Key.of(0, new Scale(50, 100), Leg.LINEAR))));
        CameraTrack dragged = KeyValues.shifted(camera, KeySet.of(new KeyRef(scale, 0)), scale, 0, 25);
        assertThat(dragged.at(0).scale()).isEqualTo(new Scale(75, 150));
    }
}
