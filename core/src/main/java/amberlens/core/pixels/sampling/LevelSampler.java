package amberlens.core.pixels.sampling;

/** Reads one level of a picture. Used by one thread. */
interface LevelSampler {
    /**
     * Fills the pixels of the spans with light.
     *
     * @param area of the output that holds all pixels of the spans
     * @param reduction how much the picture is reduced along the spans
     */
    void paint(Window window, Spans spans, ConvexArea area, Reduction reduction, float[] light);
}
