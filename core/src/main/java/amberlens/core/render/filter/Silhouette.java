package amberlens.core.render.filter;

import amberlens.core.base.geometry.Zoom;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Window;

/** One colour, as opaque as the light was times a part. */
public final class Silhouette implements LightWork {
    private final float[] colour;
    private final float opacity;

    /**
     * @param colour red, green and blue in linear light
     * @param opacity 0 … 1
     */
    public Silhouette(float[] colour, double opacity) {
        this.colour = colour;
        this.opacity = (float) opacity;
    }

    @Override
    public void on(Window window, float[] light, Loops loops) {
        for (int i = 0; i < window.length(); i += 4) {
            float alpha = light[i + 3] * opacity;
            light[i] = colour[0] * alpha;
            light[i + 1] = colour[1] * alpha;
            light[i + 2] = colour[2] * alpha;
            light[i + 3] = alpha;
        }
    }

    @Override
    public boolean keepsOpaque() {
        return opacity == 1;
    }

    @Override
    public LightWork moved(Zoom zoom) {
        return this;
    }
}
