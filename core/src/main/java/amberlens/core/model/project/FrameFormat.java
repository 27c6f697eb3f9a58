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
 * @param film the frame of the film that it is a delivery of; its own size where it is the film's own
 */
public record FrameFormat(Size size, FrameRate rate, Colour background, boolean blurred, Shutter shutter, Size film) {
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

    /** The film's own frame. */
    public FrameFormat(Size size, FrameRate rate, Colour background, boolean blurred, Shutter shutter) {
        this(size, rate, background, blurred, shutter, size);
    }

    /** The film's own frame in another size. */
    public FrameFormat withSize(Size other) {
        return new FrameFormat(other, rate, background, blurred, shutter);
    }

    /** The same film in a delivery of a size. */
    public FrameFormat delivered(Size delivery) {
        return new FrameFormat(delivery, rate, background, blurred, shutter, film);
    }

    /**
     * How many of its pixels there are for one of the film's.
     *
     * @param whole whether all of the film's frame is seen in it; else the largest window of its shape
     */
    public double zoom(boolean whole) {
        double across = (double) size.width() / film.width();
        double down = (double) size.height() / film.height();
        return whole ? Math.min(across, down) : Math.max(across, down);
    }

    public FrameFormat withShutter(Shutter other) {
        return new FrameFormat(size, rate, background, blurred, other, film);
    }

    public FrameFormat {
        if (size.width() > LARGEST || size.height() > LARGEST) {
            throw new IllegalArgumentException("a frame is at most 16384 pixels wide and high, not " + size);
        }
    }
}
