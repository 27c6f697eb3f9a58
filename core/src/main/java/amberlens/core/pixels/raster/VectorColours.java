package amberlens.core.pixels.raster;

import jdk.incubator.vector.FloatVector;
import jdk.incubator.vector.IntVector;
import jdk.incubator.vector.VectorSpecies;

/** Changes of the colours of four pixels at a time, see {@link VectorLoops}. */
final class VectorColours {
    private static final VectorSpecies<Float> F = FloatVector.SPECIES_512;
    private static final int STEP = 16;
    private static final IntVector REDS = VectorLoops.lanes(lane -> lane & -4);
    private static final IntVector GREENS = VectorLoops.lanes(lane -> lane & -4 | 1);
    private static final IntVector BLUES = VectorLoops.lanes(lane -> lane & -4 | 2);
    private static final IntVector EACH_FOUR_TIMES = VectorLoops.lanes(lane -> lane / 4);
    private static final FloatVector OF_COLOUR = VectorLoops.quarter(1, 1, 1, 0);
    private static final FloatVector OF_ALPHA = VectorLoops.quarter(0, 0, 0, 1);

    private VectorColours() {}

    static void colour(float[] light, int from, int pixels, float[] m) {
        FloatVector red = FloatVector.fromArray(F, m, 0);
        FloatVector green = FloatVector.fromArray(F, m, STEP);
        FloatVector blue = FloatVector.fromArray(F, m, 2 * STEP);
        for (int i = from; i < from + 4 * pixels; i += STEP) {
            FloatVector now = FloatVector.fromArray(F, light, i);
            VectorLoops.pick(BLUES, now)
                    .fma(blue, now.mul(OF_ALPHA))
                    .add(VectorLoops.pick(GREENS, now)
                            .fma(green, VectorLoops.pick(REDS, now).mul(red)))
                    .intoArray(light, i);
        }
    }

    static void dim(float[] light, int from, float[] factors, int at, int pixels, boolean alphaToo) {
        if (alphaToo) {
            dimAll(light, from, factors, at, pixels);
        } else {
            dimColours(light, from, factors, at, pixels);
        }
    }

    private static void dimAll(float[] light, int from, float[] factors, int at, int pixels) {
        for (int k = 0; k < pixels; k += 4) {
            FloatVector four = VectorLoops.pick(EACH_FOUR_TIMES, FloatVector.fromArray(F, factors, at + k));
            FloatVector.fromArray(F, light, from + 4 * k).mul(four).intoArray(light, from + 4 * k);
        }
    }

    private static void dimColours(float[] light, int from, float[] factors, int at, int pixels) {
        for (int k = 0; k < pixels; k += 4) {
            FloatVector four = VectorLoops.pick(EACH_FOUR_TIMES, FloatVector.fromArray(F, factors, at + k));
            FloatVector.fromArray(F, light, from + 4 * k)
                    .mul(four.fma(OF_COLOUR, OF_ALPHA))
                    .intoArray(light, from + 4 * k);
        }
    }
}
