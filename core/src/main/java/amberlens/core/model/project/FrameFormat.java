package amberlens.core.model.project;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Shutter;

/**
 * The output frame of a project.
 *
 * @param size frame pixels, at most {@value #LARGEST} in each direction
 * @param background what shows where no picture is
 * @param blurred whether there the picture above shows first, blurred and darkened
 * @param shutter of all shots that have none of their own
 */
public record FrameFormat(Size size, FrameRate rate, Colour background, boolean blurred, Shutter shutter) {
    /** The greatest width or height of a frame. */
    public static final int LARGEST = 16384;

    /** 1920 × 1080 at 25 frames per second on black. */
    public static final FrameFormat USUAL = new FrameFormat(new Size(1920, 1080), FrameRate.of(25), Colour.BLACK);

    /** Over a plain colour. */
    public FrameFormat(Size size, FrameRate rate, Colour background) {
        this(size, rate, background, false);
    }

    /** Each frame one instant. */
    public FrameFormat(Size size, FrameRate rate, Colour background, boolean blurred) {
        this(size, rate, background, blurred, Shutter.OFF);
    }

    public FrameFormat withSize(Size other) {
        return new FrameFormat(other, rate, background, blurred, shutter);
    }

    public FrameFormat withShutter(Shutter other) {
        return new FrameFormat(size, rate, background, blurred, other);
    }

    public FrameFormat {
        if (size.width() > LARGEST || size.height() > LARGEST) {
            throw new IllegalArgumentException("a frame is at most 16384 pixels wide and high, not " + size);
        }
    }
}
