package amberlens.core.render;

import amberlens.core.geometry.AffineMap;
import amberlens.core.geometry.Size;

/** Reads a turned layer: every output pixel looks up its own neighbourhood in the picture. */
final class TurnedSampler implements RowSampler {
    private static final float TO_UNIT = 1f / 65535;

    private final LinearRaster level;
    private final AffineMap toLevel;
    private final int width;
    private final boolean covers;
    private final boolean enlarging;
    private final Reach reachX;
    private final Reach reachY;
    private final double extent;
    private final double levelWidth;
    private final double levelHeight;

    /** The kernel along one axis of the level. */
    private static final class Reach {
        final double scale;
        final double stretch;
        final int taps;
        final float[] weights;

        Reach(double scale) {
            this.scale = scale;
            stretch = Math.max(1, 1 / scale);
            taps = Cubic.taps(stretch);
            weights = new float[taps];
        }

        int around(double place) {
            int first = Cubic.firstTap(place, taps);
            double sum = 0;
            double inverse = 1 / stretch;
            double distance = (first + 0.5 - place) * inverse;
            for (int tap = 0; tap < taps; tap++) {
                double weight = Cubic.weight(distance);
                weights[tap] = (float) weight;
                sum += weight;
                distance += inverse;
            }
            float even = (float) (1 / sum);
            for (int tap = 0; tap < taps; tap++) {
                weights[tap] *= even;
            }
            return first;
        }
    }

    TurnedSampler(Layer layer, Size output) {
        AffineMap map = layer.toOutput();
        double scaleX = Math.hypot(map.xx(), map.yx());
        double scaleY = Math.hypot(map.xy(), map.yy());
        int index = layer.picture().levelFor(Math.max(scaleX, scaleY));
        level = layer.picture().level(index);
        double size = 1 << index;
        toLevel = map.inverse().thenScaled(1 / size, 1 / size);
        width = output.width();
        covers = layer.covers();
        reachX = new Reach(scaleX * size);
        reachY = new Reach(scaleY * size);
        enlarging = reachX.taps == 4 && reachY.taps == 4;
        extent = (Math.abs(map.xx()) + Math.abs(map.yx())) / scaleX;
        levelWidth = layer.picture().size().width() / size;
        levelHeight = layer.picture().size().height() / size;
    }

    @Override
    public void row(int y, float[] rgba) {
        for (int x = 0; x < width; x++) {
            double u = toLevel.x(x + 0.5, y + 0.5);
            double v = toLevel.y(x + 0.5, y + 0.5);
            float cover = covers ? 1 : cover(u, v);
            if (cover == 0) {
                rgba[4 * x] = rgba[4 * x + 1] = rgba[4 * x + 2] = rgba[4 * x + 3] = 0;
            } else if (enlarging) {
                four(u, v, cover, rgba, 4 * x);
            } else {
                many(u, v, cover, rgba, 4 * x);
            }
        }
    }

    private float cover(double u, double v) {
        double across =
                Coverage.of(u * reachX.scale, extent) + Coverage.of((levelWidth - u) * reachX.scale, extent) - 1;
        double down = Coverage.of(v * reachY.scale, extent) + Coverage.of((levelHeight - v) * reachY.scale, extent) - 1;
        return across <= 0 || down <= 0 ? 0 : (float) (across * down);
    }

    private void four(double u, double v, float cover, float[] rgba, int to) {
        double leftPlace = Math.floor(u - 0.5);
        double topPlace = Math.floor(v - 0.5);
        int left = (int) leftPlace - 1;
        int top = (int) topPlace - 1;
        if (left < 0 || top < 0 || left + 4 > level.width() || top + 4 > level.height()) {
            many(u, v, cover, rgba, to);
            return;
        }
        float f = (float) (u - 0.5 - leftPlace);
        float g = (float) (v - 0.5 - topPlace);
        float a = f * (-0.5f + f * (1 - 0.5f * f));
        float b = 1 + f * f * (1.5f * f - 2.5f);
        float c = f * (0.5f + f * (2 - 1.5f * f));
        float d = f * f * (0.5f * f - 0.5f);
        float unit = cover * TO_UNIT;
        float wa = unit * g * (-0.5f + g * (1 - 0.5f * g));
        float wb = unit * (1 + g * g * (1.5f * g - 2.5f));
        float wc = unit * g * (0.5f + g * (2 - 1.5f * g));
        float wd = unit * g * g * (0.5f * g - 0.5f);
        char[] p = level.data();
        int at = level.row(top) + left * LinearRaster.CHANNELS;
        int pitch = level.width() * LinearRaster.CHANNELS;
        int second = at + pitch;
        int third = second + pitch;
        int fourth = third + pitch;
        for (int channel = 0; channel < 3; channel++) {
            rgba[to + channel] = wa * four(p, at + channel, a, b, c, d)
                    + wb * four(p, second + channel, a, b, c, d)
                    + wc * four(p, third + channel, a, b, c, d)
                    + wd * four(p, fourth + channel, a, b, c, d);
        }
        rgba[to + 3] = level.opaque()
                ? cover
                : wa * four(p, at + 3, a, b, c, d)
                        + wb * four(p, second + 3, a, b, c, d)
                        + wc * four(p, third + 3, a, b, c, d)
                        + wd * four(p, fourth + 3, a, b, c, d);
    }

    private static float four(char[] p, int at, float a, float b, float c, float d) {
        return a * p[at] + b * p[at + 4] + c * p[at + 8] + d * p[at + 12];
    }

    private void many(double u, double v, float cover, float[] rgba, int to) {
        int left = reachX.around(u);
        int top = reachY.around(v);
        boolean inside = left >= 0 && left + reachX.taps <= level.width();
        char[] p = level.data();
        float red = 0;
        float green = 0;
        float blue = 0;
        float alpha = 0;
        for (int j = 0; j < reachY.taps; j++) {
            int row = level.row(Math.clamp(top + j, 0, level.height() - 1));
            float down = reachY.weights[j];
            float rowRed = 0;
            float rowGreen = 0;
            float rowBlue = 0;
            float rowAlpha = 0;
            for (int i = 0; i < reachX.taps; i++) {
                int column = inside ? left + i : Math.clamp(left + i, 0, level.width() - 1);
                int at = row + column * LinearRaster.CHANNELS;
                float across = reachX.weights[i];
                rowRed += across * p[at];
                rowGreen += across * p[at + 1];
                rowBlue += across * p[at + 2];
                rowAlpha += across * p[at + 3];
            }
            red += down * rowRed;
            green += down * rowGreen;
            blue += down * rowBlue;
            alpha += down * rowAlpha;
        }
        float unit = cover * TO_UNIT;
        rgba[to] = red * unit;
        rgba[to + 1] = green * unit;
        rgba[to + 2] = blue * unit;
        rgba[to + 3] = alpha * unit;
    }
}
