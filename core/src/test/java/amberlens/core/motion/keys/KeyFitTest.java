package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class KeyFitTest {
    private static Channel<FramePoint> fit(List<FramePoint> values, double most) {
        return KeyFit.of(ValueKinds.POSITION, values, most);
    }

    private static double furthest(List<FramePoint> values, Channel<FramePoint> channel) {
        double furthest = 0;
        for (int frame = 0; frame < values.size(); frame++) {
            furthest = Math.max(furthest, channel.at(frame).distance(values.get(frame)));
        }
        return furthest;
    }

    @Test
    void no_value_is_further_off_than_allowed_and_no_key_can_be_spared() {
        var random = new Random(8);
        for (int round = 0; round < 8; round++) {
            double f = 0.5 + random.nextDouble();
            double noise = round % 2 == 0 ? 0 : 0.3;
            List<FramePoint> values = new ArrayList<>();
            for (int frame = 0; frame < 150; frame++) {
                values.add(new FramePoint(
                        200 * Math.sin(f * frame / 20) + noise * random.nextGaussian(),
                        3 * frame + 40 * Math.cos(frame / 15.0)));
            }
            Channel<FramePoint> channel = fit(values, 0.5);
            assertThat(furthest(values, channel)).isLessThanOrEqualTo(0.5);
            for (int i = 1; i < channel.keys().size() - 1; i++) {
                var fewer = new ArrayList<>(channel.keys());
                fewer.remove(i);
                assertThat(furthest(values, Channel.keyed(ValueKinds.POSITION, fewer)))
                        .as("without key %d", i)
                        .isGreaterThan(0.5);
            }
        }
    }

    @Test
    void a_steady_way_needs_two_keys_and_a_place_none() {
        List<FramePoint> steady = new ArrayList<>();
        List<FramePoint> place = new ArrayList<>();
        for (int frame = 0; frame < 300; frame++) {
            steady.add(new FramePoint(2.5 * frame, 700 - frame));
            place.add(new FramePoint(40, 50 + 0.2 * (frame % 2)));
        }
        assertThat(fit(steady, 0.01).keys()).hasSize(2);
        assertThat(fit(place, 0.5).animated()).isFalse();
    }

    @Test
    void a_jump_between_two_frames_is_kept() {
        List<FramePoint> values = new ArrayList<>();
        for (int frame = 0; frame < 60; frame++) {
            values.add(frame < 31 ? FramePoint.ZERO : new FramePoint(500, 0));
        }
        Channel<FramePoint> channel = fit(values, 0.5);
        assertThat(furthest(values, channel)).isLessThanOrEqualTo(0.5);
        assertThat(channel.keys()).hasSizeLessThan(7);
    }
}
