package amberlens.core.motion.camera;

import amberlens.core.base.time.OutputTimes;
import java.util.Arrays;
import java.util.stream.IntStream;

/** When the frames of a take are looked at. Whoever renders shows them at the very moments that were judged. */
public sealed interface Instants {

    /**
     * The moments at which a frame is seen.
     *
     * @return ascending, in frames from the take's first one, at or after the frame and before the next; there may be none
     */
    double[] of(int frame);

    /** All moments of so many frames. */
    default double[] within(int length) {
        return IntStream.range(0, length)
                .mapToObj(this::of)
                .flatMapToDouble(Arrays::stream)
                .toArray();
    }

    /** The moments that an output at any rate shows of a shot. */
    static Instants of(OutputTimes times, int start) {
        return new Output(times, start);
    }

    /** Each frame at its own time. */
    enum Frames implements Instants {
        EACH;

        @Override
        public double[] of(int frame) {
            return new double[] {frame};
        }
    }

    /**
     * The frames of an output.
     *
     * @param start of the take on the line-up
     */
    record Output(OutputTimes times, int start) implements Instants {
        @Override
        public double[] of(int frame) {
            int first = times.firstFrom((double) start + frame);
            int next = times.firstFrom(start + frame + 1.0);
            return IntStream.range(first, next)
                    .mapToDouble(output -> times.place(output) - start)
                    .toArray();
        }
    }
}
