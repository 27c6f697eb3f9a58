package amberlens.core.pixels.raster;

import amberlens.core.base.colour.Srgb;
import java.util.function.DoubleUnaryOperator;
import jdk.incubator.vector.FloatVector;
import jdk.incubator.vector.IntVector;
import jdk.incubator.vector.VectorOperators;
import jdk.incubator.vector.VectorSpecies;

/**
 * The transfer function of IEC 61966-2-1 on vectors, by polynomials through its values at Chebyshev's nodes: decoding by one for the
 * whole power part, encoding by one per octave of light whose coefficients are picked by the exponent. Both stay within a
 * fortieth of an 8-bit code, which a test shows.
 */
final class VectorSrgb {
    private static final VectorSpecies<Float> F = FloatVector.SPECIES_512;
    private static final int CODES = 255;
    private static final int OCTAVES = 16;
    private static final int EXPONENT_BIAS = 127;
    private static final int MANTISSA_BITS = 23;
    private static final int DARKEST = Float.floatToRawIntBits(0x1p-15f);
    private static final int BRIGHTEST = Float.floatToRawIntBits(1);

    private static final FloatVector[] POWER = power();
    private static final FloatVector D0 = POWER[0];
    private static final FloatVector D1 = POWER[1];
    private static final FloatVector D2 = POWER[2];
    private static final FloatVector D3 = POWER[3];
    private static final FloatVector D4 = POWER[4];
    private static final FloatVector D5 = POWER[5];
    private static final FloatVector D6 = POWER[6];
    private static final FloatVector D7 = POWER[7];

    private static final FloatVector[] PER_OCTAVE = perOctave();
    private static final IntVector E0 = PER_OCTAVE[0].reinterpretAsInts();
    private static final IntVector E1 = PER_OCTAVE[1].reinterpretAsInts();
    private static final IntVector E2 = PER_OCTAVE[2].reinterpretAsInts();
    private static final IntVector E3 = PER_OCTAVE[3].reinterpretAsInts();

    private VectorSrgb() {}

    /** From codes 0 … 255 to linear light. */
    static FloatVector toLinear(FloatVector code) {
        FloatVector power = code.fma(D7, D6)
                .fma(code, D5)
                .fma(code, D4)
                .fma(code, D3)
                .fma(code, D2)
                .fma(code, D1)
                .fma(code, D0);
        return power.blend(code.mul(1 / (12.92f * CODES)), code.compare(VectorOperators.LT, 0.04045f * CODES));
    }

    /** From linear light, clamped to 0 … 1, to codes 0 … 1. */
    static FloatVector toCode(FloatVector linear) {
        IntVector bits = linear.reinterpretAsInts().max(0).min(BRIGHTEST); // ordered like the numbers from 0 up
        FloatVector x = bits.reinterpretAsFloats();
        IntVector octave = bits.max(DARKEST) // the function is straight there and below
                .lanewise(VectorOperators.LSHR, MANTISSA_BITS); // the last four bits choose a lane
        return of(E3, octave).fma(x, of(E2, octave)).fma(x, of(E1, octave)).fma(x, of(E0, octave));
    }

    private static FloatVector of(IntVector coefficients, IntVector octave) {
        return octave.selectFrom(coefficients).reinterpretAsFloats();
    }

    private static FloatVector[] power() {
        double[] fit = through(x -> Math.pow((x / CODES + 0.055) / 1.055, 2.4), 0.0404 * CODES, CODES, 7);
        var vectors = new FloatVector[fit.length];
        for (int k = 0; k < fit.length; k++) {
            vectors[k] = FloatVector.broadcast(F, (float) fit[k]);
        }
        return vectors;
    }

    private static FloatVector[] perOctave() {
        var values = new float[4][OCTAVES];
        for (int exponent = 1 - OCTAVES; exponent <= 0; exponent++) {
            double from = Math.scalb(1.0, exponent);
            double[] fit = through(Srgb::toEncoded, from, 2 * from, 3);
            for (int k = 0; k < fit.length; k++) {
                values[k][EXPONENT_BIAS + exponent & OCTAVES - 1] = (float) fit[k];
            }
        }
        var vectors = new FloatVector[values.length];
        for (int k = 0; k < values.length; k++) {
            vectors[k] = FloatVector.fromArray(F, values[k], 0);
        }
        return vectors;
    }

    /** The polynomial, lowest power first, through a function's values at Chebyshev's nodes, by divided differences. */
    private static double[] through(DoubleUnaryOperator function, double from, double to, int degree) {
        int count = degree + 1;
        var nodes = new double[count];
        var differences = new double[count];
        for (int i = 0; i < count; i++) {
            nodes[i] = (from + to) / 2 + (to - from) / 2 * Math.cos(Math.PI * (i + 0.5) / count);
            differences[i] = function.applyAsDouble(nodes[i]);
        }
        for (int order = 1; order < count; order++) {
            for (int i = count - 1; i >= order; i--) {
                differences[i] = (differences[i] - differences[i - 1]) / (nodes[i] - nodes[i - order]);
            }
        }
        var coefficients = new double[count];
        for (int i = count - 1; i >= 0; i--) { // Horner's rule on Newton's form
            for (int power = count - 1; power > 0; power--) {
                coefficients[power] = coefficients[power - 1] - nodes[i] * coefficients[power];
            }
            coefficients[0] = differences[i] - nodes[i] * coefficients[0];
        }
        return coefficients;
    }
}
