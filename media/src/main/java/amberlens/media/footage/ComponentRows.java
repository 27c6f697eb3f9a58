package amberlens.media.footage;

import static org.bytedeco.ffmpeg.global.avutil.AVCOL_RANGE_MPEG;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_ALPHA;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_BITSTREAM;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_HWACCEL;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_PAL;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_FLAG_RGB;
import static org.bytedeco.ffmpeg.global.avutil.av_pix_fmt_desc_get;

import amberlens.media.raster.RasterRows;
import java.nio.ByteBuffer;
import org.bytedeco.ffmpeg.avutil.AVComponentDescriptor;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVPixFmtDescriptor;

/**
 * Rows of pictures whose bytes are the codes themselves, red, green and blue or grey, with alpha or without: the library's converter
 * would round them on their way. Used by one thread.
 */
final class ComponentRows implements RasterRows.Source {
    private static final int BYTE = 257;

    private final AVFrame picture;
    private final int width;
    private final AVPixFmtDescriptor format;
    private final ByteBuffer[] planes;
    private final byte[][] rows;

    ComponentRows(AVFrame picture, int width) {
        this.picture = picture;
        this.width = width;
        format = av_pix_fmt_desc_get(picture.format());
        planes = new ByteBuffer[4];
        rows = new byte[4][];
        for (int i = 0; i < format.nb_components(); i++) {
            int plane = format.comp(i).plane();
            planes[plane] = FilmRows.plane(picture, plane);
            rows[plane] = new byte[picture.linesize(plane)];
        }
    }

    /** Whether a picture can be read in this way. */
    static boolean suits(AVFrame picture) {
        AVPixFmtDescriptor format = av_pix_fmt_desc_get(picture.format());
        boolean plain =
                (format.flags() & (AV_PIX_FMT_FLAG_PAL | AV_PIX_FMT_FLAG_HWACCEL | AV_PIX_FMT_FLAG_BITSTREAM)) == 0;
        boolean colours = (format.flags() & AV_PIX_FMT_FLAG_RGB) != 0 && format.nb_components() >= 3;
        boolean grey = format.nb_components() <= 2 && picture.color_range() != AVCOL_RANGE_MPEG;
        for (int i = 0; i < format.nb_components(); i++) {
            plain &= format.comp(i).depth() == 8 && format.comp(i).shift() == 0;
        }
        return plain && (colours || grey) && picture.linesize(0) > 0;
    }

    @Override
    public boolean opaque() {
        return (format.flags() & AV_PIX_FMT_FLAG_ALPHA) == 0;
    }

    @Override
    public void read(int y, int height, int[] rgba) {
        for (int plane = 0; plane < planes.length; plane++) {
            if (planes[plane] != null) {
                int pitch = picture.linesize(plane);
                planes[plane].get(y * pitch, rows[plane], 0, Math.min(pitch, planes[plane].capacity() - y * pitch));
            }
        }
        boolean colours = format.nb_components() >= 3;
        for (int channel = 0; channel < 3; channel++) {
            component(colours ? channel : 0, channel, rgba);
        }
        if (!opaque()) {
            component(format.nb_components() - 1, 3, rgba);
        }
    }

    private void component(int from, int channel, int[] rgba) {
        AVComponentDescriptor component = format.comp(from);
        byte[] row = rows[component.plane()];
        int step = component.step();
        for (int x = 0, at = component.offset(); x < width; x++, at += step) {
            rgba[4 * x + channel] = (row[at] & 0xFF) * BYTE;
        }
    }
}
