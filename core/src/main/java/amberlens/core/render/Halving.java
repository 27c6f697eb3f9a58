package amberlens.core.render;

import amberlens.core.geometry.Size;
import java.util.Arrays;

/**
 * One step of the pyramid: half the size through the cubic kernel stretched to two pixels.
 *
 * <p>The kernel is the same from both sides, so samples are added in pairs before they are weighted. Channels, and even and odd
 * columns, are kept apart, and every array of a loop is read and written at the same place, so that the machine can take several
 * values at once.
 */
final class Halving {
    private static final int TAPS = 8;
    private static final int BEFORE = 3;

    /** How far the kernel reaches beyond a pair of columns, in pairs. */
    private static final int MARGIN = 2;

    private static final int OPAQUE_CHANNELS = 3;
    private static final int ALL_CHANNELS = 4;

    /** Of the samples next to the middle, and of those further and further out. */
    private static final float[] WEIGHTS = weights();

    private Halving() {}

    static Size half(Size size) {
        return new Size((size.width() + 1) / 2, (size.height() + 1) / 2);
    }

    static LinearRaster half(LinearRaster from, Rows rows) {
        Size size = half(from.size());
        var pixels = new long[Math.toIntExact(size.area())];
        rows.inBands(size.height(), (first, last) -> new Band(from, size.width(), pixels).fill(first, last));
        return new LinearRaster(size, pixels, from.opaque());
    }

    /** The work of one thread. */
    private static final class Band {
        private final LinearRaster from;
        private final int width;
        private final long[] pixels;
        private final int channels;

        /** Source rows by place modulo the kernel's height: even, then odd columns of each channel, with a margin. */
        private final float[][][] rows;

        private final int[] held = new int[TAPS];

        /** One row of even and of odd columns, each as it stands and shifted so that the samples of one kernel meet. */
        private final float[][] shifted;

        private final float[][] halved;

        Band(LinearRaster from, int width, long[] pixels) {
            this.from = from;
            this.width = width;
            this.pixels = pixels;
            channels = from.opaque() ? OPAQUE_CHANNELS : ALL_CHANNELS;
            int length = width + 2 * MARGIN;
            rows = new float[TAPS][2 * channels][length];
            shifted = new float[TAPS][length];
            halved = new float[channels][length];
            Arrays.fill(held, -1);
        }

        void fill(int first, int last) {
            float[][] covered = new float[TAPS][];
            for (int y = first; y < last; y++) {
                for (int tap = 0; tap < TAPS; tap++) {
                    unpack(row(2 * y - BEFORE + tap));
                }
                for (int channel = 0; channel < channels; channel++) {
                    for (int odd = 0; odd < 2; odd++) {
                        for (int tap = 0; tap < TAPS; tap++) {
                            covered[tap] = rows[row(2 * y - BEFORE + tap) % TAPS][2 * channel + odd];
                        }
                        sum(covered, shifted[BEFORE + odd]);
                    }
                    shift(shifted[BEFORE], shifted[BEFORE + 1]);
                    sum(shifted, halved[channel]);
                }
                pack(y * width);
            }
        }

        /** The row that stands for one that may lie beyond the picture. */
        private int row(int y) {
            return Math.clamp(y, 0, from.height() - 1);
        }

        /** Takes a source row apart, once; its first and last pixel go on in the margins. */
        private void unpack(int y) {
            float[][] row = rows[y % TAPS];
            if (held[y % TAPS] == y) {
                return;
            }
            held[y % TAPS] = y;
            unpack(row, 0, from.row(y), (from.width() + 1) / 2);
            unpack(row, 1, from.row(y) + 1, from.width() / 2);
            for (int channel = 0; channel < channels; channel++) {
                float[] even = row[2 * channel];
                float[] odd = row[2 * channel + 1];
                int end = MARGIN + width;
                if (from.width() % 2 == 1) {
                    odd[end - 1] = even[end - 1];
                }
                for (int i = 0; i < MARGIN; i++) {
                    even[i] = even[MARGIN];
                    odd[i] = even[MARGIN];
                    even[end + i] = odd[end - 1];
                    odd[end + i] = odd[end - 1];
                }
            }
        }

        private void unpack(float[][] row, int odd, int at, int count) {
            long[] source = from.pixels();
            float[] red = row[odd];
            float[] green = row[2 + odd];
            float[] blue = row[4 + odd];
            for (int x = 0; x < count; x++) {
                long pixel = source[at + 2 * x];
                red[MARGIN + x] = Rgba16.red(pixel);
                green[MARGIN + x] = Rgba16.green(pixel);
                blue[MARGIN + x] = Rgba16.blue(pixel);
            }
            if (channels == ALL_CHANNELS) {
                float[] alpha = row[6 + odd];
                for (int x = 0; x < count; x++) {
                    alpha[MARGIN + x] = Rgba16.alpha(source[at + 2 * x]);
                }
            }
        }

        /** Lays the columns that one kernel covers above each other; those of the middle pair lie there already. */
        private void shift(float[] even, float[] odd) {
            int length = even.length;
            for (int tap = 0; tap < TAPS; tap++) {
                float[] columns = tap % 2 == 0 ? odd : even; // the outermost on the left is an odd one
                int by = Math.floorDiv(tap - BEFORE, 2);
                if (tap != BEFORE && tap != BEFORE + 1) {
                    System.arraycopy(columns, Math.max(by, 0), shifted[tap], Math.max(-by, 0), length - Math.abs(by));
                }
            }
        }

        /** The kernel over eight rows or columns that lie above each other. */
        private static void sum(float[][] covered, float[] sums) {
            float[] a = covered[0];
            float[] b = covered[1];
            float[] c = covered[2];
            float[] d = covered[3];
            float[] e = covered[4];
            float[] f = covered[5];
            float[] g = covered[6];
            float[] h = covered[7];
            float near = WEIGHTS[0];
            float next = WEIGHTS[1];
            float far = WEIGHTS[2];
            float last = WEIGHTS[3];
            for (int x = 0; x < sums.length; x++) {
                sums[x] = near * (d[x] + e[x]) + next * (c[x] + f[x]) + far * (b[x] + g[x]) + last * (a[x] + h[x]);
            }
        }

        private void pack(int at) {
            float[] red = halved[0];
            float[] green = halved[1];
            float[] blue = halved[2];
            for (int x = 0; x < width; x++) {
                int alpha = channels == OPAQUE_CHANNELS ? 65535 : rounded(halved[3][MARGIN + x]);
                pixels[at + x] = Rgba16.pack(
                        rounded(red[MARGIN + x]), rounded(green[MARGIN + x]), rounded(blue[MARGIN + x]), alpha);
            }
        }
    }

    private static int rounded(float value) {
        return Math.clamp((int) (value + 0.5f), 0, 65535);
    }

    private static float[] weights() {
        var weights = new float[TAPS / 2];
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            sum += 2 * Cubic.weight((i + 0.5) / 2);
        }
        for (int i = 0; i < weights.length; i++) {
            weights[i] = (float) (Cubic.weight((i + 0.5) / 2) / sum);
        }
        return weights;
    }
}
