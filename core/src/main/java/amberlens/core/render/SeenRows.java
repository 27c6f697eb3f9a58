package amberlens.core.render;

import amberlens.core.geometry.Size;
import amberlens.core.layering.BlendMode;
import java.util.Arrays;
import java.util.List;

/** Reads whatever can be seen row by row, in one thread. */
final class SeenRows {
    private SeenRows() {}

    static RowSampler of(Seen seen, Size output) {
        return switch (seen) {
            case Layer layer -> RowSampler.of(layer, output);
            case Seen.Group group -> new OfGroup(group, output);
            case Seen.Mix mix -> new OfMix(mix, output);
        };
    }

    /** How the row of a thing is laid over what is below. */
    static BlendMode blend(Seen seen) {
        return seen instanceof Seen.Group group ? group.blend() : BlendMode.NORMAL;
    }

    private static final class OfGroup implements RowSampler {
        private final List<Seen> parts;
        private final List<RowSampler> rows;
        private final float opacity;
        private final float[] one;

        OfGroup(Seen.Group group, Size output) {
            parts = group.parts();
            rows = parts.stream().map(part -> of(part, output)).toList();
            opacity = (float) group.opacity();
            one = new float[output.width() * 4];
        }

        @Override
        public void row(int y, float[] rgba) {
            Arrays.fill(rgba, 0);
            for (int i = 0; i < rows.size(); i++) {
                rows.get(i).row(y, one);
                Blending.over(rgba, one, blend(parts.get(i)));
            }
            if (opacity != 1) {
                for (int i = 0; i < rgba.length; i++) {
                    rgba[i] *= opacity;
                }
            }
        }
    }

    private static final class OfMix implements RowSampler {
        private final RowSampler from;
        private final RowSampler to;
        private final float part;
        private final float[] other;

        OfMix(Seen.Mix mix, Size output) {
            from = of(mix.from(), output);
            to = of(mix.to(), output);
            part = (float) mix.part();
            other = new float[output.width() * 4];
        }

        @Override
        public void row(int y, float[] rgba) {
            from.row(y, rgba);
            to.row(y, other);
            for (int i = 0; i < rgba.length; i++) {
                rgba[i] = (1 - part) * rgba[i] + part * other[i];
            }
        }
    }
}
