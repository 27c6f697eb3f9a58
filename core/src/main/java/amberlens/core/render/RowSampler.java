package amberlens.core.render;

import amberlens.core.geometry.Size;

/**
 * Reads a layer row by row, from the top down, in one thread.
 *
 * <p>Reduction is prefiltered: the cubic kernel is stretched, per picture axis, to the distance of the output pixels as
 * measured on the pyramid level that is read; it never covers more than 8 × 8 pixels of that level when both axes have
 * the same scale.
 */
interface RowSampler {
    /**
     * Fills a row with premultiplied linear light 0 … 1 (the kernel may overshoot), already weighted by how much of
     * each pixel the picture covers.
     *
     * @param y output row, each greater than the one before
     * @param rgba four numbers per output pixel
     */
    void row(int y, float[] rgba);

    static RowSampler of(Layer layer, Size output) {
        var map = layer.toOutput();
        boolean straight = map.xy() == 0 && map.yx() == 0 && map.xx() > 0 && map.yy() > 0;
        if (straight) {
            return new StraightSampler(layer, output);
        }
        return ShearedSampler.suits(map) ? new ShearedSampler(layer, output) : new TurnedSampler(layer, output);
    }
}
