package amberlens.core.render.frame;

import amberlens.core.base.geometry.Size;

/** A finished, opaque frame in sRGB. */
public final class FrameRaster implements RenderedFrame {
    private final Size size;
    private final int[] argb;

    /**
     * @param argb one 0xAARRGGBB per pixel, row by row, alpha always 255; kept, not copied
     */
    public FrameRaster(Size size, int[] argb) {
        if (argb.length != size.area()) {
            throw new IllegalArgumentException("a frame of " + size + " has not " + argb.length + " pixels");
        }
        this.size = size;
        this.argb = argb;
    }

    /** A frame still to be filled. */
    public static FrameRaster blank(Size size) {
        return new FrameRaster(size, new int[Math.toIntExact(size.area())]);
    }

    @Override
    public Size size() {
        return size;
    }

    /** The pixels themselves, one 0xAARRGGBB each, row by row. */
    public int[] argb() {
        return argb;
    }

    /** The colour of a pixel, 0xRRGGBB. */
    public int rgb(int x, int y) {
        return argb[y * size.width() + x] & 0xFFFFFF;
    }
}
