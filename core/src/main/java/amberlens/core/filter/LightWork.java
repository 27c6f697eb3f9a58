package amberlens.core.filter;

import amberlens.core.sampling.Window;

/** Changes the light of each pixel by itself. Used by several threads. */
public interface LightWork {
    /**
     * Changes a window of premultiplied linear light.
     *
     * @param window where in the output it lies
     */
    void on(Window window, float[] light);

    /** Whether what is opaque stays so. */
    boolean keepsOpaque();

    /** The same a little to the side, in output pixels. */
    LightWork shifted(double byX, double byY);
}
