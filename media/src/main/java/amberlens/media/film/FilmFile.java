package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.RenderedFrame;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.jspecify.annotations.Nullable;

/**
 * A film written frame by frame at an exact rational rate. Films with luma are tagged and converted as BT.709 in the limited range; the
 * index of an MP4 or MOV stands in front, so that a player can start at once.
 */
public final class FilmFile implements FrameSink {

    private final FilmCodec codec;
    private final Size size;
    private final FrameRate rate;
    private final Rows rows;
    private final Optional<FilmTrack> track;
    private final Container container;
    private final PictureCoding coding;
    private final int stretch;

    private AVCodecContext encoder = new AVCodecContext(null);
    private AVStream stream = new AVStream(null);
    private PictureFeed feed = PictureFeed.NONE;
    private AVPacket packet = new AVPacket(null);
    private @Nullable FilmSound sound;
    private long heard;
    private long written;
    private boolean open = true;

    /**
     * Opens a silent film, made by this program alone.
     *
     * @param rows how the colour conversion is shared
     * @throws FileProblem for a size that the codec cannot hold, or when the place cannot be written to
     */
    public FilmFile(Path destination, FilmCodec codec, Quality quality, Size size, FrameRate rate, Rows rows)
            throws FileProblem {
        this(destination, PictureCoding.own(codec, quality, size, rate), rows, Optional.empty(), Optional.empty());
    }

    /**
     * Opens a piece of a film.
     *
     * @param first the piece's first frame, counted from the film's
     * @param frames of the whole film
     */
    public FilmFile(
            Path destination,
            PictureCoding coding,
            Rows rows,
            Optional<FilmTrack> track,
            Piece piece,
            int first,
            int frames)
            throws FileProblem {
        this(
                destination,
                coding,
                rows,
                track.map(heard -> heard.lasting(FilmTrack.pairs(frames, coding.rate()))),
                Optional.of(new PieceMark(piece, first, frames).written()));
    }

    /**
     * Opens a silent film to be edited further.
     *
     * @param keySeconds how far apart the pictures are that a jump can start from; nearer ones make jumps faster and the file
     *     larger, or its pictures coarser where the rate is given
     * @throws FileProblem for a size that the codec cannot hold, or when the place cannot be written to
     */
    public FilmFile(
            Path destination, FilmCodec codec, Quality quality, Size size, FrameRate rate, Rows rows, double keySeconds)
            throws FileProblem {
        this(
                destination,
                new PictureCoding(FilmEncoder.own(codec), quality, size, rate, keySeconds),
                rows,
                Optional.empty(),
                Optional.empty());
    }

    /**
     * Opens a film.
     *
     * @param rows how the colour conversion is shared
     * @param comment what it says of itself, where its container can hold that
     * @throws FileProblem for a size that the codec cannot hold, or when the place cannot be written to
     * @throws IllegalArgumentException when films of this codec cannot hold sound
     */
    public FilmFile(
            Path destination, PictureCoding coding, Rows rows, Optional<FilmTrack> track, Optional<String> comment)
            throws FileProblem {
        codec = coding.codec();
        size = coding.size();
        rate = coding.rate();
        codec.check(size);
        if (track.isPresent() && codec.sound().isEmpty()) {
            throw new IllegalArgumentException("a film of " + codec + " cannot hold sound");
        }
        this.track = track;
        this.rows = rows;
        this.coding = coding;
        stretch = coding.stretch();
        container = new Container(destination, codec.container());
        comment.ifPresent(container::comment);
        try {
            open(rate);
        } catch (FileProblem | RuntimeException | Error e) {
            close();
            throw e;
        }
    }

    private void open(FrameRate rate) throws FileProblem {
        stream = avformat_new_stream(container.context(), null);
        encoder = coding.open(isHeaderGlobal());
        must(avcodec_parameters_from_context(stream.codecpar(), encoder), "the stream");
        stream.time_base(encoder.time_base());
        stream.avg_frame_rate(encoder.framerate());
        stream.r_frame_rate(encoder.framerate());
        if (track.isPresent()) {
            sound = new FilmSound(codec.sound().orElseThrow(), container);
        }
        container.begin(muxing(rate));
        feed = PictureFeed.of(coding, encoder, rows);
        packet = av_packet_alloc();
    }

    private boolean isHeaderGlobal() {
        return (container.context().oformat().flags() & AVFMT_GLOBALHEADER) != 0;
    }

    /** Ends what is coded together: what follows is coded as if the film began there, in one go as in pieces. */
    private void beginStretch() throws FileProblem {
        must(avcodec_send_frame(encoder, null), "a frame");
        drain();
        avcodec_free_context(encoder);
        encoder = coding.open(isHeaderGlobal());
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

    @Override
    public boolean deep() {
        return codec.deep();
    }

    @Override
    public Turn ready(RenderedFrame frame) throws FileProblem {
        if (!feed.worksAhead()) {
            return () -> code(feed.picture(frame));
        }
        AVFrame picture = feed.picture(frame);
        return () -> code(picture);
    }

    private void code(AVFrame picture) throws FileProblem {
        if (stretch > 1 && written > 0 && written % stretch == 0) {
            beginStretch();
        }
        picture.pts(written++);
        tag(picture);
        must(avcodec_send_frame(encoder, picture), "a frame");
        feed.sent(picture);
        drain();
        hear(FilmTrack.pairs(written, rate));
    }

    /** What is heard until then. */
    private void hear(long pairsInAll) throws FileProblem {
        if (sound == null) {
            return;
        }
        int count = (int) (pairsInAll - heard);
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
            must(av_interleaved_write_frame(container.context(), packet), "the file");
        }
    }

    @Override
    public void finish() throws FileProblem {
        must(avcodec_send_frame(encoder, null), "the last frame");
        drain();
        if (sound != null) {
            long least = track.orElseThrow().least();
            while (heard < least) {
                hear(Math.min(least, heard + Samples.RATE));
            }
            sound.finish();
        }
        container.end();
        release();
        if (codec == FilmCodec.WEBP) {
            WebpContainer.complete(container.path(), size, rate.seconds(written));
        }
        container.intoPlace();
    }

    @Override
    public void close() {
        if (open) {
            release();
            container.close();
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
    }

    private void must(int code, String what) throws FileProblem {
        container.must(code, what);
    }
}
