package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Quadrilateral;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;

/** The sides of a picture as they lie in the output: which pixels it covers, and how much of those at its edge. */
final class Edges {
    private static final Side[] SIDES = Side.values();

    private final Quadrilateral seen;

    Edges(Size picture, Portion left, ProjectiveMap toOutput) {
        seen = new Quadrilateral(picture, left.placed(picture).then(toOutput));
    }

    /** How thick the picture is where it is widest, in output pixels; 0 when it cannot be seen. */
    double thickness() {
        return seen.thickness();
    }

    /** How wide a pixel is across a side: 1 for a straight one, |cos| + |sin| for a turned one. */
    private double extent(Side side) {
        return Math.abs(seen.across(side)) + Math.abs(seen.down(side));
    }

    /** Whether the picture covers all pixels of a window wholly. */
    boolean fill(Window window) {
        for (Side side : SIDES) {
            if (least(side, window) < extent(side) / 2) {
                return false;
            }
        }
        return true;
    }

    /** The distance of the pixel centre that lies furthest out. */
    private double least(Side side, Window window) {
        double x = window.left() + 0.5 + (seen.across(side) < 0 ? window.width() - 1 : 0);
        double y = window.top() + 0.5 + (seen.down(side) < 0 ? window.height() - 1 : 0);
        return seen.inside(side, x, y);
    }

    /** The part of a convex area whose pixels the picture covers at least in part. */
    ConvexArea clip(ConvexArea area) {
        ConvexArea clipped = area;
        for (Side side : SIDES) {
            if (!clipped.isEmpty()) {
                double off = seen.inside(side, 0, 0) + extent(side) / 2;
                clipped = clipped.clip(seen.across(side), seen.down(side), off);
            }
        }
        return clipped;
    }

    /** Weighs a stretch of a row of light by how much of each pixel is covered. */
    void cover(int x, int y, int count, float[] light, int at) {
        int[] whole = whole(x, y, count);
        cover(x, y, 0, whole[0], light, at);
        cover(x, y, whole[1], count, light, at);
    }

    /** From which pixel of a stretch of a row to which all are covered wholly; the end of the stretch where none is. */
    private int[] whole(int x, int y, int count) {
        double from = 0;
        double to = count;
        for (Side side : SIDES) {
            double slope = seen.across(side);
            double missing = extent(side) / 2 - seen.inside(side, x + 0.5, y + 0.5);
            if (slope > 0) {
                from = Math.max(from, missing / slope);
            } else if (slope < 0) {
                to = Math.min(to, missing / slope + 1);
            } else if (missing > 0) {
                to = 0;
            }
        }
        int first = (int) Math.ceil(from);
        int last = (int) Math.floor(to);
        return first < last ? new int[] {first, last} : new int[] {count, count};
    }

    private void cover(int x, int y, int from, int to, float[] light, int at) {
        for (int k = from; k < to; k++) {
            double px = x + k + 0.5;
            double py = y + 0.5;
            double down = part(Side.TOP, px, py) + part(Side.BOTTOM, px, py) - 1;
            double across = part(Side.LEFT, px, py) + part(Side.RIGHT, px, py) - 1;
            float covered = down <= 0 || across <= 0 ? 0 : (float) (down * across);
            if (covered < 1) {
                for (int i = at + 4 * k; i < at + 4 * k + 4; i++) {
                    light[i] *= covered;
                }
            }
        }
    }

    private double part(Side side, double x, double y) {
        return Math.clamp(seen.inside(side, x, y) / extent(side) + 0.5, 0, 1);
    }
}
