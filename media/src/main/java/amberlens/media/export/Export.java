package amberlens.media.export;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.files.FileWords;
import amberlens.media.WorkPool;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmEncoder;
import amberlens.media.film.FilmFile;
import amberlens.media.film.FrameSink;
import amberlens.media.film.PictureCoding;
import amberlens.media.film.Piece;
import amberlens.media.film.SoundCodec;
import amberlens.media.film.StillSequence;
import amberlens.media.pixels.PixelCache;
import amberlens.media.sound.SoundShelf;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedSet;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;

/**
 * Renders a stretch of the line-up into a file. Frames are rendered ahead while the one before is written. An export that
 * is ended or fails leaves nothing behind.
 */
public final class Export {
    private static final int AHEAD = 3;

    private final Project project;
    private final ExportSettings settings;
    private final PixelCache pictures;
    private final FrameSource source;
    private final Rows rows;
    private final ExportSound sound;
    private final CardEncoders cards;
    private Optional<String> cardRemark = Optional.empty();

    public Export(Project project, ExportSettings settings, PixelCache pictures, Rows rows) {
        this(project, settings, pictures, rows, CardEncoders.OF_THIS_MACHINE);
    }

    Export(Project project, ExportSettings settings, PixelCache pictures, Rows rows, CardEncoders cards) {
        this.cards = cards;
        sound = new ExportSound(project, settings);
        this.project = project;
        this.settings = settings;
        this.rows = rows;
        this.pictures = pictures;
        source = new FrameSource(project, pictures, rows);
    }

    /**
     * Does it, in the caller's thread and one more.
     *
     * @return whether it went through to the end; false when the progress ended it
     */
    public boolean run(ExportProgress progress) throws FileProblem {
        ExportCheck.check(project, settings);
        FrameSpan outputs = ExportCheck.outputs(project, settings);
        int count = outputs.length();
        if (settings.format().soundAlone().isPresent()) {
            return runSound(settings.format().soundAlone().get(), progress, count);
        }
        if (!source.check(settings.frames(), () -> progress.done(0, count))) {
            return false;
        }
        return runPictures(outputs, progress);
    }

    /** By the graphics card where that is wanted and goes; otherwise, and where it stops on the way, by this program. */
    private boolean runPictures(FrameSpan outputs, ExportProgress progress) throws FileProblem {
        Optional<FilmEncoder> card = card();
        if (card.isPresent()) {
            try {
                return runPictures(card, outputs, progress);
            } catch (SinkProblem e) {
                if (!settings.format().isMadeHere()) {
                    throw e.problem();
                }
                cardRemark = Optional.of("The graphics card stopped on the way ("
                        + e.problem().getMessage() + "); the film was made without it.");
            }
        }
        try {
            return runPictures(Optional.empty(), outputs, progress);
        } catch (SinkProblem e) {
            throw e.problem();
        }
    }

    private boolean runPictures(Optional<FilmEncoder> card, FrameSpan outputs, ExportProgress progress)
            throws FileProblem, SinkProblem {
        try (SoundShelf sounds = new SoundShelf(project, () -> progress.done(0, outputs.length()));
                FrameSink sink = written(() -> sink(card, sounds, outputs))) {
            sound.remark(sounds.problems());
            boolean whole = pump(sink, outputs, progress);
            if (whole) {
                written(() -> {
                    sink.finish();
                    return sink;
                });
            }
            return whole;
        } catch (RuntimeException | Error e) { // the writing shares work among threads, too
            throw failed(e);
        }
    }

    /** The encoder of a graphics card that is to make the film. */
    private Optional<FilmEncoder> card() throws FileProblem {
        Optional<FilmCodec> codec = settings.format().film();
        if (codec.isEmpty() || !settings.fast() && codec.get().isMadeHere()) {
            return Optional.empty();
        }
        CardEncoders.Choice choice = cards.choose(codec.get(), settings.size(), rate());
        if (choice.encoder().isEmpty()) {
            if (!codec.get().isMadeHere()) {
                throw new FileProblem(choice.words() + " " + settings.format().words()
                        + " is made by such cards alone; choose H.264 or AV1.");
            }
            cardRemark = Optional.of(choice.words() + " The film was made without.");
        }
        return choice.encoder();
    }

    private FrameRate rate() {
        return settings.rate().orElse(project.frame().rate());
    }

    private boolean runSound(SoundCodec codec, ExportProgress progress, int count) throws FileProblem {
        try (SoundShelf sounds = new SoundShelf(project, () -> progress.done(0, count))) {
            return sound.write(codec, sounds, part -> progress.done((int) Math.round(part * count), count));
        } catch (RuntimeException | Error e) {
            throw failed(e);
        }
    }

    /** What is to be known of an export that went through: the films in it that are damaged, and where. */
    public Optional<String> remark() {
        List<String> damage = project.media().stream()
                .filter(Media::hasPixels)
                .filter(media ->
                        project.shots().stream().anyMatch(shot -> shot.media().equals(media.id())))
                .flatMap(media -> damage(media, pictures.damaged(media)).stream())
                .toList();
        List<String> remarks = new ArrayList<>(sound.remarks());
        cardRemark.ifPresent(remarks::add);
        if (!damage.isEmpty()) {
            remarks.add(String.join("; ", damage) + "; what could be decoded is used there.");
        }
        return remarks.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", remarks));
    }

