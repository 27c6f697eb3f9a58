package amberlens.media.film;

import amberlens.core.render.frame.FrameRaster;
import java.nio.ByteBuffer;

/**
 * From sRGB-encoded R′G′B′ to Y′CbCr 4:2:0 of ITU-R BT.709 in the limited range: Kr 0.2126, Kb 0.0722, Y′ in 16 … 235, Cb
 * and Cr in 16 … 240. Chroma is the mean of four pixels, sited between them.
 */
final class Bt709 {
    private static final int BITS = 16;
    private static final int HALF = 1 << (BITS - 1);
    private static final int YR = fixed(0.2126 * 219 / 255);
    private static final int YG = fixed(0.7152 * 219 / 255);
    private static final int YB = fixed(0.0722 * 219 / 255);
    private static final int UR = fixed(-0.2126 / 1.8556 * 224 / 255);
    private static final int UG = fixed(-0.7152 / 1.8556 * 224 / 255);
    private static final int UB = -UR - UG;
    private static final int VG = fixed(-0.7152 / 1.5748 * 224 / 255);
    private static final int VB = fixed(-0.0722 / 1.5748 * 224 / 255);
    private static final int VR = -VG - VB;

    private Bt709() {}

    /**
     * Fills rows of the three planes.
     *
     * @param firstPair first pair of rows
     * @param lastPair pair of rows to stop before
     */
    static void convert(FrameRaster frame, int firstPair, int lastPair, Plane luma, Plane cb, Plane cr) {
        int width = frame.size().width();
        int[] argb = frame.argb();
        byte[] upper = new byte[width];
        byte[] lower = new byte[width];
        byte[] blue = new byte[width / 2];
        byte[] red = new byte[width / 2];
        for (int pair = firstPair; pair < lastPair; pair++) {
            int at = 2 * pair * width;
            for (int x = 0; x < width; x += 2) {
                int a = argb[at + x];
                int b = argb[at + x + 1];
                int c = argb[at + width + x];
                int d = argb[at + width + x + 1];
                upper[x] = luma(a);
                upper[x + 1] = luma(b);
                lower[x] = luma(c);
                lower[x + 1] = luma(d);
                int r = (a >> 16 & 0xFF) + (b >> 16 & 0xFF) + (c >> 16 & 0xFF) + (d >> 16 & 0xFF);
                int g = (a >> 8 & 0xFF) + (b >> 8 & 0xFF) + (c >> 8 & 0xFF) + (d >> 8 & 0xFF);
                int e = (a & 0xFF) + (b & 0xFF) + (c & 0xFF) + (d & 0xFF);
                blue[x / 2] = chroma(UR * r + UG * g + UB * e);
                red[x / 2] = chroma(VR * r + VG * g + VB * e);
            }
            luma.row(2 * pair, upper);
            luma.row(2 * pair + 1, lower);
            cb.row(pair, blue);
            cr.row(pair, red);
        }
    }

    private static byte luma(int rgb) {
        return (byte) (16 + ((YR * (rgb >> 16 & 0xFF) + YG * (rgb >> 8 & 0xFF) + YB * (rgb & 0xFF) + HALF) >> BITS));
    }

    private static byte chroma(int sumOfFour) {
        return (byte) (128 + ((sumOfFour + 4 * HALF) >> (BITS + 2)));
    }

    private static int fixed(double value) {
        return (int) Math.round(value * (1 << BITS));
    }

    /** A plane of 8-bit samples with a row pitch in bytes. */
    record Plane(ByteBuffer bytes, int pitch) {
        void row(int y, byte[] samples) {
            bytes.put(y * pitch, samples);
        }
    }
}
