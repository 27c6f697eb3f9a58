package amberlens.desktop.desk.state;

import java.util.HashMap;
import java.util.Map;

/** How many frames of the last playing were shown in time. Lives on the interface thread. */
public final class PlayTally {
    /** A frame that is shown so much later is late: half of one at 25 a second. */
    private static final long LATE = 20_000_000;

    private final Map<Integer, Long> due = new HashMap<>();
    private int wanted;
    private int shown;
    private int last;
    private boolean begun;

    /** Playing begins, or begins anew from somewhere. */
    public void begin(int frame) {
        if (!begun) {
            wanted = 0;
            shown = 0;
            last = frame - 1;
            begun = true;
        } else if (frame != last) {
            last = frame - 1;
        }
        due.clear();
    }

    /** Playing has ended. */
    public void end() {
        begun = false;
        due.clear();
    }

    /**
     * A frame is to be shown now; those between it and the one before were left out.
     *
     * @param nanos when its time came
     */
    public void due(int frame, long nanos) {
        if (begun && frame > last) {
            wanted += frame - last;
            last = frame;
            due.put(frame, nanos);
        }
    }

    /** A frame is on the screen. */
    public void shown(int frame, long nanos) {
        Long when = due.remove(frame);
        if (when != null && nanos - when <= LATE) {
            shown++;
        }
    }

    /** How many frames were to be shown. */
    public int wanted() {
        return wanted;
    }

    /** How many of them were, within 20 ms of their time. */
    public int inTime() {
        return shown;
    }
}
