package amberlens.core.pixels.sampling;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A picture at full size and halved again and again, so that a reduced view reads about as many pixels as it shows. Safe for use
 * from several threads.
 *
 * <p>Level n covers 1/2ⁿ pixels per source pixel exactly; where a size is odd the last pixel reaches beyond the picture. A picture
 * of 8 bits keeps 4 bytes per pixel on all levels as long as it is opaque; whatever has more bits or alpha keeps 8.
 */
public final class Pyramid {
    private static final int SMALLEST = 8;

    private final @Nullable Raster[] levels;
    private final Raster picture;
    private volatile @Nullable Part part;
    private volatile @Nullable Pyramid softened;

    private record Part(PictureArea area, Pyramid picture) {}

    private Pyramid(Raster picture) {
        this.picture = picture;
        int count = 1;
        for (Size size = picture.size(); Math.min(size.width(), size.height()) >= 2 * SMALLEST; count++) {
            size = Halving.half(size);
        }
        levels = new Raster[count];
        levels[0] = picture;
    }

    /** With all levels. */
    public static Pyramid of(Raster picture, Rows rows) {
        var pyramid = new Pyramid(picture);
        pyramid.prepare(pyramid.levels() - 1, rows);
        return pyramid;
    }

    /** With levels that are made when they are wanted, for pictures that are shown once. */
    public static Pyramid onDemand(Raster picture) {
        return new Pyramid(picture);
    }

    /** One pixel of a colour. */
    public static Pyramid plain(Colour colour) {
        int pixel = CodeRaster.pixel(colour.rgb() >> 16, colour.rgb() >> 8 & 0xFF, colour.rgb() & 0xFF, 255);
        return new Pyramid(CodeRaster.ofEightBits(new Size(1, 1), new int[] {pixel}, true));
    }

    /** The picture blurred and darkened, small, as a backdrop; made when it is first asked for. */
    public Pyramid softened() {
        Pyramid made = softened;
        if (made == null) {
            made = new Pyramid(Softening.of(this));
            softened = made;
        }
        return made;
    }

    /** Whether a picture is the softened one of this. */
    public boolean isSoftened(Pyramid other) {
        return other == softened;
    }

    /** The size of the picture itself, in source pixels. */
    public Size size() {
        return picture.size();
    }

    public boolean opaque() {
        return picture.opaque();
    }

    /** The bounds of the fully opaque pixels; empty when there are none. */
    public Optional<PictureArea> opaqueBounds() {
        return picture.opaqueBounds();
    }

    /**
     * A part of the picture as a picture of its own, on the same memory; the last one that was asked for is kept.
     *
     * @param area within this picture
     */
    public Pyramid part(PictureArea area) {
        if (area.equals(PictureArea.whole(size()))) {
            return this;
        }
        Part known = part;
        if (known == null || !known.area.equals(area)) {
            known = new Part(area, onDemand(picture.part(area)));
            part = known;
        }
        return known.picture;
    }

    /** The memory that all levels of a picture will hold, in bytes. */
    public static long bytes(Raster picture) {
        long bytes = picture.bytes();
        long perPixel = picture.opaque() ? picture.bytes() / picture.size().area() : Long.BYTES;
        for (Size size = picture.size(); Math.min(size.width(), size.height()) >= 2 * SMALLEST; ) {
            size = Halving.half(size);
            bytes += perPixel * size.area();
        }
        return bytes;
    }

    /** The memory held by all levels once they are made, in bytes. */
    public long bytes() {
        return bytes(picture);
    }

    /** How many levels there are, made or not. */
    public int levels() {
        return levels.length;
    }

    /** Makes the levels up to one. Who comes at the same time may make one twice; nobody waits. */
    void prepare(int last, Rows rows) {
        for (int n = 1; n <= last; n++) {
            if (made(n) == null) {
                keep(n, Halving.half(level(n - 1), rows));
            }
        }
    }

    private @Nullable Raster made(int n) {
        synchronized (levels) {
            return levels[n];
        }
    }

    private void keep(int n, Raster level) {
        synchronized (levels) {
            levels[n] = levels[n] == null ? level : levels[n];
        }
    }

    /** A level; made in the caller's thread if it is not there. */
    public Raster level(int n) {
        prepare(n, Rows.ALONE);
        return Objects.requireNonNull(made(n));
    }
}
