package amberlens.core.motion.curve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** A key put in between must not change the move. */
class KeyInsertionTest {
    /** For handles that do not cross in time; a half of others may have no handles within its own time. */
    @Property(tries = 200)
    void a_curve_divided_anywhere_runs_as_before(
            @ForAll @DoubleRange(min = 0, max = 1) double a,
            @ForAll @DoubleRange(min = -0.4, max = 1.4) double y1,
            @ForAll @DoubleRange(min = 0, max = 1) double b,
            @ForAll @DoubleRange(min = -0.4, max = 1.4) double y2,
            @ForAll @IntRange(min = 1, max = 199) int at) {
        var leg = new Leg.Curve(new TimingCurve(Math.min(a, b), y1, Math.max(a, b), y2));
        Channel<Double> whole =
                Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(0, 3.0, leg), Key.of(200, 90.0, Leg.LINEAR)));
        Channel<Double> divided = KeyInsertion.at(whole, at);
        double reached = leg.timing().progress(at / 200.0);
        if (Math.abs(reached) < 1e-3 || Math.abs(1 - reached) < 1e-3) {
            return; // a half without way has no shape of its own; steep curves cost digits, hence a thousandth of a
            // degree
        }
        for (int frame = 0; frame <= 200; frame += 5) {
            assertThat(divided.at(frame)).isCloseTo(whole.at(frame), within(1e-5));
        }
    }

    @Test
    void a_bent_path_keeps_its_shape_and_its_speed() {
        var out = new PathHandles(FramePoint.ZERO, new FramePoint(150, -400));
        var in = new PathHandles(new FramePoint(-700, 350), FramePoint.ZERO);
        Leg leg = Ease.GENTLE_BOTH.leg();
        Channel<FramePoint> whole = Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        new Key<>(0, new FramePoint(100, 200), leg, false, out, Extras.NONE),
                        new Key<>(100, new FramePoint(900, 300), Leg.LINEAR, false, in, Extras.NONE)));
        Channel<FramePoint> divided = KeyInsertion.at(whole, 37);
        assertThat(divided.keys()).hasSize(3);
        for (int frame = 0; frame <= 100; frame++) {
            assertThat(divided.at(frame).distance(whole.at(frame)))
                    .as("frame " + frame)
                    .isLessThan(0.01);
        }
    }

    @Test
    void an_even_zoom_stays_even() {
        Channel<Scale> whole = Channel.keyed(
                ValueKinds.SCALE,
                List.of(
                        Key.of(0, Scale.uniform(20), Leg.LINEAR).withEven(true),
                        Key.of(100, Scale.uniform(180), Leg.LINEAR)));
        Channel<Scale> divided = KeyInsertion.at(whole, 30);
        for (int frame = 0; frame <= 100; frame++) {
            assertThat(divided.at(frame).x()).isCloseTo(whole.at(frame).x(), within(1e-9));
        }
    }

    @Test
    void unlinked_axes_move_as_before_and_can_be_linked_again() {
        Channel<FramePoint> whole = Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        Key.of(0, new FramePoint(0, 10), Ease.GENTLE_LEAVE.leg()),
                        Key.of(100, new FramePoint(300, 50), Leg.LINEAR)));
        Channel<FramePoint> apart = whole.unlinked();
        for (int frame = 0; frame <= 100; frame++) {
            assertThat(apart.at(frame)).isEqualTo(whole.at(frame));
        }
        Channel<FramePoint> changed =
                apart.withValueAt(40, new FramePoint(apart.at(40).x(), 99));
        assertThat(changed.axes().orElseThrow().x().keys()).hasSize(2);
        assertThat(changed.axes().orElseThrow().y().keys()).hasSize(3);
        assertThat(changed.linked().keys()).extracting(Key::at).containsExactly(0, 40, 100);
        assertThat(changed.linked().at(40)).isEqualTo(changed.at(40));
    }

    @Test
    void muted_keys_are_kept_and_the_constant_holds() {
        Channel<Double> turn =
                Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(100, 40.0, Leg.LINEAR)));
        Channel<Double> muted = turn.withMuted(true, 12.0);
        assertThat(muted.at(0)).isEqualTo(12.0);
        assertThat(muted.withValueAt(50, 7.0).at(100)).isEqualTo(7.0);
        assertThat(muted.withMuted(false, 0.0).at(50)).isEqualTo(turn.at(50));
    }
}
