package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;

/**
 * A picture as a quiet backdrop: small, blurred by three box filters, which come close to a Gaussian, and darkened in linear
 * light. Its transparent parts turn black.
 */
final class Softening {
    /** No longer side than this is blurred; what is coarser than the blur needs no more pixels. */
    private static final int LONGEST = 192;

    /** The radius of the boxes as a part of the longer side. */
    private static final double RADIUS = 0.03;

    private static final int PASSES = 3;

    /** How much of the light stays. */
    private static final float LIGHT = 0.22f;

    private Softening() {}

    static LinearRaster of(Pyramid picture) {
        Raster small = small(picture);
        Size size = small.size();
        int radius = Math.max(1, (int) Math.round(RADIUS * Math.max(size.width(), size.height())));
        float[][] channels = channels(small);
        for (float[] channel : channels) {
            for (int pass = 0; pass < PASSES; pass++) {
                blur(channel, size.width(), 1, size.height(), size.width(), radius);
                blur(channel, size.height(), size.width(), size.width(), 1, radius);
            }
        }
        long[] pixels = new long[channels[0].length];
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] = LinearRaster.pixel(dark(channels[0][i]), dark(channels[1][i]), dark(channels[2][i]), 65535);
        }
        return new LinearRaster(size, pixels, true);
    }

    private static Raster small(Pyramid picture) {
        int n = 0;
        while (n < picture.levels() - 1 && longer(picture.level(n).size()) > LONGEST) {
            n++;
        }
        return picture.level(n);
    }

    private static int longer(Size size) {
        return Math.max(size.width(), size.height());
    }

    private static int dark(float light) {
        return Math.clamp(Math.round(light * LIGHT * 65535), 0, 65535);
    }

    private static float[][] channels(Raster raster) {
        int width = raster.width();
        float[][] channels = new float[3][width * raster.height()];
        Loops loops = Loops.best();
        var row = new float[4 * width + Loops.SPARE];
        for (int y = 0; y < raster.height(); y++) {
            raster.read(loops, 0, y, width, row, 0);
            for (int x = 0; x < width; x++) {
                for (int channel = 0; channel < channels.length; channel++) {
                    channels[channel][y * width + x] = row[4 * x + channel];
                }
            }
        }
        return channels;
    }
    /** One box along lines of {@code count} values that stand {@code step} apart; beyond the ends the last value goes on. */
    private static void blur(float[] values, int count, int step, int lines, int apart, int radius) {
        float[] line = new float[count];
        for (int start = 0; start < lines; start++) {
            int offset = start * apart;
            for (int i = 0; i < count; i++) {
                line[i] = values[offset + i * step];
            }
            double sum = 0;
            for (int i = -radius; i <= radius; i++) {
                sum += line[Math.clamp(i, 0, count - 1)];
            }
            for (int i = 0; i < count; i++) {
                values[offset + i * step] = (float) (sum / (2 * radius + 1));
                sum += line[Math.clamp(i + radius + 1, 0, count - 1)] - line[Math.clamp(i - radius, 0, count - 1)];
            }
        }
    }
}
