package amberlens.core.render;

import amberlens.core.geometry.PictureArea;
import amberlens.core.geometry.Size;
import java.util.Optional;

/**
 * Pixels in linear light with premultiplied alpha, 16 bits each of red, green, blue and alpha, row by row.
 */
public final class LinearRaster {
    private final Size size;
    private final long[] pixels;
    private final boolean opaque;

    /**
     * @param pixels one per pixel, from {@link #pixel}; kept, not copied
     * @param opaque whether every alpha is 65535
     */
    public LinearRaster(Size size, long[] pixels, boolean opaque) {
        if (pixels.length != size.area()) {
            throw new IllegalArgumentException("a raster of " + size + " has not " + pixels.length + " pixels");
        }
        this.size = size;
        this.pixels = pixels;
        this.opaque = opaque;
    }

    /** One pixel; each component 0 … 65535, colours already multiplied by alpha. */
    public static long pixel(int red, int green, int blue, int alpha) {
        return Rgba16.pack(red, green, blue, alpha);
    }

    public Size size() {
        return size;
    }

    public int width() {
        return size.width();
    }

    public int height() {
        return size.height();
    }

    public boolean opaque() {
        return opaque;
    }

    /** The bounds of the pixels that nothing shows through; empty when there are none. */
    public Optional<PictureArea> opaqueBounds() {
        if (opaque) {
            return Optional.of(PictureArea.whole(size));
        }
        int left = width();
        int right = -1;
        int top = height();
        int bottom = -1;
        for (int y = 0; y < height(); y++) {
            for (int x = 0; x < width(); x++) {
                if (Rgba16.alpha(pixels[row(y) + x]) == 65535) {
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

    /** One pixel in linear light, premultiplied, each component 0 … 1. */
    public record Light(double red, double green, double blue, double alpha) {}

    /** The pixel at a place. */
    public Light at(int x, int y) {
        long pixel = pixels[row(y) + x];
        return new Light(
                Rgba16.red(pixel) / 65535.0,
                Rgba16.green(pixel) / 65535.0,
                Rgba16.blue(pixel) / 65535.0,
                Rgba16.alpha(pixel) / 65535.0);
    }

    /** The memory held, in bytes. */
    public long bytes() {
        return bytes(size);
    }

    static long bytes(Size size) {
        return Long.BYTES * size.area();
    }

    /** The pixels themselves, for the samplers. */
    long[] pixels() {
        return pixels;
    }

    /** Where a row begins among the pixels. */
    int row(int y) {
        return y * size.width();
    }
}
