package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.Loops;
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
    /** How an output is cut into windows, so that what one needs of a picture fits into a core's own memory. */
    public enum Shape {
        /** For any map: nearly square, so that little beside what is turned has to be read. */
        TILE(128, 64),
        /** Where nothing is turned: long, because memory is read fastest along rows. */
        STRIP(512, 32);

        private final int width;
        private final int height;

        Shape(int width, int height) {
            this.width = width;
            this.height = height;
        }

        /** The greatest width of a window. */
        public int width() {
            return width;
        }

        /** The greatest height of a window. */
        public int height() {
            return height;
        }

        /** Room for the light of one window. */
        public float[] room() {
            return new Window(0, 0, width, height).room();
        }
    }

    public Window {
        if (width < 1 || height < 1) {
            throw new IllegalArgumentException("a window is at least one pixel large, not " + width + " × " + height);
        }
    }

    /** The whole of an output. */
    public static Window whole(Size output) {
        return new Window(0, 0, output.width(), output.height());
    }

    /** Cuts rows of an output into windows of at most a shape's size, column by column, all about equally high. */
    public static void each(int width, int firstRow, int lastRow, Shape shape, Consumer<Window> work) {
        int rows = lastRow - firstRow;
        int windows = (rows + shape.height - 1) / shape.height;
        for (int left = 0; left < width; left += shape.width) {
            for (int i = 0; i < windows; i++) {
                int top = firstRow + rows * i / windows;
                int bottom = firstRow + rows * (i + 1) / windows;
                work.accept(new Window(left, top, Math.min(shape.width, width - left), bottom - top));
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

    /** Room for its light. */
    public float[] room() {
        return new float[length() + Loops.SPARE];
    }

    /** The numbers of its light. */
    public int length() {
        return row(height);
    }
}
