package amberlens.core.motion.curve;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;

/** How a value travels from one key to the next. */
public sealed interface Leg {
    /** The steady leg, which is also the one of a key that names none. */
    Leg LINEAR = new Linear();

    /** Stand still until the next key. */
    Leg HOLD = new Hold();

    /** Continuous speed through the neighbouring keys. */
    Leg SMOOTH = new Smooth();

    /** The value of the left key until the next key's frame. */
    record Hold() implements Leg {}

    /** Steady speed. */
    record Linear() implements Leg {}

    /** The speed follows a timing curve. */
    record Curve(TimingCurve timing) implements Leg {}

    /**
     * From framing to framing on the smoothest way: out, across and in. Scale and position travel it together where both have it between
     * the same keys; see {@link FlightPath}.
     *
     * @param rho how high it flies, {@link FlightPath#LEAST_RHO} … {@link FlightPath#LARGEST_RHO}
     * @param timing how the length of the path is travelled
     * @param about the middle of the frame, in frame pixels
     * @param width of the frame, in frame pixels
     */
    record Flight(double rho, TimingCurve timing, FramePoint about, double width) implements Leg {
        public Flight {
            if (!(rho >= FlightPath.LEAST_RHO && rho <= FlightPath.LARGEST_RHO)) {
                throw new IllegalArgumentException("a flight is as high as " + FlightPath.LEAST_RHO + " to "
                        + FlightPath.LARGEST_RHO + ", not " + rho);
            }
            if (!(width > 0 && width <= Channel.LARGEST)) {
                throw new IllegalArgumentException("a flight needs the width of its frame, not " + width);
            }
        }

        /** In a frame. */
        public static Flight in(Size frame, double rho, TimingCurve timing) {
            return new Flight(rho, timing, frame.centre(), frame.width());
        }

        public Flight withRho(double other) {
            return new Flight(other, timing, about, width);
        }

        public Flight withTiming(TimingCurve other) {
            return new Flight(rho, other, about, width);
        }

        /** The same in a frame that begins elsewhere. */
        public Flight shifted(FramePoint by) {
            return new Flight(rho, timing, about.plus(by), width);
        }

        /** The same in another frame, where it looks the same. */
        public Flight carried(Resizing to) {
            return new Flight(rho, timing, to.placeInFrame(about), width * to.frameX());
        }
    }

    /** A monotone cubic through the neighbouring keys; see {@link MonotoneCubic}. */
    record Smooth() implements Leg {}
}
