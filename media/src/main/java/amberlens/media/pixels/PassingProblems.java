package amberlens.media.pixels;

import java.nio.file.Path;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongSupplier;

/**
 * Which files could not be read for a reason that may pass, and when each is worth another try: after ten seconds, then after twice as
 * long each time, up to some minutes. Not safe for use from several threads.
 */
final class PassingProblems {
    private static final Duration FIRST = Duration.ofSeconds(10);
    private static final int MOST_DOUBLED = 5;

    /** @param times how often it has failed in a row, at least 1 */
    private record Failed(long at, int times) {
        Duration patience() {
            return FIRST.multipliedBy(1L << Math.min(times - 1, MOST_DOUBLED));
        }
    }

    private final LongSupplier nanos;
    private final Map<Path, Failed> failed = new HashMap<>();

    /** @param nanos a clock that only goes on */
    PassingProblems(LongSupplier nanos) {
        this.nanos = nanos;
    }

    void failed(Path file) {
        Failed before = failed.get(file);
        failed.put(file, new Failed(nanos.getAsLong(), before == null ? 1 : before.times + 1));
    }

    /** A file was read, or is another one now. */
    void forget(Path file) {
        failed.remove(file);
    }

    boolean isDue(Path file) {
        return until(file).filter(time -> !time.isPositive()).isPresent();
    }

    /** How long it should still be left alone, not above 0 when that is over; empty for one that did not fail. */
    Optional<Duration> until(Path file) {
        return Optional.ofNullable(failed.get(file))
                .map(last -> last.patience().minusNanos(nanos.getAsLong() - last.at));
    }
}
