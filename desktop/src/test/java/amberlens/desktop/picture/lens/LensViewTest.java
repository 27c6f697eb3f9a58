package amberlens.desktop.picture.lens;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import org.junit.jupiter.api.Test;

class LensViewTest {
    private static final Size FRAME = new Size(1920, 1080);

    @Test
    void a_fitting_view_shows_all_of_the_frame_in_the_middle() {
        LensView view = LensView.fitting(FRAME, 430, 300);
        assertThat(view.shown().width()).isEqualTo(430);
        assertThat(view.top()).isCloseTo((300 - view.shown().height()) / 2.0, within(1.0));
        FramePoint corner = view.toScreen(new FramePoint(1920, 1080));
        assertThat(view.toFrame(corner.x(), corner.y()).distance(new FramePoint(1920, 1080)))
                .isLessThan(1e-9);
    }

    @Test
    void a_close_view_has_one_screen_pixel_for_each_frame_pixel_and_stays_on_the_frame() {
        LensView view = LensView.close(FRAME, 1, new FramePoint(960, 540), 430, 300);
        assertThat(view.shown()).isEqualTo(FRAME);
        assertThat(view.toFrame(215, 150).distance(new FramePoint(960, 540))).isLessThan(1);
        LensView corner = LensView.close(FRAME, 2, new FramePoint(0, 0), 430, 300);
        assertThat(corner.left()).isZero();
        assertThat(corner.top()).isZero();
        LensView far = LensView.close(FRAME, 2, new FramePoint(1920, 1080), 430, 300);
        assertThat(far.toFrame(430, 300).distance(new FramePoint(1920, 1080))).isLessThan(1);
    }

    @Test
    void a_frame_smaller_than_the_lens_stands_in_its_middle() {
        LensView view = LensView.close(new Size(200, 100), 1, new FramePoint(0, 0), 430, 300);
        assertThat(view.left()).isEqualTo(115);
        assertThat(view.top()).isEqualTo(100);
    }
}
