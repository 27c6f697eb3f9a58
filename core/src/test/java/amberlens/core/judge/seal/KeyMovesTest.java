package amberlens.core.judge.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The amounts by which keys change, applied one at a time. */
class KeyMovesTest {
    private static final Size PICTURE = new Size(2000, 1500);
    private static final Size FRAME = new Size(1000, 600);
    private static final CameraTrack STILL = CameraTrack.still(Pose.neutral(PICTURE, FRAME));

    private static Channel<Scale> scales(Leg leg, double... percent) {
        return Channel.keyed(
                ValueKinds.SCALE,
                java.util.stream.IntStream.range(0, percent.length)
                        .mapToObj(i -> Key.of(10 * i, Scale.uniform(percent[i]), leg))
                        .toList());
    }

    private static Channel<Double> numbers(double... values) {
        return Channel.keyed(
                ValueKinds.NUMBER,
                java.util.stream.IntStream.range(0, values.length)
                        .mapToObj(i -> Key.of(10 * i, values[i], Leg.LINEAR))
                        .toList());
    }

    private static Channel<FramePoint> positions(FramePoint... places) {
        return Channel.keyed(
                ValueKinds.POSITION,
                java.util.stream.IntStream.range(0, places.length)
                        .mapToObj(i -> Key.of(10 * i, places[i], Leg.LINEAR))
                        .toList());
    }

    private static KeyMoves least(CameraTrack camera) {
        return new KeyMoves(camera, FRAME.width(), SealWay.LEAST);
    }

    @Test
    void linear_are_moves_whose_values_between_keys_are_linear_in_those_of_the_keys() {
        assertThat(least(STILL).linear()).isTrue();
        Leg curve = new Leg.Curve(new TimingCurve(0.42, 0, 0.58, 1));
        assertThat(least(STILL.withScale(scales(curve, 100, 120))).linear()).isTrue();
        assertThat(least(STILL.withScale(scales(Leg.SMOOTH, 100, 120, 140))).linear())
                .isFalse();
        Channel<Scale> even = Channel.keyed(
                ValueKinds.SCALE,
                List.of(
                        Key.of(0, Scale.uniform(100), Leg.LINEAR).withEven(true),
                        Key.of(10, Scale.uniform(130), Leg.LINEAR)));
        assertThat(least(STILL.withScale(even)).linear()).isFalse();
        var path = positions(new FramePoint(500, 300), new FramePoint(600, 300));
        assertThat(least(STILL.withPosition(path)).linear()).isTrue();
        var bent = Channel.keyed(
                ValueKinds.POSITION,
                path.keys().stream()
                        .map(key -> key.withHandles(new PathHandles(FramePoint.ZERO, new FramePoint(20, 30))))
                        .toList());
        assertThat(least(STILL.withPosition(bent)).linear()).isFalse();
        assertThat(least(STILL.with(Properties.PITCH, Channel.constant(ValueKinds.NUMBER, 5.0)))
                        .linear())
                .isFalse();
    }

    /** One amount of so much, all others nothing. */
    private static CameraTrack moved(KeyMoves moves, int amount, double by) {
        double[] all = new double[moves.amounts().size()];
        all[amount] = by;
        return moves.moved(all);
    }

    private static int amount(KeyMoves moves, KeyMoves.Quantity quantity, int nth) {
        int[] found = java.util.stream.IntStream.range(0, moves.amounts().size())
                .filter(i -> moves.amounts().get(i).quantity() == quantity)
                .toArray();
        return found[nth];
    }

    @Test
    void positions_apart_move_along_their_own_axis_by_parts_of_the_frame_s_width() {
        CameraTrack camera = STILL.withPosition(
                Channel.unlinked(ValueKinds.POSITION, new Axes(numbers(500, 540, 560), numbers(300, 350))));
        KeyMoves moves = least(camera);
        CameraTrack right = moved(moves, amount(moves, KeyMoves.Quantity.X, 1), 0.05);
        assertThat(right.position().axes().orElseThrow().x().keys())
                .extracting(Key::value)
                .containsExactly(500.0, 590.0, 560.0);
        assertThat(right.position().axes().orElseThrow().y()).isEqualTo(numbers(300, 350));
        CameraTrack down = moved(moves, amount(moves, KeyMoves.Quantity.Y, 0), 0.03);
        assertThat(down.position().axes().orElseThrow().y().keys())
                .extracting(Key::value)
                .containsExactly(330.0, 350.0);
        assertThat(down.position().axes().orElseThrow().x()).isEqualTo(numbers(500, 540, 560));
    }

    @Test
    void linked_positions_move_along_one_axis_at_a_time() {
        KeyMoves moves = least(STILL.withPosition(positions(new FramePoint(500, 300), new FramePoint(650, 320))));
        var right = moved(moves, amount(moves, KeyMoves.Quantity.X, 1), 0.1).position();
        assertThat(right.keys().get(1).value()).isEqualTo(new FramePoint(750, 320));
        var down = moved(moves, amount(moves, KeyMoves.Quantity.Y, 1), 0.1).position();
        assertThat(down.keys().get(1).value()).isEqualTo(new FramePoint(650, 420));
        assertThat(down.keys().get(0).value()).isEqualTo(new FramePoint(500, 300));
    }

