package amberlens.media.raster;

import static org.bytedeco.ffmpeg.global.avutil.AVCOL_TRC_ARIB_STD_B67;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_TRC_SMPTE2084;

/**
 * High dynamic range brought plainly into the range of an ordinary screen.
 *
 * <p>PQ: the EOTF of SMPTE ST 2084, in nits. HLG: the inverse OETF and the system gamma 1.2 of ITU-R BT.2100 for a peak of 1000 nits.
 * Reference white is 203 nits (ITU-R BT.2408). Primaries go from BT.2020 to BT.709 by the matrix of ITU-R BT.2087, then the brightest
 * component L is mapped by L·(1 + L/M²)/(1 + L) with M the peak of 1000 nits over white (Reinhard et al. 2002, equation 4), all
 * three in step, so that hues stay.
 */
public enum HdrCurve {
    NONE,
    PQ,
    HLG;

    private static final double WHITE = 203;
    private static final double PEAK = 1000 / WHITE;

    /** That of a transfer as the libraries count them. */
    public static HdrCurve of(int transfer) {
        return transfer == AVCOL_TRC_SMPTE2084 ? PQ : transfer == AVCOL_TRC_ARIB_STD_B67 ? HLG : NONE;
    }

    /** Changes a row of codes 0 … 65535 to linear light 0 … 65535; alpha stays. */
    public void toLinear(int[] rgba) {
        for (int i = 0; i < rgba.length; i += 4) {
            double r = light(rgba[i] / 65535.0);
            double g = light(rgba[i + 1] / 65535.0);
            double b = light(rgba[i + 2] / 65535.0);
            if (this == HLG) {
                double gamma = Math.pow(Math.max(1e-9, 0.2627 * r + 0.6780 * g + 0.0593 * b), 0.2) * PEAK;
                r *= gamma;
                g *= gamma;
                b *= gamma;
            }
            double red = 1.6605 * r - 0.5876 * g - 0.0728 * b;
            double green = -0.1246 * r + 1.1329 * g - 0.0083 * b;
            double blue = -0.0182 * r - 0.1006 * g + 1.1187 * b;
            double most = Math.max(1e-9, Math.max(red, Math.max(green, blue)));
            double mapped = most * (1 + most / (PEAK * PEAK)) / (1 + most);
            rgba[i] = whole(red * mapped / most);
            rgba[i + 1] = whole(green * mapped / most);
            rgba[i + 2] = whole(blue * mapped / most);
        }
    }

    /** PQ: nits over white. HLG: scene light 0 … 1. */
    private double light(double code) {
        if (this == HLG) {
            return code <= 0.5 ? code * code / 3 : (Math.exp((code - 0.55991073) / 0.17883277) + 0.28466892) / 12;
        }
        double p = Math.pow(code, 1 / 78.84375);
        double nits = 10_000 * Math.pow(Math.max(0, p - 0.8359375) / (18.8515625 - 18.6875 * p), 1 / 0.1593017578125);
        return nits / WHITE;
    }

    private static int whole(double light) {
        return (int) Math.round(65535 * Math.clamp(light, 0, 1));
    }
}
