package amberlens.core.render.frame;

import amberlens.core.base.geometry.Size;

/**
 * A finished frame at 16 bits in sRGB, with straight alpha.
 *
 * @param rgba four codes 0 … 65535 per pixel as unsigned shorts, row by row; kept, not copied
 */
public record DeepRaster(Size size, short[] rgba) implements RenderedFrame {
    public DeepRaster {
        if (rgba.length != 4 * size.area()) {
            throw new IllegalArgumentException("a frame of " + size + " has not " + rgba.length / 4 + " pixels");
        }
    }

    /** One component of a pixel: red, green, blue or alpha. */
    public int code(int x, int y, int component) {
        return rgba[4 * (y * size.width() + x) + component] & 0xFFFF;
    }
}
