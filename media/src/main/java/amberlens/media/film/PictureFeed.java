package amberlens.media.film;

import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;

import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.RenderedFrame;
import org.bytedeco.ffmpeg.avcodec.AVCodecContext;
import org.bytedeco.ffmpeg.avutil.AVFrame;

/** Brings finished frames into the pixels that an encoder takes. */
interface PictureFeed extends AutoCloseable {
    /** Feeds nothing; stands where a film is not open. */
    PictureFeed NONE = new PictureFeed() {
        @Override
        public AVFrame picture(RenderedFrame frame) {
            throw new IllegalStateException("the film is not open");
        }

        @Override
        public void close() {}
    };

    /** The picture of a frame; it is good until {@link #sent}. */
    AVFrame picture(RenderedFrame frame) throws FileProblem;

    /** The encoder has taken the picture. */
    default void sent(AVFrame picture) {}

    /** Whether further pictures may be made before one is sent, by another thread than the one that sends them. */
    default boolean worksAhead() {
        return false;
    }

    @Override
    void close();

    /** @param opened the encoder that is fed */
    static PictureFeed of(PictureCoding coding, AVCodecContext opened, Rows rows) throws FileProblem {
        FilmEncoder encoder = coding.encoder();
        if (encoder.works() == FilmEncoder.Works.IN_MEMORY_OF_A_CARD) {
            return new UploadedFeed(new ConvertedFeed(encoder, coding.size()), opened);
        }
        return switch (encoder.codec()) {
            case APNG -> new ByteFeed(coding.size());
            case GIF -> new PaletteFeed(coding.size(), coding.rate());
            default ->
                encoder.pixels() == AV_PIX_FMT_YUV420P
                        ? new LumaFeed(coding.size(), rows)
                        : new ConvertedFeed(encoder, coding.size());
        };
    }
}
