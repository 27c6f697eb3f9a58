package amberlens.core.base.geometry;

/**
 * The map (x, y) → (times·x + byX, times·y + byY): larger or smaller, and moved.
 *
 * @param times above 0
 */
public record Zoom(double times, double byX, double byY) {
    public Zoom {
        if (!(times > 0)) {
            throw new IllegalArgumentException("a zoom is above 0, not " + times);
        }
    }

    /** Only moved. */
    public static Zoom shift(double byX, double byY) {
        return new Zoom(1, byX, byY);
    }

    public ProjectiveMap map() {
        return new ProjectiveMap(times, 0, byX, 0, times, byY, 0, 0, 1);
    }

    /** The way back. */
    public Zoom inverse() {
        return new Zoom(1 / times, -byX / times, -byY / times);
    }
}
