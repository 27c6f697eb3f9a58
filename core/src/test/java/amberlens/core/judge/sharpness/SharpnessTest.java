package amberlens.core.judge.sharpness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class SharpnessTest {
    private static final Size FRAME = new Size(1920, 1080);

    private static Take zooming(double... percents) {
        List<Key<Scale>> keys = new ArrayList<>();
        for (int i = 0; i < percents.length; i++) {
            keys.add(Key.of(10 * i, new Scale(percents[i], percents[i] / 2), Leg.LINEAR));
        }
        var camera = CameraTrack.still(Pose.neutral(FRAME, FRAME)).withScale(Channel.keyed(ValueKinds.SCALE, keys));
        return new Take(camera, 10 * percents.length - 9, FRAME, FRAME);
    }

    @Test
    void the_greatest_enlargement_is_the_larger_axis_at_the_first_frame_that_reaches_it() {
        assertThat(Enlargement.greatest(zooming(50, 120, 80))).isEqualTo(new Enlargement(120, 10));
        assertThat(Enlargement.greatest(zooming(90, 120, 120))).isEqualTo(new Enlargement(120, 10));
        assertThat(Enlargement.greatest(zooming(130, 120, 130))).isEqualTo(new Enlargement(130, 0));
        assertThat(Enlargement.percent(new Scale(40, 70))).isEqualTo(70);
    }

    @Test
    void the_verdict_changes_above_100_and_above_110_per_cent() {
        // Common practice: up to 110 % nobody sees it.
        assertThat(Enlargement.verdict(100)).isEqualTo("crisp");
        assertThat(Enlargement.verdict(100.1)).isEqualTo("not noticeable");
        assertThat(Enlargement.verdict(110)).isEqualTo("not noticeable");
        assertThat(Enlargement.verdict(110.1)).isEqualTo("soft");
    }

    @Test
    void the_usual_sizes_of_a_wide_frame_are_those_that_are_delivered() {
        List<OutputSize> sizes = OutputSize.of(new Enlargement(60, 0), FRAME);
        // The 16:9 sizes of HD and UHD: ITU-R BT.709 and BT.2020 name 1920 × 1080, 3840 × 2160 and 7680 × 4320.
        assertThat(sizes)
                .extracting(OutputSize::size)
                .containsExactly(
                        new Size(1280, 720),
                        new Size(1920, 1080),
                        new Size(2560, 1440),
                        new Size(3840, 2160),
                        new Size(7680, 4320));
        assertThat(sizes.get(1).enlargement()).isEqualTo(60);
        assertThat(sizes.get(0).enlargement()).isCloseTo(40, within(1e-9));
        assertThat(sizes.get(3).enlargement()).isCloseTo(120, within(1e-9));
        assertThat(sizes).extracting(size -> size.does(110)).containsExactly(true, true, true, false, false);
    }

    @Test
    void a_picture_that_meets_the_limit_exactly_does() {
        assertThat(new OutputSize(FRAME, 110.0000000001).does(110)).isTrue();
        assertThat(new OutputSize(FRAME, 110.01).does(110)).isFalse();
    }

    @Test
    void an_upright_frame_counts_by_its_shorter_side_and_pixels_come_in_pairs() {
        List<OutputSize> upright = OutputSize.of(new Enlargement(100, 0), new Size(1080, 1920));
        assertThat(upright.getFirst().size()).isEqualTo(new Size(720, 1280));
        List<OutputSize> wide = OutputSize.of(new Enlargement(100, 0), new Size(1920, 803));
        assertThat(wide).allSatisfy(size -> {
            assertThat(size.size().width() % 2).isZero();
            assertThat(size.size().height() % 2).isZero();
        });
        assertThat(wide.getFirst().size()).isEqualTo(new Size(1722, 720));
    }
}
