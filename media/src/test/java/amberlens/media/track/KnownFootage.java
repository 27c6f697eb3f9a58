package amberlens.media.track;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.Raster;
import java.util.Random;
import java.util.function.IntFunction;

/**
 * Drawn footage in which the way of a subject is known: a spotted disc over a ground that is as lively as it is, both without a repeating
 * pattern. What disturbs a tracker can be added: noise, motion blur, something that hides it.
 */
final class KnownFootage implements SubjectTracker.Frames {
    static final Size SIZE = new Size(960, 540);
    static final double RADIUS = 44;

    /** Where the subject is, how large, and how it is turned. */
    record Truth(double x, double y, double scale, double degrees) {
        PicturePoint at() {
            return new PicturePoint(x, y);
        }
    }

    /** A bar that hides what is behind it. */
    record Bar(double left, double right, double top, double bottom) {
        boolean hides(double x, double y) {
            return x >= left && x < right && y >= top && y < bottom;
        }
    }

    private static final float[] GROUND = texture(1400, 900, 3);
    private static final float[] DISC = texture(256, 256, 4);

    private final IntFunction<Truth> way;
    private final double noise;
    private final double shutter;
    private final IntFunction<Bar> bar;

    /** @param shutter for how much of a frame the subject is exposed, 0 … 1 */
    KnownFootage(IntFunction<Truth> way, double noise, double shutter, IntFunction<Bar> bar) {
        this.way = way;
        this.noise = noise;
        this.shutter = shutter;
        this.bar = bar;
    }

    Truth truth(int frame) {
        return way.apply(frame);
    }

    /** Blurred chance, of a few sizes at once. */
    private static float[] texture(int width, int height, int seed) {
        var random = new Random(seed);
        var sum = new float[width * height];
        for (int cell : new int[] {40, 17, 8}) {
            int across = width / cell + 2;
            var grid = new float[across * (height / cell + 2)];
            for (int i = 0; i < grid.length; i++) {
                grid[i] = random.nextFloat() - 0.5f;
            }
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    sum[y * width + x] += cell * 1.6f * between(grid, across, (double) x / cell, (double) y / cell);
                }
            }
        }
        return sum;
    }

    private static float between(float[] grid, int across, double x, double y) {
        int left = (int) x;
        int top = (int) y;
        float fx = (float) (x - left);
        float fy = (float) (y - top);
        float sx = fx * fx * (3 - 2 * fx);
        float sy = fy * fy * (3 - 2 * fy);
        int i = top * across + left;
        return (grid[i] * (1 - sx) + grid[i + 1] * sx) * (1 - sy)
                + (grid[i + across] * (1 - sx) + grid[i + across + 1] * sx) * sy;
    }

    @Override
    public Raster frame(int frame) {
        var shades = new float[SIZE.width() * SIZE.height()];
        for (int y = 0; y < SIZE.height(); y++) {
            for (int x = 0; x < SIZE.width(); x++) {
                shades[y * SIZE.width() + x] = 110 + GROUND[(y + 60) * 1400 + x + 100 + frame / 4];
            }
        }
        paint(frame, shades);
        Bar hiding = bar.apply(frame);
        var random = new Random(1000L + frame);
        var codes = new int[shades.length];
        for (int i = 0; i < shades.length; i++) {
            double shade = hiding.hides(i % SIZE.width(), i / SIZE.width()) ? 40 + 30 * ((i / 7) % 2) : shades[i];
            int code = Math.clamp(Math.round(shade + noise * random.nextGaussian()), 0, 255);
            codes[i] = 0xFF000000 | code * 0x010101;
        }
        return CodeRaster.ofEightBits(SIZE, codes, true);
    }

    private void paint(int frame, float[] shades) {
        int times = shutter > 0 ? 5 : 1;
        Truth now = way.apply(frame);
        Truth next = way.apply(frame + 1);
        double reach = RADIUS * now.scale() + 2 + shutter * Math.hypot(next.x() - now.x(), next.y() - now.y());
        for (int y = (int) (now.y() - reach); y <= now.y() + reach; y++) {
            for (int x = (int) (now.x() - reach); x <= now.x() + reach; x++) {
                if (x < 0 || y < 0 || x >= SIZE.width() || y >= SIZE.height()) {
                    continue;
                }
                float sum = 0;
                int i = y * SIZE.width() + x;
                for (int time = 0; time < times; time++) {
                    double part = times == 1 ? 0 : shutter * (time / (times - 1.0) - 0.5);
                    double cx = now.x() + (next.x() - now.x()) * part;
                    double cy = now.y() + (next.y() - now.y()) * part;
                    for (int sub = 0; sub < 4; sub++) {
                        sum += shade(x + 0.25 + 0.5 * (sub % 2) - cx, y + 0.25 + 0.5 * (sub / 2) - cy, now, shades[i]);
                    }
                }
                shades[i] = sum / (4 * times);
            }
        }
    }

    private float shade(double dx, double dy, Truth truth, float behind) {
        double turn = Math.toRadians(truth.degrees());
        double u = (Math.cos(turn) * dx + Math.sin(turn) * dy) / truth.scale();
        double v = (Math.cos(turn) * dy - Math.sin(turn) * dx) / truth.scale();
        if (Math.hypot(u, v) > RADIUS) {
            return behind;
        }
        double x = 128 + u * 1.6;
        double y = 128 + v * 1.6;
        int i = (int) y * 256 + (int) x;
        float fx = (float) (x - (int) x);
        float fy = (float) (y - (int) y);
        return 135
                + 1.5f
                        * ((DISC[i] * (1 - fx) + DISC[i + 1] * fx) * (1 - fy)
                                + (DISC[i + 256] * (1 - fx) + DISC[i + 257] * fx) * fy);
    }
}
