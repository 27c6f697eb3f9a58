package amberlens.core.material.footage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import java.math.BigInteger;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.apache.commons.math3.analysis.integration.IterativeLegendreGaussIntegrator;
import org.junit.jupiter.api.Test;

class SourceTimeTest {
    private static final List<FrameRate> RATES = List.of(
            new FrameRate(24000, 1001),
            FrameRate.of(24),
            FrameRate.of(25),
            new FrameRate(30000, 1001),
            FrameRate.of(50),
            new FrameRate(60000, 1001));

    private static SourceTime time(FrameRate footage, FrameRate project, Channel<Double> speed, double in) {
        return new SourceTime(
                new Footage(footage, 1_000_000), new Source(in, Source.Conversion.NEAREST, false), speed, project);
    }

    /** Against exact rational arithmetic: the nearest frame of in + f·v·r, halves upwards. */
    @Property
    void at_a_constant_speed_the_nearest_frame_is_that_of_exact_arithmetic(
            @ForAll @IntRange(max = 5) int footage,
            @ForAll @IntRange(max = 5) int project,
            @ForAll @IntRange(min = 1, max = 400) int percent,
            @ForAll @IntRange(max = 100_000) int frame,
            @ForAll @IntRange(max = 500) int in) {
        FrameRate from = RATES.get(footage);
        FrameRate to = RATES.get(project);
        BigInteger above = BigInteger.valueOf(frame)
                .multiply(BigInteger.valueOf(percent))
                .multiply(BigInteger.valueOf((long) from.numerator() * to.denominator()));
        BigInteger below =
                BigInteger.valueOf(100).multiply(BigInteger.valueOf((long) from.denominator() * to.numerator()));
        BigInteger twice =
                above.add(below.multiply(BigInteger.valueOf(in))).shiftLeft(1).add(below);
        int nearest = twice.divide(below.shiftLeft(1)).intValueExact();
        var speed = Channel.constant(ValueKinds.NUMBER, (double) percent);
        int shown = time(from, to, speed, in).at(frame).first();
        assertThat(shown).isEqualTo(Math.min(nearest, 999_999));
    }

    @Test
    void footage_of_the_projects_own_rate_runs_frame_by_frame() {
        var plain = time(FrameRate.of(25), FrameRate.of(25), Channel.constant(ValueKinds.NUMBER, 100.0), 3);
        for (int frame = 0; frame < 5000; frame++) {
            assertThat(plain.at(frame)).isEqualTo(SourceFrames.only(frame + 3));
        }
    }

    @Test
    void backwards_frozen_and_beyond_the_ends() {
        var back = time(FrameRate.of(25), FrameRate.of(25), Channel.constant(ValueKinds.NUMBER, -100.0), 50);
        assertThat(back.at(10).first()).isEqualTo(40);
        assertThat(back.at(60).first()).isZero();
        var frozen = time(FrameRate.of(25), FrameRate.of(25), Channel.constant(ValueKinds.NUMBER, 0.0), 50);
        assertThat(frozen.at(4711).first()).isEqualTo(50);
    }

    /** The integral of the speed by the Gauss-Legendre integrator of Commons Math. */
    @Test
    void a_keyed_speed_is_the_integral_of_its_curve() {
        var speed = Channel.keyed(
                ValueKinds.NUMBER,
                List.of(
                        Key.of(10, 100.0, Ease.GENTLE_BOTH.leg()),
                        Key.of(60, 25.0, Ease.LINEAR.leg()),
                        Key.of(90, 300.0, Ease.GENTLE_ARRIVE.leg()),
                        Key.of(120, -50.0, Ease.LINEAR.leg())));
        var eased = time(FrameRate.of(50), FrameRate.of(25), speed, 0);
        var integrator = new IterativeLegendreGaussIntegrator(16, 1e-10, 1e-10);
        double way = 0;
        for (int frame = 0; frame < 150; frame++) {
            assertThat(eased.place(frame)).isCloseTo(2 * way, within(0.01));
            way += integrator.integrate(100_000, x -> speed.at(x) / 100, frame, frame + 1.0);
        }
    }

    @Test
    void places_between_two_frames_of_the_shot_lie_on_the_same_way() {
        var plain = time(FrameRate.of(50), FrameRate.of(25), Channel.constant(ValueKinds.NUMBER, 50.0), 3);
        assertThat(plain.place(7.25)).isEqualTo(3 + 7.25);
        var ramp = Channel.keyed(
                ValueKinds.NUMBER, List.of(Key.of(0, 100.0, Ease.LINEAR.leg()), Key.of(100, 300.0, Ease.LINEAR.leg())));
        var keyed = time(FrameRate.of(25), FrameRate.of(25), ramp, 0);
        // the integral of 1 + 2t/100 is t + t²/100
        assertThat(keyed.place(30.5)).isCloseTo(30.5 + 30.5 * 30.5 / 100, within(1e-9));
        assertThat(keyed.place(-0.5)).isCloseTo(-0.5, within(1e-9));
    }

    @Test
    void a_hold_of_the_speed_jumps_at_its_key() {
        var speed = Channel.keyed(
                ValueKinds.NUMBER, List.of(Key.of(0, 100.0, Ease.HOLD.leg()), Key.of(10, 0.0, Ease.HOLD.leg())));
        var held = time(FrameRate.of(25), FrameRate.of(25), speed, 0);
        assertThat(held.place(10)).isCloseTo(10, within(1e-9));
        assertThat(held.place(30)).isCloseTo(10, within(1e-9));
    }

    @Test
    void places_between_two_frames_blend_them() {
        Footage footage = new Footage(FrameRate.of(24), 100);
        assertThat(SourceFrames.at(7.25, Source.Conversion.BLEND, footage)).isEqualTo(new SourceFrames(7, 8, 0.25));
        assertThat(SourceFrames.at(7, Source.Conversion.BLEND, footage)).isEqualTo(SourceFrames.only(7));
        assertThat(SourceFrames.at(99.6, Source.Conversion.BLEND, footage)).isEqualTo(SourceFrames.only(99));
        assertThat(SourceFrames.at(7.5, Source.Conversion.NEAREST, footage)).isEqualTo(SourceFrames.only(8));
    }

    /** Keys of the speed may lie before the shot: 100 % until frame −10, 300 % from there, 50 % from frame 10 on. */
    @Test
    void keys_before_and_after_the_shot_count_where_they_are_reached() {
        Channel<Double> speed = Channel.keyed(
                ValueKinds.NUMBER,
                List.of(Key.of(-20, 100.0, Leg.HOLD), Key.of(-10, 300.0, Leg.HOLD), Key.of(10, 50.0, Leg.HOLD)));
        SourceTime run = time(FrameRate.of(25), FrameRate.of(25), speed, 1000);
        assertThat(run.place(0)).isEqualTo(1000);
        assertThat(run.place(10)).isCloseTo(1030, within(1e-9));
        assertThat(run.place(30)).isCloseTo(1040, within(1e-9));
        assertThat(run.place(30.5)).isCloseTo(1040.25, within(1e-9));
        assertThat(run.place(-10)).isCloseTo(970, within(1e-9));
        assertThat(run.place(-20)).isCloseTo(960, within(1e-9));
        assertThat(run.place(-25)).isCloseTo(955, within(1e-9));
    }
}
