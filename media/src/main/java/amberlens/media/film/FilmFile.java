package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.raster.Rows;
import amberlens.core.render.RenderedFrame;
import amberlens.core.sound.Samples;
import amberlens.core.time.FrameRate;
import amberlens.files.FileWords;
import amberlens.files.Strays;
import amberlens.files.WholeFile;
import amberlens.media.FfmpegCode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.javacpp.PointerPointer;
import org.jspecify.annotations.Nullable;

/**
 * A film written frame by frame at an exact rational rate. Films with luma are tagged and converted as BT.709 in the limited range; the
 * index of an MP4 or MOV stands in front, so that a player can start at once.
 */
public final class FilmFile implements FrameSink {
    private static final double KEY_SECONDS = 2;

    private final Path destination;
    private final FilmCodec codec;
    private final Quality quality;
    private final Size size;
    private final FrameRate rate;
    private final Rows rows;
    private final double keySeconds;
    private final Optional<FilmTrack> track;
    private final WholeFile part;
    private final AVFormatContext container = new AVFormatContext(null);
    /** Each thread of the encoder of H.264 needs a slice of its own; many small ones cost quality. */
    private static final int MOST_SLICES = 8;

    private AVCodecContext encoder = new AVCodecContext(null);
    private AVStream stream = new AVStream(null);
    private PictureFeed feed = PictureFeed.NONE;
    private AVPacket packet = new AVPacket(null);
    private @Nullable FilmSound sound;
    private long heard;
    private long written;
    private boolean open = true;

    /**
     * Opens the film.
     *
     * @param rows how the colour conversion is shared
     * @throws FileProblem for a size that the codec cannot hold, or when the place cannot be written to
     */
    public FilmFile(Path destination, FilmCodec codec, Quality quality, Size size, FrameRate rate, Rows rows)
            throws FileProblem {
        this(destination, codec, quality, size, rate, rows, KEY_SECONDS, Optional.empty());
    }

    /**
     * Opens a film with sound.
     *
     * @throws FileProblem for a size that the codec cannot hold, or when the place cannot be written to
     * @throws IllegalArgumentException when films of this codec cannot hold sound
     */
    public FilmFile(
            Path destination,
            FilmCodec codec,
            Quality quality,
            Size size,
            FrameRate rate,
            Rows rows,
            Optional<FilmTrack> track)
            throws FileProblem {
        this(destination, codec, quality, size, rate, rows, KEY_SECONDS, track);
    }

    /**
     * Opens a film to be edited further.
     *
     * @param keySeconds how far apart the pictures are that a jump can start from; nearer ones make jumps faster and the file
     *     larger, or its pictures coarser where the rate is given
     * @throws FileProblem for a size that the codec cannot hold, or when the place cannot be written to
     */
    public FilmFile(
            Path destination, FilmCodec codec, Quality quality, Size size, FrameRate rate, Rows rows, double keySeconds)
            throws FileProblem {
        this(destination, codec, quality, size, rate, rows, keySeconds, Optional.empty());
    }

    private FilmFile(
            Path destination,
            FilmCodec codec,
            Quality quality,
            Size size,
            FrameRate rate,
            Rows rows,
            double keySeconds,
            Optional<FilmTrack> track)
            throws FileProblem {
        codec.check(size);
        if (track.isPresent() && codec.sound().isEmpty()) {
            throw new IllegalArgumentException("a film of " + codec + " cannot hold sound");
        }
        this.track = track;
        this.destination = destination;
        this.codec = codec;
        this.quality = quality;
        this.size = size;
        this.rate = rate;
        this.rows = rows;
        this.keySeconds = keySeconds;
        av_log_set_level(AV_LOG_QUIET);
        part = aside(destination);
        try {
            open(rate);
        } catch (FileProblem | RuntimeException | Error e) {
            close();
            throw e;
        }
    }

    private static WholeFile aside(Path destination) throws FileProblem {
        try {
            WholeFile.makeFolder(destination);
            Strays.removeBeside(destination);
            return WholeFile.beside(destination);
        } catch (IOException e) {
            throw FileWords.cannotWrite(destination, e);
        }
    }

