package amberlens.desktop.play;

import amberlens.core.model.FileProblem;
import amberlens.core.model.Media;
import amberlens.core.render.LineUpFrame;
import amberlens.core.render.Pyramid;
import amberlens.media.picture.PictureCache;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import org.jspecify.annotations.Nullable;

/**
 * The pictures that can be shown without waiting. What is not ready is asked for, and its arrival is told once. Lives on
 * the interface thread.
 */
public final class ReadyPictures implements LineUpFrame.Pictures {
    private final PictureCache cache;
    private final Executor interfaceThread;
    private final Runnable onArrival;
    private final Set<Path> expected = new HashSet<>();

    public ReadyPictures(PictureCache cache, Executor interfaceThread, Runnable onArrival) {
        this.cache = cache;
        this.interfaceThread = interfaceThread;
        this.onArrival = onArrival;
    }

    @Override
    public @Nullable Pyramid of(Media media) {
        Path path = Path.of(media.path());
        Optional<Pyramid> ready = cache.ready(path);
        if (ready.isEmpty() && cache.problem(path).isEmpty() && expected.add(path)) {
            var unused = cache.request(path).whenComplete((_, _) -> interfaceThread.execute(() -> arrived(path)));
        }
        return ready.orElse(null);
    }

    private void arrived(Path path) {
        expected.remove(path);
        onArrival.run();
    }

    /** Why the picture of media cannot be shown, if it is known that it cannot. */
    public Optional<FileProblem> problem(Media media) {
        return cache.problem(Path.of(media.path()));
    }
}
