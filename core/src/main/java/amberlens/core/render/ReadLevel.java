package amberlens.core.render;

import amberlens.core.geometry.AffineMap;

/**
 * The level of a layer's pyramid that a turned layer is read from.
 *
 * @param pixels of the level
 * @param size source pixels per pixel of the level
 * @param toLevel from output pixels to pixels of the level
 * @param scaleX output pixels per pixel of the level along the picture's rows
 * @param scaleY likewise along its columns
 */
record ReadLevel(LinearRaster pixels, double size, AffineMap toLevel, double scaleX, double scaleY) {
    static ReadLevel of(Layer layer) {
        AffineMap map = layer.toOutput();
        double scaleX = Math.hypot(map.xx(), map.yx());
        double scaleY = Math.hypot(map.xy(), map.yy());
        int index = layer.picture().levelFor(Math.max(scaleX, scaleY));
        double size = 1 << index;
        return new ReadLevel(
                layer.picture().level(index),
                size,
                map.inverse().thenScaled(1 / size, 1 / size),
                scaleX * size,
                scaleY * size);
    }
}
