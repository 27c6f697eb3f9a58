package amberlens.core.filter;

import amberlens.core.geometry.ProjectiveMap;
import amberlens.core.look.Mask;
import amberlens.core.sampling.Window;

/**
 * A feathered shape placed in the output. Where its feather is thinner than a pixel, a pixel counts as a Gaussian of its own variance, 1/12.
 *
 * @param outline about the origin of its plane
 * @param toPlane from the output to that plane
 * @param feather σ in units of the plane
 */
record Stencil(Outline outline, ProjectiveMap toPlane, double feather, boolean inverted, Mask.Join join) {
    private static final double PIXEL = Math.sqrt(1.0 / 12);

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
        var outline = new Outline.Rounded((float) width / 2, (float) height / 2, (float) radius);
        return new Stencil(outline, placed, 0, false, Mask.Join.ADD);
    }

    private static Outline outline(Mask mask) {
        float halfWidth = (float) mask.size().x() / 2;
        float halfHeight = (float) mask.size().y() / 2;
        if (mask.isEmpty()) {
            return new Outline.Nothing();
        }
        return switch (mask.shape()) {
            case RECTANGLE -> new Outline.Rectangle(halfWidth, halfHeight);
            case ELLIPSE -> new Outline.Ellipse(halfWidth, halfHeight);
            case POLYGON -> {
                int count = mask.points().size();
                float[] x = new float[count];
                float[] y = new float[count];
                for (int i = 0; i < count; i++) {
                    x[i] = (float) (mask.points().get(i).x() / 100 * mask.size().x());
                    y[i] = (float) (mask.points().get(i).y() / 100 * mask.size().y());
                }
                yield new Outline.Polygon(x, y);
            }
        };
    }

    Stencil shifted(double byX, double byY) {
        ProjectiveMap back = ProjectiveMap.IDENTITY.thenShifted(-byX, -byY);
        return new Stencil(outline, back.then(toPlane), feather, inverted, join);
    }

    /** How many units of the plane a pixel is wide, about the middle of a window. */
    private double pixel(Window window) {
        return toPlane.meanStretch(window.left() + window.width() / 2.0, window.top() + window.height() / 2.0);
    }

    /** Joins how much of each pixel lies inside to what others said, row by row without gaps. */
    void join(Window window, float[] covered, boolean first) {
        var row = new PlaneRow(toPlane, window.width());
        float perSigma = (float) (1 / Math.hypot(feather, PIXEL * pixel(window)));
        for (int y = 0, at = 0; y < window.height(); y++) {
            row.at(window.left() + 0.5, window.top() + y + 0.5);
            for (int k = 0; k < window.width(); k++, at++) {
                float inside = outline.inside(row.x()[k], row.y()[k], perSigma);
                covered[at] = joined(first ? start() : covered[at], inverted ? 1 - inside : inside);
            }
        }
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
