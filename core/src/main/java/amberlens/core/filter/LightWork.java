package amberlens.core.filter;

import amberlens.core.raster.Loops;
import amberlens.core.sampling.Window;

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

    /** The same a little to the side, in output pixels. */
    LightWork shifted(double byX, double byY);
}
