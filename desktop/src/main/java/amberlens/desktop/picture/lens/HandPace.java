package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.Size;
import java.time.Duration;
import java.util.function.LongSupplier;

/**
 * Whether a hand moves: then large pictures are made at half their size, so that they keep up with it, and whole again as soon as it rests.
 */
final class HandPace {
    /** How long after a change a hand counts as resting. */
    static final Duration REST = Duration.ofMillis(100);

    /** Pictures of up to so many pixels are quick enough as they are. */
    private static final long SMALL = 1_000_000;

    private final LongSupplier nanos;
    private long last;
    private boolean any;

    /** @param nanos tells the time */
    HandPace(LongSupplier nanos) {
        this.nanos = nanos;
    }

    /** Another picture is asked for: how many times smaller it is made than it is shown, 1 or 2. */
    int asked(Size shown) {
        long now = nanos.getAsLong();
        boolean moves = any && now - last < REST.toNanos();
        last = now;
        any = true;
        return moves && shown.area() > SMALL ? 2 : 1;
    }
}
