package amberlens.media.sound;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;
import static org.bytedeco.ffmpeg.global.swresample.*;

import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.FileProblem;
import amberlens.media.OpenMedia;
import java.nio.file.Path;
import java.util.OptionalInt;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVChannelLayout;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.swresample.SwrContext;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.javacpp.Pointer;
import org.bytedeco.javacpp.PointerPointer;
import org.jspecify.annotations.Nullable;

/**
 * The sound of an open file, decoded from its beginning to its end as pairs of floats at {@value Samples#RATE} Hz. One channel stands in
 * both, more than two are brought to two by the library's own matrix. For one thread.
 */
final class SoundStream implements AutoCloseable {
    private final Path path;
    private final OpenMedia file;
    private final AVFormatContext container;
    private AVStream stream = new AVStream(null);
    private AVCodecContext decoder = new AVCodecContext(null);
    private SwrContext resampler = new SwrContext(null);
    private AVPacket packet = new AVPacket(null);
    private AVFrame frame = new AVFrame(null);
    private FloatPointer block = new FloatPointer();
    private long room;
    private boolean mono;
    private int frameRate;
    private int frameFormat;
    private int frameChannels;
    private boolean draining;
    private int damaged;
    private long begins = AV_NOPTS_VALUE;

    /**
     * Opens a file.
     *
     * @throws FileProblem when it is not there, holds no sound, or its sound cannot be decoded
     */
    SoundStream(Path path) throws FileProblem {
        this.path = path;
        file = new OpenMedia(path, "sound", SoundKinds.DEMUXERS, SoundKinds.ALSO_SEEN);
        container = file.container();
        try {
            open();
        } catch (FileProblem | RuntimeException | Error e) {
            close();
            throw e;
        }
    }

    /** Whether a file can be read and holds no sound, as many films do. */
    static boolean isSilent(Path path) {
        try (OpenMedia file = new OpenMedia(path, "sound", SoundKinds.ALSO_SILENT, SoundKinds.ALSO_SEEN)) {
            return file.best(AVMEDIA_TYPE_AUDIO).isEmpty();
        } catch (FileProblem _) {
            return false;
        }
    }

    private void open() throws FileProblem {
        OptionalInt index = file.best(AVMEDIA_TYPE_AUDIO);
        if (index.isEmpty()) {
            throw new FileProblem(path + " holds no sound.");
        }
        stream = file.only(index.getAsInt());
        AVCodec codec = avcodec_find_decoder(stream.codecpar().codec_id());
        if (codec == null || codec.isNull()) {
            throw new FileProblem(path + ": its sound is coded as " + codecName() + ", which cannot be decoded here.");
        }
        decoder = avcodec_alloc_context3(codec);
        avcodec_parameters_to_context(decoder, stream.codecpar());
        decoder.pkt_timebase(stream.time_base());
        if (avcodec_open2(decoder, codec, (AVDictionary) null) < 0) {
            throw new FileProblem(path + " is damaged or protected: its " + codecName() + " sound cannot be decoded.");
        }
        requirePossible(decoder.sample_rate(), decoder.ch_layout().nb_channels());
        packet = av_packet_alloc();
        frame = av_frame_alloc();
    }

    private void requirePossible(int rate, int channels) throws FileProblem {
        if (rate < 1 || rate > SoundKinds.MOST_RATE || channels < 1 || channels > SoundKinds.MOST_CHANNELS) {
            throw new FileProblem(
                    path + " is damaged: it says that its sound has " + channels + " channels at " + rate + " Hz.");
        }
    }

    String codecName() {
        return avcodec_get_name(stream.codecpar().codec_id()).getString();
    }

    int rate() {
        return decoder.sample_rate();
    }

    int channels() {
        return decoder.ch_layout().nb_channels();
    }

    /** How many streams of sound the file has. */
    int streams() {
        int count = 0;
        for (int i = 0; i < container.nb_streams(); i++) {
            count += container.streams(i).codecpar().codec_type() == AVMEDIA_TYPE_AUDIO ? 1 : 0;
        }
        return count;
    }

    /** The length that the file says, in seconds; 0 when it says none. */
    double saidSeconds() {
        return container.duration() > 0 ? container.duration() / (double) AV_TIME_BASE : 0;
    }

