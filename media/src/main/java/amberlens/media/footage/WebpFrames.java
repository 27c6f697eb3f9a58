package amberlens.media.footage;

import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.picture.AnimatedWebp;
import amberlens.media.raster.Orientation;
import java.nio.file.Path;
import java.util.Collections;
import java.util.SortedSet;

/** The pictures of an animated WebP as the frames of a film, each for as long as the file says. */
final class WebpFrames implements Film {
    /** Pictures that change faster are looked at so often, in frames per second. */
    private static final int FASTEST = 100;

    /** In the milliseconds in which the file tells times. */
    private static final int SECOND = 1000;

    private final AnimatedWebp webp;
    private final Rows rows;
    private final long[] ends;
    private final Footage footage;
    private final boolean variable;

    WebpFrames(Path path, Rows rows) throws FileProblem {
        webp = AnimatedWebp.of(path);
        this.rows = rows;
        ends = new long[webp.pictures()];
        long common = 0;
        long end = 0;
        boolean steady = true;
        for (int i = 0; i < ends.length; i++) {
            int millis = webp.millis(i);
            end += millis;
            ends[i] = end;
            common = commonDivisor(common, millis);
            steady &= millis == webp.millis(0);
        }
        variable = !steady;
        long step = common > SECOND ? commonDivisor(common, SECOND) : Math.max(common, SECOND / FASTEST);
        int frames = (int) Math.max(1, Math.min(Integer.MAX_VALUE, end / step));
        footage = new Footage(new FrameRate(SECOND, (int) step), frames);
    }

    private static long commonDivisor(long a, long b) {
        return b == 0 ? a : commonDivisor(b, a % b);
    }

    @Override
    public FilmInfo info() {
        return new FilmInfo("WebP, animated", webp.size(), footage, variable, "RGB", Orientation.UPRIGHT, false, false);
    }

    @Override
    public Footage footage() {
        return footage;
    }

    @Override
    public Raster frame(int frame) throws FileProblem {
        double millis = (double) Math.max(0, frame) * SECOND / footage.rate().perSecond();
        int picture = 0;
        while (picture < ends.length - 1 && ends[picture] <= millis + 1e-6) {
            picture++;
        }
        return webp.picture(picture, rows);
    }

    @Override
    public SortedSet<Integer> damaged() {
        return Collections.emptySortedSet();
    }

    @Override
    public void close() {
        webp.close();
    }
}
