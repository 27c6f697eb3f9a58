package amberlens.core.motion.pose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomPoses;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class PoseTest {
    private static final Size FRAME = new Size(1920, 1080);

    /** The reference is the affine map class of the Java platform: P · R · S · (−A). */
    @RepeatedTest(50)
    void a_picture_point_lands_where_the_reference_says(RepetitionInfo run) {
        var chance = new Random(run.getCurrentRepetition());
        Pose pose = RandomPoses.any(chance, new Size(4000, 3000), FRAME);
        var reference = new AffineTransform();
        reference.translate(pose.position().x(), pose.position().y());
        reference.rotate(Math.toRadians(pose.degrees()));
        reference.scale(pose.scale().factorX(), pose.scale().factorY());
        reference.translate(-pose.anchor().x(), -pose.anchor().y());
        var point = new PicturePoint(4000 * chance.nextDouble(), 3000 * chance.nextDouble());
        var expected = reference.transform(new Point2D.Double(point.x(), point.y()), null);
        FramePoint landed = pose.toFrame(point);
        assertThat(landed.distance(new FramePoint(expected.getX(), expected.getY())))
                .isLessThan(1e-6);
        assertThat(pose.toPicture(landed).x()).isCloseTo(point.x(), within(1e-6));
        var map = pose.pictureToFrame();
        assertThat(map.x(point.x(), point.y())).isCloseTo(landed.x(), within(1e-6));
        assertThat(map.y(point.x(), point.y())).isCloseTo(landed.y(), within(1e-6));
    }

    @RepeatedTest(30)
    void moving_the_anchor_in_place_keeps_the_picture_still(RepetitionInfo run) {
        var chance = new Random(run.getCurrentRepetition());
        Pose pose = RandomPoses.any(chance, new Size(4000, 3000), FRAME);
        Pose moved = pose.withAnchorInPlace(new PicturePoint(123.5, -40));
        var point = new PicturePoint(700, 900);
        assertThat(moved.toFrame(point).distance(pose.toFrame(point))).isLessThan(1e-8);
    }

    @RepeatedTest(30)
    void zooming_and_turning_keep_the_point_they_are_about(RepetitionInfo run) {
        var chance = new Random(run.getCurrentRepetition());
        Pose pose = RandomPoses.any(chance, new Size(4000, 3000), FRAME);
        var about = new FramePoint(321, 123);
        PicturePoint under = pose.toPicture(about);
        assertThat(pose.zoomedAbout(about, 1.7).toFrame(under).distance(about)).isLessThan(1e-6);
        assertThat(pose.turnedAbout(about, 33).toFrame(under).distance(about)).isLessThan(1e-6);
    }

    @Test
    void quarter_turns_are_exact() {
        Pose pose = Pose.neutral(FRAME, FRAME);
        assertThat(pose.withDegrees(-720).cos()).isEqualTo(1);
        assertThat(pose.withDegrees(-720).sin()).isZero();
        assertThat(pose.withDegrees(90).sin()).isEqualTo(1);
        assertThat(pose.withDegrees(-90).sin()).isEqualTo(-1);
        assertThat(pose.withDegrees(180).cos()).isEqualTo(-1);
    }

    @Test
    void impossible_numbers_are_refused_with_the_value() {
        assertThatThrownBy(() -> Scale.uniform(0)).hasMessageContaining("0.0");
        assertThatThrownBy(() -> Scale.uniform(Double.NaN)).hasMessageContaining("NaN");
        assertThatThrownBy(() -> Pose.neutral(FRAME, FRAME).withDegrees(Double.POSITIVE_INFINITY))
                .hasMessageContaining("Infinity");
        assertThatThrownBy(() -> new PicturePoint(Double.NaN, 0)).hasMessageContaining("NaN");
    }
}
