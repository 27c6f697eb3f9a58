package amberlens.core.render.frame;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.filter.Masking;
import java.util.List;

/** What covers as much as something else, whatever its colours: for whoever needs only that, and need not read pictures for it. */
final class Shapes {
    private static final Pyramid PLAIN = Pyramid.plain(Colour.BLACK);

    private Shapes() {}

    static Seen of(Seen seen) {
        return switch (seen) {
            case Layer layer -> layer.picture().opaque() ? of(layer) : layer;
            case Written written -> written;
            case Seen.Group group -> new Seen.Group(all(group.parts()), group.opacity(), group.blend());
            case Seen.Mix mix -> new Seen.Mix(of(mix.from()), of(mix.to()), mix.part());
            case Seen.Exposed exposed -> new Seen.Exposed(all(exposed.instants()));
            case Seen.Tinted tinted -> of(tinted.of());
            case Seen.Worked worked ->
                worked.work() instanceof Masking mask && !mask.keepsOpaque()
                        ? new Seen.Worked(of(worked.of()), mask)
                        : of(worked.of());
            case Seen.Soft soft -> new Seen.Soft(of(soft.of()), soft.sigmaX(), soft.sigmaY(), soft.frame());
            case Seen.Ready ready -> ready;
        };
    }

    private static List<Seen> all(List<Seen> parts) {
        return parts.stream().map(Shapes::of).toList();
    }

    /** One pixel as large as the picture. */
    private static Layer of(Layer layer) {
        Size size = layer.picture().size();
        ProjectiveMap whole = new ProjectiveMap(size.width(), 0, 0, 0, size.height(), 0, 0, 0, 1);
        return new Layer(PLAIN, layer.left(), whole.then(layer.toOutput()), layer.covers(), layer.seen());
    }
}
