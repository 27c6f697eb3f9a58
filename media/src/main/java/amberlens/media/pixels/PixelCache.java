package amberlens.media.pixels;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.files.FileWords;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;

/**
 * Decoded pictures and frames of footage with their pyramids, the least recently used given up first when they outgrow a budget
 * in bytes. Safe for use from several threads.
 */
public final class PixelCache implements AutoCloseable {
    /** The most that is kept however much memory there is, in bytes, so that a shelf full of large pictures stays modest. */
    private static final long MOST = 1L << 29;

    /** After so many bytes were given up, the collector is told. */
    private static final long HINT = 1L << 27;

    private static final long HINTS_APART_NANOS = 1_000_000_000;

    private final long budget;
    private final Executor decoding;
    private final Rows rows;
    private final PixelLoader loader;
    private final ReadingWatch watch;
    private long givenUp;
    private long hinted = System.nanoTime() - HINTS_APART_NANOS;
    private final Map<PixelKey, CompletableFuture<Pyramid>> pictures = new LinkedHashMap<>(16, 0.75f, true);
    private final Map<Path, FileProblem> problems = new HashMap<>();

    /**
     * @param budget bytes that ready pictures may hold together; the newest one is kept even if it is larger alone
     * @param decoding where files are read
     * @param rows how the work on one picture is shared
     */
    public PixelCache(long budget, Executor decoding, Rows rows) {
        this(budget, decoding, rows, ReadingWatch.NONE);
    }

    /**
     * Likewise.
     *
     * @param watch is told of the files that are read
     */
    public PixelCache(long budget, Executor decoding, Rows rows, ReadingWatch watch) {
        this.watch = watch;
        this.budget = budget;
        this.decoding = decoding;
        this.rows = rows;
        loader = new PixelLoader(rows);
    }

    /** The usual budget: two fifths of the memory this program may take, but at most 512 MiB; in bytes. */
    public static long usualBudget() {
        return Math.min(MOST, Runtime.getRuntime().maxMemory() / 5 * 2);
    }

    /** The pixels, now or later; fails with a {@link FileProblem} as the cause. */
    public CompletableFuture<Pyramid> request(PixelKey key) {
        CompletableFuture<Pyramid> wanted;
        synchronized (pictures) {
            CompletableFuture<Pyramid> known = pictures.get(key);
            if (known != null) {
                return known;
            }
            wanted = new CompletableFuture<>();
            pictures.put(key, wanted);
        }
        decoding.execute(() -> decode(key, wanted));
        return wanted;
    }

    /** The pixels if they are ready; otherwise nothing, without waiting. */
    public Optional<Pyramid> ready(PixelKey key) {
        synchronized (pictures) {
            CompletableFuture<Pyramid> known = pictures.get(key);
            return known == null || !known.isDone() || known.isCompletedExceptionally()
                    ? Optional.empty()
                    : Optional.of(known.join());
        }
    }

    /** What is wrong with the file of media that could not be read, if that is known. */
    public Optional<FileProblem> problem(Media media) {
        return problem(Path.of(media.path()));
    }

    /** Likewise of a file. */
    public Optional<FileProblem> problem(Path path) {
        synchronized (pictures) {
            return Optional.ofNullable(problems.get(path));
        }
    }

    /** Why these very pixels cannot be had, if that is known: what is cut out of a picture may fail where the picture does not. */
    public Optional<FileProblem> problem(PixelKey key) {
        synchronized (pictures) {
            CompletableFuture<Pyramid> known = pictures.get(key);
            return known != null && known.isCompletedExceptionally()
                    ? Optional.of(problemOf(key.path(), known.exceptionNow()))
                    : Optional.empty();
        }
    }

    /** The frames of media seen so far that are damaged; what could be decoded stands in for them. */
    public SortedSet<Integer> damaged(Media media) {
        return loader.damaged(Path.of(media.path()));
    }

