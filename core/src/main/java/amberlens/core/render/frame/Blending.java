package amberlens.core.render.frame;

import amberlens.core.material.layering.BlendMode;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Window;

/**
 * Lays one window of premultiplied linear light over another.
 *
 * <p>Simple compositing with blending of W3C <em>Compositing and Blending Level 1</em>, sections 5 and 9, in premultiplied form:
 * co = cs·(1 − αb) + cb·(1 − αs) + αs·αb·B(Cb, Cs) and αo = αs + αb·(1 − αs). The standard leaves the colour space to its host; here
 * it is linear light.
 */
final class Blending {
    private Blending() {}

    /** Lays a window over another one, which changes. */
    static void over(float[] below, float[] above, Window window, BlendMode mode, Loops loops) {
        if (mode == BlendMode.NORMAL) {
            loops.over(below, above, 0, window.length() / 4);
            return;
        }
        for (int i = 0; i < window.length(); i += 4) {
            float top = above[i + 3];
            if (top > 0) {
                float bottom = below[i + 3];
                for (int c = i; c < i + 3; c++) {
                    double both = bottom <= 0 ? 0 : mode.blend(plain(below[c], bottom), plain(above[c], top));
                    below[c] = (float) (above[c] * (1 - bottom) + below[c] * (1 - top) + top * bottom * both);
                }
                below[i + 3] = top + bottom * (1 - top);
            }
        }
    }

    /** A component without its alpha, within what can be shown. */
    private static double plain(float premultiplied, float alpha) {
        return Math.clamp(premultiplied / (double) alpha, 0, 1);
    }
}
