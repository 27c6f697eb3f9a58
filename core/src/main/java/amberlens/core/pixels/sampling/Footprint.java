package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.ProjectiveMap;

/**
 * What one output pixel sees of the picture: the sides of the smallest upright box around it as the map's derivative shapes it.
 *
 * @param across source pixels
 * @param down source pixels
 */
record Footprint(double across, double down) {
    /** More than so many times as much along one axis as along the other is read from a coarser level. */
    private static final double MOST_UNEQUAL = 8;

    /**
     * So many pixels of a level are the most that an output pixel sees along an axis, among those that the level shows: a pixel that sees
     * more is taken from a coarser one.
     */
    static final double MOST_OF_A_LEVEL = 2 * MOST_UNEQUAL;

    /** At a place of the output. */
    static Footprint at(ProjectiveMap toPicture, double x, double y) {
        double w = toPicture.w(x, y);
        double u = toPicture.x(x, y);
        double v = toPicture.y(x, y);
        double across = Math.hypot(toPicture.xx() - u * toPicture.wx(), toPicture.xy() - u * toPicture.wy());
        double down = Math.hypot(toPicture.yx() - v * toPicture.wx(), toPicture.yy() - v * toPicture.wy());
        return new Footprint(across / Math.abs(w), down / Math.abs(w));
    }

    /** The level whose pixels are as large as the smaller side, as a number that grows evenly; at least 0. */
    double level() {
        double side = Math.max(Math.min(across, down), Math.max(across, down) / MOST_UNEQUAL);
        return side <= 1 ? 0 : Math.log(side) / Math.log(2);
    }
}