    @Test
    void scales_grow_by_parts_of_themselves_each_axis_on_its_own_where_they_are_apart() {
        KeyMoves linked = least(STILL.withScale(scales(Leg.LINEAR, 100, 120)));
        var grown =
                moved(linked, amount(linked, KeyMoves.Quantity.SCALE, 1), 0.1).scale();
        assertThat(grown.keys().get(1).value().x()).isCloseTo(132, within(1e-9));
        assertThat(grown.keys().get(0).value()).isEqualTo(Scale.uniform(100));
        KeyMoves apart = least(STILL.withScale(
                Channel.unlinked(ValueKinds.SCALE, new Axes(numbers(100, 150), numbers(110, 130, 120)))));
        Axes wide = moved(apart, amount(apart, KeyMoves.Quantity.SCALE_X, 1), 0.2)
                .scale()
                .axes()
                .orElseThrow();
        assertThat(wide.x().keys().get(1).value()).isCloseTo(180, within(1e-9));
        assertThat(wide.y()).isEqualTo(numbers(110, 130, 120));
        Axes high = moved(apart, amount(apart, KeyMoves.Quantity.SCALE_Y, 1), 0.2)
                .scale()
                .axes()
                .orElseThrow();
        assertThat(high.y().keys().get(1).value()).isCloseTo(156, within(1e-9));
        assertThat(high.x()).isEqualTo(numbers(100, 150));
    }

    @Test
    void neighbours_of_equal_value_are_one_amount_that_counts_for_each_of_them() {
        KeyMoves moves = least(STILL.withScale(scales(Leg.LINEAR, 100, 100, 130)));
        int both = amount(moves, KeyMoves.Quantity.SCALE, 0);
        assertThat(moves.amounts().get(both).lastKey()).isEqualTo(1);
        var grown = moved(moves, both, 0.5).scale();
        assertThat(grown.keys()).extracting(key -> key.value().x()).containsExactly(150.0, 150.0, 130.0);
    }

    /** That a rising pair of scales still rises: (1 + b)·120 ≥ (1 + a)·100, over 100. */
    @Test
    void the_order_of_neighbouring_scales_is_kept() {
        KeyMoves moves = least(STILL.withScale(scales(Leg.LINEAR, 100, 120)));
        List<LinearProgramme.Row> rows = moves.order();
        assertThat(rows).isNotEmpty();
        int first = amount(moves, KeyMoves.Quantity.SCALE, 0);
        int second = amount(moves, KeyMoves.Quantity.SCALE, 1);
        for (LinearProgramme.Row row : rows) {
            assertThat(holds(row, moves, first, 0.2, second, 0)).isTrue();
            assertThat(holds(row, moves, first, 0.21, second, 0)).isFalse();
            assertThat(holds(row, moves, first, 0.21, second, 0.05)).isTrue();
            assertThat(holds(row, moves, first, 0, second, -0.17)).isFalse();
        }
    }

    private static boolean holds(LinearProgramme.Row row, KeyMoves moves, int one, double a, int other, double b) {
        double[] amounts = new double[moves.amounts().size()];
        amounts[one] = a;
        amounts[other] = b;
        return dot(row.factors(), amounts) >= row.atLeast() - 1e-9;
    }

    /** What is required of a frame that keeps its pose holds where nothing changes, and nowhere else nearby. */
    @Test
    void a_kept_frame_allows_no_change_of_what_it_shows() {
        CameraTrack camera = STILL.withScale(scales(Leg.LINEAR, 100, 120))
                .withPosition(positions(new FramePoint(500, 300), new FramePoint(650, 320)));
        Take take = new Take(camera, 11, PICTURE, FRAME);
        KeyMoves moves = least(camera);
        double[] none = new double[moves.amounts().size()];
        var near = new Linearised(moves, none, Subject.of(take));
        List<LinearProgramme.Row> rows = near.kept(10, camera.at(10));
        assertThat(rows).hasSize(4);
        for (int amount = 0; amount < none.length; amount++) {
            double[] by = none.clone();
            by[amount] = 0.01;
            boolean last = moves.amounts().get(amount).lastKey() == 1;
            double furthest = rows.stream()
                    .mapToDouble(row -> Math.abs(dot(row.factors(), by) - row.atLeast()))
                    .max()
                    .orElseThrow();
            // A hundredth of the scale of 120 %, or of the frame's width.
            double wanted =
                    !last ? 0 : moves.amounts().get(amount).quantity() == KeyMoves.Quantity.SCALE ? 0.012 : 0.01;
            assertThat(furthest).as("amount %d", amount).isCloseTo(wanted, within(1e-6));
        }
        assertThat(rows).allSatisfy(row -> assertThat(row.atLeast()).isCloseTo(0, within(1e-9)));
    }

