package amberlens.core.pixels.sampling;

import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.pixels.raster.Loops;
import org.jspecify.annotations.Nullable;

/** Fills windows of the output with a placed picture. Used by one thread. */
public final class PictureSampler {
    private final Placement placement;
    private final Loops loops;
    private final Patches patches;
    private final @Nullable LevelSampler[] levels;
    private final Spans spans = new Spans();
    private final Reduction reduction = new Reduction();
    private float[] coarser = new float[0];

    /** The light of a picture of one pixel; empty for others. */
    private final float[] plain;

    /** With a memory of its own. */
    public PictureSampler(Placement placement, Loops loops) {
        this(placement, loops, Patches.own(loops));
    }

    /**
     * Likewise.
     *
     * @param patches shared with other samplers of the same picture
     */
    public PictureSampler(Placement placement, Loops loops, Patches patches) {
        this.patches = patches;
        this.placement = placement;
        this.loops = loops;
        levels = new LevelSampler[placement.picture().levels()];
        plain = plain(placement.picture(), loops);
    }

    /** Whether the picture covers all of a window, so that nothing shows at its sides. */
    public boolean fills(Window window) {
        return placement.covers() || placement.edges().fill(window);
    }

    /**
     * Fills a window with premultiplied linear light 0 … 1 (the kernel may overshoot), weighted by how much of each pixel the picture
     * covers.
     *
     * @return whether anything of the picture lies there; if not, the light is left as it is
     */
    public boolean paint(Window window, float[] light) {
        boolean filled = fills(window);
        ConvexArea area = ConvexArea.centres(window);
        if (filled) {
            spans.fill(window);
        } else {
            area = placement.edges().clip(area);
            if (area.isEmpty()) {
                return false;
            }
            spans.of(area, window);
        }
        if (plain.length > 0) {
            paintPlain(window, light);
        } else {
            reduction.of(placement.toPicture(), window, spans);
            if (reduction.isNothing()) {
                return false;
            }
            paintLevels(window, area, light);
        }
        if (!filled) {
            cover(window, light);
            clearBeside(window, light);
        }
        return true;
    }

    /** One pixel is of one colour, however large it is seen. */
    private void paintPlain(Window window, float[] light) {
        for (int y = 0; y < window.height(); y++) {
            int end = window.row(y) + 4 * spans.to(y);
            for (int i = window.row(y) + 4 * spans.from(y); i < end; i += 4) {
                light[i] = plain[0];
                light[i + 1] = plain[1];
                light[i + 2] = plain[2];
                light[i + 3] = plain[3];
            }
        }
    }

    private static float[] plain(Pyramid picture, Loops loops) {
        if (picture.size().area() > 1) {
            return new float[0];
        }
        float[] light = new float[4 + Loops.SPARE];
        picture.level(0).read(loops, 0, 0, 1, light, 0);
        return light;
    }

    private void clearBeside(Window window, float[] light) {
        for (int y = 0; y < window.height(); y++) {
            int row = window.row(y);
            java.util.Arrays.fill(light, row, row + 4 * spans.from(y), 0);
            java.util.Arrays.fill(light, row + 4 * Math.max(spans.from(y), spans.to(y)), window.row(y + 1), 0);
        }
    }

    private void paintLevels(Window window, ConvexArea area, float[] light) {
        int last = levels.length - 1;
        int finest = Math.min(reduction.finest(), last);
        int coarsest = Math.min(reduction.coarsest(), last);
        level(finest).paint(window, spans, area, reduction, light);
        for (int n = finest + 1; n <= coarsest; n++) {
            if (coarser.length < light.length) {
                coarser = new float[light.length];
            }
            level(n).paint(window, spans, area, reduction, coarser);
            for (int y = 0; y < window.height(); y++) {
                mix(window.row(y) + 4 * spans.from(y), spans.to(y) - spans.from(y), n, y, light);
            }
        }
    }

    private void mix(int from, int count, int n, int row, float[] light) {
        float share = (float) reduction.share(n, row);
        float step = (float) reduction.shareStep(row);
        if (step == 0) {
            mix(light, coarser, from, 4 * count, Math.clamp(share, 0f, 1f));
        } else {
            for (int k = 0; k < count; k++) {
                mix(light, coarser, from + 4 * k, 4, Math.clamp(share + k * step, 0f, 1f));
            }
        }
    }

    private static void mix(float[] light, float[] other, int from, int count, float share) {
        for (int i = from; i < from + count; i++) {
            light[i] += share * (other[i] - light[i]);
        }
    }

    private void cover(Window window, float[] light) {
        for (int y = 0; y < window.height(); y++) {
            if (!spans.isEmpty(y)) {
                placement
                        .edges()
                        .cover(
                                window.left() + spans.from(y),
                                window.top() + y,
                                spans.to(y) - spans.from(y),
                                light,
                                window.row(y) + 4 * spans.from(y));
            }
        }
    }

    private LevelSampler level(int n) {
        LevelSampler known = levels[n];
        if (known == null) {
            known = made(n);
            levels[n] = known;
        }
        return known;
    }

    private LevelSampler made(int n) {
        ProjectiveMap map = placement.toPicture();
        var raster = placement.picture().level(n);
        if (!map.isStraight()) {
            return new GeneralSampler(loops, patches.of(n), raster, n, n == levels.length - 1, map);
        }
        double size = 1 << n;
        return new StraightSampler(
                loops,
                patches.of(n),
                raster,
                axis(map.xx() / map.ww() / size, map.dx() / map.ww() / size, raster.width()),
                axis(map.yy() / map.ww() / size, map.dy() / map.ww() / size, raster.height()));
    }

    private static StraightSampler.Axis axis(double step, double origin, int pixels) {
        return new StraightSampler.Axis(step, origin, Math.clamp(Math.abs(step), 1, Kernel.mostStretch(pixels)));
    }
}
