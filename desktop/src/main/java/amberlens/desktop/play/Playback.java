package amberlens.desktop.play;

import amberlens.core.model.LineUp;
import amberlens.core.time.FrameSpan;
import amberlens.desktop.desk.Change;
import amberlens.desktop.desk.Changes;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Subscription;
import amberlens.desktop.desk.Transport;

/**
 * Moves the playhead while playing. The clock is handed in: {@link #tick} is called with the time in nanoseconds, once per
 * screen refresh. The frame shown always follows from the time passed, so a slow machine drops frames and keeps time.
 */
public final class Playback implements AutoCloseable {
    private final Desk desk;
    private final Transport transport;
    private final Subscription subscription;
    private long startNanos = -1;
    private int startFrame;
    private int lastSet = -1;

    public Playback(Desk desk) {
        this.desk = desk;
        transport = desk.cursor().transport();
        subscription = desk.subscribe(this::changed);
    }

    /** Starts or stops. At the very end it starts from the beginning. */
    public void toggle() {
        if (LineUp.length(desk.document().project()) == 0) {
            return;
        }
        boolean atEnd =
                desk.cursor().playhead() >= range().to() || desk.cursor().playhead() < range().from();
        if (!transport.playing()
                && atEnd
                && (!transport.looping() || transport.range().isPresent())) {
            desk.cursor().seek(range().from());
        }
        transport.setPlaying(!transport.playing());
    }

    /** What is played: the chosen frames, or the whole line-up. */
    private FrameSpan range() {
        int last = Math.max(0, LineUp.length(desk.document().project()) - 1);
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
        if (startNanos < 0 || desk.cursor().playhead() != lastSet) {
            startNanos = nanos;
            startFrame = desk.cursor().playhead();
        }
        double seconds = (nanos - startNanos) / 1e9;
        double frames = seconds * desk.document().project().frame().rate().perSecond() * transport.speed();
        int frame = startFrame + (int) (frames < 0 ? Math.ceil(frames - 1e-6) : Math.floor(frames + 1e-6));
        FrameSpan range = range();
        boolean over = transport.speed() < 0 ? frame < range.from() : frame > range.to();
        if (over) {
            atEnd(range, nanos);
            return;
        }
        lastSet = frame;
        desk.cursor().seek(frame);
    }

    private void atEnd(FrameSpan range, long nanos) {
        boolean backwards = transport.speed() < 0;
        if (transport.looping()) {
            startNanos = nanos;
            startFrame = backwards ? range.to() : range.from();
            lastSet = startFrame;
            desk.cursor().seek(startFrame);
        } else {
            desk.cursor().seek(backwards ? range.from() : range.to());
            transport.setPlaying(false);
        }
    }

    private void changed(Changes changes) {
        if (changes.contains(Change.PLAYING)) {
            startNanos = -1;
        }
    }

    @Override
    public void close() {
        subscription.close();
    }
}
