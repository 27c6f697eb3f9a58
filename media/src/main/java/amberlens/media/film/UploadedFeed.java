package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.render.frame.RenderedFrame;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avutil.AVBufferRef;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVHWFramesContext;

/** Brings pictures into the memory of a graphics card, by VA-API. */
final class UploadedFeed implements PictureFeed {
    /** How many an encoder may hold on to. */
    private static final int POOL = 20;

    private final PictureFeed here;
    private final AVBufferRef frames;
    private final AVFrame there = av_frame_alloc();

    /** @param encoder one that {@link #prepare} was called for */
    UploadedFeed(PictureFeed here, AVCodecContext encoder) {
        this.here = here;
        frames = av_buffer_ref(encoder.hw_frames_ctx());
    }

    /**
     * Makes room for pictures in the card's memory, before its encoder is opened.
     *
     * @param pixels the format that they come in
     */
    static void prepare(AVCodecContext encoder, Size size, int pixels) throws FileProblem {
        var device = new AVBufferRef(null);
        if (av_hwdevice_ctx_create(device, AV_HWDEVICE_TYPE_VAAPI, (String) null, new AVDictionary(null), 0) < 0) {
            throw new FileProblem("There is no graphics card that takes films by VA-API.");
        }
        AVBufferRef frames = av_hwframe_ctx_alloc(device);
        try {
            var pool = new AVHWFramesContext(frames.data());
            pool.format(AV_PIX_FMT_VAAPI);
            pool.sw_format(pixels);
            pool.width(size.width());
            pool.height(size.height());
            pool.initial_pool_size(POOL);
            if (av_hwframe_ctx_init(frames) < 0) {
                throw new FileProblem("The graphics card has no room for frames of " + size + ".");
            }
            encoder.pix_fmt(AV_PIX_FMT_VAAPI);
            encoder.hw_frames_ctx(av_buffer_ref(frames));
        } finally {
            av_buffer_unref(frames);
            av_buffer_unref(device);
        }
    }

    @Override
    public AVFrame picture(RenderedFrame frame) throws FileProblem {
        AVFrame from = here.picture(frame);
        av_frame_unref(there);
        if (av_hwframe_get_buffer(frames, there, 0) < 0 || av_hwframe_transfer_data(there, from, 0) < 0) {
            throw new FileProblem("A frame could not be brought into the graphics card.");
        }
        return there;
    }

    @Override
    public void sent(AVFrame picture) {
        av_frame_unref(there);
    }

    @Override
    public void close() {
        av_frame_free(there);
        av_buffer_unref(frames);
        here.close();
    }
}
