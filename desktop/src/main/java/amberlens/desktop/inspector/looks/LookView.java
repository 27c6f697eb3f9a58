package amberlens.desktop.inspector.looks;

import amberlens.core.base.geometry.FramePoint;
import java.util.function.UnaryOperator;

/**
 * How looks lie in a view.
 *
 * @param toScreen from frame pixels to the view
 * @param width of the view, in its pixels
 * @param height likewise
 */
public record LookView(UnaryOperator<FramePoint> toScreen, double width, double height) {
    /** How far inside the view a handle is that would lie on its border, where only half of it could be taken hold of. */
    private static final double INSET = 10;

    FramePoint line(FramePoint at) {
        return toScreen.apply(at);
    }

    /** Where a handle is shown. */
    public FramePoint grip(FramePoint at) {
        FramePoint screen = toScreen.apply(at);
        return new FramePoint(inside(screen.x(), width), inside(screen.y(), height));
    }

    private static double inside(double at, double length) {
        if (Math.abs(at) < INSET) {
            return INSET;
        }
        return Math.abs(at - length) < INSET ? length - INSET : at;
    }
}
