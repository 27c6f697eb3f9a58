package amberlens.core.render.frame;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.geometry.Zoom;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Window;
import amberlens.core.render.filter.Bordered;
import amberlens.core.render.filter.FilterThinning;
import amberlens.core.render.filter.LightField;
import amberlens.core.render.filter.SoftLight;
import amberlens.core.render.filter.Softener;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;

/**
 * Makes an output ready to be rendered window by window: what is soft is blurred as a whole first, since each of its pixels needs what
 * lies around it; titles are drawn as large as they are seen; and pictures get the levels they need.
 */
final class Readying {
    private final Rows rows;
    private final Supplier<Loops> loops;

    Readying(Rows rows, Supplier<Loops> loops) {
        this.rows = rows;
        this.loops = loops;
    }

    /** The same with nothing soft and no title left in it. */
    Seen of(Seen seen, Size output) {
        return switch (seen) {
            case Layer layer -> layer;
            case Written written -> written.drawn(output);
            case Seen.Ready ready -> ready;
            case Seen.Group group -> new Seen.Group(all(group.parts(), output), group.opacity(), group.blend());
            case Seen.Mix mix -> new Seen.Mix(of(mix.from(), output), of(mix.to(), output), mix.part());
            case Seen.Exposed exposed -> new Seen.Exposed(all(exposed.instants(), output));
            case Seen.Tinted tinted -> new Seen.Tinted(of(tinted.of(), output), tinted.colour(), tinted.part());
            case Seen.Worked worked -> new Seen.Worked(of(worked.of(), output), worked.work());
            case Seen.Soft soft -> soft(soft, output);
        };
    }

    List<Seen> all(List<? extends Seen> parts, Size output) {
        return parts.stream().map(part -> of(part, output)).toList();
    }

    private Seen soft(Seen.Soft soft, Size output) {
        var across = Softener.of(soft.sigmaX());
        var down = Softener.of(soft.sigmaY());
        boolean alike = across.factor() == down.factor() && isLinear(soft.of());
        Window needed = within(needed(soft.frame(), output, across, down), soft.of(), alike ? across.factor() : 1);
        int times = across.factor();
        return alike && times > 1 && fits(needed, times, soft.frame())
                ? inPlaces(soft, across.ofPlaces(), down.ofPlaces(), rounded(needed, times))
                : inPixels(soft, across, down, needed);
    }

    /** Rendered as it is, and brought to fewer places then. */
    private Seen inPixels(Seen.Soft soft, Softener across, Softener down, Window needed) {
        var size = new Size(needed.width(), needed.height());
        Seen child = of(soft.of().moved(Zoom.shift(-needed.left(), -needed.top())), size);
        LightField field = rendered(child, size, new FilterThinning(across, size.width()));
        return new Seen.Ready(SoftLight.of(field, across, down, needed, soft.hidesAllBelow(), rows, loops));
    }

    /** Rendered with a pixel for each place; of its border one pixel, since that goes on beyond it. */
    private Seen inPlaces(Seen.Soft soft, Softener across, Softener down, Window whole) {
        int times = across.factor();
        var size = new Size(whole.width() / times, whole.height() / times);
        var zoom = new Zoom(1.0 / times, -(double) whole.left() / times, -(double) whole.top() / times);
        LightField inner = plain(soft.of().moved(zoom), size);
        int right = whole.left() + whole.width() - 1;
        int bottom = whole.top() + whole.height() - 1;
        LightField field = Bordered.of(
                inner,
                across.margin(),
                times,
                pixels(soft.of(), new Window(whole.left(), whole.top(), 1, whole.height())),
                pixels(soft.of(), new Window(right, whole.top(), 1, whole.height())),
                pixels(soft.of(), new Window(whole.left(), whole.top(), whole.width(), 1)),
                pixels(soft.of(), new Window(whole.left(), bottom, whole.width(), 1)));
        return new Seen.Ready(SoftLight.blurred(field, across, down, whole, soft.hidesAllBelow(), rows, loops));
    }

    private LightField pixels(Seen seen, Window window) {
        return plain(seen.moved(Zoom.shift(-window.left(), -window.top())), new Size(window.width(), window.height()));
    }

    private LightField plain(Seen seen, Size size) {
        return rendered(of(seen, size), size, new FilterThinning(Softener.of(0), size.width()));
    }

