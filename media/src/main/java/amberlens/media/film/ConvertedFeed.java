package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.*;
import static org.bytedeco.ffmpeg.global.swscale.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.render.frame.RenderedFrame;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swscale.SwsContext;
import org.bytedeco.javacpp.DoublePointer;

/** Pixels of every other kind, converted by the library; a WebP holds luma by BT.601 (RFC 6386, section 9.2). */
final class ConvertedFeed implements PictureFeed {
    private final RgbPicture source;
    private final AVFrame picture = av_frame_alloc();
    private final SwsContext scaler;

    ConvertedFeed(FilmEncoder encoder, Size size) throws FileProblem {
        FilmCodec codec = encoder.codec();
        source = new RgbPicture(size, codec.deep());
        picture.format(encoder.pixels());
        picture.width(size.width());
        picture.height(size.height());
        scaler = sws_getContext(
                size.width(),
                size.height(),
                RgbPicture.format(codec.deep()),
                size.width(),
                size.height(),
                encoder.pixels(),
                SWS_BICUBIC | SWS_ACCURATE_RND | SWS_FULL_CHR_H_INP,
                null,
                null,
                (DoublePointer) null);
        if (scaler == null || scaler.isNull() || av_frame_get_buffer(picture, 0) < 0) {
            throw new FileProblem("There is not enough memory for frames of " + size + ".");
        }
        if (codec == FilmCodec.WEBP) {
            var bt601 = sws_getCoefficients(SWS_CS_ITU601);
            sws_setColorspaceDetails(scaler, bt601, 1, bt601, 0, 0, 1 << 16, 1 << 16);
        } else if (codec.luma()) {
            var bt709 = sws_getCoefficients(SWS_CS_ITU709);
            sws_setColorspaceDetails(scaler, bt709, 1, bt709, 0, 0, 1 << 16, 1 << 16);
            picture.colorspace(AVCOL_SPC_BT709);
            picture.color_range(AVCOL_RANGE_MPEG);
        }
    }

    @Override
    public AVFrame picture(RenderedFrame frame) throws FileProblem {
        if (av_frame_make_writable(picture) < 0 || sws_scale_frame(scaler, picture, source.fill(frame)) < 0) {
            throw new FileProblem("A frame could not be converted for the film.");
        }
        return picture;
    }

    @Override
    public void close() {
        source.close();
        av_frame_free(picture);
        sws_freeContext(scaler);
    }
}
