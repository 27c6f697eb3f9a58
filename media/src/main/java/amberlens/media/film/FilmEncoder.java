package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avcodec.avcodec_find_encoder_by_name;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_NV12;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;

import java.util.List;
import java.util.stream.Stream;
import org.bytedeco.ffmpeg.avcodec.AVCodec;

/**
 * Which encoder makes the pictures of a film.
 *
 * @param name its name in the FFmpeg libraries
 * @param pixels what it is handed, a pixel format of these libraries
 * @param works where it works
 */
public record FilmEncoder(FilmCodec codec, String name, int pixels, Works works) {
    /** Where an encoder works. */
    public enum Works {
        /** In this program. */
        HERE,
        /** In a graphics card, which takes the pictures from this program's memory. */
        IN_A_CARD,
        /** In a graphics card, into whose own memory they have to be brought. */
        IN_MEMORY_OF_A_CARD
    }

    /** This program's own. */
    static FilmEncoder own(FilmCodec codec) {
        return new FilmEncoder(codec, codec.encoder(), codec.pixels(), Works.HERE);
    }

    /** Those of graphics cards that the libraries have for this system, the most usual first; there need not be such a card. */
    public static List<FilmEncoder> ofCards(FilmCodec codec) {
        String kind =
                switch (codec) {
                    case H264 -> "h264";
                    case HEVC -> "hevc";
                    case AV1 -> "av1";
                    default -> "";
                };
        if (kind.isEmpty()) {
            return List.of();
        }
        return Stream.of(
                        new FilmEncoder(codec, kind + "_nvenc", AV_PIX_FMT_YUV420P, Works.IN_A_CARD),
                        new FilmEncoder(codec, kind + "_qsv", AV_PIX_FMT_NV12, Works.IN_A_CARD),
                        new FilmEncoder(codec, kind + "_amf", AV_PIX_FMT_NV12, Works.IN_A_CARD),
                        new FilmEncoder(codec, kind + "_videotoolbox", AV_PIX_FMT_NV12, Works.IN_A_CARD),
                        new FilmEncoder(codec, kind + "_mf", AV_PIX_FMT_NV12, Works.IN_A_CARD),
                        new FilmEncoder(codec, kind + "_vaapi", AV_PIX_FMT_NV12, Works.IN_MEMORY_OF_A_CARD))
                .filter(FilmEncoder::isKnown)
                .toList();
    }

    private boolean isKnown() {
        AVCodec found = avcodec_find_encoder_by_name(name);
        return found != null && !found.isNull();
    }

    boolean isOfACard() {
        return works != Works.HERE;
    }
}
