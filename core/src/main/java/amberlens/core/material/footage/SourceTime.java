package amberlens.core.material.footage;

import amberlens.core.base.memo.Last;
import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.curve.Channel;

/**
 * From the frames of a shot, and places between them, to places in its footage.
 *
 * <p>A frame of the shot lasts r = (footage rate) / (project rate) frames of the footage, an exact fraction. At a constant speed v
 * the place is in + f·v·r. A keyed speed is integrated: the way over one frame of the shot is taken by Simpson's rule, which
 * is exact for linear legs; the ways are summed once for each speed and remembered.
 *
 * @param footage what is shown
 * @param source from where
 * @param speed per cent
 * @param rate of the project
 */
public record SourceTime(Footage footage, Source source, Channel<Double> speed, FrameRate rate) {
    private static final Last<Channel<Double>, Ways> LAST = Last.byIdentity();

    /** What a shot shows at one of its frames. */
    public SourceFrames at(double frame) {
        return SourceFrames.at(place(frame), source.conversion(), footage);
    }

    /** The place of the footage at a frame of the shot; it may lie outside the footage. */
    public double place(double frame) {
        double numerator = (double) footage.rate().numerator() * rate.denominator();
        double denominator = (double) footage.rate().denominator() * rate.numerator();
        return source.in() + way(frame) * numerator / denominator;
    }

    /** How many frames of the shot's own rate have been run through, times the speed. */
    private double way(double frame) {
        if (!speed.animated() || speed.muted()) {
            return frame * speed.constant() / 100;
        }
        int whole = (int) Math.floor(frame);
        double part = frame - whole;
        return Ways.of(speed).upTo(whole) + (part == 0 ? 0 : Ways.step(speed, whole, part));
    }

    /** The ways run through since frame 0 at a keyed speed. */
    private static final class Ways {
        /** No shot has more frames; keys that lie further beyond it are not summed up to. */
        private static final int FURTHEST = 1_000_000;

        private final Channel<Double> speed;
        private final int first;
        private final double[] sums;

        static Ways of(Channel<Double> speed) {
            return LAST.get(speed, Ways::new);
        }

        private Ways(Channel<Double> speed) {
            this.speed = speed;
            first = Math.clamp(speed.keys().getFirst().at(), -FURTHEST, 0);
            sums = new double[Math.clamp(speed.keys().getLast().at(), 0, FURTHEST) - first + 1];
            for (int i = 1; i < sums.length; i++) {
                sums[i] = sums[i - 1] + step(speed, first + i - 1, 1);
            }
            double zero = sums[-first];
            for (int i = 0; i < sums.length; i++) {
                sums[i] -= zero;
            }
        }

        /** The way over a frame or a part of it. At a hold the speed jumps at the key, so its end is read just before it. */
        static double step(Channel<Double> speed, int frame, double part) {
            double end = Math.nextDown(frame + part);
            return (speed.at(frame) + 4 * speed.at(frame + part / 2) + speed.at(end)) * part / 600;
        }

        double upTo(int frame) {
            int index = frame - first;
            if (index < 0) {
                return sums[0] + index * speed.at(first) / 100;
            }
            int last = sums.length - 1;
            return index <= last ? sums[index] : sums[last] + (index - last) * speed.at((double) first + last) / 100;
        }
    }
}
