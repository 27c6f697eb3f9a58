package amberlens.media.footage;

import amberlens.core.base.geometry.Size;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import java.nio.ByteBuffer;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** The short way to a raster for the pictures of ordinary films: 8 bits, opaque, upright, progressive. */
final class PlainPictures {
    private PlainPictures() {}

    /** From planes of green, blue and red bytes, which hold sRGB codes. */
    static Raster raster(AVFrame planes, Size size, Rows rows) {
        int[] codes = new int[Math.toIntExact(size.area())];
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
                    codes[at] = CodeRaster.pixel(red[x] & 0xFF, green[x] & 0xFF, blue[x] & 0xFF, 255);
                }
            }
        });
        return CodeRaster.ofEightBits(size, codes, true);
    }
}
