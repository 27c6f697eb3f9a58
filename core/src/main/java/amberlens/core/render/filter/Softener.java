package amberlens.core.render.filter;

import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Rows;
import java.util.Arrays;
import java.util.function.Supplier;

/**
 * Blurs light by a Gaussian.
 *
 * <p>A wide one is computed on fewer places, one for f pixels, with f a power of two and σ/f at least {@link #LEAST_SIGMA}: pixels are brought
 * to them by cubic B-splines, blurred, and brought back by cubic B-splines. Those blur by themselves, each with a variance of 1/3 of a
 * place, which the Gaussian is made narrower by; what they add to the fourth order is below one part in a thousand (M. Unser, <em>Splines:
 * a perfect fit for signal and image processing</em>, 1999). Kernels end at {@link #REACH} σ, beyond which lies less than one part in 20000.
 *
 * <p>Shapes of one colour are rendered smaller in the first place, so that no splines are needed for that part of the way. Pictures are
 * not: their reduced levels end at black, where the light between thin lines would go below it.
 *
 * @param sigma in output pixels
 * @param factor f
 * @param inPlaces whether what is blurred was rendered with a pixel for each place
 */
public record Softener(double sigma, int factor, boolean inPlaces) {
    private static final double LEAST_SIGMA = 2.5;
    private static final double REACH = 4.2;
    private static final double SPLINE_VARIANCE = 1.0 / 3;

    /** For one direction; a σ of 0 leaves it as it is. */
    public static Softener of(double sigma) {
        int factor = 1;
        while (sigma / (2 * factor) >= LEAST_SIGMA) {
            factor *= 2;
        }
        return new Softener(sigma, factor, false);
    }

    /** For what was rendered with a pixel for each place. */
    public Softener ofPlaces() {
        return new Softener(sigma, factor, true);
    }

    /** The σ of the kernel on the fewer places. */
    private double own() {
        double scaled = sigma / factor;
        int splines = factor == 1 ? 0 : inPlaces ? 1 : 2;
        return Math.sqrt(scaled * scaled - splines * SPLINE_VARIANCE);
    }

    /** Taps to either side of a kernel's middle. */
    private int half() {
        return (int) Math.ceil(REACH * own());
    }

    /** How far beyond the output light is needed, in pixels. */
    public int reach() {
        return margin() * factor;
    }

    /** Likewise in fewer places. */
    public int margin() {
        return sigma == 0 ? 0 : half() + (factor == 1 ? 0 : 2);
    }

    private float[] kernel() {
        double own = own();
        int half = half();
        double[] taps = new double[2 * half + 1];
        for (int i = -half; i <= half; i++) {
            taps[i + half] = Math.exp(-i * i / (2 * own * own));
        }
        double sum = Arrays.stream(taps).sum();
        float[] kernel = new float[taps.length];
        for (int i = 0; i < taps.length; i++) {
            kernel[i] = (float) (taps[i] / sum);
        }
        return kernel;
    }

    /** Blurs along rows; what lies beyond their ends is as the ends. */
    void across(LightField field, Rows rows, Supplier<Loops> loops) {
        if (sigma == 0) {
            return;
        }
        float[] kernel = kernel();
        int half = half();
        rows.inBands(field.height(), () -> {
            Loops own = loops.get();
            float[] padded = new float[4 * (field.width() + 2 * half) + Loops.SPARE];
            float[] sum = new float[4 * field.width() + Loops.SPARE];
            return (first, last) -> {
                for (int y = first; y < last; y++) {
                    pad(field, y, half, padded);
                    own.down(padded, 0, 4, kernel, 0, kernel.length, sum, 4 * field.width());
                    System.arraycopy(sum, 0, field.light(), field.row(y), 4 * field.width());
                }
            };
        });
    }

    private static void pad(LightField field, int y, int half, float[] padded) {
        int last = field.row(y) + 4 * (field.width() - 1);
        System.arraycopy(field.light(), field.row(y), padded, 4 * half, 4 * field.width());
        for (int i = 0; i < half; i++) {
            System.arraycopy(field.light(), field.row(y), padded, 4 * i, 4);
            System.arraycopy(field.light(), last, padded, 4 * (half + field.width() + i), 4);
        }
    }

    /** Blurs down columns; what lies beyond their ends is as the ends. */
    LightField down(LightField field, Rows rows, Supplier<Loops> loops) {
        if (sigma == 0) {
            return field;
        }
        float[] kernel = kernel();
        int half = half();
        int pitch = 4 * field.width();
        LightField padded = field.padded(half, half);
        LightField blurred = field.blank();
        rows.inBands(field.height(), () -> {
            Loops own = loops.get();
            float[] sum = new float[pitch + Loops.SPARE];
            return (first, last) -> {
                for (int y = first; y < last; y++) {
                    own.down(padded.light(), padded.row(y), pitch, kernel, 0, kernel.length, sum, pitch);
                    System.arraycopy(sum, 0, blurred.light(), blurred.row(y), pitch);
                }
            };
        });
        return blurred;
    }
}
