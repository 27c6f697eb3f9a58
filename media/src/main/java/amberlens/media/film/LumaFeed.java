package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.RenderedFrame;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.javacpp.BytePointer;

/** Luma and two quarter-size differences at 8 bits; see {@link Bt709}. */
final class LumaFeed implements PictureFeed {
    private final Size size;
    private final Rows rows;
    private final AVFrame picture = av_frame_alloc();

    /**
     * @param size even in both directions
     */
    LumaFeed(Size size, Rows rows) throws FileProblem {
        this.size = size;
        this.rows = rows;
        picture.format(AV_PIX_FMT_YUV420P);
        picture.width(size.width());
        picture.height(size.height());
        if (av_frame_get_buffer(picture, 0) < 0) {
            throw new FileProblem("There is not enough memory for frames of " + size + ".");
        }
    }

    @Override
    public AVFrame picture(RenderedFrame frame) throws FileProblem {
        if (!(frame instanceof FrameRaster raster)) {
            throw new IllegalArgumentException("a film of 8 bits takes frames of 8 bits");
        }
        if (av_frame_make_writable(picture) < 0) {
            throw new FileProblem("There is not enough memory for frames of " + size + ".");
        }
        Bt709.Plane luma = plane(0, size.height());
        Bt709.Plane cb = plane(1, size.height() / 2);
        Bt709.Plane cr = plane(2, size.height() / 2);
        rows.inBands(size.height() / 2, (first, last) -> Bt709.convert(raster, first, last, luma, cb, cr));
        return picture;
    }

    private Bt709.Plane plane(int index, int height) {
        int pitch = picture.linesize(index);
        BytePointer data = picture.data(index).capacity((long) pitch * height);
        return new Bt709.Plane(data.asByteBuffer(), pitch);
    }

    @Override
    public void close() {
        av_frame_free(picture);
    }
}
