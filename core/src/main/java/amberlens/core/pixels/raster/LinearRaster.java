package amberlens.core.pixels.raster;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;

/**
 * Pixels in linear light with premultiplied alpha, 16 bits each of red, green, blue and alpha from the low end of a long: for what
 * comes with more than 8 bits, and for reduced pictures with alpha.
 */
public final class LinearRaster implements Raster {
    private final Size size;
    private final long[] pixels;
    private final boolean opaque;
    private final int start;
    private final int pitch;

    /**
     * @param pixels one per pixel, from {@link #pixel}; kept, not copied
     * @param opaque whether every alpha is 65535
     */
    public LinearRaster(Size size, long[] pixels, boolean opaque) {
        this(size, pixels, opaque, 0, size.width());
        if (pixels.length != size.area()) {
            throw new IllegalArgumentException("a raster of " + size + " has not " + pixels.length + " pixels");
        }
    }

    private LinearRaster(Size size, long[] pixels, boolean opaque, int start, int pitch) {
        this.size = size;
        this.pixels = pixels;
        this.opaque = opaque;
        this.start = start;
        this.pitch = pitch;
    }

    /** One pixel; each component 0 … 65535, colours already multiplied by alpha. */
    public static long pixel(int red, int green, int blue, int alpha) {
        return red | (long) green << 16 | (long) blue << 32 | (long) alpha << 48;
    }

    /** The memory of a picture of a size, in bytes. */
    public static long bytes(Size size) {
        return Long.BYTES * size.area();
    }

    @Override
    public Size size() {
        return size;
    }

    @Override
    public boolean opaque() {
        return opaque;
    }

    @Override
    public long bytes() {
        return bytes(size);
    }

    @Override
    public void read(Loops loops, int x, int y, int count, float[] into, int at) {
        loops.decodeLinear(pixels, start + y * pitch + x, count, into, at);
    }

    @Override
    public boolean solid(int x, int y) {
        return opaque || pixels[start + y * pitch + x] >>> 48 == 65535;
    }

    @Override
    public LinearRaster part(PictureArea area) {
        int from = start + area.top() * pitch + area.left();
        var part = new LinearRaster(area.size(), pixels, opaque, from, pitch);
        return opaque ? part : new LinearRaster(area.size(), pixels, part.allSolid(), from, pitch);
    }
}
