package amberlens.media.pixels;

import amberlens.core.base.memo.RecentlyUsed;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.PictureRef;
import amberlens.files.FileWords;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.WeakHashMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.LongSupplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Decoded pictures and frames of footage with their pyramids, the least recently used given up first when they outgrow a budget
 * in bytes, but for those that somebody needs together. Safe for use from several threads.
 */
public final class PixelCache implements AutoCloseable {
    /** The most that is kept however much memory there is, in bytes, so that a shelf full of large pictures stays modest. */
    private static final long MOST = 1L << 29;

    /** What may be held when something was only glanced at, in parts of the budget. */
    private static final int GLANCED = 4;

    /** After so many bytes were given up, the collector is told. */
    private static final long HINT = 1L << 27;

    /** After so many it is told by and by. */
    private static final long LATER_HINT = 1L << 24;

    private static final long HINTS_APART_NANOS = 1_000_000_000;

    private final long budget;
    private final Executor decoding;
    private final Rows rows;
    private final PixelLoader loader;
    private final ReadingWatch watch;
    private long givenUp;
    private long givenUpAt;
    private boolean hintComes;
    private long hinted = System.nanoTime() - HINTS_APART_NANOS;
    private final RecentlyUsed<PixelKey, CompletableFuture<Pyramid>> pictures;
    private final Map<Path, FileProblem> problems = new HashMap<>();
    private final PassingProblems passing;
    private final Map<Object, Set<PixelKey>> pinned = new WeakHashMap<>();
    private final Set<PixelKey> glanced = new HashSet<>();

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
        this(budget, decoding, rows, watch, System::nanoTime);
    }

    PixelCache(long budget, Executor decoding, Rows rows, ReadingWatch watch, LongSupplier nanos) {
        passing = new PassingProblems(nanos);
        this.watch = watch;
        this.budget = budget;
        pictures = new RecentlyUsed<>(budget, PixelCache::bytes, this::isPinned, _ -> {});
        this.decoding = decoding;
        this.rows = rows;
        loader = new PixelLoader(rows);
    }

    /** The usual budget: two fifths of the memory this program may take, but at most 512 MiB; in bytes. */
    public static long usualBudget() {
        return Math.min(MOST, Runtime.getRuntime().maxMemory() / 5 * 2);
    }

    /**
     * The pixels, now or later; fails with a {@link FileProblem} as the cause. All that a picture is cut into comes from reading it once.
     */
    public CompletableFuture<Pyramid> request(PictureRef ref) {
        return request(ref, false);
    }

    /**
     * Likewise for a passing look, as at a small picture: so that many of them leave memory alone, pixels that nobody needs, these included,
     * are given up beyond a quarter of the budget once these have come.
     */
    public CompletableFuture<Pyramid> glance(PictureRef ref) {
        return request(ref, true);
    }

    private CompletableFuture<Pyramid> request(PictureRef ref, boolean inPassing) {
        PixelKey key = PixelKey.of(ref);
        List<PixelKey> together = ref instanceof PictureRef.CutOut
                ? PictureRef.cutOuts(ref.media()).stream().map(PixelKey::of).toList()
                : List.of(key);
        var missing = new LinkedHashMap<PixelKey, CompletableFuture<Pyramid>>();
        CompletableFuture<Pyramid> wanted;
        synchronized (pictures) {
            CompletableFuture<Pyramid> known = known(key);
            if (!inPassing) {
                glanced.removeAll(together);
            }
            if (known != null) {
                return known;
            }
            for (PixelKey one : together) {
                if (known(one) == null) {
                    var pixels = new CompletableFuture<Pyramid>();
                    pictures.put(one, pixels);
                    missing.put(one, pixels);
                }
            }
            if (inPassing) {
                glanced.addAll(missing.keySet());
            }
            wanted = missing.get(key);
        }
        decoding.execute(() -> decode(missing));
        return wanted;
    }

    /** What there is of pixels. */
    private @Nullable CompletableFuture<Pyramid> known(PixelKey key) {
        tryAgain(key.path());
        return pictures.get(key);
    }

    /** Forgets that a file could not be read for a reason that may have passed by now. */
    private void tryAgain(Path path) {
        if (passing.isDue(path)) {
            problems.remove(path);
            pictures.removeIf((key, pixels) -> key.path().equals(path) && pixels.isCompletedExceptionally());
        }
    }

    /** After what time a file that could not be read for a reason that may pass is tried again; nothing for any other. */
    public Optional<Duration> triesAgainIn(Path path) {
        synchronized (pictures) {
            return passing.until(path);
        }
    }

    /**
     * Keeps pixels from being given up as long as somebody needs them together, in place of those that were kept for the same one before.
     *
     * @param who no longer counts when nothing else refers to it
     */
    public void pin(Object who, Collection<PictureRef> refs) {
        Set<PixelKey> keys = refs.stream().map(PixelKey::of).collect(Collectors.toSet());
        synchronized (pictures) {
            pinned.put(who, keys);
        }
    }

    /** The pixels if they are ready; otherwise nothing, without waiting. */
    public Optional<Pyramid> ready(PictureRef ref) {
        PixelKey key = PixelKey.of(ref);
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
            tryAgain(path);
            return Optional.ofNullable(problems.get(path));
        }
    }

    /** Why these very pixels cannot be had, if that is known: what is cut out of a picture may fail where the picture does not. */
    public Optional<FileProblem> problem(PictureRef ref) {
        PixelKey key = PixelKey.of(ref);
        synchronized (pictures) {
            CompletableFuture<Pyramid> known = known(key);
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
    public boolean await(PictureRef ref, BooleanSupplier goesOn) throws FileProblem {
        CompletableFuture<Pyramid> wanted = request(ref);
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
                throw problemOf(PixelKey.of(ref).path(), e.getCause() == null ? e : e.getCause());
            }
        }
    }

    /**
     * Makes sure that pixels can be read. While half of the budget is free they are kept; then they are only read, so that what is
     * needed first is still there when it is.
     *
     * @param goesOn asked whether to go on
     * @return whether it still does
     */
    public boolean check(PictureRef ref, BooleanSupplier goesOn) throws FileProblem {
        if (bytes() <= budget / 2 || ready(ref).isPresent()) {
            return await(ref, goesOn);
        }
        PixelKey key = PixelKey.of(ref);
        try {
            load(key);
        } catch (Exception | OutOfMemoryError e) {
            throw problemOf(key.path(), e);
        }
        return goesOn.getAsBoolean();
    }

    /** Forgets a file, so that it is read anew when it is wanted again. */
    public void forget(Path path) {
        synchronized (pictures) {
            pictures.removeIf((key, _) -> key.path().equals(path));
            problems.remove(path);
            passing.forget(path);
        }
        loader.forget(path);
    }

    /** The memory that ready pictures hold, in bytes. */
    public long bytes() {
        synchronized (pictures) {
            return pictures.held();
        }
    }

    /** All of one picture. */
    private void decode(Map<PixelKey, CompletableFuture<Pyramid>> wanted) {
        try {
            PixelKey first = wanted.keySet().iterator().next();
            Raster read = load(first);
            synchronized (pictures) {
                passing.forget(first.path());
            }
            for (var one : wanted.entrySet()) {
                Raster picture = loader.cut(read, one.getKey());
                synchronized (pictures) {
                    givenUp += Pyramid.bytes(picture); // about as much as that was needed to read it
                }
                giveUpOldest(wanted.keySet(), budget - Pyramid.bytes(picture));
                one.getValue().complete(pyramid(one.getKey(), picture));
                synchronized (pictures) {
                    pictures.weigh(one.getKey());
                }
                if (!isGlanced(one.getKey())) {
                    giveUpOldest(wanted.keySet(), budget);
                }
            }
            if (wanted.keySet().stream().allMatch(this::isGlanced)) {
                giveUpOldest(Set.of(), budget / GLANCED);
            }
        } catch (Throwable e) { // whoever waits has to hear of it, whatever it is
            wanted.forEach((key, pixels) -> fail(key, pixels, e));
        } finally {
            synchronized (pictures) {
                glanced.removeAll(wanted.keySet());
            }
        }
    }

    /** Whether pixels that come are only wanted in passing. */
    private boolean isGlanced(PixelKey key) {
        synchronized (pictures) {
            return glanced.contains(key);
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
            return key.cutout().isPresent() ? loader.whole(key) : loader.load(key);
        } finally {
            watch.ends(key.path());
        }
    }

    private void fail(PixelKey key, CompletableFuture<Pyramid> wanted, Throwable e) {
        FileProblem problem = problemOf(key.path(), e);
        synchronized (pictures) {
            if (problem.mayPass()) {
                passing.failed(key.path());
            }
            if (key.isWhole()) {
                problems.put(key.path(), problem);
            }
        }
        wanted.completeExceptionally(problem);
    }

    /** Gives up pictures until the others hold no more than so many bytes. */
    private void giveUpOldest(Set<PixelKey> newest, long most) {
        synchronized (pictures) {
            givenUp += pictures.giveUp(most, newest::contains);
        }
        giveBack();
    }

    private boolean isPinned(PixelKey key) {
        return pinned.values().stream().anyMatch(keys -> keys.contains(key));
    }

    /**
     * Without a hint the collector would rather let the heap grow to its limit than look for a few large arrays. Frames of playing
     * footage are given up all the time, so hints keep a distance; the last one comes when all is quiet.
     */
    private void giveBack() {
        synchronized (pictures) {
            givenUpAt = System.nanoTime();
            if (givenUp > LATER_HINT && !hintComes) {
                hintComes = true;
                later(HINTS_APART_NANOS);
            }
            if (givenUp <= HINT || System.nanoTime() - hinted <= HINTS_APART_NANOS) {
                return;
            }
        }
        hint();
    }

    private void later(long nanos) {
        CompletableFuture.delayedExecutor(nanos, TimeUnit.NANOSECONDS).execute(this::hintWhenQuiet);
    }

    private void hintWhenQuiet() {
        synchronized (pictures) {
            long rest = givenUpAt + HINTS_APART_NANOS - System.nanoTime();
            if (rest > 0) {
                later(rest);
                return;
            }
            hintComes = false;
            if (givenUp <= LATER_HINT) {
                return;
            }
        }
        hint();
    }

    private void hint() {
        synchronized (pictures) {
            hinted = System.nanoTime();
            givenUp = 0;
        }
        System.gc(); // runs beside the program, see the start script
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