    /** By how many seconds what is decoded first comes later than the picture of its file, earlier if negative; 0 where there is none. */
    double behindPicture() {
        OptionalInt picture = file.best(AVMEDIA_TYPE_VIDEO);
        if (picture.isEmpty() || begins == AV_NOPTS_VALUE) {
            return 0;
        }
        AVStream seen = container.streams(picture.getAsInt());
        boolean still = (seen.disposition() & AV_DISPOSITION_ATTACHED_PIC) != 0;
        return still || seen.start_time() == AV_NOPTS_VALUE
                ? 0
                : begins * av_q2d(stream.time_base()) - seen.start_time() * av_q2d(seen.time_base());
    }

    /** How many packets could not be decoded so far. */
    int damaged() {
        return damaged;
    }

    /** Whether the frame is like those before it; a damaged or joined file may change its mind. */
    private boolean isOfResampler() {
        return !resampler.isNull()
                && frame.sample_rate() == frameRate
                && frame.format() == frameFormat
                && frame.ch_layout().nb_channels() == frameChannels;
    }

    /** Made for the first frame, which knows best what it is, and anew where frames change. */
    private void openResampler() throws FileProblem {
        requirePossible(frame.sample_rate(), frame.ch_layout().nb_channels());
        if (!resampler.isNull()) {
            swr_free(resampler);
            resampler = new SwrContext(null);
        }
        frameRate = frame.sample_rate();
        frameFormat = frame.format();
        frameChannels = frame.ch_layout().nb_channels();
        mono = frame.ch_layout().nb_channels() == 1;
        var wanted = new AVChannelLayout();
        av_channel_layout_default(wanted, mono ? 1 : Samples.CHANNELS);
        int made = swr_alloc_set_opts2(
                resampler,
                wanted,
                AV_SAMPLE_FMT_FLT,
                Samples.RATE,
                frame.ch_layout(),
                frame.format(),
                frame.sample_rate(),
                0,
                (Pointer) null);
        if (made < 0 || swr_init(resampler) < 0) {
            throw new FileProblem(path + ": its sound of " + frame.ch_layout().nb_channels() + " channels at "
                    + frame.sample_rate() + " Hz cannot be brought to two at 48000 Hz.");
        }
    }

    /**
     * Decodes on.
     *
     * @return pairs of samples; empty at the end, or where the rest of the file is damaged
     */
    float[] next() throws FileProblem {
        file.begin();
        while (true) {
            int received = avcodec_receive_frame(decoder, frame);
            if (received >= 0) {
                if (resampler.isNull()) {
                    begins = frame.best_effort_timestamp();
                }
                if (!isOfResampler()) {
                    openResampler();
                }
                float[] pairs = converted(frame.extended_data(), frame.nb_samples());
                if (pairs.length > 0) {
                    return pairs;
                }
            } else if (received == AVERROR_EOF() || (draining && received != AVERROR_EAGAIN())) {
                return resampler.isNull() ? new float[0] : converted(null, 0);
            } else {
                feed();
            }
        }
    }

    private void feed() {
        while (!file.isTooLong() && av_read_frame(container, packet) >= 0) {
            boolean ours = packet.stream_index() == stream.index();
            if (ours && avcodec_send_packet(decoder, packet) < 0) {
                damaged++;
            }
            av_packet_unref(packet);
            if (ours) {
                return;
            }
        }
        draining = true;
        avcodec_send_packet(decoder, null);
    }

    private float[] converted(@Nullable PointerPointer<?> data, int count) throws FileProblem {
        long most = swr_get_out_samples(resampler, count) + 32L;
        int channels = mono ? 1 : Samples.CHANNELS;
        if (room < most) {
            block.close();
            block = new FloatPointer(most * channels);
            room = most;
        }
        try (var out = new PointerPointer<FloatPointer>(1)) {
            out.put(block);
            int made = swr_convert(resampler, out, (int) most, data, count);
            if (made < 0) {
                throw new FileProblem(path + ": its sound cannot be brought to 48000 Hz.");
            }
            float[] read = new float[made * channels];
            block.position(0).get(read);
            return mono ? doubled(read) : read;
        }
    }

    private static float[] doubled(float[] one) {
        float[] both = new float[2 * one.length];
        for (int i = 0; i < one.length; i++) {
            both[2 * i] = one[i];
            both[2 * i + 1] = one[i];
        }
        return both;
    }

    @Override
    public void close() {
        block.close();
        if (!resampler.isNull()) {
            swr_free(resampler);
        }
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
