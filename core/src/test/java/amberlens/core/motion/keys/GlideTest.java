package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pace.Pace;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class GlideTest {
    private static final Size FRAME = new Size(1920, 1080);

    /** A camera that slides to the right through places at frames. */
    private static CameraTrack sliding(int... framesAndPlaces) {
        List<Key<FramePoint>> keys = new ArrayList<>();
        for (int i = 0; i < framesAndPlaces.length; i += 2) {
            keys.add(Key.of(framesAndPlaces[i], new FramePoint(framesAndPlaces[i + 1], 540), Leg.HOLD));
        }
        return CameraTrack.still(new Pose(Scale.NEUTRAL, FRAME.centre(), 0, new PicturePoint(2000, 540)))
                .withPosition(Channel.keyed(ValueKinds.POSITION, keys));
    }

    private static double speed(CameraTrack camera, int frame) {
        return Pace.at(camera, frame, FRAME).centrePx();
    }

    @Test
    void equal_ways_give_the_outer_legs_the_time_that_their_gentle_ends_need() {
        CameraTrack glide = Glide.through(sliding(0, 0, 10, 1000, 20, 2000, 90, 3000), 0, 90, FRAME);
        // Outer legs take 1/(1 − 0.42) of an inner one of the same way: 90 · 1.724/(2 · 1.724 + 1) = 34.9.
        assertThat(Framings.of(glide)).containsExactly(0, 35, 55, 90);
        assertThat(glide.position().keys())
                .extracting(Key::leg)
                .startsWith(Ease.GENTLE_LEAVE.leg(), Leg.LINEAR, Ease.GENTLE_ARRIVE.leg());
        assertThat(speed(glide, 45)).isCloseTo(50, within(1e-9));
        assertThat(speed(glide, 34)).isCloseTo(50, within(3.0));
        assertThat(speed(glide, 55)).isCloseTo(50, within(3.0));
        assertThat(speed(glide, 1)).isLessThan(10);
        assertThat(speed(glide, 88)).isLessThan(10);
    }

    @Test
    void a_longer_way_gets_more_time_and_every_framing_keeps_a_frame_of_its_own() {
        CameraTrack glide = Glide.through(sliding(0, 0, 30, 1, 60, 2000, 90, 2001), 0, 90, FRAME);
        List<Integer> framings = Framings.of(glide);
        assertThat(framings).hasSize(4).startsWith(0).endsWith(90).isSorted().doesNotHaveDuplicates();
        assertThat(framings.get(2) - framings.get(1)).isGreaterThan(80);
        CameraTrack crowded = Glide.through(sliding(0, 0, 1, 5000, 2, 5001, 3, 5002), 0, 3, FRAME);
        assertThat(Framings.of(crowded)).containsExactly(0, 1, 2, 3);
    }

    @Test
    void two_framings_glide_gently_at_both_ends_and_one_stays_as_it_is() {
        CameraTrack two = Glide.through(sliding(5, 0, 45, 900), 0, 60, FRAME);
        assertThat(two.position().keys().getFirst().leg()).isEqualTo(Ease.GENTLE_BOTH.leg());
        assertThat(Framings.of(two)).containsExactly(5, 45);
        CameraTrack one = sliding(5, 0, 45, 900);
        assertThat(Glide.through(one, 0, 10, FRAME)).isSameAs(one);
    }

    @Test
    void only_the_framings_within_the_stretch_take_part() {
        CameraTrack glide = Glide.through(sliding(0, 0, 10, 1000, 40, 2000, 70, 9000), 10, 70, FRAME);
        assertThat(glide.position().keys().getFirst().leg()).isEqualTo(Leg.HOLD);
        assertThat(glide.position().keys().get(1).leg()).isEqualTo(Ease.GENTLE_LEAVE.leg());
        assertThat(Framings.of(glide)).startsWith(0, 10).endsWith(70);
        assertThat(Framings.of(glide).get(2)).isLessThan(30);
    }

    @Test
    void where_nothing_moves_the_times_stay() {
        CameraTrack still = Glide.through(sliding(0, 500, 20, 500, 50, 500), 0, 50, FRAME);
        assertThat(Framings.of(still)).containsExactly(0, 20, 50);
    }

    @Test
    void keys_between_two_framings_keep_their_share_of_the_time() {
        CameraTrack camera = sliding(0, 0, 20, 3000, 60, 4000);
        CameraTrack turning = camera.withRotation(Channel.keyed(
                ValueKinds.NUMBER,
                List.of(
                        Key.of(0, 0.0, Leg.LINEAR),
                        Key.of(10, 1.0, Leg.LINEAR),
                        Key.of(20, 0.0, Leg.LINEAR),
                        Key.of(60, 0.0, Leg.LINEAR))));
        CameraTrack glide = Glide.through(turning, 0, 60, FRAME);
        int second = Framings.of(glide).get(1);
        assertThat(second).isGreaterThan(35);
        assertThat(glide.rotation().keys()).extracting(Key::at).contains(Math.round(second / 2f));
    }
}
