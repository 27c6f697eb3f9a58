package amberlens.core.base.colour;

/** The sRGB transfer function of IEC 61966-2-1, and its tables. */
public final class Srgb {
    private static final byte[] ENCODED_8 = new byte[65536];
    private static final char[] ENCODED_16 = new char[65536];
    private static final float[] EXACT_8 = new float[65537];

    static {
        for (int linear = 0; linear < 65536; linear++) {
            double encoded = toEncoded(linear / 65535.0);
            ENCODED_8[linear] = (byte) Math.round(255 * encoded);
            ENCODED_16[linear] = (char) Math.round(65535 * encoded);
            EXACT_8[linear] = (float) (255 * encoded);
        }
        EXACT_8[65536] = 255;
    }

    private Srgb() {}

    /** From an encoded value 0 … 1 to linear light 0 … 1. */
    public static double toLinear(double encoded) {
        return encoded <= 0.04045 ? encoded / 12.92 : Math.pow((encoded + 0.055) / 1.055, 2.4);
    }

    /** From linear light 0 … 1 to an encoded value 0 … 1. */
    public static double toEncoded(double linear) {
        return linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
    }

    /** From linear light, 0 … 1 and clamped to it, to the nearest 8-bit code 0 … 255. */
    public static int encoded8(float linear) {
        int index = (int) (linear * 65535f + 0.5f);
        return ENCODED_8[Math.clamp(index, 0, 65535)] & 0xFF;
    }

    /** Likewise to the nearest 16-bit code 0 … 65535. */
    public static int encoded16(float linear) {
        int index = (int) (linear * 65535f + 0.5f);
        return ENCODED_16[Math.clamp(index, 0, 65535)];
    }

    /** Likewise to 0 … 255 with what is left behind the point, to a thousandth. */
    public static float exact8(float linear) {
        float place = Math.clamp(linear, 0f, 1f) * 65535f;
        int index = (int) place;
        return EXACT_8[index] + (place - index) * (EXACT_8[index + 1] - EXACT_8[index]);
    }
}
