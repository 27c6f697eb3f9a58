package amberlens.desktop.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Scale;
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
        Pose moved = new GateGesture.Move(START, grabbed).at(pointer, false);
        PicturePoint before = START.gateCentre(FRAME);
        PicturePoint after = moved.gateCentre(FRAME);
        assertThat(after.x() - before.x()).isCloseTo(120, within(1e-9));
        assertThat(after.y() - before.y()).isCloseTo(-50, within(1e-9));
        assertThat(moved.scale()).isEqualTo(START.scale());
    }

    @Test
    void shift_keeps_the_move_on_the_stronger_axis() {
        Pose moved = new GateGesture.Move(START, new PicturePoint(0, 0)).at(new PicturePoint(100, 30), true);
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
        Pose zoomed = new GateGesture.Resize(START, FRAME, Corner.LOWER_RIGHT).at(halfway, false);
        assertThat(zoomed.scale().x()).isCloseTo(100, within(1e-9));
        assertThat(zoomed.gateCentre(FRAME).x()).isCloseTo(centre.x(), within(1e-9));
        assertThat(zoomed.toPicture(Corner.LOWER_RIGHT.of(FRAME)).x()).isCloseTo(halfway.x(), within(1e-6));
    }

    @Test
    void with_shift_the_opposite_corner_stays() {
        PicturePoint opposite = START.toPicture(Corner.UPPER_LEFT.of(FRAME));
        PicturePoint target = START.toPicture(new FramePoint(1440, 810));
        Pose zoomed = new GateGesture.Resize(START, FRAME, Corner.LOWER_RIGHT).at(target, true);
        assertThat(zoomed.toPicture(Corner.UPPER_LEFT.of(FRAME)).x()).isCloseTo(opposite.x(), within(1e-6));
        assertThat(zoomed.scale().x()).isCloseTo(50 / 0.75, within(1e-9));
    }

    @Test
    void a_corner_dragged_through_the_centre_stays_a_possible_scale() {
        PicturePoint beyond = START.toPicture(new FramePoint(-5000, -5000));
        Pose zoomed = new GateGesture.Resize(START, FRAME, Corner.LOWER_RIGHT).at(beyond, false);
        assertThat(zoomed.scale().x()).isBetween(50.0, Scale.LARGEST);
    }

    @Test
    void turning_the_gate_clockwise_turns_the_picture_the_other_way_and_keeps_the_centre() {
        PicturePoint centre = START.gateCentre(FRAME);
        var east = new PicturePoint(centre.x() + 500, centre.y());
        var southEast = new PicturePoint(centre.x() + 500, centre.y() + 500);
        Pose turned = GateGesture.Turn.from(START, FRAME, east).at(southEast, false);
        assertThat(turned.degrees()).isCloseTo(12 - 45, within(0.01));
        assertThat(turned.gateCentre(FRAME).x()).isCloseTo(centre.x(), within(1e-6));
        Pose stepped = GateGesture.Turn.from(START, FRAME, east).at(southEast, true);
        assertThat(stepped.degrees()).isEqualTo(-30);
    }

    @Test
    void the_part_beyond_the_picture_is_found_on_the_right_side() {
        TableView view = TableView.fitting(PICTURE, 700, 500, 20);
        Pose outside =
                Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(50)).withPosition(new FramePoint(-400, 540));
        var parts = GateShape.of(outside, FRAME, view).beyond(view, PICTURE);
        double right = view.left() + view.scale() * PICTURE.width();
        assertThat(parts).hasSize(1);
        assertThat(parts.getFirst()).allMatch(point -> point.x() >= right - 1e-6);
        var inside = GateShape.of(START.withDegrees(0), FRAME, view);
        assertThat(inside.beyond(view, PICTURE)).isEmpty();
        assertThat(inside.contains(inside.centre().x(), inside.centre().y())).isTrue();
        assertThat(inside.contains(view.left() + 1, view.top() + 1)).isFalse();
    }

    @Test
    void the_table_fits_the_whole_picture_with_air() {
        TableView view = TableView.fitting(PICTURE, 700, 500, 20);
        FramePoint corner = view.toScreen(new PicturePoint(6000, 4000));
        assertThat(corner.x()).isLessThanOrEqualTo(680 + 1e-9);
        assertThat(corner.y()).isLessThanOrEqualTo(480 + 1e-9);
        PicturePoint back = view.toPicture(corner.x(), corner.y());
        assertThat(back.x()).isCloseTo(6000, within(1e-6));
    }
}
