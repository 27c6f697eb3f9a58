package amberlens.core.motion.pose;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Shutter;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExposureTest {
    private static final Size FRAME = new Size(1920, 1080);

    /** Stands until a frame and then goes at a steady pace, which a turn on the spot does not have: it is fastest at the far corner. */
    private static CameraTrack leaving(int standsUntil, double pxPerFrame, double degrees) {
        int end = standsUntil + 10;
        return CameraTrack.still(Pose.neutral(FRAME, FRAME))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(standsUntil, FRAME.centre(), Leg.LINEAR),
                                Key.of(end, FRAME.centre().plus(new FramePoint(10 * pxPerFrame, 0)), Leg.LINEAR))))
                .withRotation(Channel.keyed(
                        ValueKinds.NUMBER,
                        List.of(Key.of(standsUntil, 0.0, Leg.LINEAR), Key.of(end, degrees, Leg.LINEAR))));
    }

    /** The promise: the fastest corner goes at most one output pixel from one instant to the next. */
    @ParameterizedTest
    @CsvSource({"5, 10, 0, 5, 1", "5, 10, 0, 5.3, 1", "5, 10, 0, 4.7, 2", "5, 3, 4, 5, 1", "5, 17, 0, 5.1, 0.5"})
    void noCornerGoesFurtherThanAPixelBetweenInstants(
            int until, double pxPerFrame, double degrees, double at, double pxPerFramePx) {
        CameraTrack camera = leaving(until, pxPerFrame, degrees);
        double[] moments = Exposure.of(new Shutter(360), pxPerFramePx).moments(at, camera::at, FRAME);
        assertThat(moments.length).isBetween(2, Shutter.MOST - 1);
        for (int i = 1; i < moments.length; i++) {
            Pose before = camera.at(moments[i - 1]);
            Pose after = camera.at(moments[i]);
            for (FramePoint corner :
                    List.of(new FramePoint(0, 0), new FramePoint(1920, 0), new FramePoint(1920, 1080))) {
                double way = after.toFrame(before.toPicture(corner)).distance(corner);
                assertThat(way * Math.max(1, pxPerFramePx))
                        .as("after instant %d", i)
                        .isLessThan(1 + 1e-6);
            }
        }
    }
}
