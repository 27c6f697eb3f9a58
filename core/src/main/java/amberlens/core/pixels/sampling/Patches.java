package amberlens.core.pixels.sampling;

import amberlens.core.pixels.raster.Loops;
import java.util.HashMap;
import java.util.Map;

/**
 * What was decoded of the levels of one picture. The instants of an exposure see nearly the same part of it and share theirs. Used by
 * one thread.
 */
public final class Patches {
    private final Loops loops;
    private final boolean shared;
    private final Map<Integer, Patch> ofLevels = new HashMap<>();

    private Patches(Loops loops, boolean shared) {
        this.loops = loops;
        this.shared = shared;
    }

    /** For one sampler. */
    public static Patches own(Loops loops) {
        return new Patches(loops, false);
    }

    /** For several samplers of the same picture in places close to each other. */
    public static Patches shared(Loops loops) {
        return new Patches(loops, true);
    }

    Patch of(int level) {
        return ofLevels.computeIfAbsent(level, _ -> new Patch(loops, shared));
    }
}
