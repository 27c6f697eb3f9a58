package amberlens.core.render.filter;

import amberlens.core.base.geometry.Zoom;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Window;

/** Changes the light of each pixel by itself. Used by several threads. */
public interface LightWork {
    /**
     * Changes a window of premultiplied linear light.
     *
     * @param window where in the output it lies
     * @param loops the thread's own
     */
    void on(Window window, float[] light, Loops loops);

    /** Whether what is opaque stays so. */
    boolean keepsOpaque();

    /** Whether what is opaque in a window stays so there. */
    default boolean keepsOpaque(Window window) {
        return keepsOpaque();
    }

    /** Whether the mean of what it makes of some pixels is what it makes of their mean. */
    default boolean isLinear() {
        return true;
    }

    /** The same as it works on an output that is larger or smaller or begins elsewhere. */
    LightWork moved(Zoom zoom);
}
