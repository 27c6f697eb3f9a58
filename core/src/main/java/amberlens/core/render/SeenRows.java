package amberlens.core.render;

import amberlens.core.geometry.Size;
import amberlens.core.layering.BlendMode;
import java.util.Arrays;
import java.util.List;

/** Lays whatever can be seen over what is below it, row by row, in one thread. */
interface SeenRows {
    /**
     * Lays a row over another one of premultiplied linear light, which changes.
     *
     * @param y output row, each greater than the one before
     */
    void over(int y, float[] below);

    static SeenRows of(Seen seen, Size output) {
        return switch (seen) {
            case Layer layer -> new OfLayer(layer, output);
            case Seen.Group group -> new OfGroup(group, output);
            case Seen.Mix mix -> new OfMix(mix, output);
            case Seen.Tinted tinted -> new OfTinted(tinted, output);
        };
    }

    /** A placed picture. */
    final class OfLayer implements SeenRows {
        private final RowSampler sampler;
        private final boolean hides;
        private final float[] one;

        private OfLayer(Layer layer, Size output) {
            sampler = RowSampler.of(layer, output);
            hides = layer.hidesAllBelow();
            one = new float[output.width() * 4];
        }

        @Override
        public void over(int y, float[] below) {
            if (hides) {
                sampler.row(y, below);
            } else {
                sampler.row(y, one);
                Blending.over(below, one, BlendMode.NORMAL);
            }
        }
    }

    /** Things laid over each other on nothing, then as one over what is below. */
    final class OfGroup implements SeenRows {
        private final List<SeenRows> parts;
        private final float opacity;
        private final BlendMode blend;
        private final float[] one;

        private OfGroup(Seen.Group group, Size output) {
            parts = group.parts().stream().map(part -> of(part, output)).toList();
            opacity = (float) group.opacity();
            blend = group.blend();
            one = new float[output.width() * 4];
        }

        @Override
        public void over(int y, float[] below) {
            Arrays.fill(one, 0);
            parts.forEach(part -> part.over(y, one));
            if (opacity != 1) {
                for (int i = 0; i < one.length; i++) {
                    one[i] *= opacity;
                }
            }
            Blending.over(below, one, blend);
        }
    }

    /** Both ends are laid over what is below, each as it blends, and mixed then. */
    final class OfMix implements SeenRows {
        private final SeenRows from;
        private final SeenRows to;
        private final float part;
        private final float[] first;

        private OfMix(Seen.Mix mix, Size output) {
            from = of(mix.from(), output);
            to = of(mix.to(), output);
            part = (float) mix.part();
            first = new float[output.width() * 4];
        }

        @Override
        public void over(int y, float[] below) {
            System.arraycopy(below, 0, first, 0, below.length);
            from.over(y, first);
            to.over(y, below);
            for (int i = 0; i < below.length; i++) {
                below[i] = (1 - part) * first[i] + part * below[i];
            }
        }
    }

    /** Where it is seen at all, a colour takes its place in part. */
    final class OfTinted implements SeenRows {
        private final SeenRows of;
        private final float[] colour;
        private final float part;
        private final float[] one;

        private OfTinted(Seen.Tinted tinted, Size output) {
            of = SeenRows.of(tinted.of(), output);
            colour = Compositor.linear(tinted.colour());
            part = (float) tinted.part();
            one = new float[output.width() * 4];
        }

        @Override
        public void over(int y, float[] below) {
            Arrays.fill(one, 0);
            of.over(y, one);
            for (int i = 0; i < one.length; i += 4) {
                for (int c = 0; c < 3; c++) {
                    one[i + c] += part * (colour[c] * one[i + 3] - one[i + c]);
                }
            }
            Blending.over(below, one, BlendMode.NORMAL);
        }
    }
}
