package amberlens.desktop.desk.state;

import amberlens.core.base.time.FrameSpan;
import java.util.Optional;

/** Whether, how fast and over which frames the line-up plays. Part of the {@link Cursor}. */
public final class Transport {
    private static final double FASTEST = 8;

    private final Listeners listeners;
    private final PlayTally tally = new PlayTally();
    private boolean playing;
    private boolean looping = true;
    private double speed = 1;
    private Optional<FrameSpan> range = Optional.empty();
    private Optional<FrameSpan> rangeBefore = Optional.empty();
    private boolean lookingSlowly;

    Transport(Listeners listeners) {
        this.listeners = listeners;
    }

    void reset() {
        playing = false;
        speed = 1;
        range = Optional.empty();
        lookingSlowly = false;
    }

    /** What was shown of what was played. */
    public PlayTally tally() {
        return tally;
    }

    public boolean playing() {
        return playing;
    }

    /** Plays at the usual speed, or stops. */
    public void setPlaying(boolean now) {
        if (now != playing || speed != 1) {
            playing = now;
            speed = 1;
            if (lookingSlowly) {
                lookingSlowly = false;
                range = rangeBefore;
            }
            listeners.tell(Change.PLAYING);
        }
    }

    /** Plays some frames over and over at a part of the usual speed, until it is stopped; then the chosen frames are as before. */
    public void lookSlowly(FrameSpan frames, double part) {
        if (!lookingSlowly) {
            rangeBefore = range;
        }
        lookingSlowly = true;
        range = Optional.of(frames);
        speed = part;
        playing = true;
        listeners.tell(Change.PLAYING);
    }

    /** Times the usual speed; negative backwards. */
    public double speed() {
        return speed;
    }

    /** Plays in a direction, faster each time: 1, 2, 4 and 8 times; from the other direction it first slows down. */
    public void shuttle(int direction) {
        if (!playing) {
            speed = direction;
        } else if (Math.signum(speed) == direction) {
            speed = Math.clamp(speed * 2, -FASTEST, FASTEST);
        } else {
            speed = Math.abs(speed) > 1 ? speed / 2 : direction;
        }
        playing = true;
        listeners.tell(Change.PLAYING);
    }

    public boolean looping() {
        return looping;
    }

    public void setLooping(boolean now) {
        looping = now;
        listeners.tell(Change.PLAYING);
    }

    /** The frames of the line-up that are played; empty for all. */
    public Optional<FrameSpan> range() {
        return range;
    }

    public void setRange(Optional<FrameSpan> frames) {
        range = frames;
        listeners.tell(Change.PLAYING);
    }
}
