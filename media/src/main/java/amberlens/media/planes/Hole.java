package amberlens.media.planes;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.planes.Contour;
import amberlens.core.material.planes.Fill;

/**
 * Where a plane was, on what lies behind it.
 *
 * @param half half the width of the plane's soft edge, source pixels
 * @param rim so much around it may still be of the plane: outlines are drawn by hand, and edges of pictures are soft; source pixels
 */
record Hole(Contour contour, double half, double rim, Fill fill) {
    private static final double LEAST_RIM = 4;
    private static final double RIM_PART = 1 / 300.0;

    static Hole of(Cutout.Piece piece, Size picture) {
        double rim = Math.max(LEAST_RIM, RIM_PART * Math.max(picture.width(), picture.height()));
        return new Hole(Contour.of(piece.outline(), picture), piece.soft() / 2, rim, piece.fill());
    }

    /** How deep a place lies behind the plane's solid edge; where the edge begins to fade it is −2·half. */
    double depth(double x, double y) {
        return contour.depth(x, y) - half;
    }

    /** Whether something of the plane may be in a square about a place. */
    boolean begins(double x, double y, double side) {
        return depth(x, y) + 2 * half + rim + side > 0;
    }

    /** How much of a pixel is filled, 0 … 1: all where the plane's edge has begun and next to it, then less and less. */
    float filled(double depth) {
        return (float) Math.clamp(2 * (depth + 2 * half + rim) / rim, 0, 1);
    }

    /** How much of a pixel there is, 0 … 1: all as deep as the filling reaches, and as far beyond as a sampler looks. */
    float kept(double depth, double beyond) {
        return (float) Math.clamp(fill.reach() + beyond + 0.5 - depth, 0, 1);
    }
}
