package amberlens.core.render;

import amberlens.core.geometry.AffineMap;
import java.util.function.UnaryOperator;

/**
 * A picture placed in the output.
 *
 * @param picture what is seen
 * @param toOutput from source pixels to output pixels
 * @param covers whether it is known to fill the whole output, so that its own edges must not soften the border
 */
public record Layer(Pyramid picture, AffineMap toOutput, boolean covers) implements Seen {
    private static final double THINNEST_PX = 0.002;

    /** Whether it is large enough to be seen: a picture thinner than this does not change a code, and would take long to read. */
    boolean isVisible() {
        double across =
                Math.hypot(toOutput.xx(), toOutput.yx()) * picture.size().width();
        double down = Math.hypot(toOutput.xy(), toOutput.yy()) * picture.size().height();
        return Math.min(across, down) >= THINNEST_PX;
    }

    @Override
    public boolean hidesAllBelow() {
        return covers && picture.opaque();
    }

    @Override
    public Seen map(UnaryOperator<Layer> change) {
        return change.apply(this);
    }
}
