package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;

/** One step of the pyramid: half the size through the cubic kernel stretched to two pixels, as a view of half the size reads it. */
final class Halving {
    private static final StraightSampler.Axis AXIS = new StraightSampler.Axis(2, 0, 2);

    private Halving() {}

    /** Takes finished windows of light. */
    private interface Sink {
        void row(Loops loops, float[] light, int at, int to, int count);
    }

    static Size half(Size size) {
        return new Size((size.width() + 1) / 2, (size.height() + 1) / 2);
    }

    /** Opaque codes become codes of 10 bits; everything else linear light of 16 bits. */
    static Raster half(Raster from, Rows rows) {
        Size size = half(from.size());
        int area = Math.toIntExact(size.area());
        if (from instanceof CodeRaster && from.opaque()) {
            int[] codes = new int[area];
            fill(from, size, rows, (loops, light, at, to, count) -> loops.encodeTenBits(light, at, codes, to, count));
            return CodeRaster.ofTenBits(size, codes);
        }
        long[] pixels = new long[area];
        fill(from, size, rows, (_, light, at, to, count) -> pack(light, at, pixels, to, count, from.opaque()));
        return new LinearRaster(size, pixels, from.opaque());
    }

    private static void fill(Raster from, Size size, Rows rows, Sink sink) {
        rows.inBands(size.height(), () -> {
            Loops loops = Loops.best();
            var sampler = new StraightSampler(loops, new Patch(loops, false), from, AXIS, AXIS);
            var spans = new Spans();
            var reduction = new Reduction();
            float[] light = Window.Shape.STRIP.room();
            return (first, last) -> Window.each(size.width(), first, last, Window.Shape.STRIP, window -> {
                spans.fill(window);
                sampler.paint(window, spans, ConvexArea.centres(window), reduction, light);
                for (int y = 0; y < window.height(); y++) {
                    int to = (window.top() + y) * size.width() + window.left();
                    sink.row(loops, light, window.row(y), to, window.width());
                }
            });
        });
    }

    private static void pack(float[] light, int at, long[] pixels, int to, int count, boolean opaque) {
        for (int k = 0, i = at; k < count; k++, i += 4) {
            int alpha = opaque ? 65535 : sixteenBits(light[i + 3]);
            pixels[to + k] = LinearRaster.pixel(
                    sixteenBits(light[i]), sixteenBits(light[i + 1]), sixteenBits(light[i + 2]), alpha);
        }
    }

    private static int sixteenBits(float light) {
        return Math.clamp((int) (light * 65535 + 0.5f), 0, 65535);
    }
}
