package amberlens.core.base.geometry;

import java.util.List;

/**
 * The map (x, y) → ((xx·x + xy·y + dx) / w, (yx·x + yy·y + dy) / w) with w = wx·x + wy·y + ww of the plane; lines stay lines. Only
 * places with w &gt; 0 are seen.
 */
public record ProjectiveMap(
        double xx, double xy, double dx, double yx, double yy, double dy, double wx, double wy, double ww) {

    public static final ProjectiveMap IDENTITY = new ProjectiveMap(1, 0, 0, 0, 1, 0, 0, 0, 1);

    public static ProjectiveMap of(AffineMap map) {
        return new ProjectiveMap(map.xx(), map.xy(), map.dx(), map.yx(), map.yy(), map.dy(), 0, 0, 1);
    }

    /**
     * The map from a rectangle to four places, in order from its upper left corner around it.
     *
     * <p>From the unit square as P. S. Heckbert, <em>Fundamentals of Texture Mapping and Image Warping</em> (1989), section 2.2.3.
     *
     * @param left of the rectangle
     * @param top likewise
     * @throws IllegalArgumentException when three of the places lie on a line
     */
    public static ProjectiveMap ofRectangle(double left, double top, double width, double height, List<FramePoint> to) {
        FramePoint a = to.get(0);
        FramePoint b = to.get(1);
        FramePoint c = to.get(2);
        FramePoint d = to.get(3);
        FramePoint one = b.minus(c);
        FramePoint other = d.minus(c);
        FramePoint sum = a.minus(b).plus(c).minus(d);
        double det = one.x() * other.y() - other.x() * one.y();
        if (det == 0) {
            throw new IllegalArgumentException("three corners lie on a line: " + to);
        }
        double wx = (sum.x() * other.y() - other.x() * sum.y()) / det;
        double wy = (one.x() * sum.y() - sum.x() * one.y()) / det;
        return new ProjectiveMap(
                        b.x() - a.x() + wx * b.x(),
                        d.x() - a.x() + wy * d.x(),
                        a.x(),
                        b.y() - a.y() + wx * b.y(),
                        d.y() - a.y() + wy * d.y(),
                        a.y(),
                        wx,
                        wy,
                        1)
                .afterScale(1 / width, 1 / height)
                .afterShift(-left, -top);
    }

    public double x(double px, double py) {
        return (xx * px + xy * py + dx) / w(px, py);
    }

    public double y(double px, double py) {
        return (yx * px + yy * py + dy) / w(px, py);
    }

    /** What the other two are divided by: in proportion to the distance from the viewer. */
    public double w(double px, double py) {
        return wx * px + wy * py + ww;
    }

    /** Whether parallels stay parallel. */
    public boolean isAffine() {
        return wx == 0 && wy == 0;
    }

    /** Whether it only scales, mirrors and shifts along the axes. */
    public boolean isStraight() {
        return isAffine() && xy == 0 && yx == 0;
    }

    public double determinant() {
        return xx * (yy * ww - dy * wy) - xy * (yx * ww - dy * wx) + dx * (yx * wy - yy * wx);
    }

    /** Whether there is a map that undoes this one: not of one that flattens the plane. */
    public boolean isInvertible() {
        return isInvertible(determinant());
    }

    private static boolean isInvertible(double determinant) {
        return determinant != 0 && Double.isFinite(determinant);
    }

    /**
     * The map that undoes this one; its w is positive where this map's is.
     *
     * @throws IllegalStateException when this map flattens the plane
     */
    public ProjectiveMap inverse() {
        double det = determinant();
        if (!isInvertible(det)) {
            throw new IllegalStateException("a map that flattens the plane has no inverse: " + this);
        }
        return new ProjectiveMap(
                (yy * ww - dy * wy) / det,
                (dx * wy - xy * ww) / det,
                (xy * dy - dx * yy) / det,
                (dy * wx - yx * ww) / det,
                (xx * ww - dx * wx) / det,
                (dx * yx - xx * dy) / det,
                (yx * wy - yy * wx) / det,
                (xy * wx - xx * wy) / det,
                (xx * yy - xy * yx) / det);
    }

    /** How much it stretches at a place along the direction that it stretches least: the smaller singular value of its derivative. */
    public double leastStretch(double px, double py) {
        double w = w(px, py);
        double x = x(px, py);
        double y = y(px, py);
        double a = (xx - x * wx) / w;
        double b = (xy - x * wy) / w;
        double c = (yx - y * wx) / w;
        double d = (yy - y * wy) / w;
        return Math.abs(Math.hypot(a + d, c - b) - Math.hypot(a - d, b + c)) / 2;
    }

    /** Likewise along the direction that it stretches most: the larger singular value. */
    public double mostStretch(double px, double py) {
        double least = leastStretch(px, py);
        double mean = meanStretch(px, py);
        return least == 0 ? Double.POSITIVE_INFINITY : mean * mean / least;
    }

    /** How much it stretches at a place in the mean of all directions: the root of how much it stretches areas. */
    public double meanStretch(double px, double py) {
        double w = w(px, py);
        return Math.sqrt(Math.abs(determinant() / (w * w * w)));
    }

    /** First this map, then another one. */
    public ProjectiveMap then(ProjectiveMap next) {
        return new ProjectiveMap(
                next.xx * xx + next.xy * yx + next.dx * wx,
                next.xx * xy + next.xy * yy + next.dx * wy,
                next.xx * dx + next.xy * dy + next.dx * ww,
                next.yx * xx + next.yy * yx + next.dy * wx,
                next.yx * xy + next.yy * yy + next.dy * wy,
                next.yx * dx + next.yy * dy + next.dy * ww,
                next.wx * xx + next.wy * yx + next.ww * wx,
                next.wx * xy + next.wy * yy + next.ww * wy,
                next.wx * dx + next.wy * dy + next.ww * ww);
    }

    /** This map followed by a shift. */
    public ProjectiveMap thenShifted(double byX, double byY) {
        return then(new ProjectiveMap(1, 0, byX, 0, 1, byY, 0, 0, 1));
    }

    /** This map followed by a turn about the origin, in degrees clockwise. */
    public ProjectiveMap thenTurned(double degrees) {
        double cos = Turn.cos(degrees);
        double sin = Turn.sin(degrees);
        return then(new ProjectiveMap(cos, -sin, 0, sin, cos, 0, 0, 0, 1));
    }

    /** First a shift, then this map. */
    public ProjectiveMap afterShift(double byX, double byY) {
        return new ProjectiveMap(1, 0, byX, 0, 1, byY, 0, 0, 1).then(this);
    }

    /** First a scaling about the origin, then this map. */
    public ProjectiveMap afterScale(double factorX, double factorY) {
        return new ProjectiveMap(factorX, 0, 0, 0, factorY, 0, 0, 0, 1).then(this);
    }

    /** First this map, then a scaling about the origin. */
    public ProjectiveMap thenScaled(double factorX, double factorY) {
        return then(new ProjectiveMap(factorX, 0, 0, 0, factorY, 0, 0, 0, 1));
    }
}
