package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;

class ZoomAboutTest {
    private static final Size PICTURE = new Size(4000, 3000);
    private static final Size FRAME = new Size(1920, 1080);
    private static final Depth.Setting SETTING = Depth.Setting.of(PICTURE, FRAME);

    private static CameraTrack closer(FramePoint... positions) {
        CameraTrack camera = CameraTrack.still(
                        new Pose(Scale.uniform(60), positions[0], 0, new PicturePoint(2000, 1500)))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, Scale.uniform(60), Leg.LINEAR), Key.of(100, Scale.uniform(90), Leg.LINEAR))));
        return positions.length == 1
                ? camera
                : camera.withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(Key.of(0, positions[0], Leg.LINEAR), Key.of(100, positions[1], Leg.LINEAR))));
    }

    @Test
    void the_point_stays_where_it_is_in_the_frame_at_hand() {
        CameraTrack before = closer(new FramePoint(960, 540));
        var point = new PicturePoint(2600, 1200);
        FramePoint here = before.at(40).toFrame(point);
        CameraTrack after = ZoomAbout.point(before, point, 40, FRAME, SETTING);
        assertThat(ZoomAbout.stillGoes(after)).isFalse();
        assertThat(after.scale()).isEqualTo(before.scale());
        for (int at = 0; at <= 100; at += 20) {
            FramePoint there = after.at(at).toFrame(point);
            assertThat(there.x()).isCloseTo(here.x(), within(1e-9));
            assertThat(there.y()).isCloseTo(here.y(), within(1e-9));
        }
        assertThat(after.at(40)
                        .toFrame(new PicturePoint(0, 0))
                        .distance(before.at(40).toFrame(new PicturePoint(0, 0))))
                .as("what is seen now")
                .isLessThan(1e-9);
    }

    /** From 60 to 90 % about (2600, 1200): the middle goes half as far again from the point's place in the frame. */
    @Test
    void keys_that_only_held_a_picture_zoomed_about_a_point_go() {
        var held =
                closer(new FramePoint(960, 540), new FramePoint(780, 630)); // 0.3 · (2000 − 2600), 0.3 · (1500 − 1200)
        CameraTrack about = ZoomAbout.point(held, new PicturePoint(2600, 1200), 0, FRAME, SETTING);
        assertThat(ZoomAbout.stillGoes(about)).isFalse();
        assertThat(about.at(100)
                        .toFrame(new PicturePoint(0, 0))
                        .distance(held.at(100).toFrame(new PicturePoint(0, 0))))
                .as("the second framing is the same")
                .isLessThan(1e-6);
    }

    @Test
    void keys_that_carry_the_picture_on_stay_with_their_framings() {
        var pan = closer(new FramePoint(960, 540), new FramePoint(300, 540));
        CameraTrack about = ZoomAbout.point(pan, new PicturePoint(2000, 1200), 0, FRAME, SETTING);
        assertThat(ZoomAbout.stillGoes(about)).isTrue();
        assertThat(about.at(100)
                        .toFrame(new PicturePoint(0, 0))
                        .distance(pan.at(100).toFrame(new PicturePoint(0, 0))))
                .isLessThan(1e-6);
    }
}
