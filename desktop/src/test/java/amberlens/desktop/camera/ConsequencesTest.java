package amberlens.desktop.camera;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.edges.Judged;
import amberlens.core.extras.Extras;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.FrameFormat;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import amberlens.core.motion.Leg;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.motion.Scale;
import amberlens.core.motion.ValueKinds;
import java.util.List;
import org.junit.jupiter.api.Test;

class ConsequencesTest {
    private static final Size HD = new Size(1920, 1080);
    private static final Pose NEUTRAL = Pose.neutral(HD, HD);

    private static String text(Property property, CameraTrack camera) {
        var shot = new Shot("s1", "Plan", "m1", 1, 0, 101, true, camera, Extras.NONE);
        return Consequences.of(property, shot, 0, camera.at(0), Judged.whole(HD, HD), FrameFormat.USUAL);
    }

    @Test
    void enlargement_comes_with_its_verdict() {
        assertThat(text(Property.SCALE, CameraTrack.still(NEUTRAL))).isEqualTo("Enlargement 100 %, crisp");
        assertThat(text(Property.SCALE, CameraTrack.still(NEUTRAL.withScale(Scale.uniform(130)))))
                .endsWith("soft");
    }

    /** Common practice: 110 % leaves 96 and 54 px. */
    @Test
    void room_is_told_in_four_directions() {
        assertThat(text(Property.POSITION, CameraTrack.still(NEUTRAL.withScale(Scale.uniform(110)))))
                .isEqualTo("Room ←96 →96 ↑54 ↓54");
    }

    /** Trigonometry of a turned rectangle: 2° needs 106.1 %. */
    @Test
    void a_turn_names_the_scale_it_needs_or_the_side_that_forbids_any() {
        assertThat(text(Property.ROTATION, CameraTrack.still(NEUTRAL.withDegrees(2))))
                .isEqualTo("Needs ≥ 106.1 %, turn ≤ 0.0°");
        assertThat(text(Property.ROTATION, CameraTrack.still(NEUTRAL.withAnchor(new PicturePoint(-9, 5)))))
                .contains("left");
        assertThat(text(Property.ROTATION, CameraTrack.still(NEUTRAL.withScale(Scale.uniform(204)))))
                .endsWith("any turn fits");
        assertThat(text(Property.ROTATION, CameraTrack.still(NEUTRAL.withScale(Scale.uniform(106.143)))))
                .endsWith("turn ≤ 2.0°");
    }

    @Test
    void pace_is_told_where_something_moves() {
        assertThat(text(Property.ANCHOR, CameraTrack.still(NEUTRAL))).isEqualTo("Pace: stands still");
        var pan = CameraTrack.still(NEUTRAL)
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(0, 0), Leg.LINEAR),
                                Key.of(100, new FramePoint(768, 0), Leg.LINEAR))));
        assertThat(text(Property.ANCHOR, pan)).isEqualTo("Pace 10.0 %/s, 10 s across");
    }

    @Test
    void every_number_of_a_pose_can_be_named() {
        Pose pose = new Pose(new Scale(40, 60), new FramePoint(1, 2), 3, new PicturePoint(4, 5));
        assertThat(PropertyNumbers.of(pose, Property.SCALE, 1)).isEqualTo(60);
        assertThat(PropertyNumbers.of(pose, Property.POSITION, 1)).isEqualTo(2);
        assertThat(PropertyNumbers.of(pose, Property.ROTATION, 0)).isEqualTo(3);
        assertThat(PropertyNumbers.of(pose, Property.ANCHOR, 0)).isEqualTo(4);
    }
}
