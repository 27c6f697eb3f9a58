package amberlens.desktop.work.queue;

import amberlens.core.pixels.raster.Rows;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.media.export.Export;
import amberlens.media.export.ExportJob;
import amberlens.media.export.ExportRecord;
import amberlens.media.export.ExportSettings;
import amberlens.media.pixels.PixelCache;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.LongSupplier;

/** Exports one after the other, in the background, while work goes on. Lives on the interface thread. */
public final class ExportQueue {
    /** How far an export is. */
    public enum State {
        WAITING("waiting"),
        RUNNING("running"),
        DONE("done"),
        FAILED("failed"),
        STOPPED("stopped; no file was left"),
        SKIPPED("unchanged since it was made");

        private final String words;

        State(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** One export of the queue. */
    public static final class Entry {
        private final ExportJob job;
        private final boolean onlyChanged;
        private State state = State.WAITING;
        private int done;
        private int of = 1;
        private long began;
        private double secondsLeft = Double.NaN;
        private double perSecond = Double.NaN;
        private String problem = "";
        private volatile boolean stopped;

        private final int number;

        private Entry(ExportJob job, boolean onlyChanged, int number) {
            this.job = job;
            this.number = number;
            this.onlyChanged = onlyChanged;
        }

        public ExportJob job() {
            return job;
        }

        public State state() {
            return state;
        }

        /** 0 … 1. */
        public double progress() {
            return state == State.DONE || state == State.SKIPPED ? 1 : (double) done / of;
        }

        public int framesDone() {
            return done;
        }

        public int frames() {
            return of;
        }

        /** Not a number while it cannot be told. */
        public double secondsLeft() {
            return secondsLeft;
        }

        /** Frames a second; not a number while it cannot be told. */
        public double perSecond() {
            return perSecond;
        }

        /** Why it failed, or what is to be known of what was made; empty when there is nothing to say. */
        public String problem() {
            return problem;
        }

        public boolean ended() {
            return state != State.WAITING && state != State.RUNNING;
        }
    }

    /** Keeps what waits and runs, so that it is not forgotten when the program ends in the middle of it. */
    public interface Keeping {
        void keep(int number, ExportJob job);

        void forget(int number);
    }

    private final Keeping keeping;
    private final PixelCache pictures;
    private final Rows rows;
    private final Background background;
    private final LongSupplier nanos;
    private final Runnable changed;
    private final Consumer<String> said;
    private final BiConsumer<ExportSettings, ExportPace> costs;
    private final List<Entry> entries = new ArrayList<>();
    private boolean busy;
    private int added;
    private Runnable whenDone = () -> {};

    /**
     * @param nanos a clock
     * @param changed called on the interface thread whenever something is to be shown anew
     * @param said what is worth saying aloud
     * @param costs is told what an export has cost
     * @param keeping keeps what waits and runs
     */
    public ExportQueue(
            PixelCache pictures,
            Rows rows,
            Background background,
            LongSupplier nanos,
            Runnable changed,
            Consumer<String> said,
            BiConsumer<ExportSettings, ExportPace> costs,
            Keeping keeping) {
        this.costs = costs;
        this.keeping = keeping;
        this.said = said;
        this.pictures = pictures;
        this.rows = rows;
        this.background = background;
        this.nanos = nanos;
        this.changed = changed;
    }

    public List<Entry> entries() {
        return List.copyOf(entries);
    }

    /** The export that runs now. */
    public Optional<Entry> running() {
        return entries.stream().filter(entry -> entry.state == State.RUNNING).findFirst();
    }

    public int waiting() {
        return (int)
                entries.stream().filter(entry -> entry.state == State.WAITING).count();
    }

    /**
     * Puts an export behind those that wait.
     *
     * @param onlyChanged whether it is passed over when its file is as it would become
     */
    public void add(ExportJob job, boolean onlyChanged) {
        var entry = new Entry(job, onlyChanged, ++added);
        entries.add(entry);
        keeping.keep(entry.number, job);
        changed.run();
        next();
    }

    /** Stops an export, or takes it out before its turn. */
    public void stop(Entry entry) {
        entry.stopped = true;
        if (entry.state == State.WAITING) {
            entry.state = State.STOPPED;
            keeping.forget(entry.number);
        }
        changed.run();
        tellIfDone();
    }

    /** Stops everything. */
    public void stopAll() {
        entries.stream().filter(entry -> !entry.ended()).toList().forEach(this::stop);
    }

    /** Takes those that have ended off the list. */
    public void clear() {
        entries.removeIf(Entry::ended);
        changed.run();
    }

    private void next() {
        Optional<Entry> first =
                entries.stream().filter(entry -> entry.state == State.WAITING).findFirst();
        if (busy || first.isEmpty()) {
            return;
        }
        busy = true;
        Entry entry = first.get();
        entry.state = State.RUNNING;
        entry.began = nanos.getAsLong();
        changed.run();
        background.start(Work.<Ended>watched(
                        work -> run(entry, work), ended -> end(entry, ended), why -> end(entry, failed(why)))
                .forEveryProject()
                .takesLong());
    }

    /** How an export has ended, and what there is to say. */
    private record Ended(State state, String problem) {}

    private static Ended failed(String why) {
        return new Ended(State.FAILED, why);
    }

    private Ended run(Entry entry, Work<?> work) {
        try {
            if (entry.onlyChanged && ExportRecord.isUnchanged(entry.job)) {
                return new Ended(State.SKIPPED, "");
            }
            var export = new Export(entry.job.project(), entry.job.settings(), pictures, rows);
            boolean whole = export.run((done, of) -> {
                work.tell(() -> progress(entry, done, of));
                return !entry.stopped;
            });
            if (whole) {
                ExportRecord.remember(entry.job);
            }
            return new Ended(
                    whole ? State.DONE : State.STOPPED, whole ? export.remark().orElse("") : "");
        } catch (Throwable e) { // in the words of exports; the queue goes on with the next one, whatever it is
            return failed(String.valueOf(Export.failed(e).getMessage()));
        }
    }

    private void progress(Entry entry, int done, int of) {
        entry.done = done;
        entry.of = of;
        double seconds = (nanos.getAsLong() - entry.began) / 1e9;
        entry.secondsLeft = done < 3 ? Double.NaN : seconds / done * (of - done);
        entry.perSecond = done < 3 ? Double.NaN : done / seconds;
        changed.run();
    }

    private void end(Entry entry, Ended ended) {
        entry.state = ended.state;
        entry.problem = ended.problem;
        keeping.forget(entry.number);
        busy = false;
        if (ended.state == State.DONE) {
            measure(entry);
            said.accept(("Exported " + entry.job.settings().destination() + ". " + ended.problem).strip());
        } else if (ended.state == State.FAILED) {
            said.accept(ended.problem);
        }
        changed.run();
        next();
        tellIfDone();
    }

    /** Takes note of what it has cost; one that is over in a moment says nothing. */
    private void measure(Entry entry) {
        ExportSettings settings = entry.job.settings();
        double seconds = (nanos.getAsLong() - entry.began) / 1e9;
        if (settings.format().isOneFile() && settings.format().soundAlone().isEmpty() && seconds > 1) {
            long bytes = settings.destination().toFile().length();
            double megapixels = entry.of * settings.size().area() / 1e6;
            costs.accept(settings, ExportPace.of(seconds, bytes, megapixels));
        }
    }

    /** Whether something waits or runs. */
    public boolean busy() {
        return entries.stream().anyMatch(entry -> !entry.ended());
    }

    /** Does something once, when nothing waits or runs any more. */
    public void whenDone(Runnable then) {
        whenDone = then;
        tellIfDone();
    }

    private void tellIfDone() {
        if (!busy()) {
            Runnable then = whenDone;
            whenDone = () -> {};
            then.run();
        }
    }
}
