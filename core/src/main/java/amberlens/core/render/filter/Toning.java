package amberlens.core.render.filter;

import amberlens.core.base.geometry.Zoom;
import amberlens.core.material.look.Tone;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Window;
import org.jspecify.annotations.Nullable;

/**
 * Light and colour. The contrast is a power; it is taken from a table over the logarithm of light that is read off the bits of a float:
 * 128 steps an octave with lines between, which is off by less than one part in ten thousand up to a contrast of 3.
 */
public final class Toning implements LightWork {
    private static final int STEP_BITS = 7;
    private static final int DROPPED_BITS = 23 - STEP_BITS;
    private static final int LEAST_EXPONENT = -24;
    private static final int MOST_EXPONENT = 12;
    private static final int FIRST = (127 + LEAST_EXPONENT) << STEP_BITS;
    private static final int STEPS = (MOST_EXPONENT - LEAST_EXPONENT) << STEP_BITS;
    private static final float LEAST = (float) Math.pow(2, LEAST_EXPONENT);
    private static final float MOST = Math.nextDown((float) Math.pow(2, MOST_EXPONENT));

    private final float[] matrix = new float[48];
    private final float @Nullable [] curve;
    private final float gain;

    public Toning(Tone tone) {
        gain = (float) tone.gain();
        curve = tone.contrast() == 1 ? null : curve(tone);
        double[][] colours = tone.colours();
        for (int i = 0; i < matrix.length; i++) {
            matrix[i] = i % 4 == 3 ? 0 : (float) colours[i % 4][i / 16] * (curve == null ? gain : 1);
        }
    }

    private static float[] curve(Tone tone) {
        float[] table = new float[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            table[i] = (float) tone.contrasted(Float.intBitsToFloat((FIRST + i) << DROPPED_BITS));
        }
        return table;
    }

    private static float contrasted(float[] curve, float light) {
        if (!(light > LEAST)) {
            return light > 0 ? curve[0] * light / LEAST : 0;
        }
        int bits = Float.floatToRawIntBits(Math.min(light, MOST));
        int at = (bits >> DROPPED_BITS) - FIRST;
        float part = (bits & (1 << DROPPED_BITS) - 1) * (1f / (1 << DROPPED_BITS));
        return curve[at] + part * (curve[at + 1] - curve[at]);
    }

    @Override
    public void on(Window window, float[] light, Loops loops) {
        // without a contrast all is linear, so that alpha needs not be known
        if (curve == null) {
            loops.colour(light, 0, window.length() / 4, matrix);
        } else {
            curved(curve, light, window.length());
            loops.colour(light, 0, window.length() / 4, matrix);
        }
    }

    private void curved(float[] table, float[] light, int length) {
        for (int i = 0; i < length; i += 4) {
            float alpha = light[i + 3];
            if (alpha > 0) {
                float in = gain / alpha;
                light[i] = contrasted(table, light[i] * in) * alpha;
                light[i + 1] = contrasted(table, light[i + 1] * in) * alpha;
                light[i + 2] = contrasted(table, light[i + 2] * in) * alpha;
            }
        }
    }

    /** A contrast is a power. */
    @Override
    public boolean isLinear() {
        return curve == null;
    }

    @Override
    public boolean keepsOpaque() {
        return true;
    }

    @Override
    public LightWork moved(Zoom zoom) {
        return this;
    }
}
