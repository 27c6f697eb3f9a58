package amberlens.desktop.inspector.camera;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.Judged;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import java.util.List;
import org.junit.jupiter.api.Test;

class ConsequencesTest {
    private static final Size HD = new Size(1920, 1080);
    private static final Project PROJECT =
            Project.empty("Fernhollow").withMedia(List.of(Media.photo("m1", "plan.png", HD)));
    private static final Pose NEUTRAL = Pose.neutral(HD, HD);

    private static String text(Property<?> property, CameraTrack camera) {
        var shot = new Shot("s1", "Plan", "m1", 1, 0, 101, true, camera, Extras.NONE);
        return Consequences.of(property, PROJECT, shot, 0, Judged.whole(HD, HD));
    }

    @Test
    void enlargement_comes_with_its_verdict() {
        assertThat(text(Properties.SCALE, CameraTrack.still(NEUTRAL))).isEqualTo("Enlargement 100 %, crisp");
        assertThat(text(Properties.SCALE, CameraTrack.still(NEUTRAL.withScale(Scale.uniform(130)))))
                .endsWith("soft");
    }

    /** Common practice: 110 % leaves 96 and 54 px. */
    @Test
    void room_is_told_in_four_directions() {
        assertThat(text(Properties.POSITION, CameraTrack.still(NEUTRAL.withScale(Scale.uniform(110)))))
                .isEqualTo("Room ←96 →96 ↑54 ↓54");
    }

    /** Trigonometry of a turned rectangle: 2° needs 106.1 %. */
    @Test
    void a_turn_names_the_scale_it_needs_or_the_side_that_forbids_any() {
        assertThat(text(Properties.ROTATION, CameraTrack.still(NEUTRAL.withDegrees(2))))
                .isEqualTo("Needs ≥ 106.1 %, turn ≤ 0.0°");
        assertThat(text(Properties.ROTATION, CameraTrack.still(NEUTRAL.withAnchor(new PicturePoint(-9, 5)))))
                .contains("left");
        assertThat(text(Properties.ROTATION, CameraTrack.still(NEUTRAL.withScale(Scale.uniform(204)))))
                .endsWith("any turn fits");
        assertThat(text(Properties.ROTATION, CameraTrack.still(NEUTRAL.withScale(Scale.uniform(106.143)))))
                .endsWith("turn ≤ 2.0°");
    }

    @Test
    void pace_is_told_where_something_moves() {
        assertThat(text(Properties.ANCHOR, CameraTrack.still(NEUTRAL))).isEqualTo("Pace: still");
        var pan = CameraTrack.still(NEUTRAL)
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(0, 0), Leg.LINEAR),
                                Key.of(100, new FramePoint(768, 0), Leg.LINEAR))));
        assertThat(text(Properties.ANCHOR, pan)).isEqualTo("Pace 10.0 %/s, 10 s across");
    }

    @Test
    void a_layer_says_how_it_blends_and_a_still_picture_nothing_of_footage() {
        assertThat(text(Properties.OPACITY, CameraTrack.still(NEUTRAL))).isEqualTo("Blending: normal");
        assertThat(text(Properties.SPEED, CameraTrack.still(NEUTRAL))).isEmpty();
    }
}
