package amberlens.core.edges;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.ProjectiveMap;
import amberlens.core.geometry.Side;
import amberlens.core.geometry.Size;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Projection;
import java.util.Optional;

/**
 * The four lines through the sides of a picture that leans into depth, as it is seen, in either orientation.
 *
 * @param across for each side, in the order of {@link Side}, across·x + down·y + off: the distance inside, in frame pixels
 */
record Outline(double[] across, double[] down, double[] off) {
    /** Corners around the picture, and between which of them each side lies. */
    private static final int[][] ENDS = {{3, 0}, {1, 2}, {0, 1}, {2, 3}};

    /** The outline; empty for a picture that lies flat, whose distances have a closed form. */
    static Optional<Outline> of(Pose pose, Size picture) {
        return pose.projection().map(projection -> of(projection, picture));
    }

    private static Outline of(Projection projection, Size picture) {
        ProjectiveMap map = projection.toFrame();
        double[] x = new double[4];
        double[] y = new double[4];
        for (int i = 0; i < 4; i++) {
            double u = i == 1 || i == 2 ? picture.width() : 0;
            double v = i >= 2 ? picture.height() : 0;
            x[i] = map.x(u, v);
            y[i] = map.y(u, v);
        }
        double twice = 0;
        for (int i = 0; i < 4; i++) {
            int next = (i + 1) % 4;
            twice += x[i] * y[next] - x[next] * y[i];
        }
        double sense = Math.signum(twice);
        var outline = new Outline(new double[4], new double[4], new double[4]);
        for (int side = 0; side < 4; side++) {
            int from = ENDS[side][0];
            int to = ENDS[side][1];
            double length = Math.hypot(x[to] - x[from], y[to] - y[from]);
            outline.across[side] = sense * (y[from] - y[to]) / length;
            outline.down[side] = sense * (x[to] - x[from]) / length;
            outline.off[side] = -(outline.across[side] * x[from] + outline.down[side] * y[from]);
        }
        return outline;
    }

    /** How far a frame point lies inside a side, in frame pixels. */
    double inside(Side side, FramePoint point) {
        int i = side.ordinal();
        return across[i] * point.x() + down[i] * point.y() + off[i];
    }
}
