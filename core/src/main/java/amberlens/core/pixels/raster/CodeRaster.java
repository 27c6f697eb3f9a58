package amberlens.core.pixels.raster;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;

/**
 * Pixels as sRGB codes in one int each: red, green, blue and alpha of 8 bits from the low end, with straight alpha, as most
 * pictures and films come; or opaque red, green and blue of 10 bits.
 */
public final class CodeRaster implements Raster {
    /** The 10-bit code of white: four times that of 8 bits, so that a colour of 8 bits is one of 10. */
    static final int MOST_OF_TEN_BITS = 1020;

    private final Size size;
    private final int[] codes;
    private final boolean ten;
    private final boolean opaque;
    private final int start;
    private final int pitch;

    private CodeRaster(Size size, int[] codes, boolean ten, boolean opaque, int start, int pitch) {
        if (start + (long) pitch * (size.height() - 1) + size.width() > codes.length) {
            throw new IllegalArgumentException("a raster of " + size + " has not " + codes.length + " pixels");
        }
        this.size = size;
        this.codes = codes;
        this.ten = ten;
        this.opaque = opaque;
        this.start = start;
        this.pitch = pitch;
    }

    /**
     * Of 8 bits.
     *
     * @param codes one per pixel, from {@link #pixel}; kept, not copied
     * @param opaque whether every alpha is 255
     */
    public static CodeRaster ofEightBits(Size size, int[] codes, boolean opaque) {
        return new CodeRaster(size, codes, false, opaque, 0, size.width());
    }

    /**
     * Of 10 bits, opaque.
     *
     * @param codes one per pixel, from {@link #pixelOfTenBits}; kept, not copied
     */
    public static CodeRaster ofTenBits(Size size, int[] codes) {
        return new CodeRaster(size, codes, true, true, 0, size.width());
    }

    /** One pixel of 8-bit codes 0 … 255; colours are not multiplied by alpha. */
    public static int pixel(int red, int green, int blue, int alpha) {
        return red | green << 8 | blue << 16 | alpha << 24;
    }

    /** One opaque pixel of 10-bit codes, four times those of 8 bits: 0 … 1020. */
    public static int pixelOfTenBits(int red, int green, int blue) {
        return red | green << 10 | blue << 20;
    }

    /** The memory of a picture of a size, in bytes. */
    public static long bytes(Size size) {
        return Integer.BYTES * size.area();
    }

    /** Whether its codes are of 8 bits. */
    public boolean eightBits() {
        return !ten;
    }

    /** Its own codes, row by row without gaps. */
    public int[] copy() {
        int[] copied = new int[Math.toIntExact(size.area())];
        for (int y = 0; y < size.height(); y++) {
            System.arraycopy(codes, start + y * pitch, copied, y * size.width(), size.width());
        }
        return copied;
    }

    @Override
    public Size size() {
        return size;
    }

    @Override
    public boolean opaque() {
        return opaque;
    }

    @Override
    public long bytes() {
        return bytes(size);
    }

    @Override
    public void read(Loops loops, int x, int y, int count, float[] into, int at) {
        int from = start + y * pitch + x;
        if (ten) {
            loops.decodeTenBits(codes, from, count, into, at);
        } else if (opaque) {
            loops.decodeOpaque(codes, from, count, into, at);
        } else {
            loops.decode(codes, from, count, into, at);
        }
    }

    @Override
    public boolean solid(int x, int y) {
        return opaque || codes[start + y * pitch + x] >>> 24 == 255;
    }

    @Override
    public CodeRaster part(PictureArea area) {
        int from = start + area.top() * pitch + area.left();
        var part = new CodeRaster(area.size(), codes, ten, opaque, from, pitch);
        return opaque ? part : new CodeRaster(area.size(), codes, ten, part.allSolid(), from, pitch);
    }
}
