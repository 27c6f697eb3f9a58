package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Moving the anchor and keeping the way too (2-MATH, Moving the anchor): no corner is off by more than a tenth of a pixel. */
class AnchorWayTest {
    private static final Size PICTURE = new Size(4000, 3000);
    private static final Size FRAME = new Size(1920, 1080);
    private static final int LENGTH = 101;
    private static final Depth.Setting SETTING = Depth.Setting.of(PICTURE, FRAME);
    private static final PicturePoint ELSEWHERE = new PicturePoint(600, 2500);

    /** Closer with a turn, from one framing to the other, which last beyond the cut. */
    private static CameraTrack turning() {
        Leg leg = Ease.GENTLE_BOTH.leg();
        return CameraTrack.still(new Pose(Scale.uniform(60), new FramePoint(960, 540), 0, new PicturePoint(2000, 1500)))
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(10, Scale.uniform(60), leg), Key.of(120, Scale.uniform(110), leg))))
                .withRotation(Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(10, -8.0, leg), Key.of(120, 12.0, leg))));
    }

    private static double mostOff(CameraTrack before, CameraTrack after) {
        double most = 0;
        for (int at = 0; at < LENGTH; at++) {
            Pose was = before.at(at).in(PICTURE, FRAME);
            Pose is = after.at(at).in(PICTURE, FRAME);
            for (Corner corner : Corner.values()) {
                FramePoint of = corner.of(PICTURE);
                var place = new PicturePoint(of.x(), of.y());
                most = Math.max(most, is.toFrame(place).distance(was.toFrame(place)));
            }
        }
        return most;
    }

    private static CameraTrack kept(CameraTrack before) {
        CameraTrack moved = AnchorMove.to(before, ELSEWHERE, SETTING);
        return AnchorWay.kept(new Take(before, LENGTH, PICTURE, FRAME), moved, SETTING);
    }

    @Test
    void without_it_the_way_is_another_and_with_it_the_same_with_few_keys() {
        CameraTrack before = turning();
        CameraTrack moved = AnchorMove.to(before, ELSEWHERE, SETTING);
        assertThat(mostOff(before, moved)).as("the new pivot alone").isGreaterThan(5);
        CameraTrack kept = kept(before);
        assertThat(kept.anchor().at(0)).isEqualTo(ELSEWHERE);
        assertThat(mostOff(before, kept)).isLessThanOrEqualTo(0.1);
        assertThat(kept.position().keys()).extracting(Key::at).contains(10, 120);
        assertThat(kept.position().keys().size())
                .as("for 110 frames of a way a thousand pixels long")
                .isLessThan(45);
        assertThat(kept.scale()).isEqualTo(before.scale());
        assertThat(kept.rotation()).isEqualTo(before.rotation());
    }

    @Test
    void no_key_that_was_added_can_be_spared() {
        CameraTrack before = turning();
        CameraTrack kept = kept(before);
        for (Key<FramePoint> key : kept.position().keys()) {
            if (key.at() > 10 && key.at() < LENGTH - 1) {
                CameraTrack without = kept.withPosition(kept.position().withoutKeyAt(key.at()));
                assertThat(mostOff(before, without))
                        .as("without the key at %d", key.at())
                        .isGreaterThan(0.1);
            }
        }
    }

    @Test
    void the_way_of_a_picture_that_leans_stays_too() {
        CameraTrack before = turning()
                .with(
                        Properties.PITCH,
                        Channel.keyed(
                                ValueKinds.NUMBER, List.of(Key.of(10, 0.0, Leg.LINEAR), Key.of(90, 25.0, Leg.LINEAR))));
        assertThat(mostOff(before, kept(before))).isLessThanOrEqualTo(0.1);
    }
}
