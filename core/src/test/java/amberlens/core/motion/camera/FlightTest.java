package amberlens.core.motion.camera;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomPoses;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.KeyInsertion;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.Resizing;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Random;
import java.util.function.DoubleFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Flights, against the measure that J. J. van Wijk and W. A. A. Nuij 2003 (<em>Smooth and Efficient Zooming and Panning</em>) make shortest. */
class FlightTest {
    private static final Size PICTURE = new Size(9000, 6000);
    private static final Size FRAME = new Size(1920, 1080);
    private static final TimingCurve GENTLE = new TimingCurve(0.42, 0, 0.58, 1);

    /** The paper's equation 2: a pan by du costs ρ du/w, a zoom by dw costs dw/(ρw). */
    private static double cost(DoubleFunction<double[]> way, double rho) {
        double sum = 0;
        double[] last = way.apply(0);
        int steps = 4000;
        for (int i = 1; i <= steps; i++) {
            double[] now = way.apply((double) i / steps);
            double width = (last[1] + now[1]) / 2;
            sum += Math.hypot(rho * (now[0] - last[0]) / width, (now[1] - last[1]) / (rho * width));
            last = now;
        }
        return sum;
    }

    private static double[] place(FlightPath path, double part) {
        FlightPath.Place at = path.at(part);
        return new double[] {at.travelled() * path.distance(), at.width()};
    }

    private static FlightPath any(Random chance) {
        return new FlightPath(
                100 * Math.exp(2 * chance.nextGaussian()),
                100 * Math.exp(2 * chance.nextGaussian()),
                chance.nextInt(5) == 0 ? 0 : 1000 * Math.exp(chance.nextGaussian()),
                0.3 + 2 * chance.nextDouble());
    }

    @Test
    void its_length_is_what_the_way_costs_it_is_even_and_no_other_way_costs_less() {
        Random chance = new Random(2003);
        for (int i = 0; i < 60; i++) {
            FlightPath path = any(chance);
            assertThat(place(path, 0)).containsExactly(0, path.start());
            assertThat(place(path, 1)).containsExactly(path.distance(), path.end());
            double length = cost(part -> place(path, part), path.rho());
            assertThat(length).isCloseTo(path.length(), within(1e-4 * path.length() + 1e-9));
            double half = cost(part -> place(path, part / 2), path.rho());
            assertThat(half).isCloseTo(path.length() / 2, within(1e-4 * path.length() + 1e-9));
            double wave = 0.02 * chance.nextGaussian();
            double sway = 0.02 * chance.nextGaussian();
            double other = cost(
                    part -> {
                        double[] at = place(path, part);
                        double bump = Math.sin(Math.PI * part);
                        return new double[] {
                            at[0] + sway * bump * Math.max(path.distance(), path.start()), at[1] * Math.exp(wave * bump)
                        };
                    },
                    path.rho());
            assertThat(other).isGreaterThan(length - 1e-6 * length);
        }
    }

    /** Durations that a general-purpose library for interpolation checks itself by (from memory): length · ρ/√2 in thousandths, at ρ = √2. */
    @ParameterizedTest
    @CsvSource({"1.1, 0, 67.4", "2, 0, 490.1", "8, 10, 2872.5"})
    void it_is_as_long_as_elsewhere(double end, double distance, double thousandths) {
        var path = new FlightPath(1, end, distance, Math.sqrt(2));
        assertThat(1000 * path.length()).isCloseTo(thousandths, within(0.6));
    }

    /** Between equal gates far apart the top is √(w² + (ρ²d/2)²): the paper's r₀ = −r₁ put into its equation for w. */
    @Test
    void its_top_between_equal_gates_is_where_the_closed_form_has_it() {
        var path = new FlightPath(300, 300, 4000, FlightPath.USUAL_RHO);
        double top = Math.hypot(300, 1.42 * 1.42 * 4000 / 2);
        assertThat(path.at(0.5).width()).isCloseTo(top, within(0.01));
        assertThat(path.at(0.5).travelled()).isCloseTo(0.5, within(1e-9));
    }

    private static CameraTrack flight(Random chance, TimingCurve timing) {
        Pose from = RandomPoses.inside(chance, PICTURE, FRAME).withDegrees(20 * chance.nextGaussian());
        Pose to = RandomPoses.inside(chance, PICTURE, FRAME).withDegrees(20 * chance.nextGaussian());
        Leg leg = Leg.Flight.in(FRAME, FlightPath.USUAL_RHO, timing);
        Leg turn = new Leg.Curve(timing);
        return new CameraTrack(
                Channel.keyed(ValueKinds.SCALE, List.of(Key.of(0, from.scale(), leg), Key.of(100, to.scale(), leg))),
                Channel.keyed(
                        ValueKinds.POSITION, List.of(Key.of(0, from.position(), leg), Key.of(100, to.position(), leg))),
                Channel.keyed(
                        ValueKinds.NUMBER, List.of(Key.of(0, from.degrees(), turn), Key.of(100, to.degrees(), turn))),
                Channel.constant(ValueKinds.ANCHOR, from.anchor()));
    }

