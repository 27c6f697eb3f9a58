package amberlens.desktop.picture.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import org.junit.jupiter.api.Test;

class GateShapeTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PICTURE = new Size(6000, 4000);
    private static final Pose START =
            Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(50)).withDegrees(12);

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
