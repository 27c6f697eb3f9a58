package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.media.FfmpegCode;
import java.util.Map;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVRational;

/**
 * How the pictures of a film are coded: the encoder's settings.
 *
 * @param keySeconds how far apart the pictures are that a jump can start from
 */
public record PictureCoding(FilmEncoder encoder, Quality quality, Size size, FrameRate rate, double keySeconds) {
    static final double KEY_SECONDS = 2;

    /** So many stretches between key pictures are coded as if the film began with them; then the encoder begins anew. */
    private static final int KEYS_A_STRETCH = 5;

    /** As this program makes it. */
    public static PictureCoding own(FilmCodec codec, Quality quality, Size size, FrameRate rate) {
        return new PictureCoding(FilmEncoder.own(codec), quality, size, rate, KEY_SECONDS);
    }

    /** As an encoder makes it. */
    public static PictureCoding by(FilmEncoder encoder, Quality quality, Size size, FrameRate rate) {
        return new PictureCoding(encoder, quality, size, rate, KEY_SECONDS);
    }

    FilmCodec codec() {
        return encoder.codec();
    }

    /** How many frames are coded together; 0 where all of them are. A graphics card's film is never cut into pieces. */
    int stretch() {
        return encoder.isOfACard() || keySeconds != KEY_SECONDS ? 0 : stretch(codec(), rate);
    }

    /**
     * How many frames are coded without regard to others, counted from the first: pieces of a film begin with such a stretch. 0 for
     * formats that cannot be joined.
     */
    public static int stretch(FilmCodec codec, FrameRate rate) {
        return switch (codec) {
            case H264, VP9, AV1, AV1_TEN -> KEYS_A_STRETCH * keyFrames(codec, KEY_SECONDS, rate);
            case HEVC -> 0; // made by a graphics card alone
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
        AVCodec found = avcodec_find_encoder_by_name(encoder.name());
        if (found == null || found.isNull()) {
            throw new FileProblem("This build has no encoder " + encoder.name()
                    + "; choose another format, for example a PNG sequence.");
        }
        AVCodecContext opened = avcodec_alloc_context3(found);
        try {
            configure(opened, headerIsGlobal);
        } catch (FileProblem e) {
            avcodec_free_context(opened);
            throw e;
        }
        AVDictionary options = Container.dictionary(encoder.isOfACard() ? Map.of() : codec().options(quality));
        int code = avcodec_open2(opened, found, options);
        av_dict_free(options);
        if (code < 0) {
            avcodec_free_context(opened);
            throw new FileProblem("The encoder " + encoder.name() + " does not take " + size + ": "
                    + FfmpegCode.words(code) + "; choose another size or format.");
        }
        return opened;
    }

    private void configure(AVCodecContext opened, boolean headerIsGlobal) throws FileProblem {
        FilmCodec codec = codec();
        boolean ownH264 = codec == FilmCodec.H264 && !encoder.isOfACard();
        opened.width(size.width());
        opened.height(size.height());
        opened.pix_fmt(encoder.pixels());
        opened.time_base(new AVRational().num(rate.denominator()).den(rate.numerator()));
        opened.framerate(new AVRational().num(rate.numerator()).den(rate.denominator()));
        opened.gop_size(keyFrames(codec, keySeconds, rate));
        if (ownH264) {
            opened.slices(1);
        }
        if (ownH264 || encoder.isOfACard()) { // the one thing that the encoders of all cards understand alike
            opened.bit_rate(Math.max(500_000, (long) (codec.bitsPerPixel(quality) * size.area() * rate.perSecond())));
        }
        if (codec.luma()) {
            opened.color_primaries(AVCOL_PRI_BT709);
            opened.color_trc(AVCOL_TRC_BT709);
            opened.colorspace(AVCOL_SPC_BT709);
            opened.color_range(AVCOL_RANGE_MPEG);
        }
        // With several threads this encoder gives another film each time; rendering takes far longer than it anyway.
        opened.thread_count(ownH264 ? 1 : Runtime.getRuntime().availableProcessors());
        if (headerIsGlobal) {
            opened.flags(opened.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
        if (encoder.works() == FilmEncoder.Works.IN_MEMORY_OF_A_CARD) {
            UploadedFeed.prepare(opened, size, encoder.pixels());
        }
    }
}
