package amberlens.core.motion.keys;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.TimingCurve;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class MoveFitTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final double OFF = 9.6;
    private static final int REST = 10;
    private static final Pose START = new Pose(Scale.uniform(60), FRAME.centre(), 0, new PicturePoint(3000, 2000));

    private static List<Pose> poses(int length, IntFunction<Pose> at) {
        return IntStream.range(0, length).mapToObj(at).toList();
    }

    private static Pose at(double x, double y, double scale, double degrees) {
        return new Pose(Scale.uniform(scale), FRAME.centre().plus(new FramePoint(x, y)), degrees, START.anchor());
    }

    /** How far a picture point in the middle of the frame, or 500 px beside it, is from where it should be. */
    private static double furthest(List<Pose> poses, CameraTrack fit) {
        double most = 0;
        for (int i = 0; i < poses.size(); i++) {
            for (double aside : new double[] {0, 500}) {
                FramePoint there = FRAME.centre().plus(new FramePoint(aside, 0));
                most = Math.max(
                        most, fit.at(i).toFrame(poses.get(i).toPicture(there)).distance(there));
            }
        }
        return most;
    }

    @Test
    void one_leg_with_an_ease_comes_back_as_one_leg_with_that_ease() {
        TimingCurve ease = TimingCurve.ofStrengths(0.5, 0.3);
        List<Pose> poses = poses(126, i -> {
            double part = ease.progress(i / 125.0);
            return at(-400 * part, 150 * part, 60 + 30 * part, 3 * part);
        });
        CameraTrack fit = MoveFit.of(poses, FRAME, 1, REST);
        assertThat(fit.keyFrames()).containsExactly(0, 125);
        assertThat(fit.scale().keys().getFirst().leg()).isInstanceOfSatisfying(Leg.Curve.class, leg -> {
            assertThat(leg.timing().x1()).isBetween(0.45, 0.55);
            assertThat(leg.timing().y1()).isZero();
            assertThat(leg.timing().x2()).isBetween(0.65, 0.75);
        });
        assertThat(fit.rotation().keys()).hasSize(2);
        assertThat(furthest(poses, fit)).isLessThan(1);
    }

    @Test
    void where_it_rests_two_equal_framings_stand_and_the_legs_beside_are_gentle() {
        TimingCurve ease = TimingCurve.ofStrengths(0.42, 0.42);
        List<Pose> poses = poses(201, i -> {
            double part = i < 25
                    ? 0
                    : i < 75 ? ease.progress((i - 25) / 50.0) : i < 125 ? 1 : 1 + ease.progress((i - 125) / 75.0);
            double waver = i >= 75 && i < 125 ? 1.5 * Math.sin(i / 6.0) : 0;
            return at(300 * part + waver, -100 * part, 60, 0);
        });
        CameraTrack fit = MoveFit.of(poses, FRAME, OFF, REST);
        var keys = fit.position().keys();
        assertThat(keys).as("a rest, a leg, a rest, a leg").hasSize(5);
        long rests = IntStream.range(1, keys.size())
                .filter(i -> keys.get(i).value().equals(keys.get(i - 1).value()))
                .count();
        assertThat(rests).isEqualTo(2);
        assertThat(fit.at(90)).as("dead still, whatever the film wavered").isEqualTo(fit.at(110));
        assertThat(fit.rotation().animated()).isFalse();
        assertThat(fit.scale().animated()).isFalse();
        assertThat(furthest(poses, fit)).isLessThan(OFF);
    }

    @Test
    void a_way_that_bends_gets_smooth_legs_through_few_framings() {
        List<Pose> poses = poses(
                250,
                i -> at(
                        500 * Math.sin(i / 60.0),
                        200 * Math.cos(i / 45.0) - 200,
                        60 * Math.pow(1.002, i),
                        2 * Math.sin(i / 90.0)));
        CameraTrack fit = MoveFit.of(poses, FRAME, OFF, REST);
        assertThat(furthest(poses, fit)).isLessThan(OFF);
        assertThat(fit.keyFrames()).hasSizeBetween(4, 12);
        double jerk = 0;
        for (int i = 2; i < 248; i++) {
            FramePoint before = fit.at(i).position().minus(fit.at(i - 0.5).position());
            FramePoint after = fit.at(i + 0.5).position().minus(fit.at(i).position());
            jerk = Math.max(jerk, after.minus(before).length());
        }
        assertThat(jerk).as("no corner in the speed, px per half frame").isLessThan(1);
    }

    @Test
    void a_picture_that_stands_still_has_no_keys_and_a_speck_of_turn_is_left_out() {
        assertThat(MoveFit.of(poses(50, _ -> START), FRAME, OFF, REST).keyFrames())
                .isEmpty();
        CameraTrack pan = MoveFit.of(poses(50, i -> at(4 * i, 0, 60, 0.02 * Math.sin(i))), FRAME, OFF, REST);
        assertThat(pan.rotation().animated()).isFalse();
        assertThat(pan.scale().animated()).isFalse();
        assertThat(pan.position().keys()).hasSize(2);
    }

    @Test
    void framings_that_have_to_be_there_are_there() {
        List<Pose> poses = poses(101, i -> at(3 * i, 0, 60, 0));
        CameraTrack fit = MoveFit.of(poses, FRAME, OFF, REST, new TreeSet<>(List.of(40)));
        assertThat(new ArrayList<>(fit.keyFrames())).containsExactly(0, 40, 100);
        assertThat(fit.at(40).position()).isEqualTo(poses.get(40).position());
    }
}
