package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.media.FfmpegCode;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVRational;

/**
 * How the pictures of a film are coded: the encoder's settings.
 *
 * @param keySeconds how far apart the pictures are that a jump can start from
 */
record PictureCoding(FilmCodec codec, Quality quality, Size size, FrameRate rate, double keySeconds) {
    static final double KEY_SECONDS = 2;

    /** So many stretches between key pictures are coded as if the film began with them; then the encoder begins anew. */
    private static final int KEYS_A_STRETCH = 5;

    /**
     * How many frames are coded without regard to others, counted from the first: pieces of a film begin with such a stretch. 0 for
     * formats that cannot be joined.
     */
    static int stretch(FilmCodec codec, FrameRate rate) {
        return switch (codec) {
            case H264, VP9, AV1, AV1_TEN -> KEYS_A_STRETCH * keyFrames(codec, KEY_SECONDS, rate);
            case DNXHR_HQX, PRORES_HQ, PRORES_4444, FFV1 -> 1;
            case GIF, APNG, WEBP -> 0;
        };
    }

    private static int keyFrames(FilmCodec codec, double seconds, FrameRate rate) {
        return codec == FilmCodec.FFV1 ? 1 : (int) Math.ceil(seconds * rate.nominal());
    }

    /**
     * An encoder that knows nothing yet.
     *
     * @param headerIsGlobal whether its headers stand once in the container
     */
    AVCodecContext open(boolean headerIsGlobal) throws FileProblem {
        AVCodec found = avcodec_find_encoder_by_name(codec.encoder());
        if (found == null || found.isNull()) {
            throw new FileProblem("This build has no encoder " + codec.encoder()
                    + "; choose another format, for example a PNG sequence.");
        }
        AVCodecContext encoder = avcodec_alloc_context3(found);
        configure(encoder, headerIsGlobal);
        AVDictionary options = Container.dictionary(codec.options(quality));
        int code = avcodec_open2(encoder, found, options);
        av_dict_free(options);
        if (code < 0) {
            avcodec_free_context(encoder);
            throw new FileProblem("The encoder " + codec.encoder() + " does not take " + size + ": "
                    + FfmpegCode.words(code) + "; choose another size or format.");
        }
        return encoder;
    }

    private void configure(AVCodecContext encoder, boolean headerIsGlobal) {
        encoder.width(size.width());
        encoder.height(size.height());
        encoder.pix_fmt(codec.pixels());
        encoder.time_base(new AVRational().num(rate.denominator()).den(rate.numerator()));
        encoder.framerate(new AVRational().num(rate.numerator()).den(rate.denominator()));
        encoder.gop_size(keyFrames(codec, keySeconds, rate));
        if (codec == FilmCodec.H264) {
            encoder.slices(1);
            encoder.bit_rate(Math.max(500_000, (long) (codec.bitsPerPixel(quality) * size.area() * rate.perSecond())));
        }
        if (codec.luma()) {
            encoder.color_primaries(AVCOL_PRI_BT709);
            encoder.color_trc(AVCOL_TRC_BT709);
            encoder.colorspace(AVCOL_SPC_BT709);
            encoder.color_range(AVCOL_RANGE_MPEG);
        }
        // With several threads this encoder gives another film each time; rendering takes far longer than it anyway.
        encoder.thread_count(codec == FilmCodec.H264 ? 1 : Runtime.getRuntime().availableProcessors());
        if (headerIsGlobal) {
            encoder.flags(encoder.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
    }
}
