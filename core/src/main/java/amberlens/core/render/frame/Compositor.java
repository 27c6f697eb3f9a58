package amberlens.core.render.frame;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Window;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

/** Lays pictures over a background, in linear light, and encodes the frame in sRGB. */
public final class Compositor {
    private Compositor() {}

    /** Takes finished windows of premultiplied linear light. */
    private interface Encoder {
        void window(Window window, float[] rgba, Loops loops);
    }

    /**
     * Fills a frame.
     *
     * @param layers the lowest first
     * @param rows how the work is split
     */
    public static FrameRaster compose(List<? extends Seen> layers, Colour background, Size output, Rows rows) {
        return compose(layers, background, output, rows, Loops::best);
    }

    /** Likewise, one way or the other. */
    static FrameRaster compose(
            List<? extends Seen> layers, Colour background, Size output, Rows rows, Supplier<Loops> loops) {
        FrameRaster frame = FrameRaster.blank(output);
        compose(layers, Optional.of(background), output, rows, loops, (window, light, own) -> {
            for (int y = 0; y < window.height(); y++) {
                int row = window.top() + y;
                int to = row * output.width() + window.left();
                own.encode(light, window.row(y), frame.argb(), to, window.width(), window.left(), row);
            }
        });
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
        compose(layers, background, output, rows, Loops::best, (window, light, _) -> {
            for (int y = 0; y < window.height(); y++) {
                int to = 4 * ((window.top() + y) * output.width() + window.left());
                encodeDeep(light, window.row(y), frame.rgba(), to, 4 * window.width());
            }
        });
        return frame;
    }

    private static void compose(
            List<? extends Seen> layers,
            Optional<Colour> background,
            Size output,
            Rows rows,
            Supplier<Loops> loops,
            Encoder encoder) {
        var readying = new Readying(rows, loops);
        List<Seen> seen = readying.all(withoutHidden(layers), output);
        float[] ground = background.map(Compositor::linear).orElse(new float[4]);
        Window.Shape shape = readying.prepare(seen, output);
        rows.inBands(output.height(), () -> worker(seen, ground, output, shape, loops.get(), encoder));
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

    private static Rows.Band worker(
            List<? extends Seen> layers, float[] ground, Size output, Window.Shape shape, Loops own, Encoder encoder) {
        List<SeenWindows> seen =
                layers.stream().map(layer -> SeenWindows.of(layer, own)).toList();
        boolean hidden = !layers.isEmpty() && layers.getFirst().hidesAllBelow();
        float[] light = shape.room();
        return (first, last) -> Window.each(output.width(), first, last, shape, window -> {
            int lowest = SeenWindows.firstSeen(seen, window);
            if (!hidden && (seen.isEmpty() || !seen.get(lowest).hides(window))) {
                fill(light, window.length(), ground);
            }
            seen.subList(lowest, seen.size()).forEach(layer -> layer.over(window, light));
            encoder.window(window, light, own);
        });
    }

    /** A colour in opaque linear light. */
    static float[] linear(Colour colour) {
        return new float[] {
            (float) Srgb.toLinear((colour.rgb() >> 16 & 0xFF) / 255.0),
            (float) Srgb.toLinear((colour.rgb() >> 8 & 0xFF) / 255.0),
            (float) Srgb.toLinear((colour.rgb() & 0xFF) / 255.0),
            1
        };
    }

    private static void fill(float[] light, int length, float[] ground) {
        for (int i = 0; i < length; i += 4) {
            light[i] = ground[0];
            light[i + 1] = ground[1];
            light[i + 2] = ground[2];
            light[i + 3] = ground[3];
        }
    }

    private static void encodeDeep(float[] light, int at, short[] rgba, int to, int count) {
        for (int i = 0; i < count; i += 4) {
            float alpha = Math.clamp(light[at + i + 3], 0f, 1f);
            float apart = alpha > 0 ? 1 / alpha : 0;
            for (int c = 0; c < 3; c++) {
                rgba[to + i + c] = (short) Srgb.encoded16(light[at + i + c] * apart);
            }
            rgba[to + i + 3] = (short) Math.round(alpha * 65535);
        }
    }
}
