package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_RGBA;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_alloc;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_free;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_get_buffer;
import static org.bytedeco.ffmpeg.global.avutil.av_frame_make_writable;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Dither;
import amberlens.core.render.frame.DeepRaster;
import amberlens.core.render.frame.RenderedFrame;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** Frames of 16 bits as bytes of red, green, blue and alpha, see {@link Dither}. */
final class ByteFeed implements PictureFeed {
    private final Size size;
    private final AVFrame picture = av_frame_alloc();

    ByteFeed(Size size) throws FileProblem {
        this.size = size;
        picture.format(AV_PIX_FMT_RGBA);
        picture.width(size.width());
        picture.height(size.height());
        if (av_frame_get_buffer(picture, 0) < 0) {
            throw noMemory();
        }
    }

    private FileProblem noMemory() {
        return new FileProblem("There is not enough memory for frames of " + size + ".");
    }

    @Override
    public AVFrame picture(RenderedFrame frame) throws FileProblem {
        if (!(frame instanceof DeepRaster deep)) {
            throw new IllegalArgumentException("the frame has another depth than the film");
        }
        if (av_frame_make_writable(picture) < 0) {
            throw noMemory();
        }
        int pitch = picture.linesize(0);
        var bytes = picture.data(0).capacity((long) pitch * size.height()).asByteBuffer();
        byte[] row = new byte[4 * size.width()];
        for (int y = 0; y < size.height(); y++) {
            for (int i = 0; i < row.length; i++) {
                int code = deep.rgba()[y * row.length + i] & 0xFFFF;
                row[i] = (byte) Dither.code(code / 257f, i / 4, y);
            }
            bytes.put(y * pitch, row);
        }
        return picture;
    }

    @Override
    public void close() {
        av_frame_free(picture);
    }
}
