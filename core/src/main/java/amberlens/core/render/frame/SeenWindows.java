package amberlens.core.render.frame;

import amberlens.core.material.layering.BlendMode;
import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.sampling.Patches;
import amberlens.core.pixels.sampling.PictureSampler;
import amberlens.core.pixels.sampling.Window;
import amberlens.core.render.filter.LightWork;
import amberlens.core.render.filter.SoftLight;
import java.util.Arrays;
import java.util.List;

/** Lays whatever can be seen over what is below it, window by window, in one thread. */
interface SeenWindows {
    /**
     * Lays a window over another one of premultiplied linear light, which changes.
     *
     * @param window anywhere in the output or beside it
     * @return whether anything lies there; if not, nothing has changed
     */
    boolean over(Window window, float[] below);

    /** Whether nothing below shows through in a window. */
    default boolean hides(Window window) {
        return false;
    }

    /**
     * The first of some that has to be painted in a window: below the last one that hides everything nothing is seen.
     *
     * @return 0 when none hides anything, which may be as it is when the first does
     */
    static int firstSeen(List<SeenWindows> parts, Window window) {
        for (int i = parts.size() - 1; i > 0; i--) {
            if (parts.get(i).hides(window)) {
                return i;
            }
        }
        return 0;
    }

    static SeenWindows of(Seen seen, Loops loops) {
        return of(seen, loops, Patches.own(loops));
    }

    /**
     * Likewise.
     *
     * @param patches of what was read of a picture, shared where many read the same one
     */
    private static SeenWindows of(Seen seen, Loops loops, Patches patches) {
        return switch (seen) {
            case Layer layer when layer.isVisible() -> new OfLayer(layer, loops, patches);
            case Layer _ -> (_, _) -> false;
            case Seen.Group group -> new OfGroup(group, loops);
            case Seen.Mix mix -> new OfMix(mix, loops);
            case Seen.Exposed exposed -> new OfExposed(exposed, loops);
            case Seen.Tinted tinted -> new OfTinted(tinted, loops);
            case Seen.Worked worked -> new OfWorked(worked, loops, patches);
            case Seen.Ready ready -> new OfReady(ready, loops);
            case Seen.Soft _ -> throw new IllegalStateException("soft parts are prepared before windows");
            case Written _ -> throw new IllegalStateException("text is drawn before windows");
        };
    }

    /** Light of a window's size that is kept from one window to the next. */
    final class Room {
        private float[] light = new float[0];

        float[] of(Window window) {
            if (light.length < window.length() + Loops.SPARE) {
                light = window.room();
            }
            return light;
        }

        float[] clear(Window window) {
            float[] cleared = of(window);
            Arrays.fill(cleared, 0, window.length(), 0);
            return cleared;
        }
    }

    /** A placed picture. */
    final class OfLayer implements SeenWindows {
        private final PictureSampler sampler;
        private final boolean opaque;
        private final Loops loops;
        private final Room one = new Room();

        private OfLayer(Layer layer, Loops loops, Patches patches) {
            sampler = new PictureSampler(layer.placement(), loops, patches);
            opaque = layer.picture().opaque();
            this.loops = loops;
        }

        @Override
        public boolean hides(Window window) {
            return opaque && sampler.fills(window);
        }

        @Override
        public boolean over(Window window, float[] below) {
            if (hides(window)) {
                return sampler.paint(window, below);
            }
            boolean painted = sampler.paint(window, one.of(window));
            if (painted) {
                Blending.over(below, one.of(window), window, BlendMode.NORMAL, loops);
            }
            return painted;
        }
    }

    /** Things laid over each other on nothing, then as one over what is below. */
    final class OfGroup implements SeenWindows {
        private final List<SeenWindows> parts;
        private final float opacity;
        private final BlendMode blend;
        private final Loops loops;
        private final Room room = new Room();

        private OfGroup(Seen.Group group, Loops loops) {
            parts = group.parts().stream().map(part -> of(part, loops)).toList();
            opacity = (float) group.opacity();
            blend = group.blend();
            this.loops = loops;
        }

        @Override
        public boolean hides(Window window) {
            return opacity == 1 && blend == BlendMode.NORMAL && parts.stream().anyMatch(part -> part.hides(window));
        }

        @Override
        public boolean over(Window window, float[] below) {
            int first = firstSeen(parts, window);
            if (opacity == 1
                    && blend == BlendMode.NORMAL
                    && !parts.isEmpty()
                    && parts.get(first).hides(window)) {
                parts.subList(first, parts.size()).forEach(part -> part.over(window, below));
                return true;
            }
            float[] one = room.clear(window);
            boolean painted = false;
            for (SeenWindows part : parts) {
                painted |= part.over(window, one);
            }
            if (!painted) {
                return false;
            }
            if (opacity != 1) {
                for (int i = 0; i < window.length(); i++) {
                    one[i] *= opacity;
                }
            }
            Blending.over(below, one, window, blend, loops);
            return true;
        }
    }

