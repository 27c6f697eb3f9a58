package amberlens.core.render;

import amberlens.core.geometry.ProjectiveMap;
import amberlens.core.sampling.Placement;
import amberlens.core.sampling.Pyramid;
import java.util.function.UnaryOperator;

/**
 * A picture placed in the output.
 *
 * @param picture what is seen
 * @param toOutput from source pixels to output pixels
 * @param covers whether it is known to fill the whole output, so that its own edges must not soften the border
 */
public record Layer(Pyramid picture, ProjectiveMap toOutput, boolean covers) implements Seen {
    /** Whether it is large enough to be seen, and lies before the viewer. */
    boolean isVisible() {
        return Placement.isVisible(picture.size(), toOutput);
    }

    Placement placement() {
        return new Placement(picture, toOutput, covers);
    }

    /** The same a little to the side, in output pixels. */
    Layer shifted(double byX, double byY) {
        return new Layer(picture, toOutput.thenShifted(byX, byY), covers);
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
