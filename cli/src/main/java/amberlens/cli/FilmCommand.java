package amberlens.cli;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Project;
import amberlens.media.export.Export;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportSettings;
import amberlens.media.film.FilmRemark;
import amberlens.media.folder.FolderContents;
import amberlens.media.folder.FolderFilm;
import amberlens.media.intake.FilmGuard;
import amberlens.media.intake.MediaProbe;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;

/** A film of what lies in a folder. */
@Command(
        name = "film",
        description = {
            "Makes a film of a folder: its pictures and films in the order of their names, with moves that show no edge, cut on the beats of"
                    + " its music.",
            "A text file with a picture's name becomes its title. Files that cannot be used are listed; the rest is used."
        },
        mixinStandardHelpOptions = true)
final class FilmCommand implements Callable<Integer> {
    /** By this a film that was made of its folder is known again. */
    private static final String REMARK = "Made by amber film";

    @Parameters(paramLabel = "FOLDER", description = "Where the pictures are.")
    private Path folder = Path.of("");

    @Option(names = "-o", required = true, paramLabel = "OUT", description = "The film; its ending sets the format.")
    private Path output = Path.of("");

    @Option(
            names = "--seconds",
            paramLabel = "S",
            description = "How long each picture is seen, about (default: ${DEFAULT-VALUE}).",
            defaultValue = "5")
    private double seconds = 5;

    @Option(
            names = "--music",
            paramLabel = "FILE",
            description = "What is heard; left out, the first sound of the folder.")
    private @Nullable Path music;

    @Option(names = "--frame", paramLabel = "WxH", description = "The size of the film (default: 1920x1080).")
    private Size frame = FrameFormat.USUAL.size();

    @Option(names = "--rate", paramLabel = "R", description = "Frames a second, like 25 or 30000/1001 (default: 25).")
    private @Nullable String rate;

    @Option(names = "--by-date", description = "Order the files by date instead of by name.")
    private boolean byDate;

    @Option(
            names = "--seed",
            paramLabel = "N",
            description = "A different seed gives different moves.",
            defaultValue = "1")
    private long seed = 1;

    @Option(names = "--project", paramLabel = "FILE", description = "Also save the project, for editing.")
    private @Nullable Path project;

    @Mixin
    private final MarksOption marks = new MarksOption();

    @Option(names = "--overwrite", description = "Replace existing files.")
    private boolean overwrite;

    @Option(names = "--json", description = "Report progress and outcome as JSON, one object a line.")
    private boolean json;

    @Option(
            names = "--watch",
            description = "Make the film again whenever the folder changes, until Ctrl+C; OUT is replaced.")
    private boolean watch;

    private boolean madeBefore;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        if (watch) {
            overwrite = true;
            return WatchedWork.run(this::make, this::files, spec.commandLine().getErr());
        }
        return make();
    }

    /** All that lies in the folder, but for what is made of it. */
    private List<Path> files() {
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(Files::isRegularFile)
                    .filter(found -> !found.toAbsolutePath().equals(output.toAbsolutePath()))
                    .filter(found -> !found.getFileName().toString().startsWith("."))
                    .toList();
        } catch (IOException _) {
            return List.of();
        }
    }

    private int make() throws FileProblem {
        FolderFilm film = wanted();
        ExportFormat format = ExportFormat.byEnding(output)
                .filter(found -> found.film().isPresent())
                .orElseThrow(() -> new ParameterException(
                        spec.commandLine(), output + " has no ending of a film, like .mp4, .webm, .mov or .mkv"));
        PrintWriter err = spec.commandLine().getErr();
        if (project != null) {
            ProjectArgument.requireProject(project);
            ProjectArgument.requireFree(project, overwrite);
        }
        requireOwn();
        FolderContents contents = FolderContents.of(
                folder,
                Optional.of(output),
                byDate ? FolderContents.Order.DATE : FolderContents.Order.NAME,
                FilmGuard.NONE);
        contents.problems().forEach(problem -> err.println("amber: left out: " + problem));
        if (contents.seen().isEmpty()) {
            throw new FileProblem(folder + " holds no picture or film that can be used.");
        }
        FolderFilm.Made made = made(film, contents, err);
        made.remarks().forEach(remark -> err.println("amber: " + remark));
        keep(made.project());
        return render(made.project(), format, err);
    }

    private FolderFilm.Made made(FolderFilm film, FolderContents contents, PrintWriter err) throws FileProblem {
        Optional<FolderFilm.Music> heard = music(contents, err);
        try (var workshop = new CommandResources()) {
            return film.make(name(), contents, heard, marks.finder(workshop.pictures));
        }
    }

    /** What lies in the folder is what the film is made of, and is replaced only when it was made of it. */
    private void requireOwn() throws FileProblem {
        if (!madeBefore
                && overwrite
                && Files.exists(output)
                && lies(output)
                && !FilmRemark.in(output).equals(Optional.of(REMARK))) {
            throw new FileProblem(
                    output
                            + " is in the source folder and is not a film made from it, so it is not overwritten. Choose another name.");
        }
    }

    private boolean lies(Path file) {
        try {
            Path around = file.toRealPath().getParent();
            return around != null && Files.isSameFile(around, folder);
        } catch (IOException _) {
            return false;
        }
    }

    private FolderFilm wanted() {
        try {
            FrameRate wanted = rate == null ? FrameFormat.USUAL.rate() : FrameRate.typed(rate);
            return new FolderFilm(frame, wanted, seconds, seed);
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), String.valueOf(e.getMessage()), e);
        }
    }

    private String name() {
        Path last = folder.toAbsolutePath().normalize().getFileName();
        return last == null ? "Film" : last.toString();
    }

    /** Music that was asked for must be there; of the folder's own, what cannot be read is named, and the film goes on without it. */
    private Optional<FolderFilm.Music> music(FolderContents contents, PrintWriter err) throws FileProblem {
        return music == null
                ? FolderFilm.Music.of(contents, problem -> err.println("amber: left out: " + problem))
                : Optional.of(FolderFilm.Music.of(
                        MediaProbe.file(music, FilmGuard.NONE).media()));
    }

    private void keep(Project made) throws FileProblem {
        if (project == null) {
            return;
        }
        ProjectArgument.save(made, project);
    }

    private int render(Project made, ExportFormat format, PrintWriter err) throws FileProblem {
        int frames = LineUp.length(made);
        var settings = new ExportSettings(new FrameSpan(0, frames - 1), made.frameSize(), format, output, overwrite)
                .withRemark(REMARK);
        ProgressLines lines = json ? new ProgressLines(spec.commandLine().getOut()) : null;
        try (var workshop = new CommandResources();
                var progress = new TerminalProgress(lines)) {
            var export = new Export(made, settings, workshop.pictures, workshop.rows);
            boolean finished = export.run(progress);
            export.remark().ifPresent(remark -> err.println("amber: " + remark));
            if (!finished) {
                err.println("amber: cancelled; nothing was left behind.");
                return ExitCode.FAILED;
            }
        }
        madeBefore = true;
        if (lines != null) {
            lines.done(output.toString());
            return ExitCode.DONE;
        }
        spec.commandLine()
                .getOut()
                .println(String.format(
                        Locale.ROOT,
                        "%s: %d shots, %.1f s",
                        output,
                        made.shots().size(),
                        frames / made.frame().rate().perSecond()));
        return ExitCode.DONE;
    }
}
