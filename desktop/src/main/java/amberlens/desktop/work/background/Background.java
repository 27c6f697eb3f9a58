package amberlens.desktop.work.background;

import amberlens.media.LowPriority;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** The threads on which {@link Work} is done, and the way back to the interface thread. */
public final class Background implements AutoCloseable {
    private static final int THREADS = 2;

    /** An export, a search in footage, a seal of many shots and a proof at once. */
    private static final int LONG_THREADS = 4;

    private static final int IDLE_SECONDS = 5;

    private final Executor threads;
    private final Executor longThreads;
    private final Executor interfaceThread;
    private final Supplier<Object> openProject;
    private final Consumer<String> said;

    /**
     * @param openProject tells projects apart: it gives another object for each one that is opened or begun
     * @param said shows a sentence in the status line
     */
    public Background(Executor interfaceThread, Supplier<Object> openProject, Consumer<String> said) {
        this(
                daemons("background", THREADS),
                daemons(LONG_THREADS, LowPriority.threads("long")),
                interfaceThread,
                openProject,
                said);
    }

    private Background(
            Executor threads,
            Executor longThreads,
            Executor interfaceThread,
            Supplier<Object> openProject,
            Consumer<String> said) {
        this.threads = threads;
        this.longThreads = longThreads;
        this.interfaceThread = interfaceThread;
        this.openProject = openProject;
        this.said = said;
    }

    /** Does everything at once on the thread that asks, for whoever can wait. */
    public static Background atOnce() {
        var only = new Object();
        return on(Runnable::run, Runnable::run, () -> only, _ -> {});
    }

    /** Does everything where it is told to. */
    public static Background on(
            Executor threads, Executor interfaceThread, Supplier<Object> openProject, Consumer<String> said) {
        return new Background(threads, threads, interfaceThread, openProject, said);
    }

    /** Threads of one name; work that comes after the end is dropped: nobody is left to see it. */
    public static ExecutorService daemons(String name, int threads) {
        return daemons(threads, Thread.ofPlatform().name(name + "-", 0).daemon().factory());
    }

    private static ExecutorService daemons(int threads, ThreadFactory factory) {
        return new ThreadPoolExecutor(
                threads,
                threads,
                0,
                TimeUnit.SECONDS,
                new LinkedBlockingQueue<>(),
                factory,
                new ThreadPoolExecutor.DiscardPolicy());
    }

    /** A thread that does one thing after the other, and ends by itself when nothing has come for a while. */
    public static Executor oneAfterTheOther(String name) {
        var thread = new ThreadPoolExecutor(
                1,
                1,
                IDLE_SECONDS,
                TimeUnit.SECONDS,
                new LinkedBlockingQueue<>(),
                Thread.ofPlatform().name(name).daemon().factory());
        thread.allowCoreThreadTimeOut(true);
        return thread;
    }

    /** Starts a work for the project that is open now; on the interface thread. */
    public <T> Work<T> start(Work<T> work) {
        work.startedOn(this, openProject.get());
        (work.isLong() ? longThreads : threads).execute(() -> work.run(this));
        return work;
    }

    /** Runs something on the interface thread when something else has ended, well or not. */
    public void whenEnded(CompletableFuture<?> awaited, Runnable shown) {
        var unused = awaited.whenComplete((_, _) -> show(shown));
    }

    /** Runs something on the interface thread. On any thread. */
    public void show(Runnable shown) {
        interfaceThread.execute(shown);
    }

    void say(String sentence) {
        said.accept(sentence);
    }

    /** Whether a project is still the one that is open. */
    boolean isOpen(Object project) {
        return openProject.get() == project;
    }

    @Override
    public void close() {
        for (Executor pool : new Executor[] {threads, longThreads}) {
            if (pool instanceof ExecutorService service) {
                service.shutdownNow();
            }
        }
    }
}
