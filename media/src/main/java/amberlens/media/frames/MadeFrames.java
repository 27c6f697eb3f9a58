package amberlens.media.frames;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.memo.RecentlyUsed;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.FrameSight;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Finished frames of one size by what they show: the newest in memory, the others in an overflow file, the oldest given up. For several
 * threads; whoever asks for a frame does not wait for a slow disk on which another is being written.
 */
public final class MadeFrames implements AutoCloseable {
    private record Made(FrameSight sight, FrameRaster frame) {}

    private record Written(FrameSight sight, int slot) {}

    /** For how long somebody waits for a frame. */
    private static final long MOST_MILLIS = 5;

    private final long fileBudget;
    private final OverflowFile.Opener opener;
    private final RecentlyUsed<FrameSight, Made> inMemory;
    private RecentlyUsed<FrameSight, Written> inFile;
    private @Nullable OverflowFile file;
    private final Set<FrameSight> kept = ConcurrentHashMap.newKeySet();
    private final ReentrantLock lock = new ReentrantLock();
    private Size size = new Size(1, 1);

    /**
     * @param memoryBudget bytes of frames that stay in memory
     * @param fileBudget bytes of frames that the file may hold
     * @param opener makes the file once something has to go there
     */
    public MadeFrames(long memoryBudget, long fileBudget, OverflowFile.Opener opener) {
        this.fileBudget = fileBudget;
        this.opener = opener;
        inMemory = new RecentlyUsed<>(memoryBudget, _ -> bytes(), _ -> false, this::overflow);
        inFile = slots();
    }

    private RecentlyUsed<FrameSight, Written> slots() {
        return new RecentlyUsed<>(fileBudget, _ -> bytes(), _ -> false, this::gone);
    }

    private long bytes() {
        return Integer.BYTES * size.area();
    }

    /** Keeps a frame; one of another size than those before takes the place of them all. */
    public void put(FrameSight sight, FrameRaster frame) {
        lock.lock();
        try {
            if (!frame.size().equals(size)) {
                clear();
                size = frame.size();
            }
            if (kept.add(sight)) {
                inMemory.put(sight, new Made(sight, frame));
            }
        } finally {
            lock.unlock();
        }
    }

    /** Whether there is a frame that shows this. */
    public boolean has(FrameSight sight) {
        return kept.contains(sight);
    }

    /** Whether there is any. */
    public boolean isEmpty() {
        return kept.isEmpty();
    }

    /**
     * The frame that shows this, if it can be had within a few milliseconds.
     *
     * @param room gives a raster of a size for what is read from the file: one that nobody looks at any more
     */
    public Optional<FrameRaster> get(FrameSight sight, Function<Size, FrameRaster> room) {
        if (!kept.contains(sight) || !isFree()) {
            return Optional.empty();
        }
        try {
            Made made = inMemory.get(sight);
            return made != null ? Optional.of(made.frame()) : read(sight, room);
        } finally {
            lock.unlock();
        }
    }

    private boolean isFree() {
        try {
            return lock.tryLock(MOST_MILLIS, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private Optional<FrameRaster> read(FrameSight sight, Function<Size, FrameRaster> room) {
        Written written = inFile.get(sight);
        if (written == null || file == null) {
            return Optional.empty();
        }
        try {
            FrameRaster frame = room.apply(size);
            file.read(written.slot(), frame.argb());
            return Optional.of(frame);
        } catch (IOException e) { // it can be made again
            inFile.remove(sight);
            return Optional.empty();
        }
    }

    /** Gives all up. */
    public void clear() {
        lock.lock();
        try {
            kept.clear(); // nothing of it overflows
            inMemory.removeIf((_, _) -> true);
            inFile = slots();
            if (file != null) {
                file.close();
                file = null;
            }
        } finally {
            lock.unlock();
        }
    }

    private void overflow(Made made) {
        if (!kept.contains(made.sight())) {
            return;
        }
        try {
            if (file == null) {
                file = opener.open(Math.toIntExact(size.area()));
            }
            inFile.put(
                    made.sight(),
                    new Written(made.sight(), file.write(made.frame().argb())));
        } catch (IOException e) { // no room: it is given up, and made again when it is wanted
            kept.remove(made.sight());
        }
    }

    private void gone(Written written) {
        kept.remove(written.sight());
        if (file != null) {
            file.free(written.slot());
        }
    }

    @Override
    public void close() {
        clear();
    }
}
