package amberlens.core.motion;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;

/**
 * How the values of a channel are blended: by their parts, each on its own.
 *
 * @param <V> the type of the values
 */
public sealed interface ValueKind<V> {
    /** How many numbers make a value: 1 or 2. */
    int parts();

    /** The number at the given place, from 0. */
    double part(V value, int index);

    /** The value with these parts; {@code second} is left out for kinds of one part. */
    V of(double first, double second);

    /** From {@code a} to {@code b} by a progress that may pass 0 … 1. */
    default V between(V a, V b, double progress) {
        double first = mix(part(a, 0), part(b, 0), progress);
        return of(first, parts() == 1 ? 0 : mix(part(a, 1), part(b, 1), progress));
    }

    private static double mix(double a, double b, double progress) {
        return a + (b - a) * progress;
    }

    /** An overshoot never takes a scale to zero or below: it stops at a thousandth of a per cent, at which a
     * picture is still drawn in no time. */
    record OfScale() implements ValueKind<Scale> {
        private static final double LEAST = 1e-3;

        @Override
        public int parts() {
            return 2;
        }

        @Override
        public double part(Scale value, int index) {
            return index == 0 ? value.x() : value.y();
        }

        @Override
        public Scale of(double first, double second) {
            return new Scale(Math.clamp(first, LEAST, Scale.LARGEST), Math.clamp(second, LEAST, Scale.LARGEST));
        }
    }

    /** Frame pixels, both axes. */
    record OfPosition() implements ValueKind<FramePoint> {
        @Override
        public int parts() {
            return 2;
        }

        @Override
        public double part(FramePoint value, int index) {
            return index == 0 ? value.x() : value.y();
        }

        @Override
        public FramePoint of(double first, double second) {
            return new FramePoint(first, second);
        }
    }

    /** One number: degrees, whose turns accumulate, or one axis of a property with two. */
    record OfNumber() implements ValueKind<Double> {
        @Override
        public int parts() {
            return 1;
        }

        @Override
        public double part(Double value, int index) {
            return value;
        }

        @Override
        public Double of(double first, double second) {
            return first;
        }
    }

    /** Source pixels, both axes. */
    record OfAnchor() implements ValueKind<PicturePoint> {
        @Override
        public int parts() {
            return 2;
        }

        @Override
        public double part(PicturePoint value, int index) {
            return index == 0 ? value.x() : value.y();
        }

        @Override
        public PicturePoint of(double first, double second) {
            return new PicturePoint(first, second);
        }
    }
}
