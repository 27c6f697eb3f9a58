package amberlens.desktop.picture.handling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import org.junit.jupiter.api.Test;

class GateGestureTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(6000, 4000);
    private static final Pose START =
            Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(50)).withDegrees(12);

    @Test
    void a_moved_gate_follows_the_pointer_exactly_even_when_turned() {
        var grabbed = new PicturePoint(2500, 1700);
        var pointer = new PicturePoint(2620, 1650);
        Pose moved = new GateGesture.Move(START, grabbed).at(pointer, false, false);
        PicturePoint before = START.gateCentre(FRAME);
        PicturePoint after = moved.gateCentre(FRAME);
        assertThat(after.x() - before.x()).isCloseTo(120, within(1e-9));
        assertThat(after.y() - before.y()).isCloseTo(-50, within(1e-9));
        assertThat(moved.scale()).isEqualTo(START.scale());
    }

    @Test
    void shift_keeps_the_move_on_the_stronger_axis() {
        Pose moved = new GateGesture.Move(START, new PicturePoint(0, 0)).at(new PicturePoint(100, 30), true, false);
        assertThat(moved.gateCentre(FRAME).y())
                .isCloseTo(START.gateCentre(FRAME).y(), within(1e-9));
        assertThat(moved.gateCentre(FRAME).x())
                .isCloseTo(START.gateCentre(FRAME).x() + 100, within(1e-9));
    }

    @Test
    void a_dragged_corner_comes_to_the_pointer_and_the_centre_stays() {
        PicturePoint corner = START.toPicture(Corner.LOWER_RIGHT.of(FRAME));
        PicturePoint centre = START.gateCentre(FRAME);
        var halfway = new PicturePoint((corner.x() + centre.x()) / 2, (corner.y() + centre.y()) / 2);
        Pose zoomed = new GateGesture.Resize(START, FRAME, Corner.LOWER_RIGHT).at(halfway, false, false);
        assertThat(zoomed.scale().x()).isCloseTo(100, within(1e-9));
        assertThat(zoomed.gateCentre(FRAME).x()).isCloseTo(centre.x(), within(1e-9));
        assertThat(zoomed.toPicture(Corner.LOWER_RIGHT.of(FRAME)).x()).isCloseTo(halfway.x(), within(1e-6));
    }

    @Test
    void with_shift_the_opposite_corner_stays() {
        PicturePoint opposite = START.toPicture(Corner.UPPER_LEFT.of(FRAME));
        PicturePoint target = START.toPicture(new FramePoint(1440, 810));
        Pose zoomed = new GateGesture.Resize(START, FRAME, Corner.LOWER_RIGHT).at(target, true, false);
        assertThat(zoomed.toPicture(Corner.UPPER_LEFT.of(FRAME)).x()).isCloseTo(opposite.x(), within(1e-6));
        assertThat(zoomed.scale().x()).isCloseTo(50 / 0.75, within(1e-9));
    }

    @Test
    void a_corner_dragged_through_the_centre_stays_a_possible_scale() {
        PicturePoint beyond = START.toPicture(new FramePoint(-5000, -5000));
        Pose zoomed = new GateGesture.Resize(START, FRAME, Corner.LOWER_RIGHT).at(beyond, false, false);
        assertThat(zoomed.scale().x()).isBetween(50.0, Scale.LARGEST);
    }

    @Test
    void turning_the_gate_clockwise_turns_the_picture_the_other_way_and_keeps_the_centre() {
        PicturePoint centre = START.gateCentre(FRAME);
        var east = new PicturePoint(centre.x() + 500, centre.y());
        var southEast = new PicturePoint(centre.x() + 500, centre.y() + 500);
        Pose turned = GateGesture.Turn.from(START, FRAME, east).at(southEast, false, false);
        assertThat(turned.degrees()).isCloseTo(12 - 45, within(0.01));
        assertThat(turned.gateCentre(FRAME).x()).isCloseTo(centre.x(), within(1e-6));
        Pose stepped = GateGesture.Turn.from(START, FRAME, east).at(southEast, true, false);
        assertThat(stepped.degrees()).isEqualTo(-30);
    }

    @Test
    void a_gate_turns_and_zooms_about_its_anchor_while_that_is_in_the_frame() {
        Pose aside = START.withAnchorInPlace(START.toPicture(new FramePoint(480, 270)));
        Pose turned = GateGesture.Turn.from(aside, FRAME, new PicturePoint(6000, 0))
                .at(new PicturePoint(6000, 700), false, false);
        assertThat(turned.degrees()).isNotCloseTo(12, within(1.0));
        assertThat(turned.position().distance(new FramePoint(480, 270))).isLessThan(1e-9);
        Pose away = START.withAnchorInPlace(START.toPicture(new FramePoint(-480, 270)));
        Pose about = GateGesture.Turn.from(away, FRAME, new PicturePoint(6000, 0))
                .at(new PicturePoint(6000, 700), false, false);
        assertThat(about.gateCentre(FRAME).x()).isCloseTo(away.gateCentre(FRAME).x(), within(1e-6));
    }

    @Test
    void a_side_zooms_both_linked_axes_or_one_unlinked_axis() {
        Pose start = START.withDegrees(0);
        PicturePoint pointer = start.toPicture(new FramePoint(1440, 900));
        Pose both = new GateGesture.ResizeSide(start, FRAME, Side.RIGHT, true).at(pointer, false, false);
        assertThat(both.scale()).isEqualTo(Scale.uniform(100));
        Pose one = new GateGesture.ResizeSide(start, FRAME, Side.RIGHT, false).at(pointer, false, false);
        assertThat(one.scale()).isEqualTo(new Scale(100, 50));
        Pose opposite = new GateGesture.ResizeSide(start, FRAME, Side.RIGHT, false).at(pointer, false, true);
        assertThat(opposite.toPicture(new FramePoint(0, 540)).x())
                .isCloseTo(start.toPicture(new FramePoint(0, 540)).x(), within(1e-6));
        assertThat(opposite.scale().x()).isCloseTo(50 / 0.75, within(1e-9));
    }

    @Test
    void a_moved_anchor_keeps_the_picture_and_with_alt_lets_it_jump() {
        var grab = new PicturePoint(3000, 2000);
        var to = new PicturePoint(3300, 2100);
        Pose kept = new GateGesture.MoveAnchor(START, grab).at(to, false, false);
        assertThat(kept.anchor()).isEqualTo(to);
        assertThat(kept.toFrame(grab).distance(START.toFrame(grab))).isLessThan(1e-9);
        Pose jumped = new GateGesture.MoveAnchor(START, grab).at(to, false, true);
        assertThat(jumped.position()).isEqualTo(START.position());
        assertThat(jumped.anchor()).isEqualTo(to);
        assertThat(new GateGesture.MoveAnchor(START, grab).at(to, true, false).anchor())
                .isEqualTo(new PicturePoint(3300, 2000));
    }
}
