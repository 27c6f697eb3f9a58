package amberlens.core.render;

import amberlens.core.geometry.Size;

/**
 * Pixels in linear light with premultiplied alpha, 16 bits each of red, green, blue and alpha, row by row.
 */
public final class LinearRaster {
    /** Numbers per pixel. */
    public static final int CHANNELS = 4;

    private final Size size;
    private final char[] data;
    private final boolean opaque;

    /**
     * @param data width × height × 4 values, kept, not copied
     * @param opaque whether every alpha is 65535
     */
    public LinearRaster(Size size, char[] data, boolean opaque) {
        if (data.length != size.area() * CHANNELS) {
            throw new IllegalArgumentException(
                    "a raster of " + size + " holds " + size.area() * CHANNELS + " values, not " + data.length);
        }
        this.size = size;
        this.data = data;
        this.opaque = opaque;
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

    /** The memory held, in bytes. */
    public long bytes() {
        return 2L * data.length;
    }

    /** The values themselves, for the samplers. */
    char[] data() {
        return data;
    }

    /** Where a row begins in the data. */
    int row(int y) {
        return y * size.width() * CHANNELS;
    }
}
