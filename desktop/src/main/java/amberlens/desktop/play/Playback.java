package amberlens.desktop.play;

import amberlens.core.model.LineUp;
import amberlens.core.time.FrameSpan;
import amberlens.desktop.store.Change;
import amberlens.desktop.store.Store;
import amberlens.desktop.store.Subscription;
import amberlens.desktop.store.Transport;
import java.util.Set;

/**
 * Moves the playhead while playing. The clock is handed in: {@link #tick} is called with the time in nanoseconds, once per
 * screen refresh. The frame shown always follows from the time passed, so a slow machine drops frames and keeps time.
 */
public final class Playback implements AutoCloseable {
    private final Store store;
    private final Transport transport;
    private final Subscription subscription;
    private long startNanos = -1;
    private int startFrame;
    private int lastSet = -1;

    public Playback(Store store) {
        this.store = store;
        transport = store.transport();
        subscription = store.subscribe(this::changed);
    }

    /** Starts or stops. At the very end it starts from the beginning. */
    public void toggle() {
        if (LineUp.length(store.project()) == 0) {
            return;
        }
        boolean atEnd = store.playhead() >= range().to() || store.playhead() < range().from();
        if (!transport.playing()
                && atEnd
                && (!transport.looping() || transport.range().isPresent())) {
            store.seek(range().from());
        }
        transport.setPlaying(!transport.playing());
    }

    /** What is played: the chosen frames, or the whole line-up. */
    private FrameSpan range() {
        int last = Math.max(0, LineUp.length(store.project()) - 1);
        return transport
                .range()
                .map(chosen -> new FrameSpan(Math.min(chosen.from(), last), Math.min(chosen.to(), last)))
                .orElse(new FrameSpan(0, last));
    }

    /** Goes on to the frame for this time. */
    public void tick(long nanos) {
        if (!transport.playing()) {
            return;
        }
        if (startNanos < 0 || store.playhead() != lastSet) {
            startNanos = nanos;
            startFrame = store.playhead();
        }
        double seconds = (nanos - startNanos) / 1e9;
        double frames = seconds * store.project().frame().rate().perSecond() * transport.speed();
        int frame = startFrame + (int) (frames < 0 ? Math.ceil(frames - 1e-6) : Math.floor(frames + 1e-6));
        FrameSpan range = range();
        boolean over = transport.speed() < 0 ? frame < range.from() : frame > range.to();
        if (over) {
            atEnd(range, nanos);
            return;
        }
        lastSet = frame;
        store.seek(frame);
    }

    private void atEnd(FrameSpan range, long nanos) {
        boolean backwards = transport.speed() < 0;
        if (transport.looping()) {
            startNanos = nanos;
            startFrame = backwards ? range.to() : range.from();
            lastSet = startFrame;
            store.seek(startFrame);
        } else {
            store.seek(backwards ? range.from() : range.to());
            transport.setPlaying(false);
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
