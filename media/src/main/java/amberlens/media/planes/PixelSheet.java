package amberlens.media.planes;

import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.LinearRaster;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;

/**
 * Pixels of a part of a picture that can be changed, as fine as they came: those of 8 bits as codes, all others as linear light. Different
 * rows may be changed by different threads.
 */
abstract sealed class PixelSheet {
    private static final float FULL = 65535;

    final PictureArea area;

    private PixelSheet(PictureArea area) {
        this.area = area;
    }

    /** A copy of a part of a picture. */
    static PixelSheet of(Raster picture, PictureArea area) {
        Raster part = picture.part(area);
        return part instanceof CodeRaster codes && codes.eightBits()
                ? new Codes(area, codes.copy())
                : new Linear(area, part);
    }

    /** Its left upper corner is at the area's. */
    abstract Raster raster(boolean opaque);

    /** Puts a colour in the place of a part of a pixel's own. */
    abstract void mix(int x, int y, int code, float part);

    /** Lets a pixel keep a part of its light. */
    abstract void keep(int x, int y, float part);

    /** Lets a rectangle of pixels keep nothing; right and bottom are one past its last ones. */
    void drop(int left, int top, int right, int bottom) {
        for (int y = top; y < bottom; y++) {
            for (int x = left; x < right; x++) {
                keep(x, y, 0);
            }
        }
    }

    int at(int x, int y) {
        return (y - area.top()) * area.size().width() + x - area.left();
    }

    private static final class Codes extends PixelSheet {
        private final int[] codes;

        Codes(PictureArea area, int[] codes) {
            super(area);
            this.codes = codes;
        }

        @Override
        Raster raster(boolean opaque) {
            CodeRaster raster = CodeRaster.ofEightBits(area.size(), codes, false);
            return opaque && raster.allSolid() ? CodeRaster.ofEightBits(area.size(), codes, true) : raster;
        }

        @Override
        void mix(int x, int y, int code, float part) {
            int at = at(x, y);
            int old = codes[at];
            float alpha = (old >>> 24) / 255f;
            float covered = alpha + part * (1 - alpha);
            float share = covered > 0 ? part / covered : 0; // of what is there then; codes are not premultiplied
            int mixed = 0;
            for (int shift = 0; shift < 24; shift += 8) {
                int from = old >>> shift & 0xFF;
                int to = code >>> shift & 0xFF;
                mixed |= Math.round(from + share * (to - from)) << shift;
            }
            codes[at] = mixed | Math.round(255 * covered) << 24;
        }

        @Override
        void keep(int x, int y, float part) {
            int at = at(x, y);
            codes[at] = codes[at] & 0xFFFFFF | Math.round((codes[at] >>> 24) * part) << 24;
        }
    }

    private static final class Linear extends PixelSheet {
        private final long[] pixels;

        Linear(PictureArea area, Raster part) {
            super(area);
            Size size = area.size();
            pixels = new long[Math.toIntExact(size.area())];
            float[] row = new float[4 * size.width() + Loops.SPARE];
            Loops loops = Loops.plain();
            for (int y = 0; y < size.height(); y++) {
                part.read(loops, 0, y, size.width(), row, 0);
                for (int x = 0; x < size.width(); x++) {
                    pixels[y * size.width() + x] = pixel(row[4 * x], row[4 * x + 1], row[4 * x + 2], row[4 * x + 3]);
                }
            }
        }

        private static long pixel(float red, float green, float blue, float alpha) {
            return LinearRaster.pixel(level(red), level(green), level(blue), level(alpha));
        }

        private static int level(float light) {
            return Math.clamp(Math.round(light * FULL), 0, (int) FULL);
        }

        private static float light(long pixel, int part) {
            return (pixel >>> 16 * part & 0xFFFF) / FULL;
        }

        @Override
        Raster raster(boolean opaque) {
            LinearRaster raster = new LinearRaster(area.size(), pixels, false);
            return opaque && raster.allSolid() ? new LinearRaster(area.size(), pixels, true) : raster;
        }

        @Override
        void mix(int x, int y, int code, float part) {
            long old = pixels[at(x, y)];
            float[] mixed = new float[4];
            for (int i = 0; i < 4; i++) {
                float to = i == 3 ? 1 : (float) Srgb.toLinear((code >>> 8 * i & 0xFF) / 255.0);
                mixed[i] = light(old, i) + part * (to - light(old, i));
            }
            pixels[at(x, y)] = pixel(mixed[0], mixed[1], mixed[2], mixed[3]);
        }

        @Override
        void keep(int x, int y, float part) {
            long old = pixels[at(x, y)];
            pixels[at(x, y)] =
                    pixel(part * light(old, 0), part * light(old, 1), part * light(old, 2), part * light(old, 3));
        }
    }
}
