package amberlens.cli;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.OutputTimes;
import amberlens.core.base.time.Timecode;
import amberlens.core.edit.check.OutputEdge;
import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.edit.edits.CarryEdits;
import amberlens.core.edit.edits.OutputSeal;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.files.FileStamp;
import amberlens.media.export.Export;
import amberlens.media.export.ExportCheck;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportJob;
import amberlens.media.export.ExportSettings;
import amberlens.media.film.Piece;
import amberlens.media.film.Quality;
import amberlens.media.intake.Fingerprints;
import amberlens.project.ProjectFile;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;

/** A film file or an image sequence. */
@Command(
        name = "render",
        description = "Renders the line-up, or a part of it, into a film file or an image sequence.",
        mixinStandardHelpOptions = true)
final class RenderCommand implements Callable<Integer> {
    private static final double QUIETEST = -70;

    @Parameters(paramLabel = "FILE", description = "The project.")
    private Path file = Path.of("");

    @Option(
            names = "-o",
            required = true,
            paramLabel = "OUT",
            description =
                    "The film or animation (.mp4, .webm, .mov, .mkv, .gif, .apng, .webp), or the name of a sequence (.png,"
                            + " .tif) to which frame numbers are added; .wav and .flac hold the sound only.")
    private Path output = Path.of("");

    @Option(names = "--shot", paramLabel = "ID", description = "Only this shot; --from and --to count from its start.")
    private @Nullable String shotId;

    @Option(names = "--from", paramLabel = "A", description = "The first frame, as a number or timecode.")
    private @Nullable String from;

    @Option(names = "--to", paramLabel = "B", description = "The last frame; it is rendered too.")
    private @Nullable String to;

    @Option(names = "--size", paramLabel = "WxH", description = "Another size of the same shape.")
    private @Nullable Size size;

    @Option(
            names = "--codec",
            paramLabel = "NAME",
            description =
                    "h264, hevc (by a graphics card only), vp9, av1, av1-10, dnxhr, prores, prores4444, ffv1, gif, apng, webp, png, tiff16, wav or flac; otherwise the ending of OUT"
                            + " decides.")
    private @Nullable String codec;

    @Option(
            names = "--quality",
            paramLabel = "WORD",
            description = "small, good or best; good if left out.",
            defaultValue = "good")
    private Quality quality = Quality.GOOD;

    @Option(
            names = "--fast",
            description =
                    "Let a graphics card make an H.264, HEVC or AV1 film, where there is one; otherwise this program does.")
    private boolean fast;

    @Option(names = "--transparent", description = "Transparent background, for formats that keep alpha.")
    private boolean transparent;

    @Option(
            names = "--seal",
            paramLabel = "WAY",
            description =
                    "lift, shift or least: closes what this output would show open, in what is rendered only; the"
                            + " project file stays as it is. Exit code 3 when something cannot be closed: nothing is rendered then.")
    private @Nullable SealWay way;

    @Option(
            names = "--limit",
            paramLabel = "PERCENT",
            description = "With --seal: the greatest enlargement allowed (default: ${DEFAULT-VALUE}).")
    private double limit = Enlargement.UNNOTICED;

    @Option(
            names = "--loudness",
            paramLabel = "LUFS",
            description = "Brings the sound to a loudness in LUFS, for example -14; its peaks stay below -1 dBTP.")
    private @Nullable Double loudness;

    @Mixin
    private final DeliveryOption delivery = new DeliveryOption();

    @Option(
            names = "--deliveries",
            description =
                    "The project's own frame and all deliveries in one go; the shape of each is added to the name OUT.")
    private boolean all;

    @Option(names = "--overwrite", description = "Replace existing files.")
    private boolean overwrite;

    @Option(
            names = "--part",
            paramLabel = "K/N",
            description = "Only the K-th of N pieces, which begin with key pictures; amber join puts them together.")
    private @Nullable String part;

    @Option(names = "--json", description = "Report progress and outcome as JSON, one object a line.")
    private boolean json;