    /**
     * Waits until the pixels are there.
     *
     * @param goesOn asked about ten times a second whether to go on waiting
     * @return whether they are there
     */
    public boolean await(PixelKey key, BooleanSupplier goesOn) throws FileProblem {
        CompletableFuture<Pyramid> wanted = request(key);
        while (true) {
            try {
                wanted.get(100, TimeUnit.MILLISECONDS);
                return goesOn.getAsBoolean();
            } catch (TimeoutException _) {
                if (!goesOn.getAsBoolean()) {
                    return false;
                }
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
                return false;
            } catch (ExecutionException e) {
                throw problemOf(key.path(), e.getCause() == null ? e : e.getCause());
            }
        }
    }

    /** Forgets a file, so that it is read anew when it is wanted again. */
    public void forget(Path path) {
        synchronized (pictures) {
            pictures.keySet().removeIf(key -> key.path().equals(path));
            problems.remove(path);
        }
        loader.forget(path);
    }

    /** The memory that ready pictures hold, in bytes. */
    public long bytes() {
        synchronized (pictures) {
            return pictures.values().stream().mapToLong(PixelCache::bytes).sum();
        }
    }

    private void decode(PixelKey key, CompletableFuture<Pyramid> wanted) {
        try {
            Raster picture = load(key);
            synchronized (pictures) {
                givenUp += Pyramid.bytes(picture); // about as much as that was needed to read it
            }
            giveUpOldest(wanted, budget - Pyramid.bytes(picture));
            wanted.complete(pyramid(key, picture));
            giveUpOldest(wanted, budget);
        } catch (Throwable e) { // whoever waits has to hear of it, whatever it is
            fail(key, wanted, problemOf(key.path(), e));
        }
    }

    /** A frame of footage is mostly shown at one size, and once. */
    private Pyramid pyramid(PixelKey key, Raster picture) {
        return key.kind() == Media.Kind.PHOTO ? Pyramid.of(picture, rows) : Pyramid.onDemand(picture);
    }

    private Raster load(PixelKey key) throws FileProblem {
        Optional<FileProblem> refusal = watch.refusal(key);
        if (refusal.isPresent()) {
            throw refusal.get();
        }
        watch.begins(key.path());
        try {
            return loader.load(key);
        } finally {
            watch.ends(key.path());
        }
    }

    private void fail(PixelKey key, CompletableFuture<Pyramid> wanted, FileProblem problem) {
        if (key.isWhole()) {
            synchronized (pictures) {
                problems.put(key.path(), problem);
            }
        }
        wanted.completeExceptionally(problem);
    }

    /** Gives up pictures until the others hold no more than so many bytes. */
    private void giveUpOldest(CompletableFuture<Pyramid> newest, long most) {
        synchronized (pictures) {
            long before = bytes();
            long held = before;
            Iterator<CompletableFuture<Pyramid>> oldest = pictures.values().iterator();
            while (held > most && oldest.hasNext()) {
                CompletableFuture<Pyramid> candidate = oldest.next();
                if (candidate != newest && bytes(candidate) > 0) {
                    held -= bytes(candidate);
                    oldest.remove();
                }
            }
            givenUp += before - held;
        }
        giveBack();
    }

    /**
     * Without a hint the collector would rather let the heap grow to its limit than look for a few large arrays. Frames of playing
     * footage are given up all the time, so hints keep a distance.
     */
    private void giveBack() {
        boolean hint;
        synchronized (pictures) {
            hint = givenUp > HINT && System.nanoTime() - hinted > HINTS_APART_NANOS;
            if (hint) {
                givenUp = 0;
                hinted = System.nanoTime();
            }
        }
        if (hint) {
            System.gc(); // runs beside the program, see the start script
        }
    }

    private static long bytes(CompletableFuture<Pyramid> picture) {
        return picture.isDone() && !picture.isCompletedExceptionally()
                ? picture.join().bytes()
                : 0;
    }

    private static FileProblem problemOf(Path path, Throwable cause) {
        return switch (cause) {
            case FileProblem problem -> problem;
            case OutOfMemoryError memory ->
                new FileProblem(path + " is too large for the memory of this machine.", memory);
            default -> new FileProblem(path + " could not be read: " + FileWords.reason(cause) + ".", cause);
        };
    }

    /** Closes what is open for reading. */
    @Override
    public void close() {
        loader.close();
    }
}
