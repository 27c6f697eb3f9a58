package amberlens.core.render.frame;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.render.filter.Softener;
import java.util.List;

/** Where in the output something may be seen, in its pixels; without end where it fills it. */
record Extent(double left, double top, double right, double bottom) {
    private static final double FAR = Double.POSITIVE_INFINITY;
    static final Extent NOWHERE = new Extent(FAR, FAR, -FAR, -FAR);
    static final Extent EVERYWHERE = new Extent(-FAR, -FAR, FAR, FAR);

    static Extent of(Seen seen) {
        return switch (seen) {
            case Layer layer -> of(layer);
            case Written written -> written.extent();
            case Seen.Group group -> all(group.parts());
            case Seen.Mix mix -> of(mix.from()).with(of(mix.to()));
            case Seen.Exposed exposed -> all(exposed.instants());
            case Seen.Tinted tinted -> of(tinted.of());
            case Seen.Worked worked -> of(worked.of());
            case Seen.Soft soft ->
                of(soft.of())
                        .grown(
                                Softener.of(soft.sigmaX()).reach(),
                                Softener.of(soft.sigmaY()).reach());
            case Seen.Ready _ -> EVERYWHERE;
        };
    }

    private static Extent of(Layer layer) {
        if (!layer.isVisible()) {
            return NOWHERE;
        }
        if (layer.covers()) {
            return EVERYWHERE;
        }
        Size size = layer.picture().size();
        return new Extent(0, 0, size.width(), size.height())
                .through(layer.toOutput())
                .grown(1, 1);
    }

    /** What holds all that lies in it when it is placed; everywhere, when a part of it comes to lie behind the viewer. */
    Extent through(ProjectiveMap map) {
        Extent placed = NOWHERE;
        for (Corner corner : Corner.values()) {
            FramePoint at = corner(corner);
            if (map.w(at.x(), at.y()) <= 0) {
                return EVERYWHERE;
            }
            double x = map.x(at.x(), at.y());
            double y = map.y(at.x(), at.y());
            placed = placed.with(new Extent(x, y, x, y));
        }
        return placed;
    }

    FramePoint corner(Corner corner) {
        FramePoint part = corner.of(new Size(1, 1));
        return new FramePoint(part.x() == 0 ? left : right, part.y() == 0 ? top : bottom);
    }

    boolean isEmpty() {
        return !(left < right && top < bottom);
    }

    /** What lies in both. */
    Extent within(Extent other) {
        return new Extent(
                Math.max(left, other.left),
                Math.max(top, other.top),
                Math.min(right, other.right),
                Math.min(bottom, other.bottom));
    }

    private static Extent all(List<Seen> parts) {
        Extent extent = NOWHERE;
        for (Seen part : parts) {
            extent = extent.with(of(part));
        }
        return extent;
    }

    private Extent with(Extent other) {
        return new Extent(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }

    Extent grown(double across, double down) {
        return new Extent(left - across, top - down, right + across, bottom + down);
    }
}
