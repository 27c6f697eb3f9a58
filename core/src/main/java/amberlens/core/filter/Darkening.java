package amberlens.core.filter;

import amberlens.core.geometry.ProjectiveMap;
import amberlens.core.look.Vignette;
import amberlens.core.sampling.Window;

/** Darkens towards the corners. */
public final class Darkening implements LightWork {
    /** Steps of the squared radius up to {@link #FURTHEST}. */
    private static final int STEPS = 4096;

    private static final double FURTHEST = 4;

    private final Vignette vignette;
    private final ProjectiveMap toRadius;
    private final float[] factors;

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
                                vignette.downPerHeight(width, height) / height),
                table(vignette));
    }

    private Darkening(Vignette vignette, ProjectiveMap toRadius, float[] factors) {
        this.vignette = vignette;
        this.toRadius = toRadius;
        this.factors = factors;
    }

    private static float[] table(Vignette vignette) {
        float[] table = new float[STEPS + 2];
        for (int i = 0; i < table.length; i++) {
            table[i] = (float) vignette.factor(Math.sqrt(i * FURTHEST * FURTHEST / STEPS));
        }
        return table;
    }

    @Override
    public void on(Window window, float[] light) {
        var row = new PlaneRow(toRadius, window.width());
        float perStep = (float) (STEPS / (FURTHEST * FURTHEST));
        for (int y = 0; y < window.height(); y++) {
            row.at(window.left() + 0.5, window.top() + y + 0.5);
            int at = window.row(y);
            for (int k = 0; k < window.width(); k++, at += 4) {
                float x = row.x()[k];
                float down = row.y()[k];
                float step = Math.min((x * x + down * down) * perStep, STEPS);
                int i = (int) step;
                float factor = factors[i] + (step - i) * (factors[i + 1] - factors[i]);
                light[at] *= factor;
                light[at + 1] *= factor;
                light[at + 2] *= factor;
            }
        }
    }

    @Override
    public boolean keepsOpaque() {
        return true;
    }

    @Override
    public LightWork shifted(double byX, double byY) {
        ProjectiveMap back = ProjectiveMap.IDENTITY.thenShifted(-byX, -byY);
        return new Darkening(vignette, back.then(toRadius), factors);
    }
}
