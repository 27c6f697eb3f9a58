package amberlens.media.footage;

import amberlens.core.colour.Srgb;
import amberlens.core.geometry.Size;
import amberlens.core.render.LinearRaster;
import amberlens.core.render.Rows;
import java.nio.ByteBuffer;
import java.util.function.IntToLongFunction;
import java.util.stream.IntStream;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** The short way to linear light for the pictures of ordinary films: 8 bits, opaque, upright, progressive. */
final class PlainPictures {
    /** For each code of a channel an opaque pixel of that channel's light alone. */
    private static final long[] RED = pixels(code -> LinearRaster.pixel(Srgb.linear16(code), 0, 0, 65535));

    private static final long[] GREEN = pixels(code -> LinearRaster.pixel(0, Srgb.linear16(code), 0, 65535));
    private static final long[] BLUE = pixels(code -> LinearRaster.pixel(0, 0, Srgb.linear16(code), 65535));

    private PlainPictures() {}

    private static long[] pixels(IntToLongFunction ofCode) {
        return IntStream.range(0, 256).mapToLong(ofCode).toArray();
    }

    /** From planes of green, blue and red bytes, which hold sRGB codes. */
    static LinearRaster linear(AVFrame planes, Size size, Rows rows) {
        long[] pixels = new long[Math.toIntExact(size.area())];
        int width = size.width();
        rows.inBands(size.height(), (first, last) -> {
            ByteBuffer[] all = {FilmRows.plane(planes, 0), FilmRows.plane(planes, 1), FilmRows.plane(planes, 2)};
            byte[] green = new byte[width];
            byte[] blue = new byte[width];
            byte[] red = new byte[width];
            for (int y = first; y < last; y++) {
                all[0].get(y * planes.linesize(0), green);
                all[1].get(y * planes.linesize(1), blue);
                all[2].get(y * planes.linesize(2), red);
                for (int x = 0, at = y * width; x < width; x++, at++) {
                    pixels[at] = RED[red[x] & 0xFF] | GREEN[green[x] & 0xFF] | BLUE[blue[x] & 0xFF];
                }
            }
        });
        return new LinearRaster(size, pixels, true);
    }
}