    private static Optional<String> damage(Media media, SortedSet<Integer> frames) {
        if (frames.isEmpty()) {
            return Optional.empty();
        }
        if (!media.moves()) {
            return Optional.of(media.fileName() + " is damaged");
        }
        String more = frames.size() > 1 ? " and " + (frames.size() - 1) + " more" : "";
        return Optional.of(media.fileName() + " is damaged at frame " + frames.first() + more);
    }

    private FrameSink sink(Optional<FilmEncoder> card, SoundShelf sounds, FrameSpan outputs) throws FileProblem {
        ExportFormat format = settings.format();
        if (format.film().isEmpty()) {
            sound.track(sounds); // tells that there is none
            boolean deep = settings.transparent() || format == ExportFormat.TIFF_SEQUENCE;
            return new StillSequence(
                    settings.destination(),
                    format.stills().orElseThrow(),
                    deep,
                    settings.frames().from() + outputs.from());
        }
        FilmCodec codec = format.film().get();
        PictureCoding coding = card.map(
                        encoder -> PictureCoding.by(encoder, settings.quality(), settings.size(), rate()))
                .orElseGet(() -> PictureCoding.own(codec, settings.quality(), settings.size(), rate()));
        if (settings.piece().isPresent()) {
            return piece(coding, sounds, settings.piece().get(), outputs.from());
        }
        return new FilmFile(settings.destination(), coding, rows, sound.track(sounds), settings.remark());
    }

    /** The first piece has the sound of the whole film. */
    private FilmFile piece(PictureCoding coding, SoundShelf sounds, Piece piece, int first) throws FileProblem {
        return new FilmFile(
                settings.destination(),
                coding,
                rows,
                piece.number() == 1 ? sound.track(sounds) : Optional.empty(),
                piece,
                first,
                settings.times(project.frame()).count());
    }

    private boolean pump(FrameSink sink, FrameSpan outputs, ExportProgress progress) throws FileProblem, SinkProblem {
        WorkPool.warmUp(Duration.ZERO);
        BlockingQueue<FrameSink.Turn> ready = new ArrayBlockingQueue<>(AHEAD);
        var failure = new AtomicReference<@Nullable Throwable>();
        Thread renderer =
                Thread.ofPlatform().name("export").daemon().start(() -> renderAll(sink, outputs, ready, failure));
        try {
            int count = outputs.length();
            for (int done = 0; done < count; ) {
                FrameSink.Turn turn = ready.poll(100, TimeUnit.MILLISECONDS);
                rethrow(failure.get());
                if (turn != null) {
                    written(() -> {
                        turn.write();
                        return turn;
                    });
                    done++;
                }
                if (!progress.done(done, count)) {
                    return false;
                }
            }
            return true;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        } finally {
            renderer.interrupt();
        }
    }

    /** Something that belongs to writing a film. */
    @FunctionalInterface
    private interface Writing<T> {
        T done() throws FileProblem;
    }

    private static <T> T written(Writing<T> writing) throws SinkProblem {
        try {
            return writing.done();
        } catch (FileProblem e) {
            throw new SinkProblem(e);
        }
    }

    /** What came not of a frame's rendering but of its writing. */
    private static final class SinkProblem extends Exception {
        private final FileProblem problem;

        SinkProblem(FileProblem problem) {
            super(problem.getMessage(), problem);
            this.problem = problem;
        }

        FileProblem problem() {
            return problem;
        }
    }

    private void renderAll(
            FrameSink sink,
            FrameSpan outputs,
            BlockingQueue<FrameSink.Turn> ready,
            AtomicReference<@Nullable Throwable> failure) {
        try {
            OutputTimes times = settings.times(project.frame());
            for (int output = outputs.from(); output <= outputs.to(); output++) {
                double frame = times.place(output);
                ready.put(sink.ready(
                        sink.deep()
                                ? source.deepFrame(frame, settings.size(), settings.transparent())
                                : source.frame(frame, settings.size())));
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (Throwable e) { // whoever waits for the frames has to hear of it, whatever it is
            failure.set(e);
        }
    }

    private static void rethrow(@Nullable Throwable failure) throws FileProblem {
        switch (failure) {
            case null -> {}
            case FileProblem problem -> throw problem;
            default -> throw failed(failure);
        }
    }

    /** Anything that can be thrown, as what happened to an export. */
    public static FileProblem failed(Throwable failure) {
        Throwable cause = failure;
        while (cause.getCause() != null && !(cause instanceof OutOfMemoryError)) {
            cause = cause.getCause();
        }
        return switch (cause) {
            case FileProblem problem -> problem;
            case OutOfMemoryError memory ->
                new FileProblem(
                        "Rendering needs more memory than this program may take; export a smaller size, or fewer things at"
                                + " once.",
                        memory);
            default -> new FileProblem("Rendering failed: " + FileWords.reason(cause) + ".", failure);
        };
    }
}
