package amberlens.media;

import java.time.Duration;

/** A moment by which somebody wants an answer. */
public final class Deadline {
    private final long end;

    private Deadline(long end) {
        this.end = end;
    }

    public static Deadline in(Duration time) {
        return new Deadline(System.nanoTime() + time.toNanos());
    }

    public boolean passed() {
        return System.nanoTime() - end > 0;
    }
}
