package amberlens.core.render.frame;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.Arrays;
import java.util.Random;
import java.util.function.DoubleBinaryOperator;

/** Pictures made by rule. */
final class TestPictures {
    private TestPictures() {}

    /** An opaque grey picture; the rule gives linear light 0 … 1 for a pixel's column and row. */
    static LinearRaster grey(Size size, DoubleBinaryOperator rule) {
        long[] pixels = new long[Math.toIntExact(size.area())];
        for (int y = 0; y < size.height(); y++) {
            for (int x = 0; x < size.width(); x++) {
                int value = (int) Math.round(65535 * Math.clamp(rule.applyAsDouble(x, y), 0, 1));
                pixels[y * size.width() + x] = LinearRaster.pixel(value, value, value, 65535);
            }
        }
        return new LinearRaster(size, pixels, true);
    }

    /** The ground that no grey picture has, for what must not show any of it. */
    static final Colour MAGENTA = new Colour(0xFF00FF);

    /** How many pixels of a frame of grey pictures show something of that ground. */
    static long ofMagenta(FrameRaster frame, Size size) {
        long count = 0;
        for (int y = 0; y < size.height(); y++) {
            for (int x = 0; x < size.width(); x++) {
                int rgb = frame.rgb(x, y);
                count += Math.abs((rgb >> 16 & 0xFF) - (rgb >> 8 & 0xFF)) > 2 ? 1 : 0;
            }
        }
        return count;
    }

    /** Codes by chance, as {@link CodeRaster#pixel} has them. */
    static int[] noiseCodes(Size size, long seed) {
        return new Random(seed)
                .ints(size.area(), 0, 1 << 24)
                .map(rgb -> rgb | 0xFF << 24)
                .toArray();
    }

    /** An opaque picture of 8 bits of them. */
    static Pyramid noise(Size size, long seed) {
        return Pyramid.of(CodeRaster.ofEightBits(size, noiseCodes(size, seed), true), Rows.ALONE);
    }

    /** An opaque picture of 8 bits of one colour, 0xRRGGBB. */
    static Pyramid even(Size size, int rgb) {
        int[] codes = new int[Math.toIntExact(size.area())];
        Arrays.fill(codes, CodeRaster.pixel(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF, 255));
        return Pyramid.of(CodeRaster.ofEightBits(size, codes, true), Rows.ALONE);
    }

    static Pyramid pyramid(Size size, DoubleBinaryOperator rule) {
        return Pyramid.of(grey(size, rule), Rows.ALONE);
    }
}
