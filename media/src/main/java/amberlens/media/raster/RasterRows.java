package amberlens.media.raster;

import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Supplier;

/** Makes rasters from rows of 16-bit codes, upright, no larger than what they come from asks for. */
public final class RasterRows {
    private static final int BYTE = 257;
    private static final int TEN_BITS = 1023;

    private static final class Linear {
        private static final char[] OF_CODE = new char[65536];

        static {
            for (int code = 0; code < 65536; code++) {
                OF_CODE[code] = (char) Math.round(65535 * Srgb.toLinear(code / 65535.0));
            }
        }
    }

    /** How much of each code is kept. */
    public enum Depth {
        /** Codes of bytes as they are. */
        EIGHT_BITS,
        /** Codes that were computed from those of bytes; opaque. */
        TEN_BITS,
        /** Everything. */
        SIXTEEN_BITS
    }

    /** Rows of red, green, blue and alpha, each 0 … 65535. Used by one thread. */
    public interface Source {
        /** Fills four codes per pixel of a stored row. */
        void read(int y, int height, int[] rgba);

        /** Whether every alpha is 65535, so that it need not be looked at. */
        default boolean opaque() {
            return false;
        }

        /** Whether colours are linear light already, and not sRGB codes; only where everything is kept. */
        default boolean linear() {
            return false;
        }
    }

    private RasterRows() {}

    /** Takes the pixels of a row, and says whether all of them are opaque. */
    private interface Pixels {
        boolean put(int[] rgba, int y, Source source);

        Raster raster(boolean opaque);
    }

    /**
     * Reads all rows.
     *
     * @param stored the size before the picture is set upright
     * @param sources one for each band of rows
     */
    public static Raster convert(
            Size stored, Orientation orientation, Depth depth, Rows rows, Supplier<? extends Source> sources) {
        var places = new Places(stored, orientation);
        Pixels pixels =
                switch (depth) {
                    case EIGHT_BITS -> new Bytes(places);
                    case TEN_BITS -> new TenBits(places);
                    case SIXTEEN_BITS -> new SixteenBits(places);
                };
        var opaque = new AtomicBoolean(true);
        rows.inBands(stored.height(), (first, last) -> {
            Source source = sources.get();
            int[] row = new int[stored.width() * 4];
            boolean bandOpaque = true;
            for (int y = first; y < last; y++) {
                source.read(y, stored.height(), row);
                bandOpaque &= pixels.put(row, y, source);
            }
            if (!bandOpaque) {
                opaque.set(false);
            }
        });
        return pixels.raster(opaque.get());
    }

    /** Where stored pixels come to stand. */
    private record Places(Size stored, Orientation turn) {
        Size size() {
            return turn.upright(stored);
        }

        int area() {
            return Math.toIntExact(stored.area());
        }

        int of(int x, int y) {
            return turn.row(x, y, stored) * size().width() + turn.column(x, y, stored);
        }
    }

    /** The pixels of a stored row lie along a line of the raster, forwards or backwards, across or down. */
    private record Line(int first, int step) {
        static Line of(Places places, int y) {
            int first = places.of(0, y);
            return new Line(first, places.stored().width() > 1 ? places.of(1, y) - first : 1);
        }
    }

    private static int alpha(int[] rgba, int i, Source source) {
        return source.opaque() ? 65535 : rgba[i + 3];
    }

    private record Bytes(Places places, int[] codes) implements Pixels {
        Bytes(Places places) {
            this(places, new int[places.area()]);
        }

        @Override
        public boolean put(int[] rgba, int y, Source source) {
            var line = Line.of(places, y);
            boolean opaque = true;
            for (int i = 0, to = line.first; i < rgba.length; i += 4, to += line.step) {
                int alpha = alpha(rgba, i, source);
                opaque &= alpha == 65535;
                codes[to] = CodeRaster.pixel(rgba[i] / BYTE, rgba[i + 1] / BYTE, rgba[i + 2] / BYTE, alpha / BYTE);
            }
            return opaque;
        }

        @Override
        public Raster raster(boolean opaque) {
            return CodeRaster.ofEightBits(places.size(), codes, opaque);
        }
    }

    private record TenBits(Places places, int[] codes) implements Pixels {
        TenBits(Places places) {
            this(places, new int[places.area()]);
        }

        @Override
        public boolean put(int[] rgba, int y, Source source) {
            var line = Line.of(places, y);
            for (int i = 0, to = line.first; i < rgba.length; i += 4, to += line.step) {
                codes[to] = CodeRaster.pixelOfTenBits(tenBits(rgba[i]), tenBits(rgba[i + 1]), tenBits(rgba[i + 2]));
            }
            return true;
        }

        private static int tenBits(int code) {
            return (code * TEN_BITS + 32767) / 65535;
        }

        @Override
        public Raster raster(boolean opaque) {
            return CodeRaster.ofTenBits(places.size(), codes);
        }
    }

    private record SixteenBits(Places places, long[] pixels) implements Pixels {
        SixteenBits(Places places) {
            this(places, new long[places.area()]);
        }

        @Override
        public boolean put(int[] rgba, int y, Source source) {
            var line = Line.of(places, y);
            boolean opaque = true;
            for (int i = 0, to = line.first; i < rgba.length; i += 4, to += line.step) {
                int alpha = alpha(rgba, i, source);
                opaque &= alpha == 65535;
                pixels[to] = LinearRaster.pixel(
                        premultiplied(rgba[i], alpha, source),
                        premultiplied(rgba[i + 1], alpha, source),
                        premultiplied(rgba[i + 2], alpha, source),
                        alpha);
            }
            return opaque;
        }

        private static int premultiplied(int code, int alpha, Source source) {
            int linear = source.linear() ? code : Linear.OF_CODE[code];
            return alpha == 65535 ? linear : (int) ((long) linear * alpha / 65535);
        }

        @Override
        public Raster raster(boolean opaque) {
            return new LinearRaster(places.size(), pixels, opaque);
        }
    }
}
