package amberlens.core.render.filter;

import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.material.look.Vignette;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Window;

/** Darkens towards the corners. */
public final class Darkening implements LightWork {
    /** Where the radii are alike, they count as so far apart. */
    private static final double LEAST_STEP = 1e-6;

    private final Vignette vignette;
    private final ProjectiveMap toRadius;

    /**
     * @param toOutput from the pixels of its space to those of the output
     * @param width of its space
     * @param height likewise
     */
    public Darkening(Vignette vignette, ProjectiveMap toOutput, double width, double height) {
        this(
                vignette,
                toOutput.inverse()
                        .thenShifted(-vignette.centreX() * width, -vignette.centreY() * height)
                        .thenScaled(
                                vignette.acrossPerWidth(width, height) / width,
                                vignette.downPerHeight(width, height) / height));
    }

    private Darkening(Vignette vignette, ProjectiveMap toRadius) {
        this.vignette = vignette;
        this.toRadius = toRadius;
    }

    @Override
    public void on(Window window, float[] light, Loops loops) {
        var row = new PlaneRow(toRadius, window.width());
        float[] factors = new float[window.width() + Loops.SPARE];
        for (int y = 0; y < window.height(); y++) {
            row.at(window.left() + 0.5, window.top() + y + 0.5);
            fill(row, factors, window.width());
            loops.dim(light, window.row(y), factors, 0, window.width(), false);
        }
    }

    /** The vignette's factors, in a form that the compiler makes vectors of. */
    private void fill(PlaneRow row, float[] factors, int width) {
        float[] x = row.x();
        float[] y = row.y();
        float inner = (float) vignette.inner();
        float perStep = (float) (1 / Math.max(LEAST_STEP, vignette.outer() - vignette.inner()));
        float strength = (float) vignette.strength();
        for (int k = 0; k < width; k++) {
            float radius = (float) Math.sqrt(x[k] * x[k] + y[k] * y[k]);
            float t = Math.min(Math.max((radius - inner) * perStep, 0f), 1f);
            factors[k] = 1 - strength * t * t * (3 - 2 * t);
        }
    }

    @Override
    public boolean keepsOpaque() {
        return true;
    }

    @Override
    public LightWork moved(Zoom zoom) {
        return new Darkening(vignette, zoom.inverse().map().then(toRadius));
    }
}