    /** Whether a smaller rendering is the mean of a larger one: shapes of one colour, not pictures, which are reduced to be looked at. */
    private static boolean isLinear(Seen seen) {
        return switch (seen) {
            case Layer layer -> layer.picture().size().area() == 1;
            case Written _ -> false;
            case Seen.Group group ->
                group.blend() == BlendMode.NORMAL && group.parts().stream().allMatch(Readying::isLinear);
            case Seen.Mix mix -> isLinear(mix.from()) && isLinear(mix.to());
            case Seen.Exposed exposed -> exposed.instants().stream().allMatch(Readying::isLinear);
            case Seen.Tinted tinted -> isLinear(tinted.of());
            case Seen.Worked worked -> worked.work().isLinear() && isLinear(worked.of());
            case Seen.Soft soft -> isLinear(soft.of());
            case Seen.Ready _ -> false;
        };
    }

    /** Whether something can be rendered so many times smaller: whole pixels of it have to end where the frame does. */
    private static boolean fits(Window needed, int times, Seen.Bounds frame) {
        Window whole = rounded(needed, times);
        return whole.left() + whole.width() <= Math.max(frame.right(), needed.left() + needed.width())
                && whole.top() + whole.height() <= Math.max(frame.bottom(), needed.top() + needed.height());
    }

    /** A window whose sides are whole multiples of a number, from the same corner. */
    private static Window rounded(Window window, int times) {
        return new Window(
                window.left(),
                window.top(),
                (window.width() + times - 1) / times * times,
                (window.height() + times - 1) / times * times);
    }

    /** Which part of the frame has to be seen for an output; mostly the output is the frame. */
    private static Window needed(Seen.Bounds frame, Size output, Softener across, Softener down) {
        int left = (int) Math.max(Math.floor(frame.left()), -across.reach());
        int top = (int) Math.max(Math.floor(frame.top()), -down.reach());
        int right = (int) Math.min(Math.ceil(frame.right()), output.width() + across.reach());
        int bottom = (int) Math.min(Math.ceil(frame.bottom()), output.height() + down.reach());
        return new Window(
                Math.min(left, 0),
                Math.min(top, 0),
                Math.max(right, output.width()) - Math.min(left, 0),
                Math.max(bottom, output.height()) - Math.min(top, 0));
    }

    /** The part of a window beside which nothing is seen, and as many pixels more in which nothing is. */
    private static Window within(Window window, Seen seen, int more) {
        Extent extent = Extent.of(seen).grown(more - 1, more - 1);
        int left = within(Math.floor(extent.left()), window.left(), window.width());
        int top = within(Math.floor(extent.top()), window.top(), window.height());
        int right = within(Math.ceil(extent.right()), window.left(), window.width());
        int bottom = within(Math.ceil(extent.bottom()), window.top(), window.height());
        return new Window(left, top, Math.max(1, right - left), Math.max(1, bottom - top));
    }

    private static int within(double place, int from, int length) {
        return (int) Math.clamp(place, from, from + (double) length);
    }

    /** What is seen over nothing, its rows brought to fewer places. */
    private LightField rendered(Seen seen, Size size, FilterThinning thinning) {
        LightField field = LightField.blank(thinning.places(), size.height());
        Window.Shape shape = prepare(List.of(seen), size);
        rows.inBands(size.height(), () -> {
            Loops own = loops.get();
            SeenWindows windows = SeenWindows.of(seen, own);
            FilterThinning.Across across = thinning.across(own);
            float[] light = shape.room();
            LightField band = LightField.blank(size.width(), shape.height());
            return (first, last) -> {
                for (int top = first; top < last; top += shape.height()) {
                    int bottom = Math.min(last, top + shape.height());
                    int from = top;
                    Window.each(size.width(), top, bottom, shape, window -> {
                        Arrays.fill(light, 0, window.length(), 0);
                        windows.over(window, light);
                        band.take(window, -from, light);
                    });
                    for (int y = top; y < bottom; y++) {
                        across.thin(band.light(), band.row(y - top), field.light(), field.row(y));
                    }
                }
            };
        });
        return field;
    }

    /** Makes the levels of pictures that an output needs; says in what windows it is best rendered. */
    Window.Shape prepare(List<? extends Seen> seen, Size output) {
        List<Layer> visible =
                seen.stream().flatMap(Seen::layers).filter(Layer::isVisible).toList();
        visible.forEach(layer -> layer.placement().prepare(output, rows));
        boolean straight = visible.stream().allMatch(layer -> layer.toOutput().isStraight());
        return straight ? Window.Shape.STRIP : Window.Shape.TILE;
    }
}