    @Option(
            names = "--watch",
            description = "Render again whenever the project or its media change, until Ctrl+C; OUT is replaced.")
    private boolean watch;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        if (loudness != null && !(loudness >= QUIETEST && loudness <= 0)) {
            throw new ParameterException(spec.commandLine(), "--loudness takes -70 to 0 LUFS");
        }
        if (!(limit > 0)) {
            throw new ParameterException(spec.commandLine(), "--limit takes a percentage above 0");
        }
        if (all && (delivery.isGiven() || size != null)) {
            throw new ParameterException(
                    spec.commandLine(), "--deliveries takes each frame as it is, without --delivery and --size");
        }
        return watch
                ? WatchedWork.run(
                        () -> render(true),
                        new ProjectFiles(file),
                        spec.commandLine().getErr())
                : render(overwrite);
    }

    /**
     * One output of the command.
     *
     * @param whole the project in the frame of this output
     * @param shown what is rendered of it
     */
    private record Output(Project whole, Project shown, ExportSettings settings) {}

    /** All outputs are looked at before the first one is begun. */
    private int render(boolean replace) throws FileProblem {
        Project opened = ProjectArgument.open(file, spec.commandLine().getErr());
        List<Output> outputs = new ArrayList<>();
        if (all) {
            for (DeliveryFilm.Named shape : DeliveryFilm.all(opened)) {
                Path named = ExportJob.destination(output, opened, shape.delivery());
                outputs.add(output(opened, shape.film(), named, replace));
            }
        } else {
            outputs.add(output(opened, delivery.film(opened, spec.commandLine()), output, replace));
        }
        for (Output one : outputs) {
            ExportCheck.check(one.shown, one.settings);
        }
        int worst = ExitCode.DONE;
        for (Output one : outputs) {
            worst = Math.max(worst, render(one));
        }
        return worst;
    }

    private Output output(Project opened, Project whole, Path to, boolean replace) throws FileProblem {
        ProjectArgument.requireNotSource(to, file, opened);
        Shot only = shotId == null ? null : ShotChoice.find(whole, shotId, spec.commandLine());
        Project project = only == null ? whole : whole.only(only);
        Size wanted = size == null ? project.frameSize() : size;
        var film = new ExportSettings(frames(project, only), wanted, format(), to, replace)
                .withQuality(quality)
                .withTransparent(transparent)
                .withFast(fast)
                .withLoudness(Optional.ofNullable(loudness));
        return new Output(whole, project, film.withPiece(piece(whole, film)));
    }

    private int render(Output one) throws FileProblem {
        ExportSettings settings = one.settings;
        Project project = one.shown;
        Path output = settings.destination();
        boolean seen = settings.format().soundAlone().isEmpty();
        Optional<Project> shown = seen ? withoutOpenEdges(project, settings) : Optional.of(project);
        if (shown.isEmpty()) {
            return ExitCode.OPEN_EDGE;
        }
        ProgressLines lines = json ? new ProgressLines(spec.commandLine().getOut()) : null;
        try (var workshop = new CommandResources();
                var progress = new TerminalProgress(lines)) {
            var export = new Export(shown.get(), settings, workshop.pictures, workshop.rows);
            boolean finished = export.run(progress);
            export.remark().ifPresent(remark -> spec.commandLine().getErr().println("amber: " + remark));
            if (!finished) {
                spec.commandLine().getErr().println("amber: cancelled; nothing was left behind.");
                return ExitCode.FAILED;
            }
        }
        if (lines == null) {
            spec.commandLine().getOut().println(output);
        } else {
            lines.done(output.toString());
        }
        return ExitCode.DONE;
    }

    /** Pieces are of one film when they are made of the same files, in the same frame, and of the same frames in the same way. */
    private Optional<Piece> piece(Project project, ExportSettings settings) throws FileProblem {
        if (part == null) {
            return Optional.empty();
        }
        List<String> made = new ArrayList<>();
        made.add(ProjectFile.openWithStamp(file).stamp().hash());
        project.media().stream()
                .filter(media -> media.hasFile())
                .map(media -> String.valueOf(Fingerprints.of(Path.of(media.path()))))
                .forEach(made::add);
        made.add(String.valueOf(shotId));
        made.add(project.frameSize() + " " + settings.frames() + " " + settings.size() + " " + settings.rate());
        made.add(settings.format() + " " + settings.quality() + " " + settings.transparent() + " "
                + settings.loudness());
        made.add(way + " " + limit);
        try {
            return Optional.of(Piece.parse(part, FileStamp.hash(String.join("\n", made))));
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), "--part: " + e.getMessage(), e);
        }
    }

    /** Says which edges the output would show, and closes them when that was asked for; empty when that cannot be done. */
    private Optional<Project> withoutOpenEdges(Project project, ExportSettings settings) {
        OutputTimes times = settings.times(project.frame());
        PrintWriter err = spec.commandLine().getErr();
        if (way == null) {
            List<OutputEdge> edges = OutputEdge.of(project, times);
            edges.forEach(
                    edge -> err.println("amber: " + edge.words(project.frame().rate()) + "."));
            if (!edges.isEmpty()) {
                err.println("amber: --seal lift (or shift, or least) closes that in what is rendered.");
            }
            return Optional.of(project);
        }
        OutputSeal seal = OutputSeal.of(project, times, way, SealTerms.limit(limit));
        seal.refusals().forEach(why -> err.println("amber: nothing was rendered: " + why + "."));
        return seal.refusals().isEmpty() ? Optional.of(CarryEdits.apply(seal.edit(), project)) : Optional.empty();
    }

    private FrameSpan frames(Project project, @Nullable Shot only) throws FileProblem {
        int origin = only == null ? 0 : only.start();
        int length = only == null ? ExportCheck.length(project, format()) : only.length();
        if (length == 0) {
            throw new FileProblem("There is nothing to render: the line-up has no shot.");
        }
        int first = time(project, from, "--from", 0);
        int last = time(project, to, "--to", length - 1);
        if (last < first || last >= length) {
            throw new ParameterException(
                    spec.commandLine(), "--from and --to lie in 0 to " + (length - 1) + ", --to not before --from");
        }
        return new FrameSpan(origin + first, origin + last);
    }

    private int time(Project project, @Nullable String text, String option, int otherwise) {
        try {
            return text == null
                    ? otherwise
                    : Timecode.parse(text, project.frame().rate());
        } catch (IllegalArgumentException e) {
            throw new ParameterException(spec.commandLine(), option + ": " + e.getMessage(), e);
        }
    }

    private ExportFormat format() {
        var byEnding = ExportFormat.byEnding(output);
        var chosen = codec == null ? byEnding : ExportFormat.byCodec(codec);
        if (chosen.isPresent()
                && byEnding.isPresent()
                && !byEnding.get().ending().equals(chosen.get().ending())) {
            throw new ParameterException(
                    spec.commandLine(),
                    "--codec " + codec + " makes a file that ends in "
                            + chosen.get().ending() + ", and " + output + " does not; change one of them");
        }
        return chosen.orElseThrow(() -> new ParameterException(
                spec.commandLine(),
                codec == null
                        ? output + " has no ending that sets the format; end it in " + names(ExportFormat::ending)
                                + " or give --codec"
                        : "--codec is one of " + names(ExportFormat::codec) + ", not " + codec));
    }

    private static String names(java.util.function.Function<ExportFormat, String> name) {
        return Arrays.stream(ExportFormat.values()).map(name).collect(Collectors.joining(" or "));
    }
}
