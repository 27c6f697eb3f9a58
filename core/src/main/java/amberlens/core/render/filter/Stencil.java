package amberlens.core.render.filter;

import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.material.look.Mask;
import amberlens.core.pixels.sampling.Window;

/**
 * A feathered shape placed in the output. Where its feather is thinner than a pixel, a pixel counts as a Gaussian of its own variance, 1/12.
 *
 * @param outline about the origin of its plane
 * @param toPlane from the output to that plane
 * @param feather σ in units of the plane
 */
record Stencil(SoftShape outline, ProjectiveMap toPlane, double feather, boolean inverted, Mask.Join join) {
    private static final double PIXEL = Math.sqrt(1.0 / 12);

    /** Pixels that are looked at together. */
    private static final int BLOCK = 16;

    /** Beyond so many σ next to nothing is spread. */
    private static final double SPREAD = 5;

    /**
     * @param toOutput from the pixels of the mask's space
     */
    static Stencil of(Mask mask, ProjectiveMap toOutput) {
        ProjectiveMap placed = toOutput.inverse()
                .thenShifted(-mask.centre().x(), -mask.centre().y())
                .thenTurned(-mask.turn());
        return new Stencil(outline(mask), placed, mask.feather(), mask.inverted(), mask.join());
    }

    /**
     * What is left of a picture, with round corners.
     *
     * @param radius source pixels
     */
    static Stencil rounded(
            double left, double top, double width, double height, double radius, ProjectiveMap toOutput) {
        ProjectiveMap placed = toOutput.inverse().thenShifted(-left - width / 2, -top - height / 2);
        var outline = new SoftShape.Rounded((float) width / 2, (float) height / 2, (float) radius);
        return new Stencil(outline, placed, 0, false, Mask.Join.ADD);
    }

    private static SoftShape outline(Mask mask) {
        float halfWidth = (float) mask.size().x() / 2;
        float halfHeight = (float) mask.size().y() / 2;
        if (mask.isEmpty()) {
            return new SoftShape.Nothing();
        }
        return switch (mask.shape()) {
            case RECTANGLE -> new SoftShape.Rectangle(halfWidth, halfHeight);
            case ELLIPSE -> new SoftShape.Ellipse(halfWidth, halfHeight);
            case POLYGON -> {
                int count = mask.points().size();
                float[] x = new float[count];
                float[] y = new float[count];
                for (int i = 0; i < count; i++) {
                    x[i] = (float) (mask.points().get(i).x() / 100 * mask.size().x());
                    y[i] = (float) (mask.points().get(i).y() / 100 * mask.size().y());
                }
                yield new SoftShape.Polygon(x, y);
            }
        };
    }

    Stencil moved(Zoom zoom) {
        return new Stencil(outline, zoom.inverse().map().then(toPlane), feather, inverted, join);
    }

    /** How many units of the plane a pixel is wide, about the middle of a window. */
    private double pixel(Window window) {
        return toPlane.meanStretch(window.left() + window.width() / 2.0, window.top() + window.height() / 2.0);
    }

    /** What is known of a whole window if this is the only mask: that all of it is left, 1, or nothing, 0; else NaN. */
    float certainly(Window window) {
        if (!toPlane.isAffine()) {
            return Float.NaN;
        }
        double x = window.left() + window.width() / 2.0;
        double y = window.top() + window.height() / 2.0;
        double radius = Math.hypot(window.width(), window.height()) / 2;
        double stretch = Math.hypot(Math.hypot(toPlane.xx(), toPlane.xy()), Math.hypot(toPlane.yx(), toPlane.yy()));
        double blur = SPREAD * Math.hypot(feather, PIXEL * pixel(window));
        double reach = radius * stretch / Math.abs(toPlane.ww()) + blur;
        float inside = outline.certainly((float) toPlane.x(x, y), (float) toPlane.y(x, y), (float) reach);
        return inverted != (join == Mask.Join.SUBTRACT) ? 1 - inside : inside;
    }

    /** Joins how much of each pixel lies inside to what others said, row by row without gaps. */
    void join(Window window, float[] covered, boolean first) {
        var row = new PlaneRow(toPlane, window.width());
        float perSigma = (float) (1 / Math.hypot(feather, PIXEL * pixel(window)));
        for (int y = 0, at = 0; y < window.height(); y++) {
            row.at(window.left() + 0.5, window.top() + y + 0.5);
            for (int k = 0; k < window.width(); k += BLOCK) {
                int count = Math.min(BLOCK, window.width() - k);
                float known = toPlane.isAffine() ? known(row, k, count, perSigma) : Float.NaN;
                for (int i = k; i < k + count; i++, at++) {
                    float inside = !Float.isNaN(known) ? known : outline.inside(row.x()[i], row.y()[i], perSigma);
                    covered[at] = joined(first ? start() : covered[at], inverted ? 1 - inside : inside);
                }
            }
        }
    }

    /** What is known of some neighbouring pixels of a row without looking at each. */
    private float known(PlaneRow row, int from, int count, float perSigma) {
        int last = from + count - 1;
        float halfX = (row.x()[last] - row.x()[from]) / 2;
        float halfY = (row.y()[last] - row.y()[from]) / 2;
        float reach = Math.abs(halfX) + Math.abs(halfY) + (float) SPREAD / perSigma;
        return outline.certainly(row.x()[from] + halfX, row.y()[from] + halfY, reach);
    }

    /** What the first of several is joined to: nothing, or everything when it takes away. */
    private float start() {
        return join == Mask.Join.ADD ? 0 : 1;
    }

    private float joined(float before, float inside) {
        return switch (join) {
            case ADD -> before + inside - before * inside;
            case SUBTRACT -> before * (1 - inside);
            case INTERSECT -> before * inside;
        };
    }
}
