package amberlens.core.sampling;

import amberlens.core.geometry.ProjectiveMap;
import amberlens.core.geometry.Size;

/** The four sides of a picture as they lie in the output: which pixels it covers, and how much of those at its edge. */
final class Edges {
    private static final int SIDES = 4;

    /** For each side, in order around the picture, a·x + b·y + c: the distance inside it, in output pixels. */
    private final double[] a = new double[SIDES];

    private final double[] b = new double[SIDES];
    private final double[] c = new double[SIDES];

    /** How wide a pixel is across each side: 1 for a straight one, |cos| + |sin| for a turned one. */
    private final double[] extent = new double[SIDES];

    private final double thickness;

    Edges(Size picture, ProjectiveMap toOutput) {
        double[] x = new double[SIDES];
        double[] y = new double[SIDES];
        boolean ahead = true;
        for (int i = 0; i < SIDES; i++) {
            double u = i == 1 || i == 2 ? picture.width() : 0;
            double v = i >= 2 ? picture.height() : 0;
            ahead &= toOutput.w(u, v) > 0;
            x[i] = toOutput.x(u, v);
            y[i] = toOutput.y(u, v);
        }
        double twice = 0;
        double longest = 0;
        for (int i = 0; i < SIDES; i++) {
            int next = (i + 1) % SIDES;
            twice += x[i] * y[next] - x[next] * y[i];
            longest = Math.max(longest, Math.hypot(x[next] - x[i], y[next] - y[i]));
        }
        thickness = ahead && longest > 0 ? Math.abs(twice) / 2 / longest : 0;
        for (int i = 0; i < SIDES; i++) {
            side(i, x, y, Math.signum(twice));
        }
    }

    private void side(int i, double[] x, double[] y, double sense) {
        int next = (i + 1) % SIDES;
        double length = Math.hypot(x[next] - x[i], y[next] - y[i]);
        a[i] = sense * (y[i] - y[next]) / length;
        b[i] = sense * (x[next] - x[i]) / length;
        c[i] = -(a[i] * x[i] + b[i] * y[i]);
        extent[i] = Math.abs(a[i]) + Math.abs(b[i]);
    }

    /** How thick the picture is where it is widest, in output pixels; 0 when it cannot be seen. */
    double thickness() {
        return thickness;
    }

    private double inside(int side, double x, double y) {
        return a[side] * x + b[side] * y + c[side];
    }

    /** Whether the picture covers all pixels of a window wholly. */
    boolean fill(Window window) {
        for (int side = 0; side < SIDES; side++) {
            if (least(side, window) < extent[side] / 2) {
                return false;
            }
        }
        return true;
    }

    /** The distance of the pixel centre that lies furthest out. */
    private double least(int side, Window window) {
        double x = window.left() + 0.5 + (a[side] < 0 ? window.width() - 1 : 0);
        double y = window.top() + 0.5 + (b[side] < 0 ? window.height() - 1 : 0);
        return inside(side, x, y);
    }

    /** The part of a convex area whose pixels the picture covers at least in part. */
    ConvexArea clip(ConvexArea area) {
        ConvexArea clipped = area;
        for (int side = 0; side < SIDES && !clipped.isEmpty(); side++) {
            clipped = clipped.clip(a[side], b[side], c[side] + extent[side] / 2);
        }
        return clipped;
    }

    /** Weighs a stretch of a row of light by how much of each pixel is covered. */
    void cover(int x, int y, int count, float[] light, int at) {
        for (int k = 0; k < count; k++) {
            double px = x + k + 0.5;
            double py = y + 0.5;
            double down = part(0, px, py) + part(2, px, py) - 1;
            double across = part(1, px, py) + part(3, px, py) - 1;
            float covered = down <= 0 || across <= 0 ? 0 : (float) (down * across);
            if (covered < 1) {
                for (int i = at + 4 * k; i < at + 4 * k + 4; i++) {
                    light[i] *= covered;
                }
            }
        }
    }

    private double part(int side, double x, double y) {
        return Math.clamp(inside(side, x, y) / extent[side] + 0.5, 0, 1);
    }
}
