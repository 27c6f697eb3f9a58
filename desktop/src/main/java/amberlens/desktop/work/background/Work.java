package amberlens.desktop.work.background;

import amberlens.core.model.project.FileProblem;
import amberlens.files.FileWords;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Something computed in the background, and what comes of it. It belongs to the project that was open when it was started: its result is
 * given to no other. Whatever it throws ends in words. Made, started and cancelled on the interface thread.
 *
 * @param <T> what is computed
 */
public final class Work<T> {
    private static final Logger LOG = LoggerFactory.getLogger(Work.class);

    /** What is computed, on a thread of the background. */
    @FunctionalInterface
    public interface Compute<T> {
        /** @throws Exception when there is no result; its message is shown, and should be a sentence */
        T get() throws Exception;
    }

    /** Likewise, by something that looks whether it is still wanted, or tells how far it is. */
    @FunctionalInterface
    public interface Watched<T> {
        T get(Work<T> work) throws Exception;
    }

    private final Watched<T> compute;
    private final Consumer<? super T> whenDone;
    private final @Nullable Consumer<String> whenRefused;
    private boolean everyProject;
    private boolean isLong;
    private Runnable atEnd = () -> {};
    private volatile boolean cancelled;
    private volatile boolean ended;
    private volatile @Nullable Background background;
    private volatile @Nullable Object project;

    private Work(Watched<T> compute, Consumer<? super T> whenDone, @Nullable Consumer<String> whenRefused) {
        this.compute = compute;
        this.whenDone = whenDone;
        this.whenRefused = whenRefused;
    }

    /**
     * A work whose problems are shown in the status line.
     *
     * @param whenDone takes the result, on the interface thread
     */
    public static <T> Work<T> of(Compute<T> compute, Consumer<? super T> whenDone) {
        return new Work<>(_ -> compute.get(), whenDone, null);
    }

    /**
     * Likewise, with problems that are shown elsewhere.
     *
     * @param whenRefused takes a sentence, on the interface thread
     */
    public static <T> Work<T> of(Compute<T> compute, Consumer<? super T> whenDone, Consumer<String> whenRefused) {
        return new Work<>(_ -> compute.get(), whenDone, whenRefused);
    }

    /** Likewise, of something that can be ended or tells how far it is. */
    public static <T> Work<T> watched(Watched<T> compute, Consumer<? super T> whenDone, Consumer<String> whenRefused) {
        return new Work<>(compute, whenDone, whenRefused);
    }

    /** Its result counts whatever project is open by then, as that of an export does. */
    public Work<T> forEveryProject() {
        everyProject = true;
        return this;
    }

    /** It may take minutes, so that it does not stand before what takes moments. */
    public Work<T> takesLong() {
        isLong = true;
        return this;
    }

    /** What runs last of all on the interface thread, however it has ended: it makes controls usable again. */
    public Work<T> atEnd(Runnable last) {
        atEnd = last;
        return this;
    }

    /** Nobody waits for it any more: nothing comes of it but its end. On any thread. */
    public void cancel() {
        cancelled = true;
    }

    /** Whether its result would still be taken; long computations ask again and again. On any thread. */
    public boolean isWanted() {
        Background on = background;
        return !cancelled && on != null && (everyProject || on.isOpen(project));
    }

    /** Shows how far it is, or a part of its result, if it is still wanted by then. On any thread. */
    public void tell(Runnable shown) {
        Background on = background;
        if (on != null) {
            on.show(() -> {
                if (isWanted()) {
                    shown.run();
                }
            });
        }
    }

    boolean hasEnded() {
        return ended;
    }

    boolean isLong() {
        return isLong;
    }

    void startedOn(Background on, Object openProject) {
        background = on;
        project = openProject;
    }

    /** On a thread of the background. */
    void run(Background on) {
        Runnable end;
        try {
            if (!isWanted()) {
                end = () -> {};
            } else {
                T found = compute.get(this);
                end = () -> whenDone.accept(found);
            }
        } catch (Throwable e) { // an error, too, must not leave somebody waiting
            String why = words(e);
            end = () -> refused(on, why);
        }
        Runnable shown = end;
        on.show(() -> {
            try {
                if (isWanted()) {
                    shown.run();
                }
            } finally {
                ended = true;
                atEnd.run();
            }
        });
    }

    private void refused(Background on, String why) {
        if (whenRefused != null) {
            whenRefused.accept(why);
        } else {
            on.say(why);
        }
    }

    /** What was meant to be read is said as it is; everything else is a fault of ours, of which the log has the rest. */
    private static String words(Throwable problem) {
        Throwable cause = problem;
        while (cause.getCause() != null && !(cause instanceof FileProblem) && !(cause instanceof OutOfMemoryError)) {
            cause = cause.getCause();
        }
        return switch (cause) {
            case FileProblem said -> String.valueOf(said.getMessage());
            case IllegalArgumentException said when said.getMessage() != null -> said.getMessage();
            case OutOfMemoryError _ -> "This needs more memory than the program may use. Try less at once.";
            default -> {
                LOG.error("work in the background failed", problem);
                yield "Something went wrong: " + FileWords.reason(cause) + ". The log has the details.";
            }
        };
    }
}
