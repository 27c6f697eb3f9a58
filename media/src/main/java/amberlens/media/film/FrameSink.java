package amberlens.media.film;

import amberlens.core.model.project.FileProblem;
import amberlens.core.render.frame.RenderedFrame;

/**
 * Takes finished frames, in order. Closing before {@link #finish} removes everything that was written.
 */
public interface FrameSink extends AutoCloseable {
    /** Whether it takes frames of 16 bits; otherwise those of 8. */
    boolean deep();

    void write(RenderedFrame frame) throws FileProblem;

    /** Completes the output and puts it in its place. */
    void finish() throws FileProblem;

    @Override
    void close();
}
