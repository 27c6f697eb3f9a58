package amberlens.media.picture;

import amberlens.core.model.FileProblem;
import amberlens.core.render.Pyramid;
import amberlens.core.render.Rows;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;

/**
 * Decoded pictures with their pyramids, the least recently used given up first when they outgrow a budget in bytes. Safe
 * for use from several threads.
 */
public final class PictureCache {
    private final long budget;
    private final Executor decoding;
    private final Rows rows;
    private final Map<Path, CompletableFuture<Pyramid>> pictures = new LinkedHashMap<>(16, 0.75f, true);

    /**
     * @param budget bytes that ready pictures may hold together; the newest one is kept even if it is larger alone
     * @param decoding where files are read
     * @param rows how the work on one picture is shared
     */
    public PictureCache(long budget, Executor decoding, Rows rows) {
        this.budget = budget;
        this.decoding = decoding;
        this.rows = rows;
    }

    /** The usual budget: two fifths of the memory this program may take, in bytes. */
    public static long usualBudget() {
        return Runtime.getRuntime().maxMemory() / 5 * 2;
    }

    /** The picture of a file, now or later; fails with a {@link FileProblem} as the cause. */
    public CompletableFuture<Pyramid> request(Path path) {
        CompletableFuture<Pyramid> wanted;
        synchronized (pictures) {
            CompletableFuture<Pyramid> known = pictures.get(path);
            if (known != null) {
                return known;
            }
            wanted = new CompletableFuture<>();
            pictures.put(path, wanted);
        }
        decoding.execute(() -> decode(path, wanted));
        return wanted;
    }

    /** The picture of a file if it is ready; otherwise nothing, without waiting. */
    public Optional<Pyramid> ready(Path path) {
        synchronized (pictures) {
            CompletableFuture<Pyramid> known = pictures.get(path);
            return known == null || !known.isDone() || known.isCompletedExceptionally()
                    ? Optional.empty()
                    : Optional.of(known.join());
        }
    }

    /** What is wrong with a file that could not be read, if that is known. */
    public Optional<FileProblem> problem(Path path) {
        synchronized (pictures) {
            CompletableFuture<Pyramid> known = pictures.get(path);
            return known != null && known.isCompletedExceptionally()
                    ? Optional.of(problemOf(known.exceptionNow()))
                    : Optional.empty();
        }
    }

    /** Waits for the picture of a file. */
    public Pyramid await(Path path) throws FileProblem {
        try {
            return request(path).join();
        } catch (CompletionException e) {
            throw problemOf(e.getCause() == null ? e : e.getCause());
        }
    }

    /** Forgets a file, so that it is read anew when it is wanted again. */
    public void forget(Path path) {
        synchronized (pictures) {
            pictures.remove(path);
        }
    }

    /** The memory that ready pictures hold, in bytes. */
    public long bytes() {
        synchronized (pictures) {
            return pictures.values().stream().mapToLong(PictureCache::bytes).sum();
        }
    }

    private void decode(Path path, CompletableFuture<Pyramid> wanted) {
        try {
            wanted.complete(Pyramid.of(PictureReader.read(path, rows), rows));
            giveUpOldest(wanted);
        } catch (FileProblem | RuntimeException e) {
            wanted.completeExceptionally(e);
        } catch (OutOfMemoryError e) {
            wanted.completeExceptionally(new FileProblem(path + " is too large for the memory of this machine.", e));
        }
    }

    private void giveUpOldest(CompletableFuture<Pyramid> newest) {
        synchronized (pictures) {
            long held = bytes();
            Iterator<CompletableFuture<Pyramid>> oldest = pictures.values().iterator();
            while (held > budget && oldest.hasNext()) {
                CompletableFuture<Pyramid> candidate = oldest.next();
                if (candidate != newest && bytes(candidate) > 0) {
                    held -= bytes(candidate);
                    oldest.remove();
                }
            }
        }
    }

    private static long bytes(CompletableFuture<Pyramid> picture) {
        return picture.isDone() && !picture.isCompletedExceptionally()
                ? picture.join().bytes()
                : 0;
    }

    private static FileProblem problemOf(Throwable cause) {
        return cause instanceof FileProblem problem
                ? problem
                : new FileProblem("A picture could not be read: " + cause.getMessage() + ".", cause);
    }
}
