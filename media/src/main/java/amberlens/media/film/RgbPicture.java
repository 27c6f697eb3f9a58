package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.render.frame.DeepRaster;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.RenderedFrame;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** A frame as the library's own RGB picture: BGRA for 8 bits, RGBA64 for 16. */
final class RgbPicture implements AutoCloseable {
    private final Size size;
    private final boolean deep;
    final AVFrame picture = av_frame_alloc();

    RgbPicture(Size size, boolean deep) throws FileProblem {
        this.size = size;
        this.deep = deep;
        picture.format(format(deep));
        picture.width(size.width());
        picture.height(size.height());
        if (av_frame_get_buffer(picture, 0) < 0) {
            throw new FileProblem("There is not enough memory for frames of " + size + ".");
        }
    }

    static int format(boolean deep) {
        return deep ? AV_PIX_FMT_RGBA64LE : AV_PIX_FMT_BGRA;
    }

    AVFrame fill(RenderedFrame frame) throws FileProblem {
        if (av_frame_make_writable(picture) < 0) {
            throw new FileProblem("There is not enough memory for frames of " + size + ".");
        }
        int pitch = picture.linesize(0);
        ByteBuffer bytes = picture.data(0)
                .capacity((long) pitch * size.height())
                .asByteBuffer()
                .order(ByteOrder.LITTLE_ENDIAN);
        for (int y = 0; y < size.height(); y++) {
            ByteBuffer row = bytes.position(y * pitch).slice().order(ByteOrder.LITTLE_ENDIAN);
            switch (frame) {
                case FrameRaster raster
                when !deep -> row.asIntBuffer().put(raster.argb(), y * size.width(), size.width());
                case DeepRaster raster
                when deep -> row.asShortBuffer().put(raster.rgba(), 4 * y * size.width(), 4 * size.width());
                default -> throw new IllegalArgumentException("the frame has another depth than the film");
            }
        }
        return picture;
    }

    @Override
    public void close() {
        av_frame_free(picture);
    }
}
