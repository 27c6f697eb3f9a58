package amberlens.core.base.geometry;

/**
 * The map (x, y) → (xx·x + xy·y + dx, yx·x + yy·y + dy) of the plane.
 */
public record AffineMap(double xx, double xy, double dx, double yx, double yy, double dy) {
    public double x(double px, double py) {
        return xx * px + xy * py + dx;
    }

    public double y(double px, double py) {
        return yx * px + yy * py + dy;
    }

    /** The area that a unit square is mapped to; negative when the map mirrors. */
    public double determinant() {
        return xx * yy - xy * yx;
    }

    /**
     * The map that undoes this one.
     *
     * @throws IllegalStateException when this map flattens the plane
     */
    public AffineMap inverse() {
        double det = determinant();
        if (det == 0 || !Double.isFinite(det)) {
            throw new IllegalStateException("a map that flattens the plane has no inverse: " + this);
        }
        double ixx = yy / det;
        double ixy = -xy / det;
        double iyx = -yx / det;
        double iyy = xx / det;
        return new AffineMap(ixx, ixy, -(ixx * dx + ixy * dy), iyx, iyy, -(iyx * dx + iyy * dy));
    }

    /** This map followed by a shift. */
    public AffineMap thenShifted(double byX, double byY) {
        return new AffineMap(xx, xy, dx + byX, yx, yy, dy + byY);
    }

    /** First this map, then a scaling about the origin. */
    public AffineMap thenScaled(double factorX, double factorY) {
        return new AffineMap(factorX * xx, factorX * xy, factorX * dx, factorY * yx, factorY * yy, factorY * dy);
    }
}
