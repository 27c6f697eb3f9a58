package amberlens.core.judge.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Ride;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Axes;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.MoveScale;
import amberlens.core.motion.pose.Pose;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** What holds a seal back: limits, locked framings, axes with keys of their own, what rides on the shot. */
class SealConstraintsTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final int LENGTH = 41;

    private static Channel<Double> turn(double first, double second, double third) {
        return Channel.keyed(
                ValueKinds.NUMBER,
                List.of(Key.of(0, first, Leg.LINEAR), Key.of(10, second, Leg.LINEAR), Key.of(20, third, Leg.LINEAR)));
    }

    private static Channel<Scale> scales(double first, double second, double third) {
        return Channel.keyed(
                ValueKinds.SCALE,
                List.of(
                        Key.of(0, Scale.uniform(first), Leg.LINEAR),
                        Key.of(20, Scale.uniform(second), Leg.LINEAR),
                        Key.of(40, Scale.uniform(third), Leg.LINEAR)));
    }

    private static Take take(CameraTrack camera) {
        return new Take(camera, LENGTH, FRAME, FRAME);
    }

    private static CameraTrack still() {
        return CameraTrack.still(Pose.neutral(FRAME, FRAME));
    }

    private static SealResult.Sealed sealed(SealWay way, Take take, SealTerms terms) {
        SealResult result = Seal.by(way, take, terms);
        assertThat(result).isInstanceOf(SealResult.Sealed.class);
        SealResult.Sealed sealed = (SealResult.Sealed) result;
        assertThat(EdgeReport.of(take.withCamera(sealed.camera())).isSealed()).isTrue();
        return sealed;
    }

    private static SealTerms locked(int frame) {
        return SealTerms.free().withLocked(new TreeSet<>(List.of(frame)));
    }

    /**
     * Three framings stand 100 px off to either side: a zoom to 1060/960 = 110.42 % costs 0.104, three shifts 300/1920 = 0.156. Where a
     * limit of 105 % leaves 48 px of room, the other 52 px are shifted.
     */
    @Test
    void what_a_limit_does_not_let_be_zoomed_is_shifted() {
        CameraTrack swaying = still().withPosition(Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        Key.of(0, new FramePoint(1060, 540), Leg.LINEAR),
                        Key.of(20, new FramePoint(860, 540), Leg.LINEAR),
                        Key.of(40, new FramePoint(1060, 540), Leg.LINEAR))));
        var free = sealed(SealWay.LEAST, take(swaying), SealTerms.free());
        assertThat(free.cost().enlargement()).isCloseTo(110.4167, within(1e-3));
        assertThat(free.cost().measure()).isCloseTo(0.104167, within(1e-5));
        var limited = sealed(SealWay.LEAST, take(swaying), SealTerms.limit(105));
        assertThat(limited.cost().enlargement()).isCloseTo(105, within(1e-3));
        assertThat(limited.camera().position().keys())
                .extracting(key -> Math.round(key.value().x()))
                .containsExactly(1008L, 912L, 1008L);
        assertThat(limited.cost().measure()).isCloseTo(0.05 + 3 * 52 / 1920.0, within(1e-4));
    }

    /** The height has a key range of its own and is at its limit already, so that only a way down is left. */
    @Test
    void each_axis_that_has_keys_of_its_own_has_its_own_limit() {
        Channel<Scale> apart = Channel.unlinked(
                ValueKinds.SCALE,
                new Axes(Channel.constant(ValueKinds.NUMBER, 100.0), Channel.constant(ValueKinds.NUMBER, 110.0)));
        CameraTrack low =
                still().withScale(apart).withPosition(Channel.constant(ValueKinds.POSITION, new FramePoint(962, 640)));
        var found = sealed(SealWay.LEAST, take(low), SealTerms.limit(110));
        Scale scale = found.camera().scale().at(0);
        assertThat(scale.x()).isLessThanOrEqualTo(110 + 1e-4);
        assertThat(scale.y()).isLessThanOrEqualTo(110 + 1e-4);
        assertThat(found.camera().position().at(0).y()).isCloseTo(594, within(0.01)); // 54 px of room at 110 %
        assertThat(found.camera().scale().axes()).isPresent();
    }

    @Test
    void positions_apart_move_each_by_what_is_missing() {
        CameraTrack camera = still().withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(110)));
        Channel<FramePoint> apart = Channel.unlinked(
                ValueKinds.POSITION,
                new Axes(
                        Channel.keyed(
                                ValueKinds.NUMBER,
                                List.of(Key.of(0, 960.0, Leg.LINEAR), Key.of(40, 1100.0, Leg.LINEAR))),
                        Channel.constant(ValueKinds.NUMBER, 480.0)));
        var found = sealed(SealWay.SHIFT, take(camera.withPosition(apart)), SealTerms.free());
        assertThat(found.camera().position().axes()).isPresent();
        assertThat(found.camera().at(40).position().x()).isCloseTo(1056, within(0.01));
        assertThat(found.camera().at(0).position().x()).isEqualTo(960);
        assertThat(found.camera().at(7).position().y()).isCloseTo(486, within(0.01));
    }

    /** A turn of 3° in the middle of the first leg needs 109.17 %; either of its keys could be raised, but the first is locked. */
    @Test
    void a_locked_framing_leaves_its_scale_to_the_others() {
        CameraTrack turning = still().withScale(scales(101, 112, 112)).withRotation(turn(0, 3, 0));
        var free = sealed(SealWay.LEAST, take(turning), SealTerms.free());
        assertThat(free.camera().scale().at(0).x()).isGreaterThanOrEqualTo(101);
        var found = sealed(SealWay.LEAST, take(turning), locked(0));
        assertThat(found.camera().scale().at(0).x()).isCloseTo(101, within(1e-6));
        assertThat(found.camera().scale().at(0).y()).isCloseTo(101, within(1e-6));
        assertThat(found.camera().scale().at(20).x()).isGreaterThan(113);
        assertThat(Seal.by(SealWay.LIFT, take(turning), locked(0)))
                .isInstanceOfSatisfying(SealResult.Refused.class, refused -> {
                    assertThat(refused.frame()).isZero();
                    assertThat(refused.reason()).contains("frame 0 is locked").contains("or use Least change");
                });
    }

    /** The position is one for the whole shot; locked at the start it cannot move, so the end has to zoom. */
    @Test
    void a_locked_framing_keeps_its_place_across_and_down() {
        for (FramePoint off : List.of(new FramePoint(1000, 540), new FramePoint(960, 575))) {
            CameraTrack pulling =
                    still().withScale(scales(110, 110, 101)).withPosition(Channel.constant(ValueKinds.POSITION, off));
            var free = sealed(SealWay.LEAST, take(pulling), SealTerms.free());
            assertThat(free.camera().at(0).position()).isNotEqualTo(off);
            var found = sealed(SealWay.LEAST, take(pulling), locked(0));
            assertThat(found.camera().at(0).position().distance(off)).isLessThan(1e-6);
            assertThat(found.camera().scale().at(40).x()).isGreaterThan(103);
        }
    }

    /** Rising scales still rise and falling ones still fall: the last key goes up with the middle one. */
    @Test
    void the_order_of_neighbouring_scales_stays() {
        CameraTrack rising = still().withScale(scales(100, 101, 104)).withRotation(turn(0, 0, 4));
        var found = sealed(SealWay.LEAST, take(rising), SealTerms.free());
        List<Double> x = found.camera().scale().keys().stream()
                .map(key -> key.value().x())
                .toList();
        assertThat(x).isSorted();
        assertThat(x.get(1)).isGreaterThan(112);
    }

    @Test
    void a_curved_path_is_sealed_with_no_more_than_a_lift_costs() {
        var out = new PathHandles(FramePoint.ZERO, new FramePoint(-200, 300));
        CameraTrack curved = still().withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(112)))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(960, 540), Leg.LINEAR).withHandles(out),
                                Key.of(40, new FramePoint(1050, 590), Leg.LINEAR))));
        assertThat(EdgeReport.of(take(curved)).isSealed()).isFalse();
        var lift = sealed(SealWay.LIFT, take(curved), SealTerms.free());
        var least = sealed(SealWay.LEAST, take(curved), SealTerms.free());
        assertThat(least.cost().measure()).isLessThanOrEqualTo(lift.cost().measure());
    }

    @Test
    void refusals_name_the_turn_and_the_picture_that_would_do() {
        CameraTrack turned = still().withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(106.2)))
                .withRotation(Channel.constant(ValueKinds.NUMBER, 3.0));
        var refused = (SealResult.Refused) Seal.by(SealWay.SHIFT, take(turned), SealTerms.free());
        // Turned by 3° the frame is 1920·cos 3° + 1080·sin 3° = 1973.9 wide and 1179.0 high: over 1.062 of the
        // picture's.
        assertThat(refused.reason())
                .contains("a turn of at most 2.0° there")
                .contains("a picture of at least 1920 × 1111");
        var limited = (SealResult.Refused) Seal.by(SealWay.LEAST, take(turned), SealTerms.limit(108));
        assertThat(limited.reason()).contains("a limit of 109.2 %").contains("a picture of at least 1920 × 1092");
        CameraTrack anchoredAway =
                CameraTrack.still(new Pose(Scale.NEUTRAL, new FramePoint(-100, 540), 10, new PicturePoint(-20, 540)));
        var away = (SealResult.Refused) Seal.by(SealWay.SHIFT, take(anchoredAway), SealTerms.free());
        assertThat(away.reason()).contains("another anchor");
    }

    /** What rides on the shot turns and zooms it at random; the lift that is found closes all, and a little less would not. */
    @Test
    void under_a_rig_a_lift_is_the_least_that_does() {
        int sealed = 0;
        for (int seed = 0; seed < 300; seed++) {
            var chance = new Random(seed);
            CameraTrack rig = CameraTrack.still(new Pose(
                            Scale.uniform(70 + 60 * chance.nextDouble()),
                            new FramePoint(960 + 80 * chance.nextDouble(), 540 - 60 * chance.nextDouble()),
                            0,
                            new PicturePoint(960, 540)))
                    .withRotation(turn(0, 20 * chance.nextDouble() - 10, 0));
            var picture = new Size(4000, 2400);
            CameraTrack own = CameraTrack.still(Pose.neutral(picture, FRAME)
                    .withScale(Scale.uniform(45 + 15 * chance.nextDouble()))
                    .withDegrees(6 * chance.nextDouble() - 3)
                    .withPosition(new FramePoint(860 + 200 * chance.nextDouble(), 460 + 160 * chance.nextDouble())));
            var take = new Take(own, LENGTH, picture, FRAME, riding(rig));
            if (EdgeReport.of(take).isSealed()) {
                continue;
            }
            CameraTrack lifted = sealed(SealWay.LIFT, take, SealTerms.free()).camera();
            double factor = lifted.scale().at(0).x() / own.scale().at(0).x();
            CameraTrack less = MoveScale.scaled(own, factor * 0.9995, FRAME);
            assertThat(EdgeReport.of(take.withCamera(less)).isSealed()).isFalse();
            sealed++;
        }
        assertThat(sealed).isGreaterThan(100);
    }

    @Test
    void under_a_rig_no_zoom_helps_a_gate_whose_middle_is_outside() {
        var picture = new Size(4000, 2400);
        for (FramePoint away : List.of(
                new FramePoint(2000, 540),
                new FramePoint(-80, 540),
                new FramePoint(960, 1200),
                new FramePoint(960, -120))) {
            CameraTrack own = CameraTrack.still(
                    Pose.neutral(picture, FRAME).withScale(Scale.uniform(50)).withPosition(away));
            var take = new Take(own, 3, picture, FRAME, riding(still().withRotation(turn(1, 1, 1))));
            assertThat(Seal.by(SealWay.LIFT, take, SealTerms.free()))
                    .isInstanceOfSatisfying(SealResult.Refused.class, refused -> assertThat(refused.reason())
                            .contains("the middle of the gate leaves the picture"));
        }
    }

    private static Ride riding(CameraTrack... rigs) {
        return new Ride(
                Arrays.stream(rigs).map(rig -> new Ride.Rig(rig, 0, LENGTH)).toList(), FramePoint.ZERO);
    }

    /** A rig that is itself below another one: the closed form is only near, and what is found is still the least. */
    @Test
    void a_rig_below_a_rig_is_lifted_no_more_than_it_must() {
        int sealed = 0;
        for (int seed = 0; seed < 60; seed++) {
            var chance = new Random(seed);
            CameraTrack above = CameraTrack.still(new Pose(
                    Scale.uniform(94 + 12 * chance.nextDouble()),
                    new FramePoint(960 + 40 * chance.nextDouble(), 540),
                    8 * chance.nextDouble() - 4,
                    new PicturePoint(960, 540)));
            var picture = new Size(4000, 2250);
            CameraTrack shot = CameraTrack.still(Pose.neutral(picture, FRAME).withScale(Scale.uniform(50)));
            CameraTrack rig = still().withRotation(turn(0, 6 * chance.nextDouble(), 0));
            Subject subject = new Subject(
                    rig,
                    FRAME,
                    true,
                    camera -> List.of(new Subject.Judgement(
                            "the shot", new Take(shot, LENGTH, picture, FRAME, riding(camera, above)))));
            if (!open(subject, rig)) {
                continue;
            }
            SealResult result = Seal.by(SealWay.LIFT, subject, SealTerms.free());
            assertThat(result).isInstanceOf(SealResult.Sealed.class);
            CameraTrack lifted = ((SealResult.Sealed) result).camera();
            assertThat(open(subject, lifted)).isFalse();
            double factor = lifted.scale().at(0).x() / 100;
            assertThat(open(subject, MoveScale.scaled(rig, factor * 0.9995, FRAME)))
                    .isTrue();
            sealed++;
        }
        assertThat(sealed).isGreaterThan(30);
    }

    /** No scale above a million per cent, no place beyond a thousand million pixels: refused before it is tried. */
    @Test
    void what_no_scale_or_place_can_hold_is_refused() {
        CameraTrack tiny = still().withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(0.01)))
                .withAnchor(Channel.constant(ValueKinds.ANCHOR, new PicturePoint(0.05, 540)))
                .withRotation(Channel.constant(ValueKinds.NUMBER, 0.0));
        assertThat(Seal.by(SealWay.LIFT, take(tiny), SealTerms.free()))
                .isInstanceOfSatisfying(SealResult.Refused.class, refused -> assertThat(refused.reason())
                        .contains("frame 0 would need more than the largest scale there is"));
        CameraTrack far = still().withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(1)))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, FRAME.centre(), Leg.HOLD),
                                Key.of(50, new FramePoint(9e8, 540), Leg.LINEAR)))); // beyond the cut, but there
        assertThat(Seal.by(SealWay.LIFT, take(far), SealTerms.free()))
                .isInstanceOfSatisfying(SealResult.Refused.class, refused -> assertThat(refused.reason())
                        .contains("largest scale"));
    }

    @Test
    void a_lift_over_the_limit_says_by_how_much_and_what_would_do() {
        CameraTrack turned = still().withRotation(Channel.constant(ValueKinds.NUMBER, 3.0));
        // A turn of 3° needs 109.17 % (trigonometry of a turned rectangle).
        assertThat(Seal.by(SealWay.LIFT, take(turned), SealTerms.limit(105)))
                .isInstanceOfSatisfying(SealResult.Refused.class, refused -> assertThat(refused.reason())
                        .contains("needs 9.2 % more scale")
                        .contains("to 109.2 %")
                        .contains("above the limit of 105 %"));
    }

    private static boolean open(Subject subject, CameraTrack camera) {
        return subject.judged().apply(camera).stream()
                .anyMatch(judged -> !EdgeReport.of(judged.take()).isSealed());
    }
}
