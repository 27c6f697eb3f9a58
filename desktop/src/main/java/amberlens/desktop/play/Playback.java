package amberlens.desktop.play;

import amberlens.core.model.LineUp;
import amberlens.core.time.FrameSpan;
import amberlens.desktop.store.Change;
import amberlens.desktop.store.Store;
import amberlens.desktop.store.Subscription;
import java.util.Set;

/**
 * Moves the playhead while playing. The clock is handed in: {@link #tick} is called with the time in nanoseconds, once per
 * screen refresh. The frame shown always follows from the time passed, so a slow machine drops frames and keeps time.
 */
public final class Playback implements AutoCloseable {
    private final Store store;
    private final Subscription subscription;
    private long startNanos = -1;
    private int startFrame;
    private int lastSet = -1;

    public Playback(Store store) {
        this.store = store;
        subscription = store.subscribe(this::changed);
    }

    /** Starts or stops. At the very end it starts from the beginning. */
    public void toggle() {
        if (LineUp.length(store.project()) == 0) {
            return;
        }
        if (!store.playing() && !store.looping() && store.playhead() >= range().to()) {
            store.seek(range().from());
        }
        store.setPlaying(!store.playing());
    }

    /** What is played: the whole line-up. */
    private FrameSpan range() {
        return new FrameSpan(0, Math.max(0, LineUp.length(store.project()) - 1));
    }

    /** Goes on to the frame for this time. */
    public void tick(long nanos) {
        if (!store.playing()) {
            return;
        }
        if (startNanos < 0 || store.playhead() != lastSet) {
            startNanos = nanos;
            startFrame = store.playhead();
        }
        double seconds = (nanos - startNanos) / 1e9;
        int frame = startFrame
                + (int) Math.floor(seconds * store.project().frame().rate().perSecond() + 1e-6);
        FrameSpan range = range();
        if (frame > range.to()) {
            atEnd(range, nanos);
            return;
        }
        lastSet = frame;
        store.seek(frame);
    }

    private void atEnd(FrameSpan range, long nanos) {
        if (store.looping()) {
            startNanos = nanos;
            startFrame = range.from();
            lastSet = range.from();
            store.seek(range.from());
        } else {
            store.seek(range.to());
            store.setPlaying(false);
        }
    }

    private void changed(Set<Change> changes) {
        if (changes.contains(Change.PLAYING)) {
            startNanos = -1;
        }
    }

    @Override
    public void close() {
        subscription.close();
    }
}
