package amberlens.media.footage;

import static org.bytedeco.ffmpeg.global.avcodec.*;

import java.util.Set;

/**
 * Which containers and codecs are opened at all, by their names in the FFmpeg libraries: those in which cameras, phones and editors
 * write, and what this program writes itself. The less is opened, the less a damaged file can do.
 */
public final class FilmKinds {
    public static final String DEMUXERS =
            "mov,mp4,m4a,3gp,3g2,mj2,matroska,webm,avi,mpegts,mpeg,mpegvideo,mxf,ogg,asf,flv,dv,gif,apng,"
                    + "h264,hevc,m4v,ivf,obu,yuv4mpegpipe";

    /** The codecs of pictures. */
    public static final String DECODERS =
            "h264,hevc,vp8,vp9,libdav1d,av1,mpeg1video,mpeg2video,mpeg4,msmpeg4v2,msmpeg4,wmv1,wmv2,"
                    + "wmv3,vc1,h263,flv,theora,prores,dnxhd,cfhd,ffv1,huffyuv,ffvhuff,utvideo,magicyuv,mjpeg,rawvideo,v210,png,apng,"
                    + "gif,qtrle,dvvideo,cinepak,svq1,svq3,vp6,vp6f,jpeg2000,hap,webp";

    /** Decoders that are tried and tested with several pictures under way at once; others decode one after the other. */
    private static final Set<Integer> TOGETHER = Set.of(
            AV_CODEC_ID_H264,
            AV_CODEC_ID_HEVC,
            AV_CODEC_ID_VP9,
            AV_CODEC_ID_AV1,
            AV_CODEC_ID_PRORES,
            AV_CODEC_ID_FFV1,
            AV_CODEC_ID_DNXHD);

    private FilmKinds() {}

    /** How many threads may decode pictures of a codec. */
    static int threads(int codec) {
        return TOGETHER.contains(codec) ? Runtime.getRuntime().availableProcessors() : 1;
    }
}
