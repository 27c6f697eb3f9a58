package amberlens.core.motion.pose;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.seal.Seal;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.property.Properties;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LeaningSealTest {
    private static final Size PICTURE = new Size(2400, 1600);
    private static final Size FRAME = new Size(1920, 1080);
    private static final int LENGTH = 50;

    private static Channel<Double> from(double first, double last) {
        return Channel.keyed(
                ValueKinds.NUMBER, List.of(Key.of(0, first, Leg.LINEAR), Key.of(LENGTH - 1, last, Leg.LINEAR)));
    }

    private static Take yawled(double degrees) {
        CameraTrack camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(85)))
                .with(Properties.YAW, from(0, degrees));
        return new Take(camera, LENGTH, PICTURE, FRAME);
    }

    @ParameterizedTest
    @EnumSource(
            value = SealWay.class,
            names = {"LIFT", "LEAST"})
    void a_yaw_that_opens_an_edge_is_sealed(SealWay way) {
        Take take = yawled(25);
        assertThat(EdgeReport.of(take).isSealed()).isFalse();
        SealResult result = Seal.by(way, take, SealTerms.free());
        assertThat(result).isInstanceOf(SealResult.Sealed.class);
        Take sealed = take.withCamera(((SealResult.Sealed) result).camera());
        assertThat(EdgeReport.of(sealed).isSealed()).isTrue();
        assertThat(EdgeReport.of(sealed).worst().framePx()).isLessThan(1);
        assertThat(sealed.camera().get(Properties.YAW)).isEqualTo(take.camera().get(Properties.YAW));
    }

    @Test
    void least_change_is_no_dearer_than_a_lift() {
        Take take = yawled(25);
        var lift = (SealResult.Sealed) Seal.by(SealWay.LIFT, take, SealTerms.free());
        var least = (SealResult.Sealed) Seal.by(SealWay.LEAST, take, SealTerms.free());
        assertThat(least.cost().measure()).isLessThanOrEqualTo(lift.cost().measure() + 1e-9);
    }

    @Test
    void a_lift_of_pulled_corners_scales_how_they_are_pulled() {
        CameraTrack camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(85)))
                .with(Properties.CORNERS.getFirst(), Channel.constant(ValueKinds.POSITION, new FramePoint(220, 160)));
        var take = new Take(camera, LENGTH, PICTURE, FRAME);
        assertThat(EdgeReport.of(take).isSealed()).isFalse();
        var sealed = (SealResult.Sealed) Seal.by(SealWay.LIFT, take, SealTerms.free());
        double grown = sealed.camera().scale().constant().x() / 85;
        assertThat(sealed.camera().get(Properties.CORNERS.getFirst()).constant().x() / 220)
                .isEqualTo(grown);
        assertThat(EdgeReport.of(take.withCamera(sealed.camera())).isSealed()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(SealWay.class)
    void what_cannot_be_seen_is_refused_with_the_reason(SealWay way) {
        SealResult result = Seal.by(way, yawled(98), SealTerms.free());
        assertThat(result).isInstanceOf(SealResult.Refused.class);
        Take edgeOn = new Take(
                CameraTrack.still(Pose.neutral(PICTURE, FRAME))
                        .with(Properties.YAW, Channel.constant(ValueKinds.NUMBER, 90.0)),
                LENGTH,
                PICTURE,
                FRAME);
        assertThat(((SealResult.Refused) Seal.by(way, edgeOn, SealTerms.free())).reason())
                .contains("edge-on at frame 0");
    }
}
