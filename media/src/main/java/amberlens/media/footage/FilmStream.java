package amberlens.media.footage;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.model.project.FileProblem;
import amberlens.files.FileWords;
import amberlens.media.OpenMedia;
import java.nio.file.Path;
import java.util.OptionalInt;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** The pictures of an open film, one after the other. For use by one thread at a time. */
final class FilmStream implements AutoCloseable {
    /** The flag of a picture that may be corrupt, AV_FRAME_FLAG_CORRUPT of the library. */
    private static final int CORRUPT = 1;

    private static final long MOST_PIXELS = 134_000_000;

    private final Path path;
    private final OpenMedia file;
    private final AVFormatContext container;
    private AVStream stream = new AVStream(null);
    private AVCodecContext decoder = new AVCodecContext(null);
    private AVPacket packet = new AVPacket(null);
    private AVFrame frame = new AVFrame(null);
    private boolean draining;

    /**
     * Opens a film.
     *
     * @throws FileProblem when it is not there, is no film, holds no pictures, or its pictures cannot be decoded
     */
    FilmStream(Path path) throws FileProblem {
        this.path = path;
        file = new OpenMedia(path, "a film", FilmKinds.DEMUXERS, FilmKinds.DECODERS);
        container = file.container();
        try {
            open();
        } catch (FileProblem | RuntimeException | Error e) {
            close();
            throw e;
        }
    }

    private void open() throws FileProblem {
        OptionalInt index = file.best(AVMEDIA_TYPE_VIDEO);
        if (index.isEmpty()) {
            throw new FileProblem(path + " holds no pictures"
                    + (file.best(AVMEDIA_TYPE_AUDIO).isPresent()
                            ? ", only sound; it cannot be shown as footage."
                            : "; it cannot be shown as footage."));
        }
        stream = file.only(index.getAsInt());
        AVCodec codec = avcodec_find_decoder(stream.codecpar().codec_id());
        if (codec == null || codec.isNull()) {
            throw new FileProblem(path + " is coded as " + codecName() + ", which cannot be decoded here.");
        }
        decoder = avcodec_alloc_context3(codec);
        int ready = avcodec_parameters_to_context(decoder, stream.codecpar());
        decoder.pkt_timebase(stream.time_base());
        decoder.thread_count(FilmKinds.threads(codec.id()));
        decoder.max_pixels(MOST_PIXELS);
        if (stream.codecpar().width() < 1 || stream.codecpar().height() < 1) {
            throw new FileProblem(path + " is damaged: it does not say how large its pictures are.");
        }
        if (ready < 0 || avcodec_open2(decoder, codec, (AVDictionary) null) < 0) {
            throw new FileProblem(path + " is damaged: its " + codecName() + " pictures cannot be decoded.");
        }
        packet = av_packet_alloc();
        frame = av_frame_alloc();
    }

    /** Anything unforeseen that a film does, in words. */
    static FileProblem damaged(Path path, RuntimeException e) {
        return new FileProblem(path + " is damaged: it cannot be read (" + FileWords.reason(e) + ").", e);
    }

    /** A new task begins, which may take its own time. */
    void begin() {
        file.begin();
    }

    /** Whoever waits for an answer gets one. */
    void refuseIfTooLong() throws FileProblem {
        file.refuseIfTooLong();
    }

    Path path() {
        return path;
    }

    AVStream stream() {
        return stream;
    }

    AVFormatContext container() {
        return container;
    }

    /** The picture decoded last. */
    AVFrame frame() {
        return frame;
    }

    String codecName() {
        return avcodec_get_name(stream.codecpar().codec_id()).getString();
    }

    /** Reads the next packet of the pictures; false at the end, or where the rest of the file is damaged. */
    boolean readPacket() {
        while (!file.isTooLong() && av_read_frame(container, packet) >= 0) {
            if (packet.stream_index() == stream.index()) {
                return true;
            }
            av_packet_unref(packet);
        }
        return false;
    }

    AVPacket packet() {
        return packet;
    }

    void dropPacket() {
        av_packet_unref(packet);
    }

    /** Goes to the last key picture at or before a time stamp of the stream. */
    void seek(long stamp) {
        if (av_seek_frame(container, stream.index(), stamp, AVSEEK_FLAG_BACKWARD) < 0) {
            rewind();
            return;
        }
        avcodec_flush_buffers(decoder);
        draining = false;
    }

    /** Goes to the first picture. */
    void rewind() {
        if (av_seek_frame(container, stream.index(), Long.MIN_VALUE / 2, AVSEEK_FLAG_BACKWARD) < 0) {
            avformat_seek_file(container, -1, Long.MIN_VALUE, 0, Long.MAX_VALUE, AVSEEK_FLAG_BYTE);
        }
        avcodec_flush_buffers(decoder);
        draining = false;
    }

    /**
     * Decodes the next picture in the order of showing; false at the end. Damaged packets are passed over, and so are pictures
     * before a time stamp that no other picture needs.
     */
    boolean decode(long wanted) {
        while (true) {
            int received = avcodec_receive_frame(decoder, frame);
            if (received >= 0) {
                return true;
            }
            if (received == AVERROR_EOF() || (draining && received != AVERROR_EAGAIN())) {
                return false;
            }
            if (readPacket()) {
                boolean before = packet.pts() != AV_NOPTS_VALUE && packet.pts() < wanted;
                decoder.skip_frame(before ? AVDISCARD_NONREF : AVDISCARD_DEFAULT);
                avcodec_send_packet(decoder, packet);
                av_packet_unref(packet);
            } else {
                draining = true;
                avcodec_send_packet(decoder, null);
            }
        }
    }

    /** Whether parts of the picture decoded last were damaged and had to be guessed. */
    boolean isConcealed() {
        return frame.decode_error_flags() != 0 || (frame.flags() & CORRUPT) != 0;
    }

    /** When the picture decoded last is shown, in the stream's time base. */
    long stamp() {
        long best = frame.best_effort_timestamp();
        return best != AV_NOPTS_VALUE ? best : frame.pts() != AV_NOPTS_VALUE ? frame.pts() : frame.pkt_dts();
    }

    @Override
    public void close() {
        if (!packet.isNull()) {
            av_packet_free(packet);
        }
        if (!frame.isNull()) {
            av_frame_free(frame);
        }
        if (!decoder.isNull()) {
            avcodec_free_context(decoder);
        }
        file.close();
    }
}
