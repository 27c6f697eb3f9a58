package amberlens.media;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.time.Duration;

/**
 * How long a thread may work for an answer. Its processor's time counts: where many things go on at once a thread gets little of it,
 * and what it reads is not damaged because of that. By the clock it may take {@value #BY_THE_CLOCK} times as long, for disks that do
 * not answer.
 */
public final class Deadline {
    /** How many times as long as by its processor's time. */
    public static final int BY_THE_CLOCK = 5;

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    private final long worker;
    private final long workEnd;
    private final long clockEnd;

    private Deadline(Thread worker, Duration time) {
        this.worker = worker.threadId();
        workEnd = worked() + time.toNanos();
        clockEnd = System.nanoTime() + BY_THE_CLOCK * time.toNanos();
    }

    /** From now on, for a thread that runs. */
    public static Deadline of(Thread worker, Duration time) {
        return new Deadline(worker, time);
    }

    public boolean passed() {
        return worked() > workEnd || System.nanoTime() - clockEnd > 0;
    }

    /** Nothing for a thread that has ended, which needs no more time. */
    private long worked() {
        return Math.max(0, THREADS.getThreadCpuTime(worker));
    }
}
