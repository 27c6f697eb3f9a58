package amberlens.desktop.work.sounds;

import amberlens.core.base.memo.Memo;
import amberlens.core.material.sound.Peaks;
import amberlens.desktop.kit.style.Pictures;
import java.util.function.DoubleUnaryOperator;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;

/** Pictures of waves, painted column by column and kept. */
public final class Waves {
    private static final long BYTES = 24_000_000;

    private final Memo<Wanted, Image> images = new Memo<>(BYTES, Pictures::bytes);

    /**
     * A wave.
     *
     * @param peaks by identity
     * @param of what tells its place and gain apart from others': equal for equal ones
     * @param from the first column, in pixels from the clip's beginning
     */
    private record Wanted(Peaks peaks, Object of, long from, int width, int height, Color colour) {}

    /**
     * Paints a wave.
     *
     * @param key equal where place and gain are
     * @param place from a column, in pixels, to a pair of samples
     * @param gain at a column
     */
    public Image image(
            Peaks peaks,
            Object key,
            long from,
            int width,
            int height,
            Color colour,
            DoubleUnaryOperator place,
            DoubleUnaryOperator gain) {
        return images.get(new Wanted(peaks, key, from, width, height, colour), wanted -> painted(wanted, place, gain));
    }

    private static Image painted(Wanted wanted, DoubleUnaryOperator place, DoubleUnaryOperator gain) {
        int width = wanted.width();
        int height = wanted.height();
        int[] argb = new int[width * height];
        int full = argb(wanted.colour(), 1);
        double half = height / 2.0;
        for (int column = 0; column < width; column++) {
            long first = Math.round(place.applyAsDouble(wanted.from() + column));
            long last = Math.round(place.applyAsDouble(wanted.from() + column + 1.0));
            if (last < 0 || last <= first) {
                continue;
            }
            Peaks.Extremes extremes = wanted.peaks().between(first, last);
            double times = gain.applyAsDouble((double) wanted.from() + column + 0.5);
            double high = half - Math.clamp(extremes.most() * times, -1, 1) * half;
            double low = half - Math.clamp(extremes.least() * times, -1, 1) * half;
            int top = (int) Math.clamp(Math.floor(Math.min(high, half - 0.5)), 0, height - 1);
            int foot = (int) Math.clamp(Math.ceil(Math.max(low, half + 0.5)), top + 1, height);
            for (int row = top; row < foot; row++) {
                double covered =
                        Math.min(row + 1, Math.max(low, half + 0.5)) - Math.max(row, Math.min(high, half - 0.5));
                argb[row * width + column] = covered >= 1 ? full : argb(wanted.colour(), Math.max(0, covered));
            }
        }
        var image = new WritableImage(width, height);
        image.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), argb, 0, width);
        return image;
    }

    private static int argb(Color colour, double part) {
        int alpha = (int) Math.round(255 * colour.getOpacity() * part);
        int red = (int) Math.round(255 * colour.getRed());
        int green = (int) Math.round(255 * colour.getGreen());
        int blue = (int) Math.round(255 * colour.getBlue());
        return alpha << 24 | red << 16 | green << 8 | blue;
    }
}
