package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.*;
import static org.bytedeco.ffmpeg.global.avutil.*;

import amberlens.core.model.project.FileProblem;
import amberlens.core.render.frame.DeepRaster;
import org.bytedeco.ffmpeg.avcodec.AVCodec;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avcodec.AVPacket;
import org.bytedeco.ffmpeg.avutil.AVDictionary;
import org.bytedeco.ffmpeg.avutil.AVRational;

/** A frame of 16 bits as the bytes of a TIFF file. The picture library reads these but writes only 8 bits, so FFmpeg's encoder does it. */
final class TiffPicture {
    private TiffPicture() {}

    static byte[] of(DeepRaster frame) throws FileProblem {
        AVCodec codec = avcodec_find_encoder(AV_CODEC_ID_TIFF);
        AVCodecContext encoder = avcodec_alloc_context3(codec);
        AVPacket packet = av_packet_alloc();
        try (var picture = new RgbPicture(frame.size(), true)) {
            encoder.width(frame.size().width());
            encoder.height(frame.size().height());
            encoder.pix_fmt(AV_PIX_FMT_RGBA64LE);
            encoder.time_base(new AVRational().num(1).den(25));
            AVDictionary options = new AVDictionary(null);
            av_dict_set(options, "compression_algo", "deflate", 0);
            boolean done = avcodec_open2(encoder, codec, options) >= 0
                    && avcodec_send_frame(encoder, picture.fill(frame)) >= 0
                    && avcodec_send_frame(encoder, null) >= 0
                    && avcodec_receive_packet(encoder, packet) >= 0;
            av_dict_free(options);
            if (!done) {
                throw new FileProblem("This build cannot write TIFF pictures; export a PNG sequence instead.");
            }
            byte[] bytes = new byte[packet.size()];
            packet.data().get(bytes);
            return bytes;
        } finally {
            av_packet_free(packet);
            avcodec_free_context(encoder);
        }
    }
}
