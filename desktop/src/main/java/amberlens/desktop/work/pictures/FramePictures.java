package amberlens.desktop.work.pictures;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.Seen;
import amberlens.desktop.work.background.Background;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Frames made in the background for one view. While one is being made, only the newest wish waits; older ones are dropped.
 */
public final class FramePictures {
    /** A picture wish: what to draw, and who gets it. */
    private record Wish(List<Seen> layers, Project project, Size size, Consumer<FrameRaster> receiver) {}

    private final AtomicReference<@Nullable Wish> waiting = new AtomicReference<>();
    private final AtomicBoolean working = new AtomicBoolean();
    private final Rows rows;
    private final Executor threads;
    private final Background background;

    /** @param threads on which nothing else is done */
    public FramePictures(Rows rows, Executor threads, Background background) {
        this.rows = rows;
        this.threads = threads;
        this.background = background;
    }

    /** Wishes for a frame of these layers, over the project's background. */
    public void layers(Project project, List<Seen> layers, Size size, Consumer<FrameRaster> receiver) {
        request(new Wish(layers, project, size, receiver));
    }

    private void request(Wish wish) {
        waiting.set(wish);
        if (working.compareAndSet(false, true)) {
            threads.execute(this::work);
        }
    }

    private void work() {
        try {
            Wish wish = waiting.getAndSet(null);
            while (wish != null) {
                deliver(wish);
                wish = waiting.getAndSet(null);
            }
        } finally {
            working.set(false);
        }
        if (waiting.get() != null && working.compareAndSet(false, true)) {
            threads.execute(this::work);
        }
    }

    private void deliver(Wish wish) {
        FrameRaster frame =
                Compositor.compose(wish.layers(), wish.project().frame().background(), wish.size(), rows);
        background.show(() -> wish.receiver().accept(frame));
    }
}
