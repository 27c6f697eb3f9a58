package amberlens.media.film;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.RenderedFrame;
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
    default void sent() {}

    @Override
    void close();

    static PictureFeed of(FilmCodec codec, Size size, FrameRate rate, Rows rows) throws FileProblem {
        return switch (codec) {
            case H264, VP9, AV1 -> new LumaFeed(size, rows);
            case APNG -> new ByteFeed(size);
            case GIF -> new PaletteFeed(size, rate);
            default -> new ConvertedFeed(codec, size);
        };
    }
}
