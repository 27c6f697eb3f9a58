package amberlens.media;

import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Rows;
import java.time.Duration;
import java.util.ArrayList;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Supplier;

/** A small pool that shares the rows of a raster among the machine's cores. */
public final class WorkPool implements Rows, AutoCloseable {
    private static final int BANDS_PER_THREAD = 8;

    private static final AtomicBoolean WARMING = new AtomicBoolean();

    private final ExecutorService pool;
    private final int threads;

    private WorkPool(int threads, ThreadFactory factory) {
        this.threads = threads;
        pool = Executors.newFixedThreadPool(threads, factory);
    }

    /** One thread per core. */
    public static WorkPool ofCores() {
        return of(Runtime.getRuntime().availableProcessors());
    }

    /** A pool of so many threads, at least 1. */
    public static WorkPool of(int threads) {
        return new WorkPool(
                threads, Thread.ofPlatform().name("rows-", 0).daemon().factory());
    }

    /** One thread per core, which gets it only when nobody else wants it much. */
    public static WorkPool ofLowPriority() {
        return new WorkPool(Runtime.getRuntime().availableProcessors(), LowPriority.threads("long-rows"));
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
    public void inBands(int height, Supplier<Band> workers) {
        int bands = Math.min(height, threads * BANDS_PER_THREAD);
        var next = new AtomicInteger();
        Runnable work = () -> {
            Band worker = workers.get();
            for (int band = next.getAndIncrement(); band < bands; band = next.getAndIncrement()) {
                int top = (int) ((long) height * band / bands);
                int bottom = (int) ((long) height * (band + 1) / bands);
                worker.rows(top, bottom);
            }
        };
        var running = new ArrayList<Future<?>>();
        for (int thread = 0; thread < Math.min(bands, threads); thread++) {
            try {
                running.add(pool.submit(work));
            } catch (RejectedExecutionException closed) {
                work.run();
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
        pool.shutdown();
    }
}
