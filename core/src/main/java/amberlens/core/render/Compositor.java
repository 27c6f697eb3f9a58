package amberlens.core.render;

import amberlens.core.colour.Colour;
import amberlens.core.colour.Srgb;
import amberlens.core.geometry.Size;
import java.util.List;
import java.util.Optional;

/** Lays pictures over a background, in linear light, and encodes the frame in sRGB. */
public final class Compositor {
    private Compositor() {}

    /** Takes finished rows of premultiplied linear light. */
    private interface RowEncoder {
        void row(int y, float[] rgba);
    }

    /**
     * Fills a frame.
     *
     * @param layers the lowest first
     * @param rows how the work is split; row order within a band is ascending
     */
    public static FrameRaster compose(List<? extends Seen> layers, Colour background, Size output, Rows rows) {
        FrameRaster frame = FrameRaster.blank(output);
        compose(
                layers,
                Optional.of(background),
                output,
                rows,
                (y, row) -> encode(row, frame.argb(), y, output.width()));
        return frame;
    }

    /**
     * Likewise at 16 bits.
     *
     * @param background empty for a frame that nothing but the pictures fills
     */
    public static DeepRaster composeDeep(
            List<? extends Seen> layers, Optional<Colour> background, Size output, Rows rows) {
        var frame = new DeepRaster(output, new short[Math.toIntExact(4 * output.area())]);
        compose(layers, background, output, rows, (y, row) -> encodeDeep(row, frame.rgba(), y));
        return frame;
    }

    private static void compose(
            List<? extends Seen> layers, Optional<Colour> background, Size output, Rows rows, RowEncoder encoder) {
        List<? extends Seen> seen = withoutHidden(layers);
        float[] ground = background.map(Compositor::linear).orElse(new float[4]);
        rows.inBands(output.height(), (first, last) -> band(seen, ground, output, first, last, encoder));
    }

    /** What lies below an opaque layer that covers everything is never seen. */
    private static List<? extends Seen> withoutHidden(List<? extends Seen> layers) {
        for (int i = layers.size() - 1; i > 0; i--) {
            if (layers.get(i).hidesAllBelow()) {
                return layers.subList(i, layers.size());
            }
        }
        return layers;
    }

    private static void band(
            List<? extends Seen> layers, float[] ground, Size output, int first, int last, RowEncoder encoder) {
        int width = output.width();
        List<SeenRows> rows =
                layers.stream().map(layer -> SeenRows.of(layer, output)).toList();
        float[] below = new float[width * 4];
        for (int y = first; y < last; y++) {
            fill(below, ground);
            for (SeenRows layer : rows) {
                layer.over(y, below);
            }
            encoder.row(y, below);
        }
    }

    /** A colour in opaque linear light. */
    static float[] linear(Colour colour) {
        return new float[] {
            Srgb.linear16(colour.rgb() >> 16) / 65535f,
            Srgb.linear16(colour.rgb() >> 8 & 0xFF) / 65535f,
            Srgb.linear16(colour.rgb() & 0xFF) / 65535f,
            1
        };
    }

    private static void fill(float[] row, float[] ground) {
        for (int i = 0; i < row.length; i += 4) {
            row[i] = ground[0];
            row[i + 1] = ground[1];
            row[i + 2] = ground[2];
            row[i + 3] = ground[3];
        }
    }

    private static void encode(float[] row, int[] argb, int y, int width) {
        int offset = y * width;
        for (int x = 0; x < width; x++) {
            argb[offset + x] = 0xFF000000
                    | Srgb.encoded8(row[4 * x]) << 16
                    | Srgb.encoded8(row[4 * x + 1]) << 8
                    | Srgb.encoded8(row[4 * x + 2]);
        }
    }

    private static void encodeDeep(float[] row, short[] rgba, int y) {
        int offset = y * row.length;
        for (int i = 0; i < row.length; i += 4) {
            float alpha = Math.clamp(row[i + 3], 0f, 1f);
            float apart = alpha > 0 ? 1 / alpha : 0;
            for (int c = 0; c < 3; c++) {
                rgba[offset + i + c] = (short) Srgb.encoded16(row[i + c] * apart);
            }
            rgba[offset + i + 3] = (short) Math.round(alpha * 65535);
        }
    }
}
