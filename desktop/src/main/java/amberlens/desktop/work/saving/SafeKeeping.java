package amberlens.desktop.work.saving;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Document;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.work.queue.ExportQueue;
import amberlens.files.FileWords;
import amberlens.media.export.ExportJob;
import amberlens.media.export.JobText;
import amberlens.project.safe.Safe;
import amberlens.project.safe.SafeEntry;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.ScheduledFuture;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Keeps what is not saved in a {@link Safe}, without asking: when no edit has come for a moment, and while edits come without end
 * every few seconds. What is saved, or given up, is forgotten there. Lives on the interface thread; writes on the saving thread.
 */
public final class SafeKeeping implements AutoCloseable {
    /** Draws a small picture of a frame of a project, or of none when its pictures are not available. */
    @FunctionalInterface
    public interface Picture {
        byte @Nullable [] of(Project project, int frame);
    }

    private static final long QUIET_MILLIS = 600;
    private static final long LONGEST_MILLIS = 5000;

    private final Desk desk;
    private final Saver saver;
    private final Path safes;
    private final Picture picture;
    private final InstantSource clock;
    private final Executor interfaceThread;
    private final Subscription listening;
    private @Nullable Safe safe;
    private Object document;
    private Project handled;
    private int number;
    private @Nullable ScheduledFuture<?> planned;
    private Consumer<Runnable> newest = _ -> {};
    private Instant firstWaiting = Instant.MIN;
    private Optional<Instant> kept = Optional.empty();
    private Optional<String> trouble = Optional.empty();

    /**
     * @param safes the folder in which running programs have their safes
     */
    public SafeKeeping(
            Desk desk, Saver saver, Path safes, Picture picture, InstantSource clock, Executor interfaceThread) {
        this.desk = desk;
        this.saver = saver;
        this.safes = safes;
        this.picture = picture;
        this.clock = clock;
        this.interfaceThread = interfaceThread;
        document = desk.document().snapshot().of();
        handled = desk.document().whole();
        listening = desk.subscribe(this::changed);
    }

    /** When the present document was last kept safe; empty when it was not, or need not be. */
    public Optional<Instant> kept() {
        return kept;
    }

    /** Why work is not kept safe at the moment, until it is again. */
    public Optional<String> trouble() {
        return trouble;
    }

    private void changed(Changes changes) {
        if (!changes.contains(Change.PROJECT) && !changes.contains(Change.FILE)) {
            return;
        }
        Document.Snapshot now = desk.document().snapshot();
        if (now.of() != document) {
            forget();
            document = now.of();
            number++;
        }
        if (!desk.document().unsaved()) {
            forget();
        } else if (now.project() != handled || (kept.isEmpty() && planned == null)) {
            plan(now);
        }
        handled = now.project();
    }

    private void plan(Document.Snapshot snapshot) {
        Instant now = clock.instant();
        if (planned == null || planned.isDone()) {
            firstWaiting = now;
        } else {
            planned.cancel(false);
        }
        long waited = java.time.Duration.between(firstWaiting, now).toMillis();
        long delay = Math.clamp(LONGEST_MILLIS - waited, 0, QUIET_MILLIS);
        int of = number;
        int frame = desk.cursor().playhead();
        var entry = new SafeEntry(
                snapshot.project().name(),
                desk.document().file(),
                desk.document().stamp(),
                now,
                desk.document().edits());
        newest = then -> keep(of, snapshot, entry, frame, then);
        planned = saver.after(delay, () -> keep(of, snapshot, entry, frame, () -> {}));
    }

    /** The work first, and what waits for it: its picture may take as long as everything else that is drawn. */
    private void keep(int of, Document.Snapshot snapshot, SafeEntry entry, int frame, Runnable then) {
        try {
            safe().keep(of, snapshot.project(), entry);
            then.run();
            Instant when = clock.instant();
            interfaceThread.execute(() -> told(snapshot, when));
            byte[] drawn = drawn(snapshot.project(), frame);
            if (drawn != null) {
                safe().keepPicture(of, drawn);
            }
        } catch (FileProblem | RuntimeException e) {
            interfaceThread.execute(() -> complain(FileWords.reason(e)));
        }
    }

    private byte @Nullable [] drawn(Project project, int frame) {
        try {
            return picture.of(project, frame);
        } catch (RuntimeException _) {
            return null; // work is kept without a picture rather than not at all
        }
    }

    private void told(Document.Snapshot snapshot, Instant when) {
        if (snapshot.of() == document && desk.document().unsaved()) {
            kept = Optional.of(when);
            trouble = Optional.empty();
            desk.tell(Change.FILE);
        }
    }

    /** Said at once, and shown until work is kept again: a time from before would look as if all were well. */
    private void complain(String why) {
        kept = Optional.empty();
        boolean known = trouble.isPresent();
        trouble = Optional.of(why);
        if (!known) {
            desk.say("Your work is not kept safe at the moment: " + why);
        }
        desk.tell(Change.FILE);
    }

    /** The present document is given up by whoever made it: it need not be kept any more. */
    public void forget() {
        if (planned != null) {
            planned.cancel(false);
            planned = null;
        }
        kept = Optional.empty();
        int of = number;
        saver.run(() -> {
            Safe made = made();
            if (made != null) {
                made.forget(of);
            }
        });
    }

    /** Keeps the present document at once, and does something when it is kept; where it cannot be, only that is said. */
    public void keepNow(Runnable then) {
        handled = desk.document().whole();
        plan(desk.document().snapshot());
        Consumer<Runnable> keeping = newest;
        if (planned != null) {
            planned.cancel(false);
            planned = null;
        }
        saver.run(() -> keeping.accept(then));
    }

    /** Keeps exports, too. */
    public ExportQueue.Keeping exports() {
        return new ExportQueue.Keeping() {
            @Override
            public void keep(int export, ExportJob job) {
                saver.run(() -> {
                    try {
                        safe().keepExport(export, job.project(), JobText.of(job));
                    } catch (FileProblem | RuntimeException e) {
                        interfaceThread.execute(() -> complain(FileWords.reason(e)));
                    }
                });
            }

            @Override
            public void forget(int export) {
                saver.run(() -> {
                    Safe made = made();
                    if (made != null) {
                        made.forgetExport(export);
                    }
                });
            }
        };
    }

    /** The safe of this program, made when it is first needed; on any thread. */
    public synchronized Safe safe() throws FileProblem {
        if (safe == null) {
            safe = Safe.in(safes);
        }
        return safe;
    }

    private synchronized @Nullable Safe made() {
        return safe;
    }

    /** Ends it after the last edits of a document that is to be kept were written. */
    @Override
    public void close() {
        listening.close();
        saver.run(() -> {
            Safe made = made();
            if (made != null) {
                made.close();
            }
        });
    }
}
