package amberlens.core.material.layering;

import java.util.Optional;

/**
 * How a shot lies over what is below it, beside its opacity.
 *
 * @param enter how it comes; over a neighbour that it overlaps on its own track, a dissolve
 * @param leave how it goes
 */
public record Layering(BlendMode blend, Optional<Fade> enter, Optional<Fade> leave) {
    /** Simply over it, with cuts at both ends. */
    public static final Layering PLAIN = new Layering(BlendMode.NORMAL, Optional.empty(), Optional.empty());

    public Layering withBlend(BlendMode mode) {
        return new Layering(mode, enter, leave);
    }

    public Layering withEnter(Optional<Fade> fade) {
        return new Layering(blend, fade, leave);
    }

    public Layering withLeave(Optional<Fade> fade) {
        return new Layering(blend, enter, fade);
    }
}
