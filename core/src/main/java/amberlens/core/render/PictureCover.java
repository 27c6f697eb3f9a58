package amberlens.core.render;

import amberlens.core.geometry.AffineMap;
import amberlens.core.geometry.Size;

/** How much of an output pixel a turned picture covers; 1 everywhere where nothing but the picture can be seen. */
final class PictureCover {
    private final boolean everywhere;
    private final double scaleX;
    private final double scaleY;
    private final double extent;
    private final double width;
    private final double height;

    /** Places are given in pixels of the level that is read. */
    PictureCover(Layer layer, ReadLevel read) {
        AffineMap map = layer.toOutput();
        Size picture = layer.picture().size();
        everywhere = layer.covers();
        scaleX = read.scaleX();
        scaleY = read.scaleY();
        extent = (Math.abs(map.xx()) + Math.abs(map.yx())) * read.size() / scaleX;
        width = picture.width() / read.size();
        height = picture.height() / read.size();
    }

    boolean everywhere() {
        return everywhere;
    }

    /** The cover, 0 … 1, of the output pixel whose centre shows this place of the level. */
    float at(double u, double v) {
        if (everywhere) {
            return 1;
        }
        double across = Coverage.of(u * scaleX, extent) + Coverage.of((width - u) * scaleX, extent) - 1;
        double down = Coverage.of(v * scaleY, extent) + Coverage.of((height - v) * scaleY, extent) - 1;
        return across <= 0 || down <= 0 ? 0 : (float) (across * down);
    }
}
