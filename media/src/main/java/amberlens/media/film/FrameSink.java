package amberlens.media.film;

import amberlens.core.model.project.FileProblem;
import amberlens.core.render.frame.RenderedFrame;

/**
 * Takes finished frames, in order. Closing before {@link #finish} removes everything that was written.
 */
public interface FrameSink extends AutoCloseable {
    /** Whether it takes frames of 16 bits; otherwise those of 8. */
    boolean deep();

    /** A frame whose turn to be written will come. */
    @FunctionalInterface
    interface Turn {
        void write() throws FileProblem;
    }

    /**
     * Does what can be done with a frame before its turn. May be called by another thread than the one that writes, some frames ahead, in their
     * order.
     */
    Turn ready(RenderedFrame frame) throws FileProblem;

    /** The next frame, at once. */
    default void write(RenderedFrame frame) throws FileProblem {
        ready(frame).write();
    }

    /** Completes the output and puts it in its place. */
    void finish() throws FileProblem;

    @Override
    void close();
}
