package amberlens.core.motion.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Smooth legs along curved paths: the way runs through the keys without a step in speed and never backwards. */
class SmoothPathTest {
    private static Key<FramePoint> key(int at, double x, double y, FramePoint in, FramePoint out) {
        return Key.of(at, new FramePoint(x, y), Leg.SMOOTH).withHandles(new PathHandles(in, out));
    }

    private static final Channel<FramePoint> ARCH = Channel.keyed(
            ValueKinds.POSITION,
            List.of(
                    key(0, 0, 0, FramePoint.ZERO, new FramePoint(60, 200)),
                    key(20, 400, 0, new FramePoint(-60, 200), new FramePoint(60, -200)),
                    key(80, 800, 0, new FramePoint(-60, -200), new FramePoint(60, 200)),
                    key(100, 1200, 0, new FramePoint(-60, 200), FramePoint.ZERO)));

    /** Frame pixels for each frame, over a thousandth of a frame. */
    private static double speed(double frame) {
        return ARCH.at(frame + 0.001).distance(ARCH.at(frame)) / 0.001;
    }

    @Test
    void the_speed_goes_on_where_legs_meet() {
        for (int at : new int[] {20, 80}) {
            assertThat(speed(at)).isCloseTo(speed(at - 0.002), within(0.02));
            assertThat(speed(at)).isGreaterThan(1);
        }
        // The legs are equally long, but the middle one has three times the time.
        assertThat(speed(50)).isLessThan(speed(10) / 2);
        assertThat(speed(20)).isBetween(speed(50), speed(10));
    }

    @Test
    void the_way_of_a_leg_is_its_own_length_and_runs_forwards() {
        double length = new PathCurve(
                        FramePoint.ZERO, new FramePoint(60, 200), new FramePoint(-60, 200), new FramePoint(400, 0))
                .length();
        double walked = 0;
        for (int i = 0; i < 20_000; i++) {
            walked += ARCH.at(i / 1000.0).distance(ARCH.at((i + 1) / 1000.0));
        }
        assertThat(walked).isCloseTo(length, within(0.01));
        assertThat(ARCH.at(20)).isEqualTo(new FramePoint(400, 0));
        assertThat(ARCH.at(10).y()).isGreaterThan(100);
        assertThat(ARCH.at(50).y()).isLessThan(-100);
    }

    @Test
    void a_leg_without_way_stands_still() {
        Channel<FramePoint> still = Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        key(0, 5, 5, FramePoint.ZERO, FramePoint.ZERO),
                        key(10, 5, 5, FramePoint.ZERO, new FramePoint(0, 40)),
                        key(20, 5, 90, FramePoint.ZERO, FramePoint.ZERO)));
        assertThat(still.at(4)).isEqualTo(new FramePoint(5, 5));
        assertThat(still.at(15).x()).isCloseTo(5, within(1e-9));
        assertThat(still.at(15).y()).isBetween(20.0, 80.0);
    }
}
