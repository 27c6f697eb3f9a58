package amberlens.core.judge.aim;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomPoses;
import amberlens.core.base.geometry.DeliveryGuide;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.judge.sharpness.OutputSize;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class AimTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(6000, 4000);

    @Test
    void a_box_of_the_frames_shape_is_taken_exactly_either_way() {
        for (FrameThis way : FrameThis.values()) {
            Pose pose = way.pose(
                    Pose.neutral(PICTURE, FRAME), new PicturePoint(1000, 800), new PicturePoint(1960, 1340), FRAME);
            assertThat(pose.scale().x()).isCloseTo(200, within(1e-9));
            assertThat(pose.toPicture(new FramePoint(0, 0)).x()).isCloseTo(1000, within(1e-9));
            assertThat(pose.toPicture(new FramePoint(1920, 1080)).y()).isCloseTo(1340, within(1e-9));
        }
    }

    /** Every corner of the box is in the frame, and every corner of the inner gate in the box. */
    @Property(tries = 300)
    void a_covering_gate_shows_all_of_the_box_and_an_inner_one_nothing_else(@ForAll long seed) {
        var chance = new Random(seed);
        Pose pose = Pose.neutral(PICTURE, FRAME).withDegrees(360 * chance.nextDouble());
        var from = new PicturePoint(2000 * chance.nextDouble(), 2000 * chance.nextDouble());
        var to = new PicturePoint(from.x() + 50 + 900 * chance.nextDouble(), from.y() + 50 + 900 * chance.nextDouble());
        Pose covering = FrameThis.COVERING.pose(pose, to, from, FRAME);
        for (PicturePoint corner :
                List.of(from, to, new PicturePoint(from.x(), to.y()), new PicturePoint(to.x(), from.y()))) {
            FramePoint at = covering.toFrame(corner);
            assertThat(at.x()).isBetween(-1e-6, FRAME.width() + 1e-6);
            assertThat(at.y()).isBetween(-1e-6, FRAME.height() + 1e-6);
        }
        Pose inner = FrameThis.INSIDE.pose(pose, from, to, FRAME);
        for (var corner : amberlens.core.base.geometry.Corner.values()) {
            PicturePoint at = inner.toPicture(corner.of(FRAME));
            assertThat(at.x()).isBetween(from.x() - 1e-6, to.x() + 1e-6);
            assertThat(at.y()).isBetween(from.y() - 1e-6, to.y() + 1e-6);
        }
    }

    @Property(tries = 300)
    void after_levelling_the_line_is_level_or_upright_and_the_turn_is_the_least(@ForAll long seed) {
        var chance = new Random(seed);
        Pose pose = RandomPoses.inside(chance, PICTURE, FRAME).withDegrees(100 * chance.nextDouble() - 50);
        var from = new PicturePoint(6000 * chance.nextDouble(), 4000 * chance.nextDouble());
        var to = new PicturePoint(6000 * chance.nextDouble(), 4000 * chance.nextDouble());
        Pose level = HorizonLevel.pose(pose, from, to, FRAME);
        FramePoint line = level.toFrame(to).minus(level.toFrame(from));
        assertThat(Math.min(Math.abs(line.x()), Math.abs(line.y()))).isLessThan(1e-6 * line.length());
        assertThat(Math.abs(level.degrees() - pose.degrees())).isLessThanOrEqualTo(45 + 1e-9);
        PicturePoint centre = pose.gateCentre(FRAME);
        assertThat(level.gateCentre(FRAME).x()).isCloseTo(centre.x(), within(1e-6));
    }

    @Property(tries = 200)
    void a_subject_is_held_at_every_framing_and_on_a_leg_in_every_frame(@ForAll long seed) {
        var chance = new Random(seed);
        CameraTrack camera = RandomPoses.centred(chance, PICTURE, FRAME, 90);
        var subject = new PicturePoint(6000 * chance.nextDouble(), 4000 * chance.nextDouble());
        var place = new FramePoint(1920 * chance.nextDouble(), 1080 * chance.nextDouble());
        CameraTrack atFramings = SubjectHold.atFramings(camera, subject, place);
        for (int frame : Framings.of(camera)) {
            assertThat(atFramings.at(frame).toFrame(subject).distance(place)).isLessThan(1e-6);
            assertThat(atFramings.at(frame).scale()).isEqualTo(camera.at(frame).scale());
        }
        CameraTrack throughout = SubjectHold.throughout(camera, subject, place);
        List<Integer> framings = Framings.of(camera);
        int from = framings.get(0);
        int to = framings.get(1);
        CameraTrack onLeg = SubjectHold.onLeg(camera, from, to, subject, place);
        for (double frame = 0; frame < 90; frame += 0.5) {
            assertThat(throughout.at(frame).toFrame(subject).distance(place)).isLessThan(1e-6);
            if (frame >= from && frame <= to) {
                assertThat(onLeg.at(frame).toFrame(subject).distance(place)).isLessThan(1e-6);
                assertThat(onLeg.at(frame).degrees()).isEqualTo(camera.at(frame).degrees());
            }
        }
        for (int other : framings.subList(2, framings.size())) {
            assertThat(onLeg.at(other)).isEqualTo(camera.at(other));
        }
    }

    @Test
    void a_still_move_holds_its_subject_by_its_constant_position() {
        CameraTrack still = CameraTrack.still(Pose.neutral(PICTURE, FRAME));
        CameraTrack held = SubjectHold.atFramings(still, new PicturePoint(100, 100), FRAME.centre());
        assertThat(held.position().animated()).isFalse();
        assertThat(held.at(0).toFrame(new PicturePoint(100, 100))).isEqualTo(FRAME.centre());
    }

    @Test
    void the_closest_framing_is_enlarged_just_to_the_limit_about_the_gates_middle() {
        Pose pose = Pose.neutral(PICTURE, FRAME).withScale(new Scale(40, 50)).withPosition(new FramePoint(700, 300));
        Pose closest = Closest.pose(pose, 110, FRAME);
        assertThat(Enlargement.percent(closest, FRAME)).isCloseTo(110, within(1e-9));
        assertThat(closest.gateCentre(FRAME).x())
                .isCloseTo(pose.gateCentre(FRAME).x(), within(1e-9));
    }

    @Test
    void a_picture_at_55_per_cent_does_for_twice_the_frame_but_not_for_four_times() {
        List<OutputSize> sizes = OutputSize.of(new Enlargement(55, 0), FRAME);
        assertThat(sizes).extracting(OutputSize::size).contains(new Size(3840, 2160), new Size(1280, 720));
        assertThat(sizes).filteredOn(size -> size.does(110)).hasSize(4);
        assertThat(OutputSize.of(new Enlargement(55, 0), new Size(1080, 1920))
                        .get(3)
                        .size())
                .isEqualTo(new Size(2160, 3840));
    }

    @Test
    void delivery_guides_are_the_largest_of_their_shape_in_the_frame() {
        assertThat(DeliveryGuide.WIDE.in(FRAME)).isEqualTo(new Size(1920, 803));
        assertThat(DeliveryGuide.SQUARE.in(FRAME)).isEqualTo(new Size(1080, 1080));
        assertThat(DeliveryGuide.TALL.in(FRAME)).isEqualTo(new Size(608, 1080));
        assertThat(DeliveryGuide.PORTRAIT.in(new Size(1080, 1920))).isEqualTo(new Size(1080, 1350));
    }
}
