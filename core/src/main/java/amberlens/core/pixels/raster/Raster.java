package amberlens.core.pixels.raster;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import java.util.Optional;

/** A picture of pixels, row by row, that can be read as linear light. */
public sealed interface Raster permits CodeRaster, LinearRaster {
    Size size();

    /** Whether every alpha is known to be full. */
    boolean opaque();

    /** The memory held, in bytes. */
    long bytes();

    /**
     * Reads a stretch of a row as premultiplied linear light 0 … 1, four numbers per pixel.
     *
     * @param x the first pixel; all of them must lie inside
     * @param into must have room for {@link Loops#SPARE} numbers more, which may change
     */
    void read(Loops loops, int x, int y, int count, float[] into, int at);

    /** Whether nothing shows through a pixel. */
    boolean solid(int x, int y);

    /**
     * A part of the picture as a picture of its own, on the same memory.
     *
     * @param area within this picture
     */
    Raster part(PictureArea area);

    default int width() {
        return size().width();
    }

    default int height() {
        return size().height();
    }

    /** The pixel at a place. */
    default Light at(int x, int y) {
        var rgba = new float[4 + Loops.SPARE];
        read(Loops.plain(), x, y, 1, rgba, 0);
        return new Light(rgba[0], rgba[1], rgba[2], rgba[3]);
    }

    /** The bounds of the pixels that nothing shows through; empty when there are none. */
    default Optional<PictureArea> opaqueBounds() {
        if (opaque()) {
            return Optional.of(PictureArea.whole(size()));
        }
        int left = width();
        int right = -1;
        int top = height();
        int bottom = -1;
        for (int y = 0; y < height(); y++) {
            for (int x = 0; x < width(); x++) {
                if (solid(x, y)) {
                    left = Math.min(left, x);
                    right = Math.max(right, x);
                    top = Math.min(top, y);
                    bottom = y;
                }
            }
        }
        return right < 0
                ? Optional.empty()
                : Optional.of(new PictureArea(left, top, new Size(right - left + 1, bottom - top + 1)));
    }

    /** Whether nothing shows through any pixel, looked at one by one. */
    default boolean allSolid() {
        for (int y = 0; y < height(); y++) {
            for (int x = 0; x < width(); x++) {
                if (!solid(x, y)) {
                    return false;
                }
            }
        }
        return true;
    }
}
