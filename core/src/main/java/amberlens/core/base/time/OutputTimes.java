package amberlens.core.base.time;

import java.math.BigInteger;

/**
 * When an output looks at the line-up: the places that its frames show, and how finely a frame that is exposed is divided.
 *
 * @param frames of the line-up, both ends included
 * @param own the rate of the line-up
 * @param output the rate of the output
 * @param pxPerFramePx output pixels per frame pixel: a larger output sees an exposed frame at more instants
 */
public record OutputTimes(FrameSpan frames, FrameRate own, FrameRate output, double pxPerFramePx) {
    /** Of an output as large as the frame. */
    public OutputTimes(FrameSpan frames, FrameRate own, FrameRate output) {
        this(frames, own, output, 1);
    }

    /** How many frames come out, at least 1. */
    public int count() {
        BigInteger whole = BigInteger.valueOf(frames.length())
                .multiply(BigInteger.valueOf(perPlace()))
                .divide(BigInteger.valueOf(perFrame()));
        return whole.max(BigInteger.ONE)
                .min(BigInteger.valueOf(Integer.MAX_VALUE))
                .intValue();
    }

    /** The place, in frames of the line-up and also between two, that an output frame shows, counted from 0. */
    public double place(int frame) {
        return frames.from() + frame * (double) perFrame() / perPlace(); // exact where it is a whole frame
    }

    /** The first output frame that shows a place at or after this one. */
    public int firstFrom(double place) {
        int count = count();
        int near = (int) Math.clamp(Math.floor((place - frames.from()) * perPlace() / perFrame()) - 1, 0, count);
        while (near < count && place(near) < place) {
            near++;
        }
        return near;
    }

    /** The way of one output frame, in parts of which {@link #perPlace()} make a frame of the line-up. */
    private long perFrame() {
        return (long) own.numerator() * output.denominator();
    }

    private long perPlace() {
        return (long) own.denominator() * output.numerator();
    }
}
