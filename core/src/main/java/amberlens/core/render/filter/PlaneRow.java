package amberlens.core.render.filter;

import amberlens.core.base.geometry.ProjectiveMap;

/** Where the pixel centres of a row lie in a plane that is mapped from the output. */
final class PlaneRow {
    private final ProjectiveMap map;
    private final float[] x;
    private final float[] y;

    PlaneRow(ProjectiveMap map, int width) {
        this.map = map;
        x = new float[width];
        y = new float[width];
    }

    /** Looks at the row that begins at a place of the output. */
    void at(double left, double top) {
        if (map.isAffine()) {
            step(x, map.x(left, top), map.xx() / map.ww());
            step(y, map.y(left, top), map.yx() / map.ww());
        } else {
            for (int k = 0; k < x.length; k++) {
                x[k] = (float) map.x(left + k, top);
                y[k] = (float) map.y(left + k, top);
            }
        }
    }

    private static void step(float[] places, double from, double step) {
        for (int k = 0; k < places.length; k++) {
            places[k] = (float) (from + k * step);
        }
    }

    float[] x() {
        return x;
    }

    float[] y() {
        return y;
    }
}
