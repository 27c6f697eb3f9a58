package amberlens.desktop.time.play;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.LineUp;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.desk.state.Transport;
import java.util.OptionalDouble;

/**
 * Moves the playhead while playing: {@link #tick} is called with the time in nanoseconds, once per screen refresh. The frame shown
 * follows what is heard; where nothing is, the time passed. A slow machine drops frames and keeps time, and never drops sound.
 */
public final class Playback implements AutoCloseable {
    private final Desk desk;
    private final Transport transport;
    private final Subscription subscription;
    private final Clock clock;
    private final double lead;
    private boolean sounding;
    private long startNanos = -1;
    private int startFrame;
    private int lastSet = -1;

    /** Where in the line-up it is, between two frames. */
    private double place;

    /** Without sound. */
    public Playback(Desk desk) {
        this(desk, Clock.NONE);
    }

    /** @param clock is followed at the usual speed, where it is there */
    public Playback(Desk desk, Clock clock) {
        this(desk, clock, 0);
    }

    /**
     * Likewise.
     *
     * @param lead seconds before its time from which on a frame is shown, so that it is neither early nor late by more than that
     */
    public Playback(Desk desk, Clock clock, double lead) {
        this.lead = lead;
        this.desk = desk;
        this.clock = clock;
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
            start(nanos, desk.cursor().playhead());
        }
        if (!sounding && transport.speed() == 1 && clock.isThere()) { // a sound has come since
            start(nanos, desk.cursor().playhead());
        }
        int frame = frame(nanos);
        FrameSpan range = range();
        boolean over = transport.speed() < 0 ? frame < range.from() : frame > range.to();
        if (over) {
            atEnd(range, nanos);
            return;
        }
        lastSet = frame;
        due(frame, nanos);
        desk.cursor().seek(frame);
    }

    /** When the time of a frame came, for the tally. */
    private void due(int frame, long nanos) {
        if (transport.speed() == 1) {
            transport.tally().due(frame, nanos - Math.round((place - frame) / rate() * 1e9));
        }
    }

    private void start(long nanos, int frame) {
        startNanos = nanos;
        startFrame = frame;
        lastSet = frame;
        place = frame;
        if (transport.speed() == 1) {
            transport.tally().begin(frame);
        }
        boolean sounds = transport.speed() == 1 && clock.isThere();
        if (sounds) {
            clock.play(frame / rate());
        } else if (sounding) {
            clock.stop();
        }
        sounding = sounds;
    }

    private double rate() {
        return desk.document().project().frame().rate().perSecond();
    }

    /** The frame for this time: that which is heard, or by the computer's own clock where nothing is. */
    private int frame(long nanos) {
        if (sounding && clock.isThere()) {
            OptionalDouble heard = clock.seconds();
            if (heard.isEmpty()) {
                return lastSet;
            }
            place = Math.max(startFrame, heard.getAsDouble() * rate());
            return (int) Math.floor(place + lead * rate() + 1e-6);
        }
        if (sounding) { // the device has gone, or does not begin
            start(nanos, lastSet);
        }
        double frames = (nanos - startNanos) / 1e9 * rate() * transport.speed();
        place = startFrame + frames;
        frames += lead * rate() * transport.speed();
        return startFrame + (int) (frames < 0 ? Math.ceil(frames - 1e-6) : Math.floor(frames + 1e-6));
    }

    private void atEnd(FrameSpan range, long nanos) {
        boolean backwards = transport.speed() < 0;
        if (transport.looping()) {
            due(range.to(), nanos);
            start(nanos, backwards ? range.to() : range.from());
            due(startFrame, nanos);
            desk.cursor().seek(startFrame);
        } else {
            due(range.to(), nanos);
            desk.cursor().seek(backwards ? range.from() : range.to());
            transport.setPlaying(false);
        }
    }

    private void changed(Changes changes) {
        if (changes.contains(Change.PLAYING)) {
            startNanos = -1;
            if (!transport.playing()) {
                transport.tally().end();
                sounding = false;
                clock.stop();
            }
        }
    }

    @Override
    public void close() {
        subscription.close();
    }
}
