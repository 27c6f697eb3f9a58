package amberlens.core.motion.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomMoves;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Whatever was computed before, a run is what the camera itself says frame by frame. */
class PoseRunTest {
    private static void assertRight(CameraTrack camera, int length) {
        List<Pose> poses = PoseRun.of(camera, length);
        assertThat(poses).hasSize(length);
        for (int frame = 0; frame < length; frame++) {
            assertThat(poses.get(frame)).as("frame %d", frame).isEqualTo(camera.at(frame));
        }
    }

    private static CameraTrack even(CameraTrack camera) {
        return camera.withScale(camera.scale().mapKeys(key -> key.withEven(true)));
    }

    @Property(tries = 150)
    void a_property_changed_at_a_time_never_leaves_an_old_value(@ForAll long seed) {
        var chance = new Random(seed);
        int length = 40;
        CameraTrack camera =
                RandomMoves.any(chance, length, chance.nextBoolean()).camera();
        assertRight(camera, length);
        for (int step = 0; step < 6; step++) {
            CameraTrack other = RandomMoves.any(chance, length, true).camera();
            camera = switch (chance.nextInt(6)) {
                case 0 -> camera.withScale(other.scale());
                case 1 -> camera.withPosition(other.position());
                case 2 -> camera.withRotation(other.rotation());
                case 3 -> camera.withAnchor(other.anchor());
                case 4 -> camera.scale().animated() ? even(camera) : camera;
                default -> camera.with(Properties.OPACITY, Channel.constant(ValueKinds.NUMBER, 50.0));
            };
            assertRight(camera, length);
        }
    }

    @Property(tries = 40)
    void another_length_of_the_same_camera_is_another_run(@ForAll @IntRange(min = 1, max = 80) int length) {
        CameraTrack camera = RandomMoves.any(new Random(4), 60, true).camera();
        assertRight(camera, 60);
        assertRight(camera, length);
        assertRight(camera, 60);
    }

    @Test
    void asked_again_about_the_same_camera_it_is_the_same_run() {
        CameraTrack camera = RandomMoves.any(new Random(7), 50, true).camera();
        assertThat(PoseRun.of(camera, 50)).isSameAs(PoseRun.of(camera, 50));
    }

    @Test
    void long_runs_are_right_and_not_remembered() {
        CameraTrack camera = CameraTrack.still(
                        new Pose(Scale.uniform(50), new FramePoint(960, 540), 0, new PicturePoint(100, 100)))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER, List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(20_999, 20_999.0, Leg.LINEAR))));
        List<Pose> poses = PoseRun.of(camera, 21_000);
        assertThat(poses.get(12_345).degrees()).isCloseTo(12_345, within(1e-8));
        assertThat(PoseRun.of(camera, 21_000)).isNotSameAs(poses);
        List<Pose> shorter = PoseRun.of(camera, 1_500);
        assertThat(shorter.get(1_499).degrees()).isCloseTo(1_499, within(1e-8));
        assertThat(PoseRun.of(camera, 1_500)).isSameAs(shorter);
    }
}