    @Test
    void the_gate_flies_straight_from_framing_to_framing_as_wide_as_the_path_says() {
        Random chance = new Random(7);
        for (int i = 0; i < 50; i++) {
            CameraTrack camera = flight(chance, GENTLE);
            Pose first = camera.at(0);
            Pose last = camera.at(100);
            PicturePoint start = first.toPicture(FRAME.centre());
            PicturePoint end = last.toPicture(FRAME.centre());
            double distance = Math.hypot(end.x() - start.x(), end.y() - start.y());
            var path = new FlightPath(
                    192_000 / first.scale().x(), 192_000 / last.scale().x(), distance, FlightPath.USUAL_RHO);
            for (int at = 1; at < 100; at++) {
                Pose pose = camera.at(at);
                FlightPath.Place wanted = path.at(GENTLE.progress(at / 100.0));
                PicturePoint middle = pose.toPicture(FRAME.centre());
                double shown = pose.scale().factorX();
                assertThat(shown * (middle.x() - start.x() - wanted.travelled() * (end.x() - start.x())))
                        .isCloseTo(0, within(0.01));
                assertThat(shown * (middle.y() - start.y() - wanted.travelled() * (end.y() - start.y())))
                        .isCloseTo(0, within(0.01));
                assertThat(FRAME.width() / shown).isCloseTo(wanted.width(), within(1e-6 * wanted.width()));
                assertThat(pose.degrees())
                        .isCloseTo(
                                first.degrees() + (last.degrees() - first.degrees()) * GENTLE.progress(at / 100.0),
                                within(1e-9));
            }
            assertThat(camera.at(100)).isEqualTo(last);
            assertThat(camera.at(130)).isEqualTo(last);
        }
    }

    @Test
    void a_framing_put_into_it_does_not_change_it_and_runs_of_poses_are_the_same_as_single_ones() {
        Random chance = new Random(8);
        for (int i = 0; i < 20; i++) {
            CameraTrack camera = flight(chance, TimingCurve.STEADY);
            Pose middle = camera.at(37);
            CameraTrack divided = camera.withScale(
                            KeyInsertion.at(camera.scale(), 37).withValueAt(37, middle.scale()))
                    .withPosition(KeyInsertion.at(camera.position(), 37).withValueAt(37, middle.position()));
            var take = new Take(divided, 101, PICTURE, FRAME);
            for (int at = 0; at <= 100; at++) {
                FramePoint moved = divided.at(at).toFrame(camera.at(at).toPicture(FRAME.centre()));
                assertThat(moved.distance(FRAME.centre())).as("frame %d", at).isLessThan(0.01);
                assertThat(take.pose(at)).isEqualTo(divided.at(at));
            }
        }
    }

    @Test
    void where_scale_and_position_have_not_the_same_keys_they_travel_apart() {
        CameraTrack camera = flight(new Random(9), TimingCurve.STEADY);
        CameraTrack apart = camera.withPosition(KeyInsertion.at(camera.position(), 50));
        Scale from = camera.scale().at(0);
        Scale to = camera.scale().at(100);
        assertThat(apart.at(25).scale().x()).isCloseTo(from.x() + (to.x() - from.x()) / 4, within(1e-9));
    }

    @Test
    void in_another_frame_it_is_the_same_flight() {
        CameraTrack camera = flight(new Random(10), GENTLE);
        Size other = new Size(1080, 1920);
        CameraTrack carried = camera.carried(Resizing.zoomed(FRAME, other, 16 / 9.0));
        for (int at = 0; at <= 100; at += 10) {
            PicturePoint middle = carried.at(at).toPicture(other.centre());
            FramePoint there = camera.at(at).toFrame(middle);
            assertThat(there.distance(FRAME.centre())).isLessThan(1e-6);
            assertThat(carried.at(at).scale().x())
                    .isCloseTo(camera.at(at).scale().x() * 16 / 9, within(1e-6));
        }
    }

    @Test
    void what_cannot_be_a_flight_is_refused() {
        assertThatThrownBy(() -> Leg.Flight.in(FRAME, 0, GENTLE)).hasMessageContaining("flight");
        assertThatThrownBy(() -> Leg.Flight.in(FRAME, Double.NaN, GENTLE)).hasMessageContaining("flight");
        assertThatThrownBy(() -> new FlightPath(0, 1, 1, 1)).hasMessageContaining("width");
    }
}
