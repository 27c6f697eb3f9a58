package amberlens.media.track;

import amberlens.core.model.project.FileProblem;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;

/**
 * Frames of footage in shades of grey, one after the other in either direction. The next one is read while one is looked at. Backwards they
 * are read in blocks, each of them forwards. Used by one thread.
 */
final class GreyFrames implements AutoCloseable {
    private static final int BLOCK = 16;

    private final SubjectTracker.Frames frames;
    private final int step;
    private final int last;
    private TreeMap<Integer, Grey> known = new TreeMap<>();
    private Optional<FutureTask<TreeMap<Integer, Grey>>> coming = Optional.empty();

    /** @param last the frame asked for last, before or after all others */
    GreyFrames(SubjectTracker.Frames frames, int first, int last) {
        this.frames = frames;
        this.last = last;
        step = last < first ? -1 : 1;
    }

    /** A frame; they are asked for in order. */
    Grey at(int frame) throws FileProblem {
        Grey grey = known.get(frame);
        if (grey != null) {
            return grey;
        }
        Optional<FutureTask<TreeMap<Integer, Grey>>> task = coming;
        coming = Optional.empty();
        known = task.isPresent() ? result(task.get()) : read(frame);
        int next = step > 0 ? frame + 1 : known.firstKey() - 1;
        if (step * (last - next) >= 0) {
            var ahead = new FutureTask<>(() -> read(next));
            coming = Optional.of(ahead);
            Thread.ofPlatform().name("grey").daemon().start(ahead);
        }
        return known.get(frame);
    }

    /** A frame, or backwards a block that ends with it. */
    private TreeMap<Integer, Grey> read(int frame) throws FileProblem {
        var block = new TreeMap<Integer, Grey>();
        int from = step > 0 ? frame : Math.max(last, frame - BLOCK + 1);
        for (int one = from; one <= frame; one++) {
            block.put(one, Grey.of(frames.frame(one)));
        }
        return block;
    }

    private static TreeMap<Integer, Grey> result(FutureTask<TreeMap<Integer, Grey>> task) throws FileProblem {
        try {
            return task.get();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new FileProblem("Mats for the subject was interrupted.", e);
        } catch (ExecutionException e) {
            switch (e.getCause()) {
                case FileProblem problem -> throw problem;
                case RuntimeException problem -> throw problem;
                case Error error -> throw error;
                case null, default -> throw new IllegalStateException(e);
            }
        }
    }

    /** Nothing is read any more after this. */
    @Override
    public void close() throws FileProblem {
        if (coming.isPresent()) {
            FutureTask<TreeMap<Integer, Grey>> task = coming.get();
            coming = Optional.empty();
            try {
                result(task);
            } catch (FileProblem | RuntimeException _) {
                // It was not asked for.
            }
        }
    }
}
