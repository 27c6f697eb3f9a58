package amberlens.core.motion.pace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import org.junit.jupiter.api.Test;

class PaceReportTest {
    private static final Size FRAME = new Size(1920, 1080);

    private static Take pan(Leg leg) {
        var camera = CameraTrack.still(Pose.neutral(FRAME, FRAME))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(Key.of(0, new FramePoint(0, 540), leg), Key.of(100, new FramePoint(1920, 540), leg))));
        return new Take(camera, 101, FRAME, FRAME);
    }

    @Test
    void a_linear_pan_over_the_frame_in_four_seconds_has_one_pace() {
        PaceReport report = PaceReport.of(pan(Leg.LINEAR));
        assertThat(report.paces()).hasSize(100);
        assertThat(report.greatest().centrePx()).isCloseTo(19.2, within(1e-9));
        assertThat(report.greatest().crossingSeconds(FRAME, FrameRate.of(25))).isCloseTo(4, within(1e-9));
        assertThat(report.fastestCornerPx()).isCloseTo(19.2, within(1e-9));
    }

    @Test
    void an_eased_pan_is_fastest_in_its_middle() {
        PaceReport report = PaceReport.of(pan(Ease.GENTLE_BOTH.leg()));
        assertThat(report.fastest()).isBetween(45, 55);
        assertThat(report.greatest().centrePx()).isGreaterThan(25);
    }

    @Test
    void a_single_frame_has_a_pace_too() {
        PaceReport report = PaceReport.of(new Take(CameraTrack.still(Pose.neutral(FRAME, FRAME)), 1, FRAME, FRAME));
        assertThat(report.greatest().centrePx()).isZero();
    }
}
