package amberlens.core.material.look;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.property.Property;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;

/** By what lines a look is seen in the frame, and by what places it is taken hold of. */
@FunctionalInterface
public interface LookHandles {
    /** Nothing is seen of it but what it does. */
    LookHandles NONE = (_, _, _) -> {};

    /** Corners of what is drawn for an ellipse. */
    int STEPS = 72;

    /**
     * @param alone what the look does by itself at the moment that is drawn
     */
    void draw(Look look, AppliedLooks alone, Canvas canvas);

    /** Where they are drawn: the frame of a shot at one moment. */
    interface Canvas {
        /** Source pixels. */
        Size picture();

        /** Frame pixels. */
        Size frame();

        /** From the pixels of a space to frame pixels. */
        FramePoint toFrame(LookSpace space, FramePoint point);

        FramePoint fromFrame(LookSpace space, FramePoint point);

        <V> V now(Look look, Property<V> amount);

        /**
         * A closed line.
         *
         * @param points frame pixels
         * @param soft whether it only shows how far something fades
         */
        void line(List<FramePoint> points, boolean soft);

        /**
         * A place by which an amount is changed.
         *
         * @param at frame pixels
         * @param value the amount when the place is dragged to another one
         */
        <V> void grip(Look look, Property<V> amount, FramePoint at, Function<FramePoint, V> value);

        /**
         * A place by which something that is chosen is changed.
         *
         * @param what in a word
         */
        <V> void grip(Look look, String what, Choice<V> choice, FramePoint at, Function<FramePoint, V> value);
    }

    /** Around a centre of 0. */
    static List<FramePoint> ellipse(double across, double down) {
        return IntStream.range(0, STEPS)
                .mapToObj(i -> {
                    double angle = 2 * Math.PI * i / STEPS;
                    return new FramePoint(across * Math.cos(angle), down * Math.sin(angle));
                })
                .toList();
    }
}
