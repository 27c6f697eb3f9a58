package amberlens.core.render;

/** How much of an output pixel lies on the inner side of a straight edge. */
final class Coverage {
    private Coverage() {}

    /**
     * @param distance of the pixel's centre from the edge, in output pixels, positive inside
     * @param extent the pixel's own width across the edge: 1 for a straight edge, |cos| + |sin| for a turned one
     */
    static double of(double distance, double extent) {
        return Math.clamp(distance / extent + 0.5, 0, 1);
    }
}
