package amberlens.desktop.picture.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import java.util.List;
import org.junit.jupiter.api.Test;

class TableZoomTest {
    private static final Size PICTURE = new Size(3000, 2000);

    private final TableZoom zoom = new TableZoom();

    private TableView view() {
        return zoom.view(PICTURE, 650, 400, 26);
    }

    @Test
    void the_point_under_the_pointer_stays_while_the_view_comes_closer() {
        PicturePoint under = view().toPicture(100, 300);
        double before = view().scale();
        zoom.zoomAbout(view(), before, 100, 300, 3, 650, 400);
        assertThat(view().scale()).isCloseTo(3 * before, within(1e-12));
        assertThat(view().toPicture(100, 300).x()).isCloseTo(under.x(), within(1e-9));
        assertThat(view().toPicture(100, 300).y()).isCloseTo(under.y(), within(1e-9));
    }

    @Test
    void a_panned_view_moves_by_the_pixels_of_the_hand() {
        PicturePoint under = view().toPicture(200, 200);
        zoom.pan(view(), 40, -25, 650, 400);
        assertThat(view().toScreen(under).x()).isCloseTo(240, within(1e-9));
        assertThat(view().toScreen(under).y()).isCloseTo(175, within(1e-9));
    }

    @Test
    void all_that_is_asked_for_fits_also_beyond_the_picture_and_reset_shows_the_picture_again() {
        TableView whole = view();
        var far = new PicturePoint(-900, 2600);
        zoom.fit(List.of(new PicturePoint(0, 0), new PicturePoint(3000, 2000), far), 650, 400, 26);
        assertThat(view().toScreen(far).x()).isGreaterThanOrEqualTo(26 - 1e-9);
        assertThat(view().toScreen(far).y()).isLessThanOrEqualTo(374 + 1e-9);
        zoom.reset();
        assertThat(view()).isEqualTo(whole);
    }
}
