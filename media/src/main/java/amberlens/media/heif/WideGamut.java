package amberlens.media.heif;

import static org.bytedeco.ffmpeg.global.avutil.AVCOL_PRI_BT2020;
import static org.bytedeco.ffmpeg.global.avutil.AVCOL_PRI_SMPTE432;

import amberlens.core.base.colour.Srgb;

/**
 * Pictures marked with wider primaries and no profile, brought to those of sRGB plainly: what lies outside is cut off. Their codes have the
 * curve of sRGB. The matrices are those of the CSS Color Module Level 4 (W3C), sections 10.8 and 10.9, in linear light.
 */
enum WideGamut {
    NONE(new double[0]),
    DISPLAY_P3(new double[] {
        1.2249401762805598,
        -0.2249401762805598,
        0,
        -0.0420569547096881,
        1.0420569547096881,
        0,
        -0.0196375545903344,
        -0.0786360455506319,
        1.0982736001409663
    }),
    BT2020(new double[] {
        1.6604910021084345,
        -0.5876411387885495,
        -0.0728498633198850,
        -0.1245504745215907,
        1.1328998971259603,
        -0.0083494226043695,
        -0.0181507633549053,
        -0.1005788980080076,
        1.1187296613629127
    });

    private final double[] matrix;

    WideGamut(double[] matrix) {
        this.matrix = matrix;
    }

    /** That of primaries as the libraries count them. */
    static WideGamut of(int primaries) {
        return primaries == AVCOL_PRI_SMPTE432 ? DISPLAY_P3 : primaries == AVCOL_PRI_BT2020 ? BT2020 : NONE;
    }

    /** Changes a row of codes 0 … 65535 to linear light 0 … 65535; alpha stays. */
    void toLinear(int[] rgba) {
        double[] light = new double[3];
        for (int i = 0; i < rgba.length; i += 4) {
            for (int c = 0; c < 3; c++) {
                light[c] = Srgb.toLinear(rgba[i + c] / 65_535.0);
            }
            for (int c = 0; c < 3; c++) {
                double sum = matrix[3 * c] * light[0] + matrix[3 * c + 1] * light[1] + matrix[3 * c + 2] * light[2];
                rgba[i + c] = (int) Math.round(65_535 * Math.clamp(sum, 0, 1));
            }
        }
    }
}
