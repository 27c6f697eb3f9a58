package amberlens.media.film;

import amberlens.core.model.FileProblem;
import amberlens.core.render.FrameRaster;

/**
 * Takes finished frames, in order. Closing before {@link #finish} removes everything that was written.
 */
public interface FrameSink extends AutoCloseable {
    void write(FrameRaster frame) throws FileProblem;

    /** Completes the output and puts it in its place. */
    void finish() throws FileProblem;

    @Override
    void close();
}
