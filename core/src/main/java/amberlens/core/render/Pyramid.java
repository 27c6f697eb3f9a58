package amberlens.core.render;

import amberlens.core.colour.Colour;
import amberlens.core.colour.Srgb;
import amberlens.core.geometry.PictureArea;
import amberlens.core.geometry.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A picture at full size and halved again and again, so that a reduced view reads about as many pixels as it shows.
 *
 * <p>Each level is the one before, filtered with the cubic kernel stretched to two pixels, which is what a direct
 * reduction to one half would use; a view that crosses from one level to the next therefore does not visibly change.
 * Level n covers 1/2ⁿ pixels per source pixel exactly; where a size is odd the last pixel reaches beyond the picture.
 */
public final class Pyramid {
    private static final int SMALLEST = 8;

    private final List<LinearRaster> levels;
    private volatile @Nullable Pyramid softened;

    private Pyramid(List<LinearRaster> levels) {
        this.levels = List.copyOf(levels);
    }

    /** Builds all levels below the picture. */
    public static Pyramid of(LinearRaster picture, Rows rows) {
        var levels = new ArrayList<LinearRaster>();
        levels.add(picture);
        while (Math.min(levels.getLast().width(), levels.getLast().height()) >= 2 * SMALLEST) {
            levels.add(Halving.half(levels.getLast(), rows));
        }
        return new Pyramid(levels);
    }

    /** One pixel of a colour. */
    public static Pyramid plain(Colour colour) {
        long pixel = LinearRaster.pixel(
                Srgb.linear16(colour.rgb() >> 16),
                Srgb.linear16(colour.rgb() >> 8 & 0xFF),
                Srgb.linear16(colour.rgb() & 0xFF),
                65535);
        return new Pyramid(List.of(new LinearRaster(new Size(1, 1), new long[] {pixel}, true)));
    }

    /** The picture blurred and darkened, small, as a backdrop; made when it is first asked for. */
    public Pyramid softened() {
        Pyramid made = softened;
        if (made == null) {
            made = new Pyramid(List.of(Softening.of(levels)));
            softened = made;
        }
        return made;
    }

    /** The size of the picture itself, in source pixels. */
    public Size size() {
        return levels.getFirst().size();
    }

    public boolean opaque() {
        return levels.getFirst().opaque();
    }

    /** The bounds of the fully opaque pixels; empty when there are none. */
    public Optional<PictureArea> opaqueBounds() {
        return levels.getFirst().opaqueBounds();
    }

    /** The memory that all levels of a picture of a size will hold, in bytes. */
    public static long bytes(Size picture) {
        long bytes = LinearRaster.bytes(picture);
        return Math.min(picture.width(), picture.height()) < 2 * SMALLEST
                ? bytes
                : bytes + bytes(Halving.half(picture));
    }

    /** The memory held by all levels, in bytes. */
    public long bytes() {
        return levels.stream().mapToLong(LinearRaster::bytes).sum();
    }

    /**
     * The coarsest level that still has at least one pixel per output pixel.
     *
     * @param scale output pixels per source pixel, above 0
     */
    int levelFor(double scale) {
        int level = 0;
        double relative = scale;
        while (level < levels.size() - 1 && relative * 2 <= 1) {
            level++;
            relative *= 2;
        }
        return level;
    }

    LinearRaster level(int index) {
        return levels.get(index);
    }
}
