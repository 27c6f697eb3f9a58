package amberlens.core.judge.marks;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** 2-MATH, Marks and keeping. */
class MarkMarginTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(3000, 2000);

    /** One source pixel per frame pixel, with the picture's upper left corner at the frame's. */
    private static final Pose PLAIN = new Pose(Scale.uniform(100), FramePoint.ZERO, 0, new PicturePoint(0, 0));

    private static MarkMargin margin(double left, double top, double width, double height) {
        return MarkMargin.of(new PictureBox(left, top, width, height), PLAIN, FRAME);
    }

    @Test
    void a_box_is_inside_cut_or_outside_and_the_margin_names_its_side() {
        assertThat(margin(100, 50, 200, 300)).isEqualTo(new MarkMargin(50, Side.TOP, false));
        assertThat(margin(1700, 500, 220, 100).isInside())
                .as("it touches the side")
                .isTrue();
        MarkMargin cut = margin(1800, 500, 200, 100);
        assertThat(cut.isCut()).isTrue();
        assertThat(cut.side()).isEqualTo(Side.RIGHT);
        assertThat(cut.framePx()).isCloseTo(-80, within(1e-9));
        MarkMargin outside = margin(2000, 500, 200, 100);
        assertThat(outside.outside()).isTrue();
        assertThat(outside.isCut()).isFalse();
        assertThat(margin(-400, 1000, 300, 300).outside()).isTrue();
    }

    @Test
    void of_a_box_wider_than_the_frame_the_middle_third_counts_across() {
        MarkMargin wide = margin(-300, 400, 2400, 200);
        assertThat(wide.isInside()).as("500 to 1300").isTrue();
        assertThat(wide.framePx()).isCloseTo(400, within(1e-9));
        MarkMargin aside = margin(-1700, 400, 2400, 200);
        assertThat(aside.isCut()).as("−900 to −100").isTrue();
        assertThat(aside.framePx()).isCloseTo(-900, within(1e-9));
        Pose upright = PLAIN.withDegrees(90).withPosition(new FramePoint(1920, 0));
        MarkMargin turned = MarkMargin.of(new PictureBox(200, 500, 1500, 200), upright, FRAME);
        assertThat(turned.isInside())
                .as("down the frame now: 700 to 1200 of it, of 1080")
                .isFalse();
        assertThat(turned.framePx()).isCloseTo(-120, within(1e-9));
    }

    /** Against points of the box: some of them in the frame, some of them not. */
    @Test
    void whatever_the_pose_points_of_the_box_say_the_same() {
        var chance = new Random(3);
        int cut = 0;
        for (int i = 0; i < 2000; i++) {
            var box = new PictureBox(
                    3000 * chance.nextDouble(),
                    2000 * chance.nextDouble(),
                    10 + 500 * chance.nextDouble(),
                    10 + 500 * chance.nextDouble());
            Pose pose = new Pose(
                    Scale.uniform(20 + 150 * chance.nextDouble()),
                    new FramePoint(1920 * chance.nextDouble(), 1080 * chance.nextDouble()),
                    360 * chance.nextDouble(),
                    new PicturePoint(3000 * chance.nextDouble(), 2000 * chance.nextDouble()));
            Pose seen = i % 3 == 0
                    ? pose.withDepth(Depth.FLAT
                                    .withPitch(40 * chance.nextDouble() - 20)
                                    .withYaw(40 * chance.nextDouble() - 20))
                            .in(PICTURE, FRAME)
                    : pose;
            if (!seen.isSeen()) {
                continue;
            }
            int in = 0;
            int all = 0;
            for (int across = 0; across <= 20; across++) {
                for (int down = 0; down <= 20; down++) {
                    FramePoint at = seen.toFrame(new PicturePoint(
                            box.left() + across / 20.0 * box.width(), box.top() + down / 20.0 * box.height()));
                    all++;
                    in += at.x() >= 0 && at.x() <= 1920 && at.y() >= 0 && at.y() <= 1080 ? 1 : 0;
                }
            }
            MarkMargin margin = MarkMargin.of(box, seen, FRAME);
            if (margin.outside()) {
                assertThat(in).as("box %d", i).isZero();
            }
            if (in == all) {
                assertThat(margin.isInside()).as("box %d", i).isTrue();
            }
            if (in > 0 && in < all && margin.isInside()) {
                assertThat(largerThanFrame(box, seen)).as("box %d", i).isTrue();
            }
            cut += margin.isCut() ? 1 : 0;
        }
        assertThat(cut).isGreaterThan(200);
    }

    private static boolean largerThanFrame(PictureBox box, Pose pose) {
        double width = 0;
        double height = 0;
        for (PicturePoint one : box.corners()) {
            for (PicturePoint other : box.corners()) {
                width = Math.max(
                        width,
                        Math.abs(pose.toFrame(one).x() - pose.toFrame(other).x()));
                height = Math.max(
                        height,
                        Math.abs(pose.toFrame(one).y() - pose.toFrame(other).y()));
            }
        }
        return width > 1920 || height > 1080;
    }
}
