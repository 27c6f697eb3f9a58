package amberlens.core.material.planes;

import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;

/** Where a frame lies on a sheet: four straight sides. */
final class Gate {
    /**
     * The part of a frame that counts.
     *
     * @param left frame pixels
     * @param top likewise
     * @param right likewise
     * @param bottom likewise
     */
    record Area(double left, double top, double right, double bottom) {
        /** In the middle of a frame. */
        static Area middle(Size part, Size frame) {
            double left = (frame.width() - part.width()) / 2.0;
            double top = (frame.height() - part.height()) / 2.0;
            return new Area(left, top, left + part.width(), top + part.height());
        }
    }

    private final double[] x = new double[4];
    private final double[] y = new double[4];
    private final boolean everywhere;
    private final double sign;

    private Gate(Area area, ProjectiveMap toSheet, Zoom fromSheet) {
        double[] cornersX = {area.left, area.right, area.right, area.left};
        double[] cornersY = {area.top, area.top, area.bottom, area.bottom};
        boolean behind = false;
        double twice = 0;
        for (int i = 0; i < 4; i++) {
            behind |= !(toSheet.w(cornersX[i], cornersY[i]) > 0);
            x[i] = (toSheet.x(cornersX[i], cornersY[i]) - fromSheet.byX()) / fromSheet.times();
            y[i] = (toSheet.y(cornersX[i], cornersY[i]) - fromSheet.byY()) / fromSheet.times();
        }
        for (int i = 0; i < 4; i++) {
            int next = (i + 1) % 4;
            twice += x[i] * y[next] - x[next] * y[i];
        }
        everywhere = behind;
        sign = Math.signum(twice);
    }

    /**
     * @param toFrame from the ground's pixels to the frame
     * @param toGround from the sheet's pixels to the ground's
     */
    static Gate of(Area area, ProjectiveMap toFrame, Zoom toGround) {
        return new Gate(area, toFrame.inverse(), toGround);
    }

    /** How far a place lies within the frame, in source pixels, negative outside; everywhere within where the frame sees past the horizon. */
    double within(double atX, double atY) {
        if (everywhere) {
            return Double.POSITIVE_INFINITY;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < 4; i++) {
            int next = (i + 1) % 4;
            double alongX = x[next] - x[i];
            double alongY = y[next] - y[i];
            double across = alongX * (atY - y[i]) - alongY * (atX - x[i]);
            least = Math.min(least, sign * across / Math.hypot(alongX, alongY));
        }
        return least;
    }

    /** How far the deepest place between two lies within the frame. */
    double deepest(double fromX, double fromY, double toX, double toY) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < 60; i++) { // it is concave along a line: halve to a third, 60 times
            double one = low + (high - low) / 3;
            double other = high - (high - low) / 3;
            if (along(one, fromX, fromY, toX, toY) < along(other, fromX, fromY, toX, toY)) {
                low = one;
            } else {
                high = other;
            }
        }
        return along((low + high) / 2, fromX, fromY, toX, toY);
    }

    private double along(double part, double fromX, double fromY, double toX, double toY) {
        return within(fromX + part * (toX - fromX), fromY + part * (toY - fromY));
    }

    /** The least and greatest places that it reaches: left, top, right, bottom; all there are where it sees past the horizon. */
    double[] bounds() {
        double[] bounds = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (int i = 0; i < 4; i++) {
            bounds[0] = Math.min(bounds[0], everywhere ? Double.NEGATIVE_INFINITY : x[i]);
            bounds[1] = Math.min(bounds[1], everywhere ? Double.NEGATIVE_INFINITY : y[i]);
            bounds[2] = Math.max(bounds[2], everywhere ? Double.POSITIVE_INFINITY : x[i]);
            bounds[3] = Math.max(bounds[3], everywhere ? Double.POSITIVE_INFINITY : y[i]);
        }
        return bounds;
    }
}
