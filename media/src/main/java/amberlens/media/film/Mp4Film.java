package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.render.FrameRaster;
import amberlens.core.render.Rows;
import amberlens.core.time.FrameRate;
import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.PointerPointer;

/**
 * An MP4 film in H.264, 8-bit 4:2:0, tagged and converted as BT.709 in the limited range, at an exact rational rate. The
 * index stands in front, so that a player can start at once.
 */
public final class Mp4Film implements FrameSink {
    private static final double BITS_PER_PIXEL = 0.2;
    private static final int KEY_INTERVAL_SECONDS = 2;

    private final Path destination;
    private final Size size;
    private final Rows rows;
    private final PartFile part;
    private final AVFormatContext container = new AVFormatContext(null);
    private AVCodecContext encoder = new AVCodecContext(null);
    private AVStream stream = new AVStream(null);
    private AVFrame picture = new AVFrame(null);
    private AVPacket packet = new AVPacket(null);
    private long written;
    private boolean open = true;

    /**
     * Opens the film.
     *
     * @param size even in both directions
     * @param rows how the colour conversion is shared
     * @throws FileProblem for an odd size, or when the place cannot be written to
     */
    public Mp4Film(Path destination, Size size, FrameRate rate, Rows rows) throws FileProblem {
        checkEven(size);
        this.destination = destination;
        this.size = size;
        this.rows = rows;
        av_log_set_level(AV_LOG_ERROR);
        part = PartFile.beside(destination);
        try {
            open(rate);
        } catch (FileProblem | RuntimeException e) {
            close();
            throw e;
        }
    }

    /** Refuses what H.264 in 4:2:0 cannot hold, and says which size would do. */
    public static void checkEven(Size size) throws FileProblem {
        if (size.width() % 2 != 0 || size.height() % 2 != 0) {
            throw new FileProblem(
                    "An H.264 film needs an even width and height, because its colour is kept for blocks of"
                            + " 2 × 2 pixels, and " + size + " is odd; use "
                            + new Size(even(size.width()), even(size.height()))
                            + " or a PNG sequence.");
        }
    }

    private static int even(int length) {
        return Math.max(2, length - length % 2);
    }

    private void open(FrameRate rate) throws FileProblem {
        must(avformat_alloc_output_context2(container, null, "mp4", part.path().toString()), "the container");
        AVCodec codec = avcodec_find_encoder_by_name("libopenh264");
        if (codec == null) {
            throw new FileProblem("This build has no H.264 encoder; export a PNG sequence instead.");
        }
        stream = avformat_new_stream(container, null);
        encoder = avcodec_alloc_context3(codec);
        configure(rate);
        var options = new AVDictionary(null);
        av_dict_set(options, "rc_mode", "quality", 0);
        av_dict_set(options, "allow_skip_frames", "0", 0);
        must(avcodec_open2(encoder, codec, options), "the H.264 encoder");
        av_dict_free(options);
        must(avcodec_parameters_from_context(stream.codecpar(), encoder), "the stream");
        stream.time_base(encoder.time_base());
        stream.avg_frame_rate(encoder.framerate());
        stream.r_frame_rate(encoder.framerate());
        var file = new AVIOContext(null);
        must(avio_open(file, part.path().toString(), AVIO_FLAG_WRITE), "the file");
        container.pb(file);
        var muxing = new AVDictionary(null);
        av_dict_set(muxing, "movflags", "+faststart", 0);
        av_dict_set(muxing, "video_track_timescale", String.valueOf(timescale(rate)), 0);
        must(avformat_write_header(container, muxing), "the file");
        av_dict_free(muxing);
        allocate();
    }

    /** A whole number of ticks per frame, and fine enough for any player. */
    private static int timescale(FrameRate rate) {
        int factor = 1;
        while ((long) rate.numerator() * factor < 10_000) {
            factor *= 2;
        }
        return rate.numerator() * factor;
    }

    private void configure(FrameRate rate) {
        encoder.width(size.width());
        encoder.height(size.height());
        encoder.pix_fmt(AV_PIX_FMT_YUV420P);
        encoder.time_base(new AVRational().num(rate.denominator()).den(rate.numerator()));
        encoder.framerate(new AVRational().num(rate.numerator()).den(rate.denominator()));
        encoder.gop_size(KEY_INTERVAL_SECONDS * rate.nominal());
        encoder.bit_rate(Math.max(500_000, (long) (BITS_PER_PIXEL * size.area() * rate.perSecond())));
        encoder.color_primaries(AVCOL_PRI_BT709);
        encoder.color_trc(AVCOL_TRC_BT709);
        encoder.colorspace(AVCOL_SPC_BT709);
        encoder.color_range(AVCOL_RANGE_MPEG);
        encoder.thread_count(Runtime.getRuntime().availableProcessors());
        if ((container.oformat().flags() & AVFMT_GLOBALHEADER) != 0) {
            encoder.flags(encoder.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
    }

    private void allocate() throws FileProblem {
        picture = av_frame_alloc();
        picture.format(AV_PIX_FMT_YUV420P);
        picture.width(size.width());
        picture.height(size.height());
        must(av_frame_get_buffer(picture, 0), "a frame");
        packet = av_packet_alloc();
    }

    @Override
    public void write(FrameRaster frame) throws FileProblem {
        must(av_frame_make_writable(picture), "a frame");
        Bt709.Plane luma = plane(0, size.height());
        Bt709.Plane cb = plane(1, size.height() / 2);
        Bt709.Plane cr = plane(2, size.height() / 2);
        rows.inBands(size.height() / 2, (first, last) -> Bt709.convert(frame, first, last, luma, cb, cr));
        picture.pts(written++);
        must(avcodec_send_frame(encoder, picture), "a frame");
        drain();
    }

    private Bt709.Plane plane(int index, int height) {
        int pitch = picture.linesize(index);
        BytePointer data = picture.data(index).capacity((long) pitch * height);
        return new Bt709.Plane(data.asByteBuffer(), pitch);
    }

    private void drain() throws FileProblem {
        while (true) {
            int received = avcodec_receive_packet(encoder, packet);
            if (received == AVERROR_EAGAIN() || received == AVERROR_EOF()) {
                return;
            }
            must(received, "a frame");
            packet.duration(1);
            av_packet_rescale_ts(packet, encoder.time_base(), stream.time_base());
            packet.stream_index(stream.index());
            must(av_interleaved_write_frame(container, packet), "the file");
        }
    }

    @Override
    public void finish() throws FileProblem {
        must(avcodec_send_frame(encoder, null), "the last frame");
        drain();
        must(av_write_trailer(container), "the file");
        must(container.pb().error(), "the file");
        release();
        part.moveIntoPlace();
    }

    @Override
    public void close() {
        if (open) {
            release();
            part.remove();
        }
    }

    private void release() {
        open = false;
        av_packet_free(packet);
        av_frame_free(picture);
        avcodec_free_context(encoder);
        if (!container.isNull()) {
            if (container.pb() != null && !container.pb().isNull()) {
                avio_closep(new PointerPointer<AVIOContext>(1).put(container.pb()));
                container.pb(null);
            }
            avformat_free_context(container);
        }
    }

    private void must(int code, String what) throws FileProblem {
        if (code >= 0) {
            return;
        }
        byte[] text = new byte[AV_ERROR_MAX_STRING_SIZE];
        av_strerror(code, text, text.length);
        String why = new String(text, java.nio.charset.StandardCharsets.UTF_8)
                .replace("\0", "")
                .strip();
        throw new FileProblem(destination + " cannot be written: " + why + " (" + what
                + "); check the free space or choose another place.");
    }
}
