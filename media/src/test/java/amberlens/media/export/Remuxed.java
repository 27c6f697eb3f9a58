package amberlens.media.export;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avformat.*;
import static org.bytedeco.ffmpeg.global.avutil.AVMEDIA_TYPE_AUDIO;

import java.nio.file.Path;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avformat.AVFormatContext;
import org.bytedeco.ffmpeg.avformat.AVIOContext;
import org.bytedeco.ffmpeg.avformat.AVStream;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.javacpp.PointerPointer;

/** A film whose sound has been moved against its picture, without coding anything anew. */
final class Remuxed {
    private Remuxed() {}

    static void late(Path from, Path to, double seconds) {
        var in = new AVFormatContext(null);
        must(avformat_open_input(in, from.toString(), null, null));
        must(avformat_find_stream_info(in, (AVDictionary) null));
        var out = new AVFormatContext(null);
        must(avformat_alloc_output_context2(out, null, "matroska", to.toString()));
        for (int i = 0; i < in.nb_streams(); i++) {
            AVStream copy = avformat_new_stream(out, null);
            must(avcodec_parameters_copy(copy.codecpar(), in.streams(i).codecpar()));
            copy.codecpar().codec_tag(0);
            copy.time_base(in.streams(i).time_base());
        }
        var file = new AVIOContext(null);
        must(avio_open(file, to.toString(), AVIO_FLAG_WRITE));
        out.pb(file);
        must(avformat_write_header(out, (AVDictionary) null));
        AVPacket packet = av_packet_alloc();
        while (av_read_frame(in, packet) >= 0) {
            AVStream stream = in.streams(packet.stream_index());
            AVStream copy = out.streams(packet.stream_index());
            if (stream.codecpar().codec_type() == AVMEDIA_TYPE_AUDIO) {
                long by = Math.round(
                        seconds * stream.time_base().den() / stream.time_base().num());
                packet.pts(packet.pts() + by);
                packet.dts(packet.dts() + by);
            }
            av_packet_rescale_ts(packet, stream.time_base(), copy.time_base());
            packet.pos(-1);
            must(av_interleaved_write_frame(out, packet));
            av_packet_unref(packet);
        }
        must(av_write_trailer(out));
        av_packet_free(packet);
        avio_closep(new PointerPointer<AVIOContext>(1).put(out.pb()));
        avformat_free_context(out);
        avformat_close_input(in);
    }

    private static void must(int code) {
        if (code < 0) {
            throw new IllegalStateException("the library says " + code);
        }
    }
}
