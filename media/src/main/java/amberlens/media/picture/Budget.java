package amberlens.media.picture;

import amberlens.core.model.project.FileProblem;
import amberlens.media.Deadline;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javax.imageio.IIOException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The time that reading one picture may take, see {@link Deadline}. It is read in a thread of its own; when the time is over, or whoever waits is
 * interrupted, what it reads from is closed under it, which ends a decoder sooner or later, and nobody waits for that.
 */
final class Budget {
    /** Something that reads a picture. */
    @FunctionalInterface
    interface Work<T> {
        T within(Budget budget) throws IOException, FileProblem;
    }

    private static final Logger LOG = LoggerFactory.getLogger(Budget.class);
    private static final Duration LEAST = Duration.ofSeconds(3);
    private static final double BYTES_PER_SECOND = 1e6;
    private static final double PIXELS_PER_SECOND = 2e6;

    private final List<AutoCloseable> open = new ArrayList<>();
    private final Duration least;
    private Duration forBytes;
    private volatile @Nullable Deadline deadline;
    private boolean over;

    private Budget(Duration least) {
        this.least = least;
        forBytes = least;
    }

    private void begin(long bytes) {
        forBytes = least.plusMillis((long) (bytes / BYTES_PER_SECOND * 1000));
        deadline = Deadline.of(Thread.currentThread(), forBytes);
    }

    /**
     * Reads a picture. Whatever is thrown comes out as a {@link FileProblem}.
     */
    static <T> T read(Path path, Work<T> work) throws FileProblem {
        return read(path, LEAST, work);
    }

    /**
     * @param least what the smallest picture may take
     */
    static <T> T read(Path path, Duration least, Work<T> work) throws FileProblem {
        var budget = new Budget(least);
        var task = new FutureTask<T>(() -> {
            budget.begin(path.toFile().length());
            return work.within(budget);
        });
        Thread.ofPlatform().name("picture").daemon().start(task);
        try {
            while (true) {
                try {
                    return task.get(50, TimeUnit.MILLISECONDS);
                } catch (TimeoutException _) {
                    if (budget.isOver()) {
                        throw FileProblem.tooSlow(path.toString());
                    }
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new FileProblem(path + " was not read to the end.", e);
        } catch (ExecutionException e) {
            throw problem(path, e.getCause() == null ? e : e.getCause());
        } finally {
            budget.close();
        }
    }

    private static FileProblem problem(Path path, Throwable cause) {
        return switch (cause) {
            case FileProblem problem -> problem;
            case OutOfMemoryError memory ->
                new FileProblem(path + " is too large for the memory of this machine.", memory);
            case IIOException decoder
            when tellsOfAKind(decoder) ->
                new FileProblem(
                        path + " is of a kind that cannot be decoded (" + decoder.getMessage()
                                + "); convert it to PNG.",
                        decoder);
            default -> PictureFile.damaged(path, cause);
        };
    }

    /** Whether a decoder says that it does not know such files, which is no damage. */
    private static boolean tellsOfAKind(IIOException decoder) {
        String message = decoder.getMessage();
        return message != null && message.startsWith("Unsupported");
    }

    private boolean isOver() {
        Deadline now = deadline;
        return now != null && now.passed();
    }

    /**
     * A picture of so many pixels may take longer than its bytes alone say: a progressive JPEG of 18 million pixels and 16 MB took 5 to 8 s of a
     * busy processor. Asked for by the thread that reads.
     */
    void extendFor(long pixels) {
        deadline = Deadline.of(Thread.currentThread(), forBytes.plusMillis((long) (pixels / PIXELS_PER_SECOND * 1000)));
    }

    /** What is closed when the time is over. */
    synchronized <C extends AutoCloseable> C closing(C resource) throws IOException {
        if (over) {
            close(resource);
            throw new IOException("the time is over");
        }
        open.add(resource);
        return resource;
    }

    private synchronized void close() {
        over = true;
        open.reversed().forEach(Budget::close);
        open.clear();
    }

    private static void close(AutoCloseable resource) {
        try {
            resource.close();
        } catch (Exception e) {
            LOG.debug("closing", e);
        }
    }
}
