package amberlens.media.export;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.media.film.Piece;
import amberlens.media.film.StillSequence;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;

/** What an export would make, and what would stop it. */
public final class ExportCheck {
    private ExportCheck() {}

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
        if (settings.piece().isPresent() && settings.fast()) {
            throw new FileProblem(
                    "Pieces of a film are made alike on every machine, so no graphics card makes them; leave that out.");
        }
        Originals.of(project).spare(files);
    }

    /** Which output frames are rendered, counted from 0: all of them, or those of a piece. */
    static FrameSpan outputs(Project project, ExportSettings settings) throws FileProblem {
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
}
