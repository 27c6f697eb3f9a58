package amberlens.desktop.work.pictures;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.FrameSight;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.media.export.FrameSource;
import amberlens.media.frames.MadeFrames;
import amberlens.media.frames.OverflowFile;
import amberlens.media.pixels.PixelCache;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Frames of the line-up made ready in the background, in full quality and as large as they are looked at, so that playing takes them as
 * they are. An edit changes what its frames show, and these alone are made anew; when it is undone, those from before serve again.
 * Lives on the interface thread.
 */
public final class MadeReady implements AutoCloseable {
    /** So much of the memory that the program may use, at most. */
    private static final long PART_OF_MEMORY = 16;

    private static final long MOST_MEMORY = 32L << 20;
    private static final long MOST_FILE = 3L << 30;

    /** What is shown of longer line-ups is not looked up for every frame. */
    private static final int LONGEST = 100_000;

    /** How often it is told that one more is ready, nanoseconds. */
    private static final long BETWEEN = 250_000_000;

    private final PixelCache cache;
    private final Rows rows;
    private final Background background;
    private final List<Runnable> listeners = new ArrayList<>();
    private final MadeFrames frames;
    private Optional<FrameSight.Port> port = Optional.empty();
    private BitSet ready = new BitSet();
    private long told;

    /** For what is shown now, what was shown before, and what comes next. */
    private final @Nullable FrameRaster[] rooms = new FrameRaster[3];

    private int turn;
    private @Nullable Work<?> making;
    private @Nullable Work<?> looking;

    /**
     * @param rows of the long work
     * @param folder for the overflow file
     */
    public MadeReady(PixelCache cache, Rows rows, Background background, Path folder) {
        this.cache = cache;
        this.rows = rows;
        this.background = background;
        long memory = Math.min(MOST_MEMORY, Runtime.getRuntime().maxMemory() / PART_OF_MEMORY);
        frames = new MadeFrames(memory, MOST_FILE, OverflowFile.in(folder));
    }

    /** The Lens has shown this part of the frame at this size; that is what is made ready from now on. */
    public void shownAt(FrameSight.Port now, Project project) {
        if (!port.equals(Optional.of(now))) {
            stop();
            port = Optional.of(now);
            look(project);
        }
    }

    /** The frame if it is ready; good until two others have been asked for. */
    public Optional<FrameRaster> of(Project project, int frame, FrameSight.Port at) {
        return frames.isEmpty() ? Optional.empty() : frames.get(FrameSight.of(project, frame, at), this::room);
    }

    /** The one that was shown longest ago: large arrays made anew for every frame would keep the collector busy. */
    private FrameRaster room(Size size) {
        turn = (turn + 1) % rooms.length;
        FrameRaster free = rooms[turn];
        if (free == null || !free.size().equals(size)) {
            free = FrameRaster.blank(size);
            rooms[turn] = free;
        }
        return free;
    }

    /** The runs of frames that are ready. */
    public List<FrameSpan> spans() {
        return FrameSpan.runs(0, ready.length() - 1, ready::get);
    }

    public boolean isMaking() {
        return making != null;
    }

    /**
     * Makes frames ready, from one of them on and then those before it.
     *
     * @param whenDone runs when all of them are ready
     */
    public void make(Project project, FrameSpan span, int from, Runnable whenDone) {
        stop();
        if (port.isEmpty()) {
            return;
        }
        FrameSight.Port at = port.get();
        int first = Math.clamp(from, span.from(), span.to());
        int[] order = IntStream.concat(IntStream.rangeClosed(first, span.to()), IntStream.range(span.from(), first))
                .toArray();
        var source = new FrameSource(project, cache, rows);
        Work<Boolean> work = Work.<Boolean>watched(
                        now -> make(now, project, source, at, order),
                        all -> {
                            if (all) {
                                whenDone.run();
                            }
                        },
                        _ -> {}) // what cannot be read is told where it is looked at
                .takesLong();
        making = work;
        background.start(work.atEnd(() -> ended(work, project)));
        tell();
    }

    private boolean make(Work<?> work, Project project, FrameSource source, FrameSight.Port at, int[] order)
            throws FileProblem {
        for (int frame : order) {
            if (!work.isWanted()) {
                return false;
            }
            FrameSight sight = FrameSight.of(project, frame, at);
            if (!frames.has(sight)) {
                frames.put(sight, source.frame(frame, at));
            }
            work.tell(() -> {
                ready.set(frame);
                tellSometimes();
            });
        }
        return true;
    }

    /** Runs something whenever other frames are ready. */
    public Subscription whenChanged(Runnable listener) {
        listeners.add(listener);
        return () -> listeners.remove(listener);
    }

    private void tell() {
        told = System.nanoTime();
        listeners.forEach(Runnable::run);
    }

    private void tellSometimes() {
        if (System.nanoTime() - told > BETWEEN) {
            tell();
        }
    }

    /** Where there was no room for all, the first ones were given up again. */
    private void ended(Work<?> work, Project project) {
        if (making == work) {
            making = null;
            tell();
            look(project);
        }
    }

    /** Makes no more; what is ready stays. */
    public void stop() {
        if (making != null) {
            making.cancel();
            making = null;
            tell();
        }
    }

    /** Looks up which frames of a project are ready: it has changed. */
    public void look(Project project) {
        if (looking != null) {
            looking.cancel();
        }
        if (port.isEmpty() || frames.isEmpty()) {
            set(new BitSet());
            return;
        }
        FrameSight.Port at = port.get();
        looking = background.start(Work.<BitSet>watched(now -> look(now, project, at), this::set, _ -> {}));
    }

    private BitSet look(Work<?> work, Project project, FrameSight.Port at) {
        var found = new BitSet();
        int length = Math.min(LONGEST, LineUp.length(project));
        for (int frame = 0; frame < length && work.isWanted(); frame++) {
            found.set(frame, frames.has(FrameSight.of(project, frame, at)));
        }
        return found;
    }

    private void set(BitSet found) {
        if (!found.equals(ready)) {
            ready = found;
            tell();
        }
    }

    /** Gives all up: something that they show has changed on disk, or another project is open. */
    public void forget() {
        stop();
        frames.clear();
        set(new BitSet());
    }

    @Override
    public void close() {
        stop();
        frames.close();
    }
}
