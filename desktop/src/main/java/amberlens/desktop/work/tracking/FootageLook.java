package amberlens.desktop.work.tracking;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.track.Track;
import amberlens.core.material.track.TrackDraft;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.media.WorkPool;
import amberlens.media.pixels.PixelKey;
import amberlens.media.pixels.PixelLoader;
import amberlens.media.track.SubjectTracker;
import amberlens.media.track.Tracking;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/** Looks through footage in the background, for one thing at a time. Lives on the interface thread. */
final class FootageLook {
    private static final long TOLD_EVERY = TimeUnit.MILLISECONDS.toNanos(200);
    private static final Duration LATER = Duration.millis(150);

    /** How a track is made of frames. */
    interface Making {
        Track make(SubjectTracker.Frames frames, Tracking.Progress progress) throws FileProblem;
    }

    /**
     * What is looked for.
     *
     * @param words what is being done, for people
     * @param subject whether it is a subject: what is found so far is shown, and kept even if it is ended
     * @param kept takes what was found at the end, and whether it was ended before
     */
    record Errand(Media media, FrameSpan within, String words, boolean subject, Making making, Kept kept) {}

    /** Takes what was found. */
    interface Kept {
        void take(Track track, boolean ended);
    }

    private final Desk desk;
    private final WorkPool rows;
    private final Background background;
    private @Nullable Job running;

    /** An errand on its way. */
    private final class Job {
        private final Errand errand;
        private final Object of = desk.document().identity();
        private volatile boolean ended;
        private Optional<Track> soFar = Optional.empty();
        private long told;
        private int looked;

        Job(Errand errand) {
            this.errand = errand;
        }

        /** On the thread that looks. */
        private boolean looked(TrackDraft draft, Work<?> work) {
            looked++;
            long now = System.nanoTime();
            if (now - told > TOLD_EVERY) {
                told = now;
                Track track = draft.track();
                int done = looked;
                work.tell(() -> show(track, done));
            }
            return !ended;
        }

        private void show(Track track, int done) {
            if (running == this) {
                soFar = errand.subject ? Optional.of(track) : Optional.empty();
                desk.say(errand.words + ": " + Math.min(99, 100 * done / Math.max(1, errand.within.length())) + " %.");
                desk.tell(Change.VIEW);
            }
        }
    }

    FootageLook(Desk desk, WorkPool rows, Background background) {
        this.desk = desk;
        this.rows = rows;
        this.background = background;
    }

    boolean isRunning() {
        return running != null;
    }

    /** Ends what is being looked for. */
    void stop() {
        Job job = running;
        if (job != null) {
            job.ended = true;
        }
    }

    /** What was found so far of a subject of some footage. */
    Optional<Track> soFar(Media media) {
        Job job = running;
        return job != null && job.errand.media.id().equals(media.id()) ? job.soFar : Optional.empty();
    }

    /** Looks for something else from now on. */
    void start(Errand errand) {
        stop();
        var job = new Job(errand);
        running = job;
        desk.tell(Change.VIEW);
        background.start(Work.<Track>watched(work -> track(job, work), track -> end(job, track), why -> fail(job, why))
                .takesLong()
                .atEnd(() -> forget(job)));
    }

    private Track track(Job job, Work<?> work) throws FileProblem {
        try (var pixels = new PixelLoader(rows)) {
            return job.errand.making.make(
                    frame -> pixels.load(PixelKey.of(job.errand.media, frame)), draft -> job.looked(draft, work));
        }
    }

    /** Of what was looked for in another project nothing is shown. */
    private void forget(Job job) {
        if (running == job && desk.document().identity() != job.of) {
            running = null;
            desk.tell(Change.VIEW);
        }
    }

    /** Works something out of what was found. */
    <T> void work(Work<T> work) {
        background.start(work);
    }

    private void fail(Job job, String why) {
        if (running == job) {
            running = null;
            desk.say("Not done: " + why + (why.endsWith(".") ? "" : "."));
            desk.tell(Change.VIEW);
        }
    }

    /** Hands over what was found, as soon as no hand is at work; nobody waits for it any more if something else was begun meanwhile. */
    private void end(Job job, Track track) {
        boolean wanted = running == job
                && desk.document().identity() == job.of
                && desk.document().whole().media(job.errand.media.id()).isPresent()
                && (job.errand.subject || !job.ended);
        if (wanted && desk.document().showing()) {
            var pause = new PauseTransition(LATER);
            pause.setOnFinished(_ -> end(job, track));
            pause.play();
            return;
        }
        running = running == job ? null : running;
        if (wanted) {
            job.errand.kept.take(track, job.ended);
        }
        desk.tell(Change.VIEW);
    }
}
