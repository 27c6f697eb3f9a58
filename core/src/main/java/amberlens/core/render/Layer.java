package amberlens.core.render;

import amberlens.core.geometry.ProjectiveMap;
import amberlens.core.sampling.Placement;
import amberlens.core.sampling.Pyramid;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * A picture placed in the output.
 *
 * @param picture what is seen
 * @param toOutput from source pixels to output pixels
 * @param seen whether it lies before the viewer, and not edge-on
 * @param covers whether it is known to fill the whole output, so that its own edges must not soften the border
 */
public record Layer(Pyramid picture, ProjectiveMap toOutput, boolean covers, boolean seen) implements Seen {
    /** One that can be seen. */
    public Layer(Pyramid picture, ProjectiveMap toOutput, boolean covers) {
        this(picture, toOutput, covers, true);
    }

    /** Whether it is large enough to be seen, and lies before the viewer. */
    boolean isVisible() {
        return seen && Placement.isVisible(picture.size(), toOutput);
    }

    Placement placement() {
        return new Placement(picture, toOutput, covers);
    }

    /** The same a little to the side, in output pixels. */
    Layer shifted(double byX, double byY) {
        return new Layer(picture, toOutput.thenShifted(byX, byY), covers, seen);
    }

    @Override
    public boolean hidesAllBelow() {
        return covers && picture.opaque();
    }

    @Override
    public Stream<Layer> layers() {
        return Stream.of(this);
    }

    @Override
    public Seen map(UnaryOperator<Layer> change) {
        return change.apply(this);
    }
}
