package amberlens.desktop.work.pictures;

import amberlens.core.model.project.Media;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.work.background.Background;
import amberlens.media.pixels.PixelCache;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * The frames of one piece of footage that can be shown without waiting. One frame at a time is decoded, the one that was asked for
 * last first, so that scrubbing never queues; while playing, the following ones are decoded ahead. Until a frame is there, the one
 * shown before stands in for it. Lives on the interface thread.
 */
final class FootageAhead {
    private static final int AHEAD = 8;

    private final Media media;
    private final PixelCache cache;
    private final Background background;
    private final BooleanSupplier playing;
    private final Runnable onArrival;
    private int wanted;
    private boolean busy;

    /** The frame that was shown last, as long as it is not given up; −1 before the first. */
    private int last = -1;

    FootageAhead(Media media, PixelCache cache, Background background, BooleanSupplier playing, Runnable onArrival) {
        this.media = media;
        this.cache = cache;
        this.background = background;
        this.playing = playing;
        this.onArrival = onArrival;
    }

    @Nullable
    Pyramid at(int frame) {
        wanted = frame;
        Optional<Pyramid> ready = cache.ready(frameAt(frame));
        decodeNext();
        if (ready.isPresent()) {
            last = frame;
            return ready.get();
        }
        return last < 0 ? null : cache.ready(frameAt(last)).orElse(null);
    }

    private PictureRef frameAt(int frame) {
        return PictureRef.of(media, frame);
    }

    private void decodeNext() {
        int end = playing.getAsBoolean()
                ? Math.min(wanted + AHEAD, media.footage().orElseThrow().last())
                : wanted;
        for (int frame = wanted; frame <= end && !busy; frame++) {
            if (cache.ready(frameAt(frame)).isEmpty()) {
                decode(frame);
            }
        }
    }

    private void decode(int frame) {
        busy = true;
        CompletableFuture<Pyramid> decoded = cache.request(frameAt(frame));
        background.whenEnded(decoded, () -> {
            busy = false;
            if (decoded.isCompletedExceptionally() || frame == wanted || !playing.getAsBoolean()) {
                onArrival.run();
            } else {
                decodeNext();
            }
        });
    }
}
