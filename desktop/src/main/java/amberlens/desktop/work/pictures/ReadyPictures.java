package amberlens.desktop.work.pictures;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.desktop.work.background.Background;
import amberlens.media.pixels.PixelCache;
import amberlens.media.pixels.PixelKey;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * The pictures that can be shown without waiting. What is not ready is asked for, and its arrival is told once. Lives on
 * the interface thread.
 */
public final class ReadyPictures implements LineUpFrame.Pictures {
    private final PixelCache cache;
    private final Background background;
    private final BooleanSupplier playing;
    private final Runnable onArrival;
    private final Set<PixelKey> expected = new HashSet<>();
    private final Map<Media, FootageAhead> footage = new HashMap<>();

    /**
     * @param playing whether following frames of footage will be wanted
     */
    public ReadyPictures(PixelCache cache, Background background, BooleanSupplier playing, Runnable onArrival) {
        this.cache = cache;
        this.background = background;
        this.playing = playing;
        this.onArrival = onArrival;
    }

    @Override
    public @Nullable Picture of(Media media, int frame) {
        if (!media.hasPixels()) {
            return Picture.without(media).orElse(null);
        }
        Pyramid pixels = problem(media).isPresent() ? null : pixels(media, frame);
        return pixels == null ? null : new Picture.Pixels(pixels);
    }

    private @Nullable Pyramid pixels(Media media, int frame) {
        if (media.moves()) {
            return footage.computeIfAbsent(
                            media, found -> new FootageAhead(found, cache, background, playing, onArrival))
                    .at(frame);
        }
        PixelKey key = PixelKey.of(media, frame);
        Optional<Pyramid> ready = cache.ready(key);
        if (ready.isEmpty() && cache.problem(key).isEmpty() && expected.add(key)) {
            background.whenEnded(cache.request(key), () -> arrived(key));
        }
        return ready.orElse(null);
    }

    private void arrived(PixelKey key) {
        expected.remove(key);
        onArrival.run();
    }

    /** Whether frames of media have been seen that are damaged. */
    public boolean damaged(Media media) {
        return media.hasPixels() && !cache.damaged(media).isEmpty();
    }

    /** Why the picture of media cannot be shown, if it is known that it cannot. */
    public Optional<FileProblem> problem(Media media) {
        return cache.problem(media);
    }
}
