package amberlens.media.export;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.EvenLoudness;
import amberlens.core.material.sound.Loudness;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.RenderedFrame;
import amberlens.files.FileWords;
import amberlens.media.WorkPool;
import amberlens.media.film.FilmFile;
import amberlens.media.film.FilmTrack;
import amberlens.media.film.FrameSink;
import amberlens.media.film.Piece;
import amberlens.media.film.SoundCodec;
import amberlens.media.film.SoundFile;
import amberlens.media.film.StillSequence;
import amberlens.media.pixels.PixelCache;
import amberlens.media.sound.SoundShelf;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.SortedSet;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.IntStream;
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
    private final List<String> soundRemarks = new ArrayList<>();

    public Export(Project project, ExportSettings settings, PixelCache pictures, Rows rows) {
        this.project = project;
        this.settings = settings;
        this.rows = rows;
        this.pictures = pictures;
        source = new FrameSource(project, pictures, rows);
    }

    /**
     * Finds what would stop an export before it starts: an empty or wrong range, a squashed or odd size, an existing
     * file, or one that it is made from.
     */
    public static void check(Project project, ExportSettings settings) throws FileProblem {
        int length = length(project, settings.format());
        if (length == 0) {
            throw new FileProblem("There is nothing to render: the line-up has no shot.");
        }
        FrameSpan frames = settings.frames();
        if (frames.from() < 0 || frames.to() >= length) {
            throw new FileProblem("The line-up has the frames 0 to " + (length - 1) + ", not " + frames.from() + " to "
                    + frames.to() + ".");
        }
        if (settings.format().soundAlone().isPresent()) {
            if (Hearing.wanted(project).isEmpty()) {
                throw new FileProblem("There is nothing to export: the line-up has no sound.");
            }
        } else {
            checkShape(project.frameSize(), settings.size());
        }
        if (settings.format().film().isPresent()) {
            settings.format().film().get().check(settings.size());
        }
        if (settings.transparent() && !settings.format().alpha()) {
            throw new FileProblem(settings.format().words()
                    + " cannot keep what is transparent; choose ProRes 4444, FFV1, APNG, WebP or a sequence.");
        }
        List<Path> files = files(project, settings);
        if (!settings.overwrite()) {
            for (Path file : files) {
                checkFree(file);
            }
        }
        Originals.of(project).spare(files);
    }

    /** Which output frames are rendered, counted from 0: all of them, or those of a piece. */
    private static FrameSpan outputs(Project project, ExportSettings settings) throws FileProblem {
        int count = settings.times(project.frame()).count();
        if (settings.piece().isEmpty()) {
            return new FrameSpan(0, count - 1);
        }
        Piece piece = settings.piece().get();
        int stretch = settings.format()
                .film()
                .map(codec -> Piece.stretch(
                        codec, settings.rate().orElse(project.frame().rate())))
                .orElse(settings.format().stills().isPresent() ? 1 : 0);
        if (stretch == 0) {
            throw new FileProblem(settings.format().words() + " cannot be joined from pieces; render it in one go.");
        }
        return piece.within(count, stretch)
                .orElseThrow(() -> new FileProblem("Piece " + piece.number() + " of " + piece.of()
                        + " is empty: the film can be cut into " + (count + stretch - 1) / stretch
                        + " pieces at most, of " + stretch + " frames each."));
    }

    /** The frames of a line-up; where it holds nothing but sounds, and they alone are wanted, so many as they last. */
    public static int length(Project project, ExportFormat format) {
        int shots = LineUp.length(project);
        return shots > 0 || format.soundAlone().isEmpty() ? shots : Hearing.frames(project);
    }

    /** Refuses a size that would squash the picture. */
    public static void checkShape(Size frame, Size size) throws FileProblem {
        if (!frame.sameShapeAs(size)) {
            throw new FileProblem("The frame is " + frame + "; " + size + " would squash it. Sizes of the same shape: "
                    + frame.fittedInto(size.width(), size.height()) + " and " + frame + ".");
        }
    }

    /** The files that an export makes. */
    private static List<Path> files(Project project, ExportSettings settings) throws FileProblem {
        FrameSpan outputs = outputs(project, settings);
        if (settings.format().isOneFile()) {
            return List.of(settings.destination());
        }
        return IntStream.rangeClosed(outputs.from(), outputs.to())
                .mapToObj(output -> StillSequence.file(
                        settings.destination(), settings.frames().from() + output))
                .toList();
    }

    /** Refuses to replace a file. */
    public static void checkFree(Path file) throws FileProblem {
        if (Files.exists(file)) {
            throw new FileProblem(file + " exists already; choose another name or allow overwriting (--overwrite).");
        }
    }

    /**
     * Does it, in the caller's thread and one more.
     *
     * @return whether it went through to the end; false when the progress ended it
     */
    public boolean run(ExportProgress progress) throws FileProblem {
        check(project, settings);
        FrameSpan outputs = outputs(project, settings);
        int count = outputs.length();
        if (settings.format().soundAlone().isPresent()) {
            return runSound(settings.format().soundAlone().get(), progress, count);
        }
        if (!source.check(settings.frames(), () -> progress.done(0, count))) {
            return false;
        }
        try (SoundShelf sounds = new SoundShelf(project, () -> progress.done(0, count));
                FrameSink sink = sink(sounds, outputs)) {
            soundRemarks.addAll(sounds.problems());
            boolean whole = pump(sink, outputs, progress);
            if (whole) {
                sink.finish();
            }
            return whole;
        } catch (RuntimeException | Error e) { // the writing shares work among threads, too
            throw failed(e);
        }
    }

    private boolean runSound(SoundCodec codec, ExportProgress progress, int count) throws FileProblem {
        try (SoundShelf sounds = new SoundShelf(project, () -> progress.done(0, count))) {
            soundRemarks.addAll(sounds.problems());
            FilmTrack track = heard(sounds);
            return SoundFile.write(
                    settings.destination(),
                    codec,
                    track.mix()::read,
                    track.first(),
                    pairs(),
                    part -> progress.done((int) Math.round(part * count), count));
        } catch (RuntimeException | Error e) {
            throw failed(e);
        }
    }

    /** How many pairs of samples go with what is exported. */
    private long pairs() {
        return FilmTrack.pairs(settings.frames().length(), project.frame().rate());
    }

    /** What is heard, at the loudness that is wanted. */
    private FilmTrack heard(SoundShelf sounds) {
        Mix mix = Hearing.mix(project, sounds);
        long first = Seconds.ofFrames(settings.frames().from(), project.frame().rate())
                .samples(Samples.RATE);
        if (settings.loudness().isEmpty() || mix.isSilent()) {
            return new FilmTrack(mix, first);
        }
        double target = settings.loudness().get();
        Loudness found = Loudness.of(mix, first, pairs());
        double by = EvenLoudness.change(found, target);
        if (found.integrated() + by < target - 0.1) {
            soundRemarks.add(String.format(
                    Locale.ROOT,
                    "The sound is at %.1f LUFS, not at %.1f: its peaks would pass −1 dBTP.",
                    found.integrated() + by,
                    target));
        }
        return new FilmTrack(mix.louder(by), first);
    }

    /** What is to be known of an export that went through: the films in it that are damaged, and where. */
    public Optional<String> remark() {
        List<String> damage = project.media().stream()
                .filter(Media::hasPixels)
                .filter(media ->
                        project.shots().stream().anyMatch(shot -> shot.media().equals(media.id())))
                .flatMap(media -> damage(media, pictures.damaged(media)).stream())
                .toList();
        List<String> remarks = new ArrayList<>(soundRemarks);
        if (!damage.isEmpty()) {
            remarks.add(String.join("; ", damage) + "; what could be decoded is used there.");
        }
        return remarks.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", remarks));
    }

    /** What is heard with a film; nothing where no clip plays in it, or the format cannot carry sound, which is told. */
    private Optional<FilmTrack> track(SoundShelf sounds) {
        if (Hearing.mix(project, sounds).isSilent()) {
            return Optional.empty();
        }
        if (!settings.format().holdsSound()) {
            soundRemarks.add(settings.format().words() + " cannot carry sound; it is silent.");
            return Optional.empty();
        }
        return Optional.of(heard(sounds));
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

    private FrameSink sink(SoundShelf sounds, FrameSpan outputs) throws FileProblem {
        ExportFormat format = settings.format();
        if (format.film().isPresent() && settings.piece().isPresent()) {
            return piece(sounds, settings.piece().get(), outputs.from());
        }
        Optional<FilmTrack> track = track(sounds);
        if (format.film().isPresent()) {
            return new FilmFile(
                    settings.destination(),
                    format.film().get(),
                    settings.quality(),
                    settings.size(),
                    settings.rate().orElse(project.frame().rate()),
                    rows,
                    track,
                    settings.remark());
        }
        boolean deep = settings.transparent() || format == ExportFormat.TIFF_SEQUENCE;
        return new StillSequence(
                settings.destination(),
                format.stills().orElseThrow(),
                deep,
                settings.frames().from() + outputs.from());
    }

    /** The first piece has the sound of the whole film. */
    private FilmFile piece(SoundShelf sounds, Piece piece, int first) throws FileProblem {
        return new FilmFile(
                settings.destination(),
                settings.format().film().orElseThrow(),
                settings.quality(),
                settings.size(),
                settings.rate().orElse(project.frame().rate()),
                rows,
                piece.number() == 1 ? track(sounds) : Optional.empty(),
                piece,
                first,
                settings.times(project.frame()).count());
    }

    private boolean pump(FrameSink sink, FrameSpan outputs, ExportProgress progress) throws FileProblem {
        WorkPool.warmUp(Duration.ZERO);
        BlockingQueue<RenderedFrame> ready = new ArrayBlockingQueue<>(AHEAD);
        var failure = new AtomicReference<@Nullable Throwable>();
        Thread renderer = Thread.ofPlatform()
                .name("export")
                .daemon()
                .start(() -> renderAll(sink.deep(), outputs, ready, failure));
        try {
            int count = outputs.length();
            for (int done = 0; done < count; ) {
                RenderedFrame frame = ready.poll(100, TimeUnit.MILLISECONDS);
                rethrow(failure.get());
                if (frame != null) {
                    sink.write(frame);
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

    private void renderAll(
            boolean deep,
            FrameSpan outputs,
            BlockingQueue<RenderedFrame> ready,
            AtomicReference<@Nullable Throwable> failure) {
        try {
            OutputTimes times = settings.times(project.frame());
            for (int output = outputs.from(); output <= outputs.to(); output++) {
                double frame = times.place(output);
                ready.put(
                        deep
                                ? source.deepFrame(frame, settings.size(), settings.transparent())
                                : source.frame(frame, settings.size()));
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
