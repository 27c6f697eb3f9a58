package amberlens.core.render.frame;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.memo.Memo;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.Arrays;
import java.util.Random;

/**
 * Backdrops that are made by code. Clouds are value noise of five octaves, each half as strong and twice as fine as the one before,
 * smoothed between its grid points by 3t² − 2t³ (Perlin 1985); they come out soft because they are drawn small.
 */
final class Grounds {
    private static final long BUDGET = 24L << 20;
    private static final Size GRADIENT = new Size(16, 512);
    private static final Size CLOUDS = new Size(512, 288);
    private static final int OCTAVES = 5;
    private static final int GRID = 64;
    private static final double DARK = 0.25;

    private static final Memo<Backdrop, Pyramid> MADE = new Memo<>(BUDGET, Pyramid::bytes);

    private Grounds() {}

    static Pyramid of(Backdrop.Gradient gradient) {
        return MADE.get(gradient, _ -> drawn(gradient));
    }

    static Pyramid of(Backdrop.Clouds clouds) {
        return MADE.get(clouds, _ -> drawn(clouds));
    }

    private static Pyramid drawn(Backdrop.Gradient gradient) {
        long[] pixels = new long[Math.toIntExact(GRADIENT.area())];
        for (int y = 0; y < GRADIENT.height(); y++) {
            double part = (double) y / (GRADIENT.height() - 1);
            long pixel = LinearRaster.pixel(
                    mixed(gradient.top(), gradient.bottom(), 16, part),
                    mixed(gradient.top(), gradient.bottom(), 8, part),
                    mixed(gradient.top(), gradient.bottom(), 0, part),
                    65535);
            Arrays.fill(pixels, y * GRADIENT.width(), (y + 1) * GRADIENT.width(), pixel);
        }
        return Pyramid.of(new LinearRaster(GRADIENT, pixels, true), Rows.ALONE);
    }

    /** In codes, which steps evenly for the eye. */
    private static int mixed(Colour one, Colour other, int shift, double part) {
        double code = (one.rgb() >> shift & 0xFF) * (1 - part) + (other.rgb() >> shift & 0xFF) * part;
        return (int) Math.round(65535 * Srgb.toLinear(code / 255));
    }

    private static Pyramid drawn(Backdrop.Clouds clouds) {
        double[] grid = new double[GRID * GRID];
        var chance = new Random(clouds.seed());
        for (int i = 0; i < grid.length; i++) {
            grid[i] = chance.nextDouble();
        }
        long[] pixels = new long[Math.toIntExact(CLOUDS.area())];
        for (int y = 0; y < CLOUDS.height(); y++) {
            for (int x = 0; x < CLOUDS.width(); x++) {
                double light = DARK + (1 - DARK) * noise(grid, x, y);
                pixels[y * CLOUDS.width() + x] = LinearRaster.pixel(
                        lit(clouds.colour(), 16, light),
                        lit(clouds.colour(), 8, light),
                        lit(clouds.colour(), 0, light),
                        65535);
            }
        }
        return Pyramid.of(new LinearRaster(CLOUDS, pixels, true), Rows.ALONE);
    }

    private static int lit(Colour colour, int shift, double light) {
        return (int) Math.round(65535 * Srgb.toLinear((colour.rgb() >> shift & 0xFF) / 255.0) * light);
    }

    private static double noise(double[] grid, int x, int y) {
        double sum = 0;
        double strength = 0.5;
        double scale = 1.0 / 130;
        for (int octave = 0; octave < OCTAVES; octave++) {
            sum += strength * smooth(grid, x * scale + 17 * octave, y * scale + 31 * octave);
            strength /= 2;
            scale *= 2;
        }
        return Math.clamp((sum - 0.25) * 1.9, 0, 1);
    }

    private static double smooth(double[] grid, double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        double tx = (x - left) * (x - left) * (3 - 2 * (x - left));
        double ty = (y - top) * (y - top) * (3 - 2 * (y - top));
        double upper = at(grid, left, top) * (1 - tx) + at(grid, left + 1, top) * tx;
        double lower = at(grid, left, top + 1) * (1 - tx) + at(grid, left + 1, top + 1) * tx;
        return upper * (1 - ty) + lower * ty;
    }

    private static double at(double[] grid, int x, int y) {
        return grid[Math.floorMod(y, GRID) * GRID + Math.floorMod(x, GRID)];
    }
}
