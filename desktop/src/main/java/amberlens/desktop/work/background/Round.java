package amberlens.desktop.work.background;

import java.util.ArrayList;
import java.util.List;

/** Works for one view that belong together: with a new round nobody waits for those of the one before. On the interface thread. */
public final class Round {
    private final Background background;
    private final List<Work<?>> started = new ArrayList<>();

    public Round(Background background) {
        this.background = background;
    }

    /** Drops what was started before. */
    public void begin() {
        started.forEach(Work::cancel);
        started.clear();
    }

    /** Starts a work of this round. */
    public <T> void start(Work<T> work) {
        started.removeIf(Work::hasEnded);
        started.add(background.start(work));
    }

    /** Starts a work in place of all before. */
    public <T> void startOnly(Work<T> work) {
        begin();
        start(work);
    }
}
