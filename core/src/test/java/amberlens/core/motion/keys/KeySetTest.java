package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class KeySetTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(3840, 2160);
    private static final Lane SCALE = Lane.of(Properties.SCALE);
    private static final Lane TURN = Lane.of(Properties.ROTATION);

    /** Scale at 0 and 40, turn at 20 and 40, position bent at 10. */
    private static CameraTrack camera() {
        return CameraTrack.still(Pose.neutral(PICTURE, FRAME))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, Scale.uniform(50), Leg.LINEAR), Key.of(40, Scale.uniform(80), Leg.LINEAR))))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER, List.of(Key.of(20, 1.0, Leg.LINEAR), Key.of(40, 5.0, Leg.LINEAR))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(Key.of(10, new FramePoint(480, 270), Leg.LINEAR)
                                .withHandles(new PathHandles(new FramePoint(-20, 10), new FramePoint(40, -30))))));
    }

    @Test
    void keys_are_chosen_by_frame_lane_and_whatever_fits() {
        CameraTrack camera = camera();
        assertThat(KeySet.all(camera).size()).isEqualTo(5);
        assertThat(KeySet.at(camera, 40).lanes()).containsExactly(SCALE, TURN);
        assertThat(KeySet.at(camera, 39).isEmpty()).isTrue();
        assertThat(KeySet.of(camera, TURN).frames()).containsExactly(20, 40);
        assertThat(KeySet.of(camera, TURN).frames(SCALE)).isEmpty();
        assertThat(KeySet.where(camera, key -> key.at() > 5).frames()).containsExactly(10, 20, 40);
        assertThat(KeySet.all(camera).frames(SCALE)).containsExactly(0, 40);
    }

    @Test
    void first_and_last_are_those_of_all_lanes_and_zero_without_keys() {
        KeySet turns = KeySet.of(camera(), TURN);
        assertThat(turns.first()).isEqualTo(20);
        assertThat(turns.last()).isEqualTo(40);
        assertThat(KeySet.NONE.first()).isZero();
        assertThat(KeySet.NONE.last()).isZero();
        assertThat(KeySet.NONE.isEmpty()).isTrue();
        assertThat(turns.isEmpty()).isFalse();
    }

    @Test
    void toggling_adds_what_is_not_all_there_and_takes_away_what_is() {
        CameraTrack camera = camera();
        KeySet at40 = KeySet.at(camera, 40);
        KeySet one = KeySet.of(new KeyRef(TURN, 40));
        assertThat(KeySet.NONE.toggled(at40)).isEqualTo(at40);
        assertThat(at40.toggled(at40).isEmpty()).isTrue();
        assertThat(one.toggled(at40)).isEqualTo(at40);
        assertThat(at40.toggled(one)).isEqualTo(KeySet.of(new KeyRef(SCALE, 40)));
        assertThat(at40.with(KeySet.of(camera, SCALE)).size()).isEqualTo(3);
        assertThat(at40).hasSameHashCodeAs(KeySet.of(List.of(new KeyRef(SCALE, 40), new KeyRef(TURN, 40))));
        assertThat(at40.equals("keys")).isFalse();
        assertThat(at40.toString()).contains("40");
    }

    @Test
    void keys_that_a_camera_does_not_have_any_more_fall_away() {
        CameraTrack camera = camera();
        KeySet all = KeySet.all(camera);
        assertThat(all.within(camera)).isSameAs(all);
        CameraTrack fewer = camera.withRotation(camera.rotation().withoutKeyAt(20));
        assertThat(all.within(fewer).size()).isEqualTo(4);
        assertThat(all.within(fewer).contains(TURN, 20)).isFalse();
        assertThat(all.within(fewer).contains(new KeyRef(TURN, 40))).isTrue();
        CameraTrack apart = camera.withScale(camera.scale().unlinked());
        assertThat(all.within(apart).frames(SCALE)).isEmpty();
        assertThat(all.within(apart).size()).isEqualTo(3);
    }

    @Test
    void a_clip_begins_at_its_first_key_and_holds_no_others() {
        CameraTrack camera = camera();
        KeyClip clip = KeyClip.of(KeyClip.What.KEYS, camera, KeySet.of(camera, TURN), PICTURE, FRAME);
        assertThat(clip.origin()).isEqualTo(20);
        assertThat(clip.properties()).isEqualTo(Set.of(Properties.ROTATION));
        assertThat(clip.camera().rotation().keys()).extracting(Key::at).containsExactly(0, 20);
        assertThat(clip.camera().scale().keys()).isEmpty();
        assertThat(clip.camera().scale().constant()).isEqualTo(Scale.uniform(50));
        KeyClip move = KeyClip.of(KeyClip.What.MOVE, camera, KeySet.all(camera), PICTURE, FRAME);
        assertThat(move.properties()).containsAll(Properties.OF_MOVE);
        assertThat(move.origin()).isZero();
    }

    @Test
    void a_clip_for_another_picture_and_frame_keeps_the_look() {
        CameraTrack camera = camera().withAnchor(Channel.constant(ValueKinds.ANCHOR, new PicturePoint(960, 540)));
        KeyClip clip = KeyClip.of(KeyClip.What.MOVE, camera, KeySet.all(camera), PICTURE, FRAME);
        assertThat(clip.needsFitting(PICTURE, FRAME)).isFalse();
        assertThat(clip.needsFitting(new Size(3840, 2161), FRAME)).isTrue();
        assertThat(clip.needsFitting(PICTURE, new Size(1280, 720))).isTrue();
        // A picture and a frame of half the size: the same part of the picture fills the same part of the frame.
        KeyClip half = clip.fitted(new Size(1920, 1080), new Size(960, 540));
        assertThat(half.camera().scale().at(0)).isEqualTo(Scale.uniform(50));
        assertThat(half.camera().position().at(10)).isEqualTo(new FramePoint(240, 135));
        assertThat(half.camera().position().keys().getFirst().handles().out()).isEqualTo(new FramePoint(20, -15));
        assertThat(half.camera().position().keys().getFirst().handles().in()).isEqualTo(new FramePoint(-10, 5));
        assertThat(half.camera().anchor().at(0)).isEqualTo(new PicturePoint(480, 270));
        // A picture of half the size alone: twice the scale.
        assertThat(clip.fitted(new Size(1920, 1080), FRAME).camera().scale().at(0))
                .isEqualTo(Scale.uniform(100));
        // A picture as wide but twice as high still fills by its width.
        KeyClip tall = clip.fitted(new Size(3840, 4320), FRAME);
        assertThat(tall.camera().scale().at(0)).isEqualTo(Scale.uniform(50));
        assertThat(tall.camera().anchor().at(0)).isEqualTo(new PicturePoint(960, 1080));
        assertThat(tall.camera().position().at(10)).isEqualTo(new FramePoint(480, 270));
        assertThat(tall.picture()).isEqualTo(new Size(3840, 4320));
    }
}
