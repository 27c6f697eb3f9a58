package amberlens.core.pixels.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import amberlens.core.base.colour.Srgb;
import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.util.Random;
import java.util.function.BiConsumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LoopsTest {
    private static final int PIXELS = 101;
    private static final int ROOM = 4096;

    private final Random chance = new Random(11);
    private final Loops plain = Loops.plain();

    /** Made only where the module is there. */
    private Loops vectors() {
        return new VectorLoops();
    }

    @BeforeEach
    void only_where_there_are_vectors() {
        assumeTrue(Loops.vectors());
    }

    private float[] light() {
        var light = new float[ROOM];
        for (int i = 0; i < light.length; i++) {
            light[i] = chance.nextFloat();
        }
        return light;
    }

    private int[] codes() {
        return chance.ints(ROOM).toArray();
    }

    /** Both ways fill arrays of their own from the same beginning; what lies beyond the pixels may differ. */
    private void assertSame(BiConsumer<Loops, float[]> loop, double tolerance) {
        float[] begin = light();
        float[] one = begin.clone();
        float[] other = begin.clone();
        loop.accept(plain, one);
        loop.accept(vectors(), other);
        for (int i = 0; i < 4 * PIXELS; i++) {
            assertThat(other[i]).as("number %d", i).isCloseTo(one[i], within((float) tolerance));
        }
    }

    @Test
    void decoding_is_the_same_to_a_tenth_of_a_ten_bit_code() {
        int[] codes = codes();
        long[] pixels = chance.longs(ROOM).toArray();
        assertSame((loops, into) -> loops.decode(codes, 3, PIXELS, into, 0), 1e-5);
        assertSame((loops, into) -> loops.decodeOpaque(codes, 5, PIXELS, into, 0), 1e-5);
        assertSame((loops, into) -> loops.decodeTenBits(codes, 1, PIXELS, into, 0), 1e-5);
        assertSame((loops, into) -> loops.decodeLinear(pixels, 2, PIXELS, into, 0), 1e-7);
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 6, 8, 10, 23})
    void adding_up_rows_is_the_same(int taps) {
        float[] rows = light();
        float[] weights = light();
        assertSame((loops, sum) -> loops.down(rows, 7, 96, weights, 2, taps, sum, 4 * PIXELS), 1e-5);
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 8, 12, 20})
    void adding_up_neighbours_is_the_same(int taps) {
        float[] row = light();
        float[] weights = light();
        int[] at = places(row.length - 4 * taps - 16);
        assertSame((loops, out) -> loops.across(row, at, weights, taps, out, 0, PIXELS), 1e-5);
    }

    private int[] places(int room) {
        return chance.ints(PIXELS, 0, room / 4).map(pixel -> 4 * pixel).toArray();
    }

    @Test
    void the_kernel_of_four_by_four_is_the_same() {
        float[] rows = light();
        float[] right = light();
        float[] down = light();
        int[] at = places(rows.length - 4 * 200);
        assertSame((loops, out) -> loops.around(rows, 84, at, right, down, out, 0, PIXELS), 1e-5);
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 6, 8, 10, 17})
    void any_kernel_is_the_same(int taps) {
        float[] rows = light();
        float[] across = light();
        float[] down = light();
        int padded = taps + 3 & -4;
        int[] at = places(rows.length - 132 * taps);
        assertSame(
                (loops, out) -> loops.around(rows, 132, at, across, padded, down, padded, taps, out, 0, PIXELS), 1e-3);
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 8, 12, 20, 36})
    void weights_from_tables_are_the_same(int taps) {
        var table = new float[taps * (Loops.PHASES + 1) + Loops.SPARE];
        var second = new float[table.length];
        for (int i = 0; i < table.length; i++) {
            table[i] = chance.nextFloat();
            second[i] = chance.nextFloat();
        }
        float[] place = light();
        place[0] = 0;
        place[1] = 1;
        for (int compared = 0; compared + 4 * PIXELS <= taps * PIXELS; compared += 4 * PIXELS) {
            int from = compared;
            assertSame(
                    (loops, out) -> {
                        var weights = new float[taps * PIXELS + Loops.SPARE];
                        loops.weigh(table, taps, place, weights, PIXELS);
                        System.arraycopy(weights, from, out, 0, 4 * PIXELS);
                    },
                    1e-5);
            assertSame(
                    (loops, out) -> {
                        var weights = new float[taps * PIXELS + Loops.SPARE];
                        loops.weigh(table, second, taps, place, -0.2f, 0.014f, weights, PIXELS);
                        System.arraycopy(weights, from, out, 0, 4 * PIXELS);
                    },
                    1e-5);
        }
    }

    @Test
    void laying_over_is_the_same() {
        float[] above = light();
        assertSame((loops, below) -> loops.over(below, above, 0, PIXELS), 1e-6);
    }

    @ParameterizedTest
    @ValueSource(ints = {4, 8, 12})
    void thinning_is_the_same(int taps) {
        float[] weights = light();
        float[] row = light();
        assertSame((loops, out) -> loops.thin(row, weights, taps, 1, out, 0, PIXELS), 1e-4);
        assertSame((loops, out) -> loops.thin(row, weights, taps, 3, out, 0, PIXELS), 1e-4);
    }

    @Test
    void changing_colours_is_the_same() {
        float[] matrix = light();
        for (int i = 0; i < 48; i++) {
            matrix[i] = i % 4 == 3 ? 0 : matrix[i / 16 * 16 + i % 4];
        }
        assertSame((loops, light) -> loops.colour(light, 0, PIXELS - 1, matrix), 1e-6);
        float[] factors = light();
        assertSame((loops, light) -> loops.dim(light, 0, factors, 3, PIXELS - 2, true), 1e-7);
        assertSame((loops, light) -> loops.dim(light, 0, factors, 0, PIXELS, false), 1e-7);
    }

    /** Over all of light, a little below black and above white. */
    @Test
    void encoding_is_the_same_to_a_code() {
        var light = new float[4 * 4000 + Loops.SPARE];
        for (int i = 0; i < light.length; i++) {
            double part = i / (double) light.length * 1.1 - 0.05;
            light[i] = (float) (part * Math.abs(part));
        }
        int[] one = new int[4000];
        int[] other = new int[4000];
        plain.encode(light, 0, one, 0, 4000, 7, 5);
        vectors().encode(light, 0, other, 0, 4000, 7, 5);
        assertClose(one, other, 8, 24);
        plain.encodeTenBits(light, 0, one, 0, 4000);
        vectors().encodeTenBits(light, 0, other, 0, 4000);
        assertClose(one, other, 10, 30);
    }

    private static void assertClose(int[] one, int[] other, int bits, int end) {
        for (int i = 0; i < one.length; i++) {
            assertThat(one[i] >>> end).isEqualTo(other[i] >>> end);
            for (int shift = 0; shift < end; shift += bits) {
                int mask = (1 << bits) - 1;
                assertThat(other[i] >>> shift & mask).isCloseTo(one[i] >>> shift & mask, within(1));
            }
        }
    }

    /** The transfer function of IEC 61966-2-1, which decodes every code and encodes it again without loss. */
    @Test
    void codes_come_back_and_stand_for_the_light_of_the_standard() {
        int[] codes = new int[1024 + Loops.SPARE];
        int[] back = new int[1024 + Loops.SPARE];
        for (int code = 0; code < 1021; code++) {
            codes[code] = CodeRaster.pixelOfTenBits(code, 1020 - code, code * 7 % 1021);
        }
        var light = new float[4 * 1024 + Loops.SPARE];
        for (Loops loops : new Loops[] {plain, vectors()}) {
            loops.decodeTenBits(codes, 0, 1024, light, 0);
            assertThat(light[4 * 512]).isCloseTo((float) Srgb.toLinear(512 / 1020.0), within(2e-5f));
            assertThat(light[4 * 20]).isCloseTo((float) (20 / 1020.0 / 12.92), within(1e-6f));
            loops.encodeTenBits(light, 0, back, 0, 1024);
            assertThat(back).startsWith(codes[0], codes[1]).contains(codes[1020]);
            for (int i = 0; i < 1021; i++) {
                assertThat(back[i]).isEqualTo(codes[i]);
            }
        }
    }

    /** Vectors that the compiler keeps as objects would take ten to a hundred times as long; each would cost 64 bytes or more. */
    @Test
    void once_they_are_warm_no_loop_makes_objects_of_its_vectors() {
        Loops.warmUp();
        Loops loops = Loops.best();
        assertThat(loops).isInstanceOf(VectorLoops.class);
        int[] codes = codes();
        long[] pixels = new long[ROOM];
        float[] rows = light();
        float[] out = light();
        float[] weights = light();
        int[] at = places(1000);
        BiConsumer<String, Runnable> guard =
                (name, loop) -> assertThat(allocatedBy(loop)).as(name).isLessThan(64 * 20);
        guard.accept("decode", () -> loops.decode(codes, 0, PIXELS, out, 0));
        guard.accept("opaque", () -> loops.decodeOpaque(codes, 0, PIXELS, out, 0));
        guard.accept("ten bits", () -> loops.decodeTenBits(codes, 0, PIXELS, out, 0));
        guard.accept("linear", () -> loops.decodeLinear(pixels, 0, PIXELS, out, 0));
        guard.accept("down", () -> loops.down(rows, 0, 96, weights, 0, 6, out, 4 * PIXELS));
        guard.accept("around", () -> loops.around(rows, 96, at, weights, weights, out, 0, PIXELS));
        guard.accept("over", () -> loops.over(out, rows, 0, PIXELS));
        guard.accept("colour", () -> loops.colour(out, 0, PIXELS, rows));
        guard.accept("thin", () -> loops.thin(rows, weights, 8, 2, out, 0, PIXELS / 4));
        guard.accept("dim", () -> loops.dim(out, 0, weights, 0, PIXELS, true));
        guard.accept("dim colours", () -> loops.dim(out, 0, weights, 0, PIXELS, false));
        guard.accept("encode", () -> loops.encode(rows, 0, codes, 0, PIXELS, 3, 1));
        guard.accept("encode ten bits", () -> loops.encodeTenBits(rows, 0, codes, 0, PIXELS));
        for (int taps : new int[] {4, 8, 12}) {
            guard.accept("across", () -> loops.across(rows, at, weights, taps, out, 0, PIXELS));
            guard.accept("weigh", () -> loops.weigh(rows, taps, weights, out, PIXELS));
            guard.accept(
                    "any kernel", () -> loops.around(rows, 96, at, weights, taps, weights, taps, 6, out, 0, PIXELS));
        }
    }

    /** Bytes in 20 runs, as soon as there are few, or else after some seconds: the compiler takes its time. */
    private static long allocatedBy(Runnable loop) {
        var memory = (ThreadMXBean) ManagementFactory.getThreadMXBean();
        long allocated = Long.MAX_VALUE;
        long end = System.nanoTime() + 8_000_000_000L;
        while (allocated > 64 * 20 && System.nanoTime() < end) {
            for (int i = 0; i < 500; i++) {
                loop.run();
            }
            long before = memory.getCurrentThreadAllocatedBytes();
            for (int i = 0; i < 20; i++) {
                loop.run();
            }
            allocated = memory.getCurrentThreadAllocatedBytes() - before;
        }
        return allocated;
    }
}
