package amberlens.core.motion.curve;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import java.util.function.IntToDoubleFunction;

/** The kinds of values that properties have. */
public final class ValueKinds {
    /**
     * Per cent, both axes. An overshoot never takes a scale to zero or below: it stops at a thousandth of a per cent, at which
     * a picture is still drawn in no time.
     */
    public static final ValueKind<Scale> SCALE = new OfScale();

    /** Frame pixels, both axes. */
    public static final ValueKind<FramePoint> POSITION = new OfFramePoint();

    /** Source pixels, both axes. */
    public static final ValueKind<PicturePoint> ANCHOR = new OfPicturePoint();

    /** One number: of a property that has only one, degrees whose turns accumulate, or one axis of a property with two. */
    public static final ValueKind<Double> NUMBER = new OfNumber();

    /** Colours, by their red, green and blue codes 0 … 255; blended in linear light. */
    public static final ValueKind<Colour> COLOUR = new OfColour();

    private ValueKinds() {}

    /** Two numbers, each on its own. */
    private abstract static class Pair<V> implements ValueKind<V> {
        abstract double x(V value);

        abstract double y(V value);

        abstract V of(double x, double y);

        @Override
        public final int parts() {
            return 2;
        }

        @Override
        public final double part(V value, int index) {
            return index == 0 ? x(value) : y(value);
        }

        @Override
        public final V of(IntToDoubleFunction part) {
            return of(part.applyAsDouble(0), part.applyAsDouble(1));
        }

        @Override
        public final V between(V a, V b, double progress) {
            return of(ValueKind.mix(x(a), x(b), progress), ValueKind.mix(y(a), y(b), progress));
        }
    }

    private static final class OfScale extends Pair<Scale> {
        @Override
        double x(Scale value) {
            return value.x();
        }

        @Override
        double y(Scale value) {
            return value.y();
        }

        @Override
        Scale of(double x, double y) {
            return new Scale(Math.clamp(x, Scale.LEAST, Scale.LARGEST), Math.clamp(y, Scale.LEAST, Scale.LARGEST));
        }

        @Override
        public Scale exactly(IntToDoubleFunction part) {
            return new Scale(part.applyAsDouble(0), part.applyAsDouble(1));
        }
    }

    private static final class OfFramePoint extends Pair<FramePoint> {
        @Override
        double x(FramePoint value) {
            return value.x();
        }

        @Override
        double y(FramePoint value) {
            return value.y();
        }

        @Override
        FramePoint of(double x, double y) {
            return new FramePoint(x, y);
        }
    }

    private static final class OfPicturePoint extends Pair<PicturePoint> {
        @Override
        double x(PicturePoint value) {
            return value.x();
        }

        @Override
        double y(PicturePoint value) {
            return value.y();
        }

        @Override
        PicturePoint of(double x, double y) {
            return new PicturePoint(x, y);
        }
    }

    private static final class OfNumber implements ValueKind<Double> {
        @Override
        public int parts() {
            return 1;
        }

        @Override
        public double part(Double value, int index) {
            return value;
        }

        @Override
        public Double of(IntToDoubleFunction part) {
            return part.applyAsDouble(0);
        }

        @Override
        public Double between(Double a, Double b, double progress) {
            return ValueKind.mix(a, b, progress);
        }
    }

    private static final class OfColour implements ValueKind<Colour> {
        private static final int PARTS = 3;

        @Override
        public int parts() {
            return PARTS;
        }

        @Override
        public double part(Colour value, int index) {
            return (value.rgb() >> 8 * (PARTS - 1 - index)) & 0xFF;
        }

        @Override
        public Colour of(IntToDoubleFunction part) {
            int rgb = 0;
            for (int index = 0; index < PARTS; index++) {
                rgb = (rgb << 8) | Math.clamp(Math.round(part.applyAsDouble(index)), 0, 255);
            }
            return new Colour(rgb);
        }

        @Override
        public Colour between(Colour a, Colour b, double progress) {
            return of(index -> {
                double light = ValueKind.mix(
                        Srgb.toLinear(part(a, index) / 255), Srgb.toLinear(part(b, index) / 255), progress);
                return 255 * Srgb.toEncoded(Math.clamp(light, 0, 1));
            });
        }
    }
}
