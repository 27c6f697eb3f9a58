package amberlens.bench;

import amberlens.core.geometry.Size;
import amberlens.core.render.LinearRaster;
import amberlens.core.render.Pyramid;
import amberlens.core.render.Rows;

/** Stand-ins before the real pictures are read. */
final class Pyramids {
    private Pyramids() {}

    static Pyramid tiny() {
        return Pyramid.of(new LinearRaster(new Size(1, 1), new long[1], false), Rows.ALONE);
    }
}
