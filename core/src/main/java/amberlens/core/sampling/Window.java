package amberlens.core.sampling;

import amberlens.core.geometry.Size;
import amberlens.core.raster.Loops;
import java.util.function.Consumer;

/**
 * A part of the output that is rendered at once. Its light stands row by row, four numbers per pixel, each row {@link #pitch} pixels
 * after the one before.
 *
 * @param left of the first pixel in the output; it may lie outside
 * @param top likewise
 * @param width at least 1
 * @param height at least 1
 */
public record Window(int left, int top, int width, int height) {
    /** The usual width: what a window needs of a picture fits into a core's own memory. */
    public static final int WIDTH = 128;

    public static final int HEIGHT = 64;

    public Window {
        if (width < 1 || height < 1) {
            throw new IllegalArgumentException("a window is at least one pixel large, not " + width + " × " + height);
        }
    }

    /** The whole of an output. */
    public static Window whole(Size output) {
        return new Window(0, 0, output.width(), output.height());
    }

    /** Cuts rows of an output into windows of at most the usual size, column by column, all about equally high. */
    public static void each(int width, int firstRow, int lastRow, Consumer<Window> work) {
        int rows = lastRow - firstRow;
        int windows = (rows + HEIGHT - 1) / HEIGHT;
        for (int left = 0; left < width; left += WIDTH) {
            for (int i = 0; i < windows; i++) {
                int top = firstRow + rows * i / windows;
                int bottom = firstRow + rows * (i + 1) / windows;
                work.accept(new Window(left, top, Math.min(WIDTH, width - left), bottom - top));
            }
        }
    }

    /** From one row to the next, in pixels. */
    public int pitch() {
        return (width + 3) & -4;
    }

    /** Where a row's light begins. */
    public int row(int y) {
        return 4 * y * pitch();
    }

    /** Room for the light of a window of at most the usual size, or of this one if it is larger. */
    public float[] room() {
        return new float[4 * Math.max(pitch() * height, WIDTH * HEIGHT) + Loops.SPARE];
    }

    /** The numbers of its light. */
    public int length() {
        return row(height);
    }
}
