package amberlens.media.track;

import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;
import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * A frame of footage as trackers look at it: in shades of grey as the eye parts them (the root of the light, 0 … 255), made smaller by a
 * whole number so that its longer side has about {@value #LONGEST} pixels. Every other line is left out
 * then: it would take longer to read than to track.
 *
 * @param image the shades
 * @param step how many source pixels a pixel is wide and high
 */
record Grey(Shades image, int step) {
    /** Sharp enough for a tenth of a pixel, small enough for every frame of a film to be looked at in passing. */
    static final int LONGEST = 960;

    private static final float WHITE = 255;
    private static final float RED = 0.2126f;
    private static final float GREEN = 0.7152f;
    private static final float BLUE = 0.0722f;

    static Grey of(Raster raster) {
        int step = Math.max(1, Math.round((float) Math.max(raster.width(), raster.height()) / LONGEST));
        var image = new Shades(Math.max(1, raster.width() / step), Math.max(1, raster.height() / step));
        int threads = Math.clamp(image.height() / 16, 1, Runtime.getRuntime().availableProcessors());
        IntStream.range(0, threads)
                .parallel()
                .forEach(part -> read(
                        raster, step, image, image.height() * part / threads, image.height() * (part + 1) / threads));
        return new Grey(image, step);
    }

    private static void read(Raster raster, int step, Shades image, int from, int to) {
        Loops loops = Loops.best();
        int across = Math.min(raster.width(), image.width() * step);
        int lines = Math.min(raster.height(), (step + 1) / 2);
        var row = new float[4 * across + Loops.SPARE];
        var sums = new float[image.width()];
        float share = 1f / (Math.min(step, across) * lines);
        for (int y = from; y < to; y++) {
            Arrays.fill(sums, 0);
            for (int line = 0; line < lines; line++) {
                raster.read(loops, 0, y * step + 2 * line, across, row, 0);
                add(row, Math.min(step, across), sums);
            }
            for (int x = 0; x < image.width(); x++) {
                image.shades()[y * image.width() + x] = WHITE * (float) Math.sqrt(Math.max(0, sums[x] * share));
            }
        }
    }

    private static void add(float[] row, int step, float[] sums) {
        int at = 0;
        for (int x = 0; x < sums.length; x++) {
            float red = 0;
            float green = 0;
            float blue = 0;
            for (int end = at + 4 * step; at < end; at += 4) {
                red += row[at];
                green += row[at + 1];
                blue += row[at + 2];
            }
            sums[x] += RED * red + GREEN * green + BLUE * blue;
        }
    }

    /** From a place in source pixels; pixels are met at their middles. */
    double fromSource(double place) {
        return place / step - 0.5;
    }

    double toSource(double place) {
        return (place + 0.5) * step;
    }
}
