package amberlens.core.pixels.raster;

/**
 * From sRGB-encoded R′G′B′ to Y′CbCr 4:2:0 of ITU-R BT.709 in the limited range: Kr 0.2126, Kb 0.0722, Y′ in 16 … 235, Cb
 * and Cr in 16 … 240. Chroma is the mean of four pixels, sited between them.
 */
final class Bt709 {
    static final int BITS = 16;
    static final int HALF = 1 << (BITS - 1);
    static final int YR = fixed(0.2126 * 219 / 255);
    static final int YG = fixed(0.7152 * 219 / 255);
    static final int YB = fixed(0.0722 * 219 / 255);
    static final int UR = fixed(-0.2126 / 1.8556 * 224 / 255);
    static final int UG = fixed(-0.7152 / 1.8556 * 224 / 255);
    static final int UB = -UR - UG;
    static final int VG = fixed(-0.7152 / 1.5748 * 224 / 255);
    static final int VB = fixed(-0.0722 / 1.5748 * 224 / 255);
    static final int VR = -VG - VB;

    private Bt709() {}

    private static int fixed(double value) {
        return (int) Math.round(value * (1 << BITS));
    }

    static void luma(int[] argb, int from, int count, byte[] into, int at) {
        for (int x = 0; x < count; x++) {
            int rgb = argb[from + x];
            into[at + x] = (byte)
                    (16 + ((YR * (rgb >> 16 & 0xFF) + YG * (rgb >> 8 & 0xFF) + YB * (rgb & 0xFF) + HALF) >> BITS));
        }
    }

    static void chroma(int[] argb, int upper, int lower, int count, byte[] blue, byte[] red, int at) {
        for (int x = 0; x < count; x++) {
            int a = argb[upper + 2 * x];
            int b = argb[upper + 2 * x + 1];
            int c = argb[lower + 2 * x];
            int d = argb[lower + 2 * x + 1];
            int r = (a >> 16 & 0xFF) + (b >> 16 & 0xFF) + (c >> 16 & 0xFF) + (d >> 16 & 0xFF);
            int g = (a >> 8 & 0xFF) + (b >> 8 & 0xFF) + (c >> 8 & 0xFF) + (d >> 8 & 0xFF);
            int e = (a & 0xFF) + (b & 0xFF) + (c & 0xFF) + (d & 0xFF);
            blue[at + x] = difference(UR * r + UG * g + UB * e);
            red[at + x] = difference(VR * r + VG * g + VB * e);
        }
    }

    private static byte difference(int sumOfFour) {
        return (byte) (128 + ((sumOfFour + 4 * HALF) >> (BITS + 2)));
    }
}