    private static double dot(Map<Integer, Double> factors, double[] by) {
        return factors.entrySet().stream()
                .mapToDouble(factor -> factor.getValue() * by[factor.getKey()])
                .sum();
    }

    @Test
    void a_limit_is_a_row_in_hundredths_of_the_scale() {
        CameraTrack camera = STILL.withScale(scales(Leg.LINEAR, 100, 120));
        KeyMoves moves = least(camera);
        double[] none = new double[moves.amounts().size()];
        var near = new Linearised(moves, none, Subject.of(new Take(camera, 11, PICTURE, FRAME)));
        LinearProgramme.Row row = near.limit(0, 10, amberlens.core.motion.curve.Axis.X, 150);
        double[] by = none.clone();
        by[amount(moves, KeyMoves.Quantity.SCALE, 1)] = 0.25; // to 150 %
        assertThat(dot(row.factors(), by)).isCloseTo(row.atLeast(), within(1e-6));
        by[amount(moves, KeyMoves.Quantity.SCALE, 1)] = 0.26;
        assertThat(dot(row.factors(), by)).isLessThan(row.atLeast());
    }

    /** Two amounts of cost 1 and 2 whose sum must be 1, then at least 1. */
    @Test
    void the_programme_finds_the_cheapest_amounts_and_those_that_violate_least() {
        var row = new LinearProgramme.Row(Map.of(0, 1.0, 1, 1.0), 1);
        double[] weights = {1, 2};
        double[] least = {-0.5, -0.5};
        assertThat(new LinearProgramme(weights, least)
                        .fix(List.of(row))
                        .cheapest()
                        .orElseThrow())
                .containsExactly(new double[] {1, 0}, within(1e-9));
        assertThat(new LinearProgramme(weights, least)
                        .require(List.of(row))
                        .cheapest()
                        .orElseThrow())
                .containsExactly(new double[] {1, 0}, within(1e-9));
        // The first may be at most 0.2 and the sum is wanted at least 1, the second held at 0.3: 0.5 is missing.
        var first = new LinearProgramme.Row(Map.of(0, -1.0), -0.2);
        var second = new LinearProgramme.Row(Map.of(1, 1.0), 0.3);
        double[] found = new LinearProgramme(weights, least)
                .require(List.of(first))
                .fix(List.of(second))
                .leastViolating(List.of(row))
                .orElseThrow();
        assertThat(found).containsExactly(new double[] {0.2, 0.3}, within(1e-6));
        var impossible = new LinearProgramme.Row(Map.of(0, 1.0), 5);
        assertThat(new LinearProgramme(weights, least)
                        .require(List.of(first, impossible))
                        .cheapest())
                .isEmpty();
    }

    @Test
    void costs_of_axes_apart_are_summed_key_by_key() {
        CameraTrack before = STILL.withPosition(
                        Channel.unlinked(ValueKinds.POSITION, new Axes(numbers(500, 540, 560), numbers(300, 350))))
                .withScale(Channel.unlinked(ValueKinds.SCALE, new Axes(numbers(100, 150), numbers(110, 130, 120))));
        CameraTrack after = STILL.withPosition(
                        Channel.unlinked(ValueKinds.POSITION, new Axes(numbers(510, 540, 540), numbers(300, 380))))
                .withScale(Channel.unlinked(ValueKinds.SCALE, new Axes(numbers(110, 150), numbers(110, 143, 120))));
        var take = new Take(before, 21, PICTURE, FRAME);
        double wanted = (10 + 20 + 30) / 1000.0 + 0.1 / 2 + 0.1 / 2;
        assertThat(SealCost.between(Subject.of(take), after).measure()).isCloseTo(wanted, within(1e-12));
    }

    @Test
    void every_way_says_what_it_does() {
        assertThat(Arrays.stream(SealWay.values()).map(SealWay::explained))
                .allSatisfy(words -> assertThat(words).isNotBlank())
                .doesNotHaveDuplicates();
    }

    @Test
    void a_lift_beyond_the_largest_scale_is_refused_in_words() {
        CameraTrack camera = CameraTrack.still(
                        Pose.neutral(new Size(1, 1), FRAME).withScale(Scale.uniform(Scale.LARGEST / 2)))
                .withPosition(positions(
                        FRAME.centre(),
                        new FramePoint(
                                FRAME.centre().x() + 0.499 * Scale.LARGEST / 200,
                                FRAME.centre().y())));
        var take = new Take(camera, 11, new Size(1, 1), FRAME);
        SealResult result = Seal.by(SealWay.LIFT, take, SealTerms.free());
        assertThat(result).isInstanceOf(SealResult.Refused.class);
        assertThat(((SealResult.Refused) result).reason()).contains("more than the largest scale");
    }
}
