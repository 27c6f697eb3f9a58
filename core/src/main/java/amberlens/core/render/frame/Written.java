package amberlens.core.render.frame;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.base.memo.Memo;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.title.Setting;
import amberlens.core.material.title.Title;
import amberlens.core.material.title.Typesetter;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import java.util.stream.Stream;

/**
 * A title placed in the output. It is drawn anew at the power of two at or above the size at which it is seen, and reduced from there
 * by less than half: letters are never enlarged.
 *
 * @param size the text box that is placed
 * @param toOutput from the frame pixels of that box to output pixels
 * @param seen whether it lies before the viewer, and not edge-on
 */
record Written(Title title, Size size, ProjectiveMap toOutput, boolean seen) implements Seen {
    /** Of what was drawn so much is kept, in bytes. */
    private static final long KEPT = 64L << 20;

    /** What has more pixels than that is drawn only where it is seen. */
    private static final long WHOLE = 8L << 20;

    /** The most pixels that are drawn of one title; what needs more is drawn less sharp. */
    private static final long MOST = 48L << 20;

    /** Pixels beside what is drawn, for the sampler to run out in. */
    private static final int AIR = 6;

    private static final int LEAST_EXPONENT = -6;
    private static final int LARGEST_EXPONENT = 9;

    private static final Seen NOTHING = new Seen.Group(List.of(), 1, BlendMode.NORMAL);

    private static final Memo<Drawing, Pyramid> DRAWN = new Memo<>(KEPT, Pyramid::bytes);

    /** What is asked of the typesetter: pixels counted from the title's own box. */
    private record Drawing(Title title, int exponent, int left, int top, Size size) {
        Pyramid pyramid() {
            Raster raster = Typesetter.get().draw(title, exponent, left, top, size);
            return Pyramid.onDemand(raster);
        }
    }

    @Override
    public boolean hidesAllBelow() {
        return false;
    }

    @Override
    public Stream<Layer> layers() {
        return Stream.empty();
    }

    @Override
    public Written moved(Zoom zoom) {
        return new Written(title, size, toOutput.then(zoom.map()), seen);
    }

    /** The same place with other words. */
    Written as(Title other) {
        return new Written(other, size, toOutput, seen);
    }

    /** What may be drawn, in the frame pixels of the title's own box. */
    private static Extent bounds(Setting setting) {
        double reach = setting.reach();
        Size box = setting.box();
        return new Extent(-reach, -reach, box.width() + reach, box.height() + reach);
    }

    /** From the title's own box: it grows from where its lines are aligned, and as far up as down. */
    private ProjectiveMap own(Setting setting) {
        return toOutput.afterShift(
                (size.width() - setting.box().width()) * title.align().part(),
                (size.height() - setting.box().height()) / 2.0);
    }

    /** Where something of it may be seen in the output. */
    Extent extent() {
        Setting setting = Typesetter.get().set(title);
        return seen ? bounds(setting).through(own(setting)).grown(1, 1) : Extent.NOWHERE;
    }

    /** Drawn for an output: a layer, or nothing where nothing of it is seen. */
    Seen drawn(Size output) {
        Setting setting = Typesetter.get().set(title);
        ProjectiveMap map = own(setting);
        Extent all = bounds(setting);
        Extent frame = new Extent(0, 0, output.width(), output.height());
        Extent visible =
                seen && map.determinant() != 0 ? all.within(frame.grown(1, 1).through(map.inverse())) : Extent.NOWHERE;
        if (visible.isEmpty() || all.through(map).equals(Extent.EVERYWHERE)) {
            return NOTHING;
        }
        int exponent = exponent(map, visible);
        Drawing drawing = drawing(all, exponent);
        if (drawing.size.area() > WHOLE) {
            drawing = drawing(visible, exponent);
        }
        while (drawing.size.area() > MOST) {
            drawing = drawing(visible, --exponent);
        }
        double perFramePx = Math.scalb(1.0, drawing.exponent);
        ProjectiveMap placed = map.afterScale(1 / perFramePx, 1 / perFramePx).afterShift(drawing.left, drawing.top);
        return new Layer(DRAWN.get(drawing, Drawing::pyramid), placed, false);
    }

    private Drawing drawing(Extent part, int exponent) {
        double zoom = Math.scalb(1.0, exponent);
        int left = (int) Math.floor(part.left() * zoom) - AIR;
        int top = (int) Math.floor(part.top() * zoom) - AIR;
        int right = (int) Math.ceil(part.right() * zoom) + AIR;
        int bottom = (int) Math.ceil(part.bottom() * zoom) + AIR;
        return new Drawing(title, exponent, left, top, new Size(right - left, bottom - top));
    }

    /** The least power of two at which nothing seen of it is enlarged. */
    private static int exponent(ProjectiveMap map, Extent visible) {
        double most = 0;
        for (Corner corner : Corner.values()) {
            FramePoint at = visible.corner(corner);
            most = Math.max(most, map.mostStretch(at.x(), at.y()));
        }
        double exponent = Math.ceil(Math.log(most) / Math.log(2) - 1e-6);
        return (int) Math.clamp(exponent, LEAST_EXPONENT, LARGEST_EXPONENT);
    }
}
