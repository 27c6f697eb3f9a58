package amberlens.core.render.frame;

import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Portion;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.pixels.drawing.DrawnWindow;
import amberlens.core.pixels.sampling.Placement;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.stream.Stream;

/**
 * A picture placed in the output.
 *
 * @param picture what is seen
 * @param left which part of it is
 * @param toOutput from source pixels to output pixels
 * @param seen whether it lies before the viewer, and not edge-on
 * @param covers whether it is known to fill the whole output, so that its own edges must not soften the border
 */
public record Layer(Pyramid picture, Portion left, ProjectiveMap toOutput, boolean covers, boolean seen)
        implements Seen {
    /** A whole picture that can be seen. */
    public Layer(Pyramid picture, ProjectiveMap toOutput, boolean covers) {
        this(picture, Portion.WHOLE, toOutput, covers, true);
    }

    /**
     * Only a part of it.
     *
     * @param coversStill whether that part fills the whole output
     */
    Layer cropped(Portion part, boolean coversStill) {
        return new Layer(picture, part, toOutput, coversStill, seen);
    }

    /** The same with a window of a drawing, which is drawn larger and holds all that is seen, instead of all of it. */
    Layer with(Pyramid pixels, DrawnWindow window) {
        PictureArea area = window.area(picture.size());
        ProjectiveMap map =
                toOutput.afterShift(area.left(), area.top()).afterScale(1.0 / window.times(), 1.0 / window.times());
        return new Layer(pixels, left.in(area, picture.size()), map, covers, seen);
    }

    /** Whether it is large enough to be seen, and lies before the viewer. */
    boolean isVisible() {
        return seen && Placement.isVisible(picture.size(), left, toOutput);
    }

    Placement placement() {
        return new Placement(picture, left, toOutput, covers);
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
    public Layer moved(Zoom zoom) {
        return new Layer(picture, left, toOutput.then(zoom.map()), covers, seen);
    }
}
