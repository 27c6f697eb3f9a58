package amberlens.core.judge.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomMoves;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class SealTermsTest {
    private static final Size FRAME = new Size(1920, 1080);

    /** A picture as large as the frame, with axes of their own: the width a little too small, the height with room. */
    private static Take apart(double width, double height, double x) {
        var camera = CameraTrack.still(
                        new Pose(new Scale(width, height), new FramePoint(x, 540), 0, new PicturePoint(960, 540)))
                .withScale(Channel.constant(ValueKinds.SCALE, new Scale(width, height))
                        .unlinked());
        return new Take(camera, 5, FRAME, FRAME);
    }

    @Test
    void the_limit_counts_for_each_axis_so_that_the_narrow_one_may_grow_up_to_it() {
        Take take = apart(99, 109, 960);
        var sealed = (SealResult.Sealed) Seal.by(SealWay.LEAST, take, SealTerms.limit(110));
        assertThat(sealed.camera().at(0).scale().y()).isCloseTo(109, within(1e-6));
        assertThat(sealed.camera().at(0).scale().x()).isCloseTo(100, within(1e-3));
        // Half of the growth of one axis by a 99th: the cost of unequal axes is their mean.
        assertThat(sealed.cost().measure()).isCloseTo(1.0 / 99 / 2, within(1e-5));
    }

    @Test
    void what_a_shift_solves_the_least_change_does_not_refuse() {
        Take take = apart(120, 120, 960 + 250);
        var shift = (SealResult.Sealed) Seal.by(SealWay.SHIFT, take, SealTerms.limit(110));
        var least = (SealResult.Sealed) Seal.by(SealWay.LEAST, take, SealTerms.limit(110));
        assertThat(least.cost().measure()).isLessThanOrEqualTo(shift.cost().measure() + 1e-9);
    }

    @Property(tries = 120)
    void the_least_change_never_costs_more_than_a_shift_or_a_lift_on_curved_paths_too(@ForAll long seed) {
        Take take = RandomMoves.any(new Random(seed), 50, false);
        if (Seal.by(SealWay.LEAST, take, SealTerms.limit(160)) instanceof SealResult.Sealed least) {
            for (SealWay other : List.of(SealWay.SHIFT, SealWay.LIFT)) {
                if (Seal.by(other, take, SealTerms.limit(160)) instanceof SealResult.Sealed sealed) {
                    assertThat(least.cost().measure())
                            .isLessThanOrEqualTo(sealed.cost().measure() + 1e-6);
                }
            }
        } else {
            assertThat(Seal.by(SealWay.SHIFT, take, SealTerms.limit(160))).isNotInstanceOf(SealResult.Sealed.class);
        }
    }

    @Test
    void a_refused_lift_names_the_least_change_only_where_that_would_do() {
        Pose turned = Pose.neutral(FRAME, FRAME).withDegrees(5);
        Take nothingHelps = new Take(CameraTrack.still(turned), 3, FRAME, FRAME);
        var refused = (SealResult.Refused) Seal.by(SealWay.LIFT, nothingHelps, SealTerms.limit(110));
        assertThat(Seal.by(SealWay.LEAST, nothingHelps, SealTerms.limit(110))).isInstanceOf(SealResult.Refused.class);
        assertThat(refused.reason()).doesNotContain("Least change").contains("a limit of");
        Pose aside = Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(105)).withPosition(new FramePoint(1020, 540));
        Take shiftHelps = new Take(CameraTrack.still(aside), 3, FRAME, FRAME);
        var offered = (SealResult.Refused) Seal.by(SealWay.LIFT, shiftHelps, SealTerms.limit(106));
        assertThat(offered.reason()).contains("Least change");
        assertThat(Seal.by(SealWay.LEAST, shiftHelps, SealTerms.limit(106))).isInstanceOf(SealResult.Sealed.class);
    }

    @Test
    void a_refused_shift_names_only_ways_that_zoom_within_the_limit() {
        Take turned = new Take(CameraTrack.still(Pose.neutral(FRAME, FRAME).withDegrees(2)), 3, FRAME, FRAME);
        assertThat(((SealResult.Refused) Seal.by(SealWay.SHIFT, turned, SealTerms.limit(110))).reason())
                .contains("Least change or Lift, which may zoom");
        assertThat(((SealResult.Refused) Seal.by(SealWay.SHIFT, turned, SealTerms.limit(103))).reason())
                .doesNotContain("which may zoom");
    }

    @Test
    void a_lift_with_a_locked_framing_refuses_and_names_the_least_change_only_where_it_helps() {
        var locked = SealTerms.free().withLocked(new TreeSet<>(List.of(0)));
        var camera = CameraTrack.still(Pose.neutral(FRAME, FRAME))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, Scale.uniform(100), Leg.LINEAR), Key.of(20, Scale.uniform(98), Leg.LINEAR))));
        var helped = (SealResult.Refused) Seal.by(SealWay.LIFT, new Take(camera, 21, FRAME, FRAME), locked);
        assertThat(helped.reason()).contains("frame 0 is locked").contains("or use Least change");
        var still = new Take(CameraTrack.still(Pose.neutral(FRAME, FRAME).withDegrees(1)), 3, FRAME, FRAME);
        assertThat(((SealResult.Refused) Seal.by(SealWay.LIFT, still, locked)).reason())
                .contains("unlock it")
                .doesNotContain("Least change");
    }

    @Test
    void a_lift_beyond_the_largest_scale_refuses_instead_of_failing() {
        Pose tiny = Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(900_000)).withPosition(new FramePoint(9e6, 540));
        var result = Seal.by(SealWay.LIFT, new Take(CameraTrack.still(tiny), 2, FRAME, FRAME), SealTerms.free());
        assertThat(result).isInstanceOf(SealResult.Refused.class);
    }

    @Test
    void a_move_that_lands_exactly_on_the_limit_is_sharp_and_may_be_sealed_to_it() {
        assertThat(Enlargement.isWithin(110.00000000000001, 110)).isTrue();
        assertThat(Enlargement.verdict(100.0 * 1.1)).isEqualTo("not noticeable");
        assertThat(Enlargement.verdict(110.001)).isEqualTo("soft");
        Pose small = Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(100 / 1.1));
        Take take = new Take(CameraTrack.still(small), 3, new Size(1746, 982), FRAME);
        if (Seal.by(SealWay.LIFT, take, SealTerms.free()) instanceof SealResult.Sealed sealed) {
            double exact = sealed.cost().enlargement();
            assertThat(Seal.by(SealWay.LIFT, take, SealTerms.limit(exact))).isInstanceOf(SealResult.Sealed.class);
            assertThat(EdgeReport.of(take.withCamera(sealed.camera())).isSealed())
                    .isTrue();
        }
    }
}
