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
    @Override
    public boolean hidesAllBelow() {
        return covers && picture.opaque();
    }

    @Override
    public Seen map(UnaryOperator<Layer> change) {
        return change.apply(this);
    }
}
