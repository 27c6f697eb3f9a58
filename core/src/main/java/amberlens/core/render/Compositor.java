package amberlens.core.render;

import amberlens.core.geometry.Size;
import amberlens.core.model.Colour;
import java.util.List;

/** Lays pictures over a background, in linear light, and encodes the frame in sRGB. */
public final class Compositor {
    private Compositor() {}

    /**
     * Fills a frame.
     *
     * @param layers the lowest first
     * @param rows how the work is split; row order within a band is ascending
     */
    public static FrameRaster compose(List<Layer> layers, Colour background, Size output, Rows rows) {
        FrameRaster frame = FrameRaster.blank(output);
        List<Layer> seen = withoutHidden(layers);
        rows.inBands(output.height(), (first, last) -> band(seen, background, frame, first, last));
        return frame;
    }

    /** What lies below an opaque layer that covers everything is never seen. */
    private static List<Layer> withoutHidden(List<Layer> layers) {
        for (int i = layers.size() - 1; i > 0; i--) {
            if (hidesAllBelow(layers.get(i))) {
                return layers.subList(i, layers.size());
            }
        }
        return layers;
    }

    private static boolean hidesAllBelow(Layer layer) {
        return layer.covers() && layer.picture().opaque();
    }

    private static void band(List<Layer> layers, Colour background, FrameRaster frame, int first, int last) {
        int width = frame.size().width();
        var samplers =
                layers.stream().map(layer -> RowSampler.of(layer, frame.size())).toList();
        float[] ground = linear(background);
        float[] below = new float[width * 4];
        float[] above = new float[width * 4];
        boolean grounded = layers.isEmpty() || !hidesAllBelow(layers.getFirst());
        for (int y = first; y < last; y++) {
            if (grounded) {
                fill(below, ground);
            } else {
                samplers.getFirst().row(y, below);
            }
            for (RowSampler sampler : grounded ? samplers : samplers.subList(1, samplers.size())) {
                sampler.row(y, above);
                over(below, above);
            }
            encode(below, frame.argb(), y * width, width);
        }
    }

    private static float[] linear(Colour colour) {
        return new float[] {
            Srgb.linear16(colour.rgb() >> 16) / 65535f,
            Srgb.linear16(colour.rgb() >> 8 & 0xFF) / 65535f,
            Srgb.linear16(colour.rgb() & 0xFF) / 65535f
        };
    }

    private static void fill(float[] row, float[] ground) {
        for (int i = 0; i < row.length; i += 4) {
            row[i] = ground[0];
            row[i + 1] = ground[1];
            row[i + 2] = ground[2];
            row[i + 3] = 1;
        }
    }

    private static void over(float[] below, float[] above) {
        for (int i = 0; i < below.length; i += 4) {
            float rest = 1 - above[i + 3];
            below[i] = above[i] + rest * below[i];
            below[i + 1] = above[i + 1] + rest * below[i + 1];
            below[i + 2] = above[i + 2] + rest * below[i + 2];
        }
    }

    private static void encode(float[] row, int[] argb, int offset, int width) {
        for (int x = 0; x < width; x++) {
            argb[offset + x] = 0xFF000000
                    | Srgb.encoded8(row[4 * x]) << 16
                    | Srgb.encoded8(row[4 * x + 1]) << 8
                    | Srgb.encoded8(row[4 * x + 2]);
        }
    }
}
