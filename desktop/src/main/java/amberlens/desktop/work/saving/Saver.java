package amberlens.desktop.work.saving;

import amberlens.core.model.project.FileProblem;
import amberlens.desktop.desk.state.Document;
import amberlens.files.FileStamp;
import amberlens.files.FileWords;
import amberlens.project.ProjectFile;
import amberlens.project.safe.EarlierVersions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.ScheduledThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Reads and writes projects one after the other on a thread of its own. Answers come on the interface thread. */
public final class Saver implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Saver.class);
    private static final int PATIENCE_SECONDS = 20;

    /** How a save ended. */
    public sealed interface Outcome {
        /** It is on disk. */
        record Written(FileStamp stamp) implements Outcome {}

        /** Somebody else has changed the file since it was read or written; nothing was done. */
        record ChangedOutside() implements Outcome {}

        record Failed(String why) implements Outcome {}
    }

    private final ScheduledThreadPoolExecutor thread = new ScheduledThreadPoolExecutor(
            1, Thread.ofPlatform().name("saving").daemon().factory());
    private final Executor interfaceThread;
    private final EarlierVersions versions;
    private final InstantSource clock;
    private final Map<Path, FileStamp> written = new HashMap<>();

    public Saver(Executor interfaceThread, EarlierVersions versions, InstantSource clock) {
        this.interfaceThread = interfaceThread;
        this.versions = versions;
        this.clock = clock;
        thread.setExecuteExistingDelayedTasksAfterShutdownPolicy(false);
    }

    /**
     * Writes a snapshot.
     *
     * @param known what the file was when the document last knew it; empty where whatever is there may be replaced
     */
    public void save(Document.Snapshot snapshot, Path file, Optional<FileStamp> known, Consumer<Outcome> answer) {
        run(() -> {
            Outcome outcome = write(snapshot, file, known);
            interfaceThread.execute(() -> answer.accept(outcome));
        });
    }

    private Outcome write(Document.Snapshot snapshot, Path file, Optional<FileStamp> known) {
        try {
            if (known.isPresent() && changedOutside(file, known.get())) {
                return new Outcome.ChangedOutside();
            }
            FileStamp stamp = ProjectFile.save(snapshot.project(), file);
            written.put(file, stamp);
            keepVersion(snapshot, file);
            return new Outcome.Written(stamp);
        } catch (FileProblem e) {
            return new Outcome.Failed(e.getMessage());
        } catch (Throwable e) { // a save that ends without a word would be taken for one that went well
            LOG.debug("saving {}", file, e);
            return new Outcome.Failed(file + " cannot be saved: " + FileWords.reason(e) + "; choose another place.");
        }
    }

    /** A file that is gone may be written again; what this program wrote itself is no change. */
    private boolean changedOutside(Path file, FileStamp known) throws IOException {
        FileStamp own = written.get(file);
        return Files.exists(file) && !known.stillHolds(file) && (own == null || !own.stillHolds(file));
    }

    private void keepVersion(Document.Snapshot snapshot, Path file) {
        try {
            versions.keep(snapshot.project(), file, clock.instant());
        } catch (FileProblem e) {
            LOG.debug("keeping a version of {}", file, e); // the save itself went well
        }
    }

    /** Reads a project, after all that is being written. */
    public void open(Path file, Consumer<ProjectFile.Opened> opened, Consumer<String> failed) {
        run(() -> {
            try {
                ProjectFile.Opened read = ProjectFile.openWithStamp(file);
                interfaceThread.execute(() -> opened.accept(read));
            } catch (FileProblem e) {
                interfaceThread.execute(() -> failed.accept(e.getMessage()));
            } catch (Throwable e) {
                LOG.debug("opening {}", file, e);
                interfaceThread.execute(() -> failed.accept(file + " cannot be opened: " + FileWords.reason(e) + "."));
            }
        });
    }

    /** Does something in its turn, and then on the interface thread. */
    public void inTurn(Runnable then) {
        run(() -> interfaceThread.execute(then));
    }

    /** Does something in its turn. */
    void run(Runnable work) {
        try {
            thread.execute(work);
        } catch (RejectedExecutionException e) {
            LOG.debug("after the end", e);
        }
    }

    /** Does something in its turn, but not before so many milliseconds have gone by. */
    ScheduledFuture<?> after(long millis, Runnable work) {
        return thread.schedule(work, millis, TimeUnit.MILLISECONDS);
    }

    /** Ends it when all that was asked for is on disk. */
    @Override
    public void close() {
        thread.shutdown();
        try {
            if (!thread.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                LOG.warn("a save was still under way at the end");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