    /** Both ends are laid over what is below, each as it blends, and mixed then. */
    final class OfMix implements SeenWindows {
        private final SeenWindows from;
        private final SeenWindows to;
        private final float part;
        private final Room room = new Room();

        private OfMix(Seen.Mix mix, Loops loops) {
            from = of(mix.from(), loops);
            to = of(mix.to(), loops);
            part = (float) mix.part();
        }

        @Override
        public boolean over(Window window, float[] below) {
            float[] first = room.of(window);
            System.arraycopy(below, 0, first, 0, window.length());
            boolean painted = from.over(window, first);
            painted |= to.over(window, below);
            if (!painted) {
                return false;
            }
            for (int i = 0; i < window.length(); i++) {
                below[i] = (1 - part) * first[i] + part * below[i];
            }
            return true;
        }
    }

    /** The mean of all instants, laid over what is below. */
    final class OfExposed implements SeenWindows {
        private final List<SeenWindows> instants;
        private final Loops loops;
        private final Room room = new Room();
        private final Room sum = new Room();

        private OfExposed(Seen.Exposed exposed, Loops loops) {
            Patches patches = Patches.shared(loops);
            instants = exposed.instants().stream()
                    .map(one -> SeenWindows.of(one, loops, patches))
                    .toList();
            this.loops = loops;
        }

        @Override
        public boolean over(Window window, float[] below) {
            float[] all = sum.clear(window);
            float share = 1f / instants.size();
            boolean painted = false;
            for (SeenWindows instant : instants) {
                float[] one = room.clear(window);
                if (instant.over(window, one)) {
                    add(all, one, share, window.length());
                    painted = true;
                }
            }
            if (painted) {
                Blending.over(below, all, window, BlendMode.NORMAL, loops);
            }
            return painted;
        }

        private static void add(float[] sum, float[] light, float share, int length) {
            for (int i = 0; i < length; i++) {
                sum[i] += share * light[i];
            }
        }
    }

    /** Where it is seen at all, a colour takes its place in part. */
    final class OfTinted implements SeenWindows {
        private final SeenWindows of;
        private final float[] colour;
        private final float part;
        private final Loops loops;
        private final Room room = new Room();

        private OfTinted(Seen.Tinted tinted, Loops loops) {
            of = SeenWindows.of(tinted.of(), loops);
            colour = Compositor.linear(tinted.colour());
            part = (float) tinted.part();
            this.loops = loops;
        }

        @Override
        public boolean over(Window window, float[] below) {
            float[] one = room.clear(window);
            if (!of.over(window, one)) {
                return false;
            }
            for (int i = 0; i < window.length(); i += 4) {
                for (int c = 0; c < 3; c++) {
                    one[i + c] += part * (colour[c] * one[i + 3] - one[i + c]);
                }
            }
            Blending.over(below, one, window, BlendMode.NORMAL, loops);
            return true;
        }
    }

    /** A thing whose light is changed pixel by pixel. */
    final class OfWorked implements SeenWindows {
        private final SeenWindows of;
        private final LightWork work;
        private final boolean hides;
        private final Loops loops;
        private final Room room = new Room();

        @Override
        public boolean hides(Window window) {
            return hides || (work.keepsOpaque(window) && of.hides(window));
        }

        private OfWorked(Seen.Worked worked, Loops loops, Patches patches) {
            of = SeenWindows.of(worked.of(), loops, patches);
            work = worked.work();
            hides = worked.hidesAllBelow();
            this.loops = loops;
        }

        @Override
        public boolean over(Window window, float[] below) {
            if (hides(window)) {
                of.over(window, below);
                work.on(window, below, loops);
                return true;
            }
            float[] one = room.clear(window);
            if (!of.over(window, one)) {
                return false;
            }
            work.on(window, one, loops);
            Blending.over(below, one, window, BlendMode.NORMAL, loops);
            return true;
        }
    }

    /** Blurred light. */
    final class OfReady implements SeenWindows {
        private final SoftLight.Reader reader;
        private final boolean opaque;
        private final Loops loops;
        private final Room room = new Room();

        @Override
        public boolean hides(Window window) {
            return opaque;
        }

        private OfReady(Seen.Ready ready, Loops loops) {
            reader = ready.light().reader(loops);
            opaque = ready.light().opaque();
            this.loops = loops;
        }

        @Override
        public boolean over(Window window, float[] below) {
            if (opaque) {
                reader.read(window, below);
                return true;
            }
            if (!reader.reaches(window)) {
                return false;
            }
            float[] one = room.clear(window);
            reader.read(window, one);
            Blending.over(below, one, window, BlendMode.NORMAL, loops);
            return true;
        }
    }
}
