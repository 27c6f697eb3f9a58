package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.FileProblem;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVFrame;
import org.bytedeco.ffmpeg.avutil.AVRational;
import org.bytedeco.javacpp.BytePointer;
import org.bytedeco.javacpp.FloatPointer;
import org.bytedeco.javacpp.IntPointer;

/** A stream of sound in a container that is being written: two channels at {@value Samples#RATE} Hz. For one thread. */
final class FilmSound implements AutoCloseable {
    /** Where an encoder takes any number of samples at once. */
    private static final int USUAL_BLOCK = 1024;

    private static final double SHORT_BITS = 8_388_607.0; // 24 bits in the upper part of 32

    private final SoundCodec codec;
    private final Container container;
    private final AVStream stream;
    private final AVCodecContext encoder;
    private final AVFrame frame = av_frame_alloc();
    private final AVPacket packet = av_packet_alloc();
    private final int block;
    private final float[] waiting;
    private int held;
    private long sent;

    /** Adds the stream; before the container's header is written. */
    FilmSound(SoundCodec codec, Container container) throws FileProblem {
        this.codec = codec;
        this.container = container;
        AVCodec found = avcodec_find_encoder_by_name(codec.encoder());
        if (found == null || found.isNull()) {
            throw new FileProblem("This build has no encoder " + codec.encoder() + "; choose another format.");
        }
        stream = avformat_new_stream(container.context(), null);
        encoder = avcodec_alloc_context3(found);
        encoder.sample_rate(Samples.RATE);
        encoder.sample_fmt(codec.samples());
        encoder.time_base(new AVRational().num(1).den(Samples.RATE));
        encoder.bits_per_raw_sample(codec == SoundCodec.FLAC ? 24 : 0);
        av_channel_layout_default(encoder.ch_layout(), Samples.CHANNELS);
        if (codec.bitRate() > 0) {
            encoder.bit_rate(codec.bitRate());
        }
        if ((container.context().oformat().flags() & AVFMT_GLOBALHEADER) != 0) {
            encoder.flags(encoder.flags() | AV_CODEC_FLAG_GLOBAL_HEADER);
        }
        must(avcodec_open2(encoder, found, (AVDictionary) null), "the encoder of the sound");
        must(avcodec_parameters_from_context(stream.codecpar(), encoder), "the stream of the sound");
        stream.time_base(encoder.time_base());
        block = encoder.frame_size() > 0 ? encoder.frame_size() : USUAL_BLOCK;
        waiting = new float[Samples.CHANNELS * block];
    }

    /** Pairs of samples that go on from those before. */
    void write(float[] pairs, int count) throws FileProblem {
        for (int done = 0; done < count; ) {
            int now = Math.min(block - held, count - done);
            System.arraycopy(pairs, Samples.CHANNELS * done, waiting, Samples.CHANNELS * held, Samples.CHANNELS * now);
            held += now;
            done += now;
            if (held == block) {
                send();
            }
        }
    }

    /** The last samples. */
    void finish() throws FileProblem {
        if (held > 0) {
            send();
        }
        must(avcodec_send_frame(encoder, null), "the last of the sound");
        drain();
    }

    private void send() throws FileProblem {
        av_frame_unref(frame);
        frame.format(codec.samples());
        frame.sample_rate(Samples.RATE);
        frame.nb_samples(held);
        av_channel_layout_default(frame.ch_layout(), Samples.CHANNELS);
        must(av_frame_get_buffer(frame, 0), "the sound");
        fill();
        frame.pts(sent);
        sent += held;
        held = 0;
        must(avcodec_send_frame(encoder, frame), "the sound");
        drain();
    }

    private void fill() {
        int length = Samples.CHANNELS * held;
        if (codec.samples() == AV_SAMPLE_FMT_FLTP) {
            float[] one = new float[held];
            for (int c = 0; c < Samples.CHANNELS; c++) {
                for (int i = 0; i < held; i++) {
                    one[i] = waiting[Samples.CHANNELS * i + c];
                }
                new FloatPointer(new BytePointer(frame.data(c))).put(one);
            }
        } else if (codec.samples() == AV_SAMPLE_FMT_FLT) {
            new FloatPointer(new BytePointer(frame.data(0))).put(waiting, 0, length);
        } else {
            int[] whole = new int[length];
            for (int i = 0; i < length; i++) {
                whole[i] = (int) Math.round(Math.clamp(waiting[i], -1f, 1f) * SHORT_BITS) << 8;
            }
            new IntPointer(new BytePointer(frame.data(0))).put(whole, 0, length);
        }
    }

    private void drain() throws FileProblem {
        while (true) {
            int received = avcodec_receive_packet(encoder, packet);
            if (received == AVERROR_EAGAIN() || received == AVERROR_EOF()) {
                return;
            }
            must(received, "the sound");
            av_packet_rescale_ts(packet, encoder.time_base(), stream.time_base());
            packet.stream_index(stream.index());
            must(av_interleaved_write_frame(container.context(), packet), "the file");
        }
    }

    private void must(int code, String what) throws FileProblem {
        container.must(code, what);
    }

    @Override
    public void close() {
        av_frame_free(frame);
        av_packet_free(packet);
        avcodec_free_context(encoder);
    }
}
