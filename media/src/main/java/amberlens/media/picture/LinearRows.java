package amberlens.media.picture;

import amberlens.core.colour.Srgb;
import amberlens.core.geometry.Size;
import amberlens.core.render.LinearRaster;
import amberlens.core.render.Rows;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;

/** Makes rasters of linear light with premultiplied alpha from rows of 16-bit codes, upright. */
public final class LinearRows {
    private static final char[] LINEAR = new char[65536];

    static {
        for (int code = 0; code < 65536; code++) {
            LINEAR[code] = (char) Math.round(65535 * Srgb.toLinear(code / 65535.0));
        }
    }

    /** Rows of red, green, blue and alpha, each 0 … 65535. Used by one thread. */
    public interface Source {
        /** Fills four codes per pixel of a stored row. */
        void read(int y, int height, int[] rgba);

        /** Whether every alpha is 65535, so that it need not be looked at. */
        default boolean opaque() {
            return false;
        }

        /** Whether colours are linear light already, and not sRGB codes. */
        default boolean linear() {
            return false;
        }
    }

    private LinearRows() {}

    /**
     * Reads all rows.
     *
     * @param stored the size before the picture is set upright
     * @param sources one for each band of rows
     */
    public static LinearRaster convert(Size stored, Orientation orientation, Rows rows, Supplier<Source> sources) {
        Size size = orientation.upright(stored);
        var pixels = new long[Math.toIntExact(size.area())];
        var opaque = new AtomicBoolean(true);
        rows.inBands(stored.height(), (first, last) -> {
            Source source = sources.get();
            int[] row = new int[stored.width() * 4];
            boolean bandOpaque = true;
            for (int y = first; y < last; y++) {
                source.read(y, stored.height(), row);
                bandOpaque &= write(row, y, stored, size, orientation, source, pixels);
            }
            if (!bandOpaque) {
                opaque.set(false);
            }
        });
        return new LinearRaster(size, pixels, opaque.get());
    }

    private static boolean write(
            int[] row, int y, Size stored, Size size, Orientation turn, Source source, long[] pixels) {
        if (turn == Orientation.UPRIGHT && source.opaque() && !source.linear()) {
            plain(row, y * size.width(), pixels);
            return true;
        }
        boolean opaque = true;
        for (int x = 0; x < stored.width(); x++) {
            int alpha = source.opaque() ? 65535 : row[4 * x + 3];
            opaque &= alpha == 65535;
            pixels[turn.row(x, y, stored) * size.width() + turn.column(x, y, stored)] = LinearRaster.pixel(
                    premultiplied(row[4 * x], alpha, source),
                    premultiplied(row[4 * x + 1], alpha, source),
                    premultiplied(row[4 * x + 2], alpha, source),
                    alpha);
        }
        return opaque;
    }

    private static void plain(int[] row, int at, long[] pixels) {
        for (int i = 0, to = at; i < row.length; i += 4, to++) {
            pixels[to] = LinearRaster.pixel(LINEAR[row[i]], LINEAR[row[i + 1]], LINEAR[row[i + 2]], 65535);
        }
    }

    private static int premultiplied(int code, int alpha, Source source) {
        int linear = source.linear() ? code : LINEAR[code];
        return alpha == 65535 ? linear : (int) ((long) linear * alpha / 65535);
    }
}