    private void open(FrameRate rate) throws FileProblem {
        must(
                avformat_alloc_output_context2(
                        container, null, codec.container(), part.path().toString()),
                "the container");
        AVCodec found = avcodec_find_encoder_by_name(codec.encoder());
        if (found == null || found.isNull()) {
            throw new FileProblem("This build has no encoder " + codec.encoder()
                    + "; choose another format, for example a PNG sequence.");
        }
        stream = avformat_new_stream(container, null);
        encoder = avcodec_alloc_context3(found);
        configure(rate);
        AVDictionary options = dictionary(codec.options(quality));
        must(avcodec_open2(encoder, found, options), "the encoder");
        av_dict_free(options);
        must(avcodec_parameters_from_context(stream.codecpar(), encoder), "the stream");
        stream.time_base(encoder.time_base());
        stream.avg_frame_rate(encoder.framerate());
        stream.r_frame_rate(encoder.framerate());
        if (track.isPresent()) {
            sound = new FilmSound(destination, codec.sound().orElseThrow(), container);
        }
        var file = new AVIOContext(null);
        must(avio_open(file, part.path().toString(), AVIO_FLAG_WRITE), "the file");
        container.pb(file);
        AVDictionary muxing = dictionary(muxing(rate));
        must(avformat_write_header(container, muxing), "the file");
        av_dict_free(muxing);
        feed = PictureFeed.of(codec, size, rate, rows);
        packet = av_packet_alloc();
    }

    private static AVDictionary dictionary(Map<String, String> entries) {
        var dictionary = new AVDictionary(null);
        entries.forEach((name, value) -> av_dict_set(dictionary, name, value, 0));
        return dictionary;
    }

    private Map<String, String> muxing(FrameRate rate) {
        return switch (codec.container()) {
            case "mp4", "mov" ->
                Map.of("movflags", "+faststart", "video_track_timescale", String.valueOf(timescale(rate)));
            case "apng" -> Map.of("plays", "0");
            case "webp", "gif" -> Map.of("loop", "0");
            default -> Map.of();
        };
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
        encoder.pix_fmt(codec.pixels());
        encoder.time_base(new AVRational().num(rate.denominator()).den(rate.numerator()));
        encoder.framerate(new AVRational().num(rate.numerator()).den(rate.denominator()));
        encoder.gop_size(codec == FilmCodec.FFV1 ? 1 : (int) Math.ceil(keySeconds * rate.nominal()));
        if (codec == FilmCodec.H264) {
            encoder.slices(Math.min(MOST_SLICES, Runtime.getRuntime().availableProcessors()));
            encoder.bit_rate(Math.max(500_000, (long) (codec.bitsPerPixel(quality) * size.area() * rate.perSecond())));
        }
        if (codec.luma()) {
            encoder.color_primaries(AVCOL_PRI_BT709);
            encoder.color_trc(AVCOL_TRC_BT709);
            encoder.colorspace(AVCOL_SPC_BT709);
            encoder.color_range(AVCOL_RANGE_MPEG);
        }
        encoder.thread_count(Runtime.getRuntime().availableProcessors());
        if ((container.oformat().flags() & AVFMT_GLOBALHEADER) != 0) {
            encoder.flags(encoder.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
    }

    @Override
    public boolean deep() {
        return codec.deep();
    }

    @Override
    public void write(RenderedFrame frame) throws FileProblem {
        AVFrame picture = feed.picture(frame);
        picture.pts(written++);
        tag(picture);
        must(avcodec_send_frame(encoder, picture), "a frame");
        feed.sent();
        drain();
        hear();
    }

    /** What is heard up to the end of the last frame. */
    private void hear() throws FileProblem {
        if (sound == null) {
            return;
        }
        int count = (int) (FilmTrack.pairs(written, rate) - heard);
        float[] pairs = new float[Samples.CHANNELS * count];
        track.orElseThrow().mix().read(track.orElseThrow().first() + heard, count, pairs);
        sound.write(pairs, count);
        heard += count;
    }

    /** Some encoders write the colour tags of each picture, not those of the film. */
    private void tag(AVFrame picture) {
        if (codec.luma()) {
            picture.color_primaries(AVCOL_PRI_BT709);
            picture.color_trc(AVCOL_TRC_BT709);
            picture.colorspace(AVCOL_SPC_BT709);
            picture.color_range(AVCOL_RANGE_MPEG);
        }
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
        if (sound != null) {
            sound.finish();
        }
        must(av_write_trailer(container), "the file");
        must(container.pb().error(), "the file");
        release();
        try {
            if (codec == FilmCodec.WEBP) {
                WebpContainer.complete(part.path(), size, rate.seconds(written));
            }
            part.intoPlace();
        } catch (IOException e) {
            throw FileWords.cannotWrite(destination, e);
        } finally {
            part.close();
        }
    }

    @Override
    public void close() {
        if (open) {
            release();
            part.close();
        }
    }

    private void release() {
        open = false;
        av_packet_free(packet);
        feed.close();
        if (sound != null) {
            sound.close();
        }
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
        throw new FileProblem(destination + " cannot be written: " + FfmpegCode.words(code) + " (" + what
                + "); check the free space or choose another place.");
    }
}
