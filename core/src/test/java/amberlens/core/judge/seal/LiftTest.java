package amberlens.core.judge.seal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomPoses;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Margin;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.keys.MoveScale;
import amberlens.core.motion.pose.Pose;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class LiftTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(4200, 3100);
    private static final int LENGTH = 90;

    @Property(tries = 300)
    void after_lift_no_frame_is_open_the_centres_stay_and_less_would_not_do(@ForAll long seed) {
        Take take = new Take(RandomPoses.centred(new Random(seed), PICTURE, FRAME, LENGTH), LENGTH, PICTURE, FRAME);
        SealResult result = Seal.by(SealWay.LIFT, take, SealTerms.free());
        switch (result) {
            case SealResult.AlreadySealed _ ->
                assertThat(EdgeReport.of(take).isSealed()).isTrue();
            case SealResult.Refused refused -> assertCentreOutside(take, refused.frame());
            case SealResult.Sealed sealed -> assertLeastLift(take, sealed);
        }
    }

    private static void assertLeastLift(Take take, SealResult.Sealed sealed) {
        Take lifted = take.withCamera(sealed.camera());
        for (int frame = 0; frame < LENGTH; frame++) {
            assertThat(Margin.of(lifted.pose(frame), PICTURE, FRAME).framePx()).isGreaterThanOrEqualTo(Margin.SEALED);
            PicturePoint before = take.pose(frame).gateCentre(FRAME);
            PicturePoint after = lifted.pose(frame).gateCentre(FRAME);
            assertThat(Math.hypot(after.x() - before.x(), after.y() - before.y()))
                    .isLessThan(1e-6);
        }
        CameraTrack less = MoveScale.scaled(take.camera(), (1 + sealed.cost().scalePercent() / 100) * 0.999, FRAME);
        assertThat(EdgeReport.of(take.withCamera(less)).isSealed()).isFalse();
    }

    private static void assertCentreOutside(Take take, int frame) {
        PicturePoint centre = take.pose(frame).gateCentre(FRAME);
        boolean inside =
                centre.x() > 0 && centre.y() > 0 && centre.x() < PICTURE.width() && centre.y() < PICTURE.height();
        assertThat(inside).isFalse();
    }

    @Test
    void lift_refuses_when_the_limit_would_be_passed_and_says_how_much_it_needs() {
        var turned = Pose.neutral(FRAME, FRAME).withDegrees(10);
        var result = Seal.by(SealWay.LIFT, new Take(CameraTrack.still(turned), 3, FRAME, FRAME), SealTerms.limit(110));
        assertThat(result).isInstanceOf(SealResult.Refused.class);
        assertThat(((SealResult.Refused) result).reason()).contains("110 %").contains("more scale");
    }

    @Test
    void lift_refuses_when_the_gates_middle_leaves_the_picture() {
        var away = Pose.neutral(FRAME, FRAME).withPosition(new FramePoint(-500, 540));
        var result = Seal.by(SealWay.LIFT, new Take(CameraTrack.still(away), 3, FRAME, FRAME), SealTerms.free());
        assertThat(((SealResult.Refused) result).reason()).contains("middle of the gate leaves the picture at frame 0");
    }

    @Test
    void lift_covers_a_picture_smaller_than_the_frame_when_the_limit_allows() {
        var small = new Size(960, 540);
        var take = new Take(CameraTrack.still(Pose.neutral(small, FRAME)), 2, small, FRAME);
        assertThat(((SealResult.Sealed) Seal.by(SealWay.LIFT, take, SealTerms.limit(200)))
                        .cost()
                        .scalePercent())
                .isCloseTo(100, within(1e-9));
        assertThat(Seal.by(SealWay.LIFT, take, SealTerms.limit(199.9))).isInstanceOf(SealResult.Refused.class);
    }
}
