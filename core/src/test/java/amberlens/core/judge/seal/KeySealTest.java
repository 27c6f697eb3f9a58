package amberlens.core.judge.seal;

import static amberlens.core.RandomMoves.FRAME;
import static amberlens.core.RandomMoves.PICTURE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomMoves;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Margin;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.function.IntToDoubleFunction;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class KeySealTest {
    private static final int LENGTH = 70;

    @Property(tries = 400)
    void a_seal_closes_every_frame_within_the_limit_and_adds_no_extreme_of_scale_or_refuses(@ForAll long seed) {
        var chance = new Random(seed);
        Take take = RandomMoves.any(chance, LENGTH, chance.nextBoolean());
        double limit = 80 + 150 * chance.nextDouble();
        SealWay way = SealWay.values()[chance.nextInt(3)];
        switch (Seal.by(way, take, SealTerms.limit(limit))) {
            case SealResult.AlreadySealed _ ->
                assertThat(EdgeReport.of(take).isSealed()).isTrue();
            case SealResult.Refused refused -> {
                assertThat(EdgeReport.of(take).isSealed()).isFalse();
                assertThat(refused.frame()).isBetween(0, LENGTH - 1);
                assertThat(refused.reason()).contains("frame");
            }
            case SealResult.Sealed sealed -> assertGood(take, sealed, limit);
        }
    }

    /** A gate whose centre almost lies on a side: a zoom alone would need more than the largest scale there is. */
    @Test
    void a_zoom_beyond_the_largest_scale_is_refused() {
        a_seal_closes_every_frame_within_the_limit_and_adds_no_extreme_of_scale_or_refuses(-87336);
    }

    private static void assertGood(Take take, SealResult.Sealed sealed, double limit) {
        Take after = take.withCamera(sealed.camera());
        for (int frame = 0; frame < LENGTH; frame++) {
            assertThat(Margin.of(after.pose(frame), PICTURE, FRAME).framePx()).isGreaterThanOrEqualTo(Margin.SEALED);
            double before = larger(take, frame);
            assertThat(larger(after, frame)).isLessThanOrEqualTo(Math.max(limit, before) + 1e-3);
        }
        assertThat(extremes(frame -> after.pose(frame).scale().x()))
                .isLessThanOrEqualTo(extremes(frame -> take.pose(frame).scale().x()));
        assertThat(sealed.cost().measure()).isPositive();
        assertThat(sealed.camera().rotation()).isSameAs(take.camera().rotation());
        assertThat(sealed.camera().anchor()).isSameAs(take.camera().anchor());
    }

    private static double larger(Take take, int frame) {
        Scale scale = take.pose(frame).scale();
        return Math.max(scale.x(), scale.y());
    }

    /** How often the direction turns, leaving out what is below a hundred-millionth. */
    private static int extremes(IntToDoubleFunction value) {
        int turns = 0;
        int direction = 0;
        double last = value.applyAsDouble(0);
        for (int frame = 1; frame < LENGTH; frame++) {
            double now = value.applyAsDouble(frame);
            int way = Math.abs(now - last) < 1e-8 * last ? 0 : now > last ? 1 : -1;
            if (way != 0) {
                turns += direction != 0 && way != direction ? 1 : 0;
                direction = way;
                last = now;
            }
        }
        return turns;
    }

    @Property(tries = 200)
    void least_change_never_costs_more_than_lift(@ForAll long seed) {
        var chance = new Random(seed);
        Take take = RandomMoves.any(chance, LENGTH, chance.nextBoolean());
        if (Seal.by(SealWay.LIFT, take, SealTerms.free()) instanceof SealResult.Sealed lift) {
            var least = (SealResult.Sealed) Seal.by(SealWay.LEAST, take, SealTerms.free());
            assertThat(least.cost().measure()).isLessThanOrEqualTo(lift.cost().measure());
        }
    }

    @Property(tries = 60)
    void a_locked_framing_keeps_its_pose(@ForAll long seed) {
        var chance = new Random(seed);
        Take take = RandomMoves.any(chance, LENGTH, true);
        int locked = chance.nextInt(LENGTH);
        var terms = SealTerms.free().withLocked(new TreeSet<>(List.of(locked)));
        if (Seal.by(SealWay.LEAST, take, terms) instanceof SealResult.Sealed sealed) {
            Pose before = take.pose(locked);
            Pose after = sealed.camera().at(locked);
            assertThat(after.position().distance(before.position())).isLessThan(1e-5);
            assertThat(after.scale().x()).isCloseTo(before.scale().x(), within(1e-5));
        }
    }

    /** Start inside, turned to the end, open only between the keys: solved by the two framings there are. */
    @Test
    void a_turn_that_opens_only_between_the_keys_is_sealed_without_a_key_more() {
        Leg leg = Ease.GENTLE_BOTH.leg();
        var size = new Size(1920, 1080);
        var camera = CameraTrack.still(Pose.neutral(size, FRAME).withScale(Scale.uniform(100)))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(100), leg),
                                Key.of(49, Scale.uniform(100 * 1920 / 1080.0), leg))))
                .withRotation(Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(0, 0.0, leg), Key.of(49, 90.0, leg))));
        var take = new Take(camera, 50, size, FRAME);
        EdgeReport before = EdgeReport.of(take);
        assertThat(before.margins().getFirst().isSealed()).isTrue();
        assertThat(before.margins().getLast().isSealed()).isTrue();
        assertThat(before.isSealed()).isFalse();
        for (SealWay way : List.of(SealWay.LIFT, SealWay.LEAST)) {
            var sealed = (SealResult.Sealed) Seal.by(way, take, SealTerms.free());
            assertThat(EdgeReport.of(take.withCamera(sealed.camera())).isSealed())
                    .isTrue();
            assertThat(sealed.camera().scale().keys()).hasSize(2);
            assertThat(sealed.camera().position().animated()).isFalse();
            assertThat(sealed.addedKey()).isEmpty();
        }
    }

    /** 1920 wide at 110 %: 96 px of working room each side (common practice), so a key 146 px off moves by 50. */
    @Test
    void shift_moves_a_position_just_back_to_the_side() {
        var camera = CameraTrack.still(Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(110)))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(960, 540), Leg.LINEAR),
                                Key.of(20, new FramePoint(960 + 146, 540), Leg.LINEAR))));
        var sealed = (SealResult.Sealed) Seal.by(SealWay.SHIFT, new Take(camera, 21, FRAME, FRAME), SealTerms.free());
        assertThat(sealed.camera().position().at(20).x()).isCloseTo(960 + 96, within(1e-3));
        assertThat(sealed.camera().position().at(0)).isEqualTo(new FramePoint(960, 540));
        assertThat(sealed.camera().scale()).isSameAs(camera.scale());
        assertThat(sealed.cost().shiftPx()).isCloseTo(50, within(1e-3));
        assertThat(sealed.cost().measure()).isCloseTo(50 / 1920.0, within(1e-6));
    }

    @Test
    void shift_refuses_where_only_a_zoom_helps_and_says_so() {
        var turned = CameraTrack.still(Pose.neutral(FRAME, FRAME).withDegrees(2));
        var refused = (SealResult.Refused) Seal.by(SealWay.SHIFT, new Take(turned, 5, FRAME, FRAME), SealTerms.free());
        assertThat(refused.reason())
                .contains("stays open at the")
                .contains("Least change or Lift")
                .contains("a turn of at most 0.0°")
                .contains("a picture of at least");
        assertThat(refused.side()).isPresent();
    }

    @Test
    void least_change_refuses_above_the_limit_and_names_the_limit_that_would_do() {
        var turned = CameraTrack.still(Pose.neutral(FRAME, FRAME).withDegrees(10));
        var take = new Take(turned, 5, FRAME, FRAME);
        var refused = (SealResult.Refused) Seal.by(SealWay.LEAST, take, SealTerms.limit(110));
        assertThat(refused.reason()).contains("a limit of 129.4 %");
        assertThat(Seal.by(SealWay.LEAST, take, SealTerms.limit(129.4))).isInstanceOf(SealResult.Sealed.class);
    }

    /** Both ends are locked and inside; only a key between them can close the turn, and only when it is asked for. */
    @Test
    void one_key_is_added_only_when_asked_and_needed() {
        Leg leg = Leg.LINEAR;
        var camera = CameraTrack.still(Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(100)))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, Scale.uniform(100), leg), Key.of(40, Scale.uniform(192), leg))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(Key.of(0, new FramePoint(960, 540), leg), Key.of(40, new FramePoint(960, 540), leg))))
                .withRotation(Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(0, 0.0, leg), Key.of(40, 40.0, leg))));
        var take = new Take(camera, 41, FRAME, FRAME);
        var terms = SealTerms.free().withLocked(new TreeSet<>(List.of(0, 40)));
        assertThat(((SealResult.Refused) Seal.by(SealWay.LEAST, take, terms)).reason())
                .contains("no locked framing");
        var sealed = (SealResult.Sealed) Seal.by(SealWay.LEAST, take, terms.withMayAddKey(true));
        assertThat(sealed.addedKey()).isPresent();
        assertThat(sealed.camera().scale().keys()).hasSize(3);
        assertThat(EdgeReport.of(take.withCamera(sealed.camera())).isSealed()).isTrue();
        var unlocked = (SealResult.Sealed)
                Seal.by(SealWay.LEAST, take, SealTerms.free().withMayAddKey(true));
        assertThat(unlocked.addedKey()).isEmpty();
    }

    @Test
    void two_equal_keys_stay_equal_to_the_last_bit() {
        Leg leg = Ease.GENTLE_BOTH.leg();
        var camera = CameraTrack.still(Pose.neutral(FRAME, FRAME))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(
                                Key.of(0, Scale.uniform(101), leg),
                                Key.of(20, Scale.uniform(101), leg),
                                Key.of(40, Scale.uniform(105), leg))))
                .withRotation(Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(0, 0.0, leg), Key.of(40, 3.0, leg))));
        var sealed = (SealResult.Sealed) Seal.by(SealWay.LEAST, new Take(camera, 41, FRAME, FRAME), SealTerms.free());
        var keys = sealed.camera().scale().keys();
        assertThat(keys.get(0).value()).isEqualTo(keys.get(1).value());
        assertThat(keys.get(0).value().x()).isGreaterThan(101);
    }
}
