package amberlens.core.render.filter;

import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.material.look.Mask;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Window;
import java.util.List;

/** Cuts shapes out of light, or dims what lies outside of them. */
public final class Masking implements LightWork {
    private final List<Stencil> stencils;
    private final Mask.Mode mode;
    private final float outside;

    private Masking(List<Stencil> stencils, Mask.Mode mode, float outside) {
        this.stencils = stencils;
        this.mode = mode;
        this.outside = outside;
    }

    /**
     * Masks of one mode, joined in their order; the first says how much is dimmed.
     *
     * @param toOutput from the pixels of a mask's space
     */
    public static Masking of(List<Mask> masks, Placing toOutput) {
        return new Masking(
                masks.stream().map(mask -> Stencil.of(mask, toOutput.of(mask))).toList(),
                masks.getFirst().mode(),
                (float) masks.getFirst().outside());
    }

    /** Where the space of a mask lies in the output. */
    @FunctionalInterface
    public interface Placing {
        ProjectiveMap of(Mask mask);
    }

    /**
     * Cuts round corners.
     *
     * @param left of what has them, in the pixels of its space
     * @param radius likewise
     */
    public static Masking rounded(
            double left, double top, double width, double height, double radius, ProjectiveMap toOutput) {
        double most = Math.min(width, height) / 2;
        var stencil = Stencil.rounded(left, top, width, height, Math.min(radius, most), toOutput);
        return new Masking(List.of(stencil), Mask.Mode.CUT, 1);
    }

    private float certainly(Window window) {
        return stencils.size() == 1 ? stencils.getFirst().certainly(window) : Float.NaN;
    }

    @Override
    public boolean keepsOpaque(Window window) {
        return keepsOpaque() || certainly(window) == 1;
    }

    @Override
    public void on(Window window, float[] light, Loops loops) {
        float certain = certainly(window);
        if (certain == 1) {
            return;
        }
        float[] covered = new float[window.width() * window.height() + Loops.SPARE];
        if (certain != 0) {
            for (int i = 0; i < stencils.size(); i++) {
                stencils.get(i).join(window, covered, i == 0);
            }
        }
        boolean cuts = mode == Mask.Mode.CUT;
        if (!cuts) {
            for (int i = 0; i < covered.length; i++) {
                covered[i] = 1 - outside * (1 - covered[i]);
            }
        }
        for (int y = 0; y < window.height(); y++) {
            loops.dim(light, window.row(y), covered, y * window.width(), window.width(), cuts);
        }
    }

    @Override
    public boolean keepsOpaque() {
        return mode == Mask.Mode.SPOTLIGHT;
    }

    @Override
    public LightWork moved(Zoom zoom) {
        return new Masking(stencils.stream().map(stencil -> stencil.moved(zoom)).toList(), mode, outside);
    }
}
