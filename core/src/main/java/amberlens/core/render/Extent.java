package amberlens.core.render;

import amberlens.core.filter.Softener;
import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import java.util.List;

/** Where in the output something may be seen, in its pixels; without end where it fills it. */
record Extent(double left, double top, double right, double bottom) {
    private static final double FAR = Double.POSITIVE_INFINITY;
    private static final Extent NOWHERE = new Extent(FAR, FAR, -FAR, -FAR);
    private static final Extent EVERYWHERE = new Extent(-FAR, -FAR, FAR, FAR);

    static Extent of(Seen seen) {
        return switch (seen) {
            case Layer layer -> of(layer);
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
        Extent extent = NOWHERE;
        for (Corner corner : Corner.values()) {
            FramePoint at = corner.of(layer.picture().size());
            double x = layer.toOutput().x(at.x(), at.y());
            double y = layer.toOutput().y(at.x(), at.y());
            extent = extent.with(new Extent(x, y, x, y));
        }
        return extent.grown(1, 1);
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

    private Extent grown(double across, double down) {
        return new Extent(left - across, top - down, right + across, bottom + down);
    }
}
