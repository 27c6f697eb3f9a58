package amberlens.media;

import amberlens.core.raster.Loops;
import amberlens.core.raster.Rows;
import java.time.Duration;
import java.util.ArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.locks.LockSupport;

/** A small pool that shares the rows of a raster among the machine's cores. */
public final class WorkPool implements Rows, AutoCloseable {
    private static final int BANDS_PER_THREAD = 2;

    private static final AtomicBoolean WARMING = new AtomicBoolean();

    private final ExecutorService workers;
    private final int threads;

    private WorkPool(int threads) {
        this.threads = threads;
        workers = Executors.newFixedThreadPool(
                threads, Thread.ofPlatform().name("rows-", 0).daemon().factory());
    }

    /** One thread per core. */
    public static WorkPool ofCores() {
        return of(Runtime.getRuntime().availableProcessors());
    }

    /** A pool of so many threads, at least 1. */
    public static WorkPool of(int threads) {
        return new WorkPool(threads);
    }

    /**
     * Makes the fastest loops of rendering ready beside other work, for programs that will render for a while.
     *
     * @param after so much time, in which the program itself starts
     */
    public static void warmUp(Duration after) {
        if (WARMING.compareAndSet(false, true)) {
            Thread warming = Thread.ofPlatform().name("warm-up").daemon().unstarted(() -> {
                LockSupport.parkNanos(after.toNanos());
                Loops.warmUp();
            });
            warming.setPriority(Thread.MIN_PRIORITY);
            warming.start();
        }
    }

    @Override
    public void inBands(int height, Band work) {
        int bands = Math.min(height, threads * BANDS_PER_THREAD);
        var running = new ArrayList<Future<?>>();
        for (int band = 0; band < bands; band++) {
            int first = (int) ((long) height * band / bands);
            int last = (int) ((long) height * (band + 1) / bands);
            try {
                running.add(workers.submit(() -> work.rows(first, last)));
            } catch (RejectedExecutionException closed) {
                work.rows(first, last);
            }
        }
        running.forEach(WorkPool::await);
    }

    private static void await(Future<?> band) {
        boolean interrupted = false;
        try {
            while (true) {
                try {
                    band.get();
                    return;
                } catch (InterruptedException e) {
                    interrupted = true;
                } catch (ExecutionException e) {
                    throw new IllegalStateException("rendering a band of rows failed", e.getCause());
                }
            }
        } finally {
            if (interrupted) {
                Thread.currentThread().interrupt();
            }
        }
    }

    /** Ends the threads once what they have begun is done; work that comes later is done by its caller alone. */
    @Override
    public void close() {
        workers.shutdown();
    }
}
