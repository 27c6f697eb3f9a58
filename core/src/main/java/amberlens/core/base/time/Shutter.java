package amberlens.core.base.time;

/**
 * How long each frame is exposed: a disc that turns once a frame, open for an angle of it. The time it is open lies around the
 * frame's own time.
 *
 * @param angle degrees, 0 … 360; 0 is one instant, 180 usual
 */
public record Shutter(double angle) {
    /** One instant. */
    public static final Shutter OFF = new Shutter(0);

    /** Half of each frame, as film cameras mostly have it: common practice. */
    public static final Shutter USUAL = new Shutter(180);

    /** The most instants of one frame. */
    public static final int MOST = 64;

    public Shutter {
        if (!(angle >= 0 && angle <= 360)) {
            throw new IllegalArgumentException("a shutter is open for 0 … 360 degrees, not " + angle);
        }
    }

    public boolean isOff() {
        return angle == 0;
    }

    /** The part of a frame for which it is open, 0 … 1. */
    public double open() {
        return angle / 360;
    }

    /**
     * The middles of so many equal parts of the time it is open, in frames from the frame's own time, ascending.
     *
     * @param count at least 1
     */
    public double[] instants(int count) {
        double[] instants = new double[count];
        for (int i = 0; i < count; i++) {
            instants[i] = open() * ((i + 0.5) / count - 0.5);
        }
        return instants;
    }
}
