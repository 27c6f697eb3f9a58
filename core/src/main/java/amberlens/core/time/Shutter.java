package amberlens.core.time;

/**
 * How long the camera's shutter stays open in each frame.
 *
 * @param degrees the opening of a rotary shutter, above 0 and at most 360; 180 is open for half the frame time
 */
public record Shutter(double degrees) {
    public Shutter {
        if (!(degrees > 0 && degrees <= 360)) {
            throw new IllegalArgumentException("a shutter angle lies above 0° and at most at 360°, not " + degrees);
        }
    }

    /** The part of the frame time for which the shutter is open, above 0 and at most 1. */
    public double openFrames() {
        return degrees / 360;
    }

    /** The exposure of one frame, in seconds. Source: the rotary-shutter rule of camera handbooks. */
    public double openSeconds(FrameRate rate) {
        return rate.seconds(openFrames());
    }
}
