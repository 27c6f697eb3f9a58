package amberlens.media.footage;

import amberlens.media.raster.HdrCurve;
import amberlens.media.raster.RasterRows;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.ShortBuffer;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/**
 * Rows of R′G′B′ codes of a converted picture of a film. Of an interlaced picture the second field is interpolated from the first, and
 * codes of high dynamic range come out as tone-mapped light. Used by one thread.
 */
final class FilmRows implements RasterRows.Source {
    private final Codes codes;
    private final boolean interlaced;
    private final boolean opaque;
    private final HdrCurve hdr;

    /** One row as four 16-bit codes per pixel. */
    private interface Codes {
        void row(int y, int[] rgba);
    }

    private FilmRows(Codes codes, boolean interlaced, boolean opaque, HdrCurve hdr) {
        this.codes = codes;
        this.interlaced = interlaced;
        this.opaque = opaque;
        this.hdr = hdr;
    }

    /** Planes of bytes: green, blue and red. */
    static FilmRows ofEightBits(AVFrame planes, int width, boolean interlaced) {
        ByteBuffer[] greenBlueRed = {plane(planes, 0), plane(planes, 1), plane(planes, 2)};
        byte[] bytes = new byte[width];
        Codes codes = (y, rgba) -> {
            for (int channel = 0; channel < 3; channel++) {
                int plane = (channel + 2) % 3;
                greenBlueRed[plane].get(y * planes.linesize(plane), bytes);
                for (int x = 0; x < width; x++) {
                    rgba[4 * x + channel] = (bytes[x] & 0xFF) * 257;
                }
            }
        };
        return new FilmRows(codes, interlaced, true, HdrCurve.NONE);
    }

    /** One plane of shorts: red, green, blue and alpha side by side. */
    static FilmRows ofSixteenBits(AVFrame plane, int width, boolean interlaced, boolean opaque, HdrCurve hdr) {
        ShortBuffer all = plane(plane, 0).asShortBuffer();
        int pitch = plane.linesize(0) / Short.BYTES;
        short[] shorts = new short[4 * width];
        Codes codes = (y, rgba) -> {
            all.get(y * pitch, shorts);
            for (int i = 0; i < rgba.length; i++) {
                rgba[i] = shorts[i] & 0xFFFF;
            }
        };
        return new FilmRows(codes, interlaced, opaque, hdr);
    }

    /** The bytes of one plane of a picture. */
    static ByteBuffer plane(AVFrame picture, int plane) {
        return picture.data(plane)
                .capacity((long) picture.linesize(plane) * picture.height())
                .asByteBuffer()
                .order(ByteOrder.nativeOrder());
    }

    @Override
    public boolean opaque() {
        return opaque;
    }

    @Override
    public boolean linear() {
        return hdr != HdrCurve.NONE;
    }

    @Override
    public void read(int y, int height, int[] rgba) {
        if (interlaced && y % 2 == 1) {
            between(y - 1, Math.min(y + 1, (height - 1) / 2 * 2), rgba);
        } else {
            codes.row(y, rgba);
        }
        if (hdr != HdrCurve.NONE) {
            hdr.toLinear(rgba);
        }
    }

    private void between(int above, int below, int[] rgba) {
        codes.row(above, rgba);
        if (below > above) {
            int[] next = new int[rgba.length];
            codes.row(below, next);
            for (int i = 0; i < rgba.length; i++) {
                rgba[i] = (rgba[i] + next[i] + 1) / 2;
            }
        }
    }
}
