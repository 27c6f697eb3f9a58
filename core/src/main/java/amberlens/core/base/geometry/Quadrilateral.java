package amberlens.core.base.geometry;

/** A picture's rectangle as it is seen through a map: its four sides as lines, with the inside on their positive side. */
public final class Quadrilateral {
    private static final int SIDES = 4;

    /** Corners around the picture, and between which of them each {@link Side} lies. */
    private static final int[][] ENDS = {{3, 0}, {1, 2}, {0, 1}, {2, 3}};

    /** For each side a·x + b·y + c is the distance inside it. */
    private final double[] a = new double[SIDES];

    private final double[] b = new double[SIDES];
    private final double[] c = new double[SIDES];
    private final double thickness;

    public Quadrilateral(Size picture, ProjectiveMap map) {
        double[] x = new double[SIDES];
        double[] y = new double[SIDES];
        boolean ahead = true;
        for (Corner corner : Corner.values()) {
            FramePoint at = corner.of(picture);
            ahead &= map.w(at.x(), at.y()) > 0;
            x[corner.ordinal()] = map.x(at.x(), at.y());
            y[corner.ordinal()] = map.y(at.x(), at.y());
        }
        double twice = 0;
        double longest = 0;
        for (int i = 0; i < SIDES; i++) {
            int next = (i + 1) % SIDES;
            twice += x[i] * y[next] - x[next] * y[i];
            longest = Math.max(longest, Math.hypot(x[next] - x[i], y[next] - y[i]));
        }
        thickness = ahead && longest > 0 ? Math.abs(twice) / 2 / longest : 0;
        double sense = Math.signum(twice);
        for (int side = 0; side < SIDES; side++) {
            int from = ENDS[side][0];
            int to = ENDS[side][1];
            double length = Math.hypot(x[to] - x[from], y[to] - y[from]);
            a[side] = sense * (y[from] - y[to]) / length;
            b[side] = sense * (x[to] - x[from]) / length;
            c[side] = -(a[side] * x[from] + b[side] * y[from]);
        }
    }

    /** How thick it is about where it is widest: its area over its longest side; 0 when it cannot be seen. */
    public double thickness() {
        return thickness;
    }

    /** How far a place lies inside a side. */
    public double inside(Side side, double x, double y) {
        int i = side.ordinal();
        return a[i] * x + b[i] * y + c[i];
    }

    /** Likewise of a frame point. */
    public double inside(Side side, FramePoint point) {
        return inside(side, point.x(), point.y());
    }

    /** How much the distance inside a side grows to the right. */
    public double across(Side side) {
        return a[side.ordinal()];
    }

    /** How much it grows downwards. */
    public double down(Side side) {
        return b[side.ordinal()];
    }
}
