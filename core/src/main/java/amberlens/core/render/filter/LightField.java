package amberlens.core.render.filter;

import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Window;

/**
 * Light that stands ready: row by row, four numbers a place.
 *
 * @param width places
 * @param height places
 */
public record LightField(int width, int height, float[] light) {
    /** One still to be filled. */
    public static LightField blank(int width, int height) {
        return new LightField(width, height, new float[Math.toIntExact(4L * width * height + Loops.SPARE)]);
    }

    LightField blank() {
        return blank(width, height);
    }

    /** Where a row begins. */
    public int row(int y) {
        return 4 * y * width;
    }

    /** Takes a window of light, moved down by some rows. */
    public void take(Window window, int by, float[] from) {
        for (int y = 0; y < window.height(); y++) {
            int to = row(window.top() + by + y) + 4 * window.left();
            System.arraycopy(from, window.row(y), light, to, 4 * window.width());
        }
    }

    /** With more rows above and below, which are as the first and the last; this one where none are wanted. */
    LightField padded(int above, int below) {
        if (above == 0 && below == 0) {
            return this;
        }
        LightField more = blank(width, above + height + below);
        System.arraycopy(light, 0, more.light, more.row(above), row(height));
        for (int i = 0; i < above; i++) {
            System.arraycopy(light, 0, more.light, more.row(i), 4 * width);
        }
        for (int i = 0; i < below; i++) {
            System.arraycopy(light, row(height - 1), more.light, more.row(above + height + i), 4 * width);
        }
        return more;
    }
}
