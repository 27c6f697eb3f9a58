package amberlens.cli;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.words.Counted;
import amberlens.core.base.words.Figures;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.trace.MoveAndShake;
import amberlens.core.material.trace.Trace;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.exchange.MoveFormat;
import amberlens.exchange.MoveOut;
import amberlens.media.intake.MediaProbe;
import amberlens.media.pixels.PixelKey;
import amberlens.media.pixels.PixelLoader;
import amberlens.media.track.FilmTracer;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;

/** Finds the camera's move, or its shake, in a film. */
@Command(
        name = "trace",
        description = {
            "Finds what the camera of a film did and writes it as a table of keys, which \"amber take\" and \"Import move\" read: the move that"
                    + " shows a still of the film's first frame as the film goes on. A cut ends it.",
            "Exit code 1: there is too little to hold on to; nothing is written."
        },
        mixinStandardHelpOptions = true)
final class TraceCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILM", description = "The film.")
    private Path file = Path.of("");

    @Option(names = "--from", paramLabel = "A", description = "The first of its frames that counts, from 0.")
    private int from;

    @Option(names = "--to", paramLabel = "B", description = "The last of its frames that counts.")
    private @Nullable Integer to;

    @Option(names = "--shake", description = "The shake of the hand alone, without the move.")
    private boolean shake;

    @Option(names = "--frame", paramLabel = "WxH", description = "The frame of the table; the film's size if left out.")
    private @Nullable Size frame;

    @Option(names = "-o", required = true, paramLabel = "OUT", description = "Where to write the table (.csv).")
    private Path output = Path.of("");

    @Option(names = "--overwrite", description = "Replace OUT when it is there.")
    private boolean overwrite;

    @Option(names = "--json", description = "Report the result as JSON.")
    private boolean json;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() throws FileProblem {
        ProjectArgument.requireFree(output, overwrite);
        Media film = MediaProbe.file(file.toAbsolutePath()).media().withId("m1");
        if (!film.moves()) {
            throw new FileProblem(file + " does not move; only a film can be traced.");
        }
        FrameSpan within = span(film);
        try {
            Optional<Trace> found = trace(film, within);
            if (found.isEmpty()) {
                spec.commandLine().getErr().println("amber: cancelled; nothing was left behind.");
                return ExitCode.FAILED;
            }
            write(film, found.get());
            report(found.get());
            return ExitCode.DONE;
        } catch (IllegalArgumentException e) {
            spec.commandLine().getErr().println("amber: " + file + " cannot be traced: " + e.getMessage() + ".");
            return ExitCode.FAILED;
        }
    }

    private FrameSpan span(Media film) {
        int last = film.footage().orElseThrow().frames() - 1;
        int end = to == null ? last : to;
        if (from < 0 || end > last || end < from) {
            throw new ParameterException(
                    spec.commandLine(), "--from and --to lie in 0 to " + last + ", --to not before --from");
        }
        return new FrameSpan(from, end);
    }

    /** Empty when it was cancelled. */
    private Optional<Trace> trace(Media film, FrameSpan within) throws FileProblem {
        try (var workshop = new CommandResources();
                var pixels = new PixelLoader(workshop.rows);
                var progress = new TerminalProgress("Tracing")) {
            boolean[] goesOn = {true};
            Trace trace = new FilmTracer(at -> pixels.load(PixelKey.of(film, at)))
                    .trace(film.size(), film.footage().orElseThrow().rate(), within, looked -> {
                        goesOn[0] = progress.done(looked, within.length());
                        return goesOn[0];
                    });
            return goesOn[0] ? Optional.of(trace) : Optional.empty();
        }
    }

    private void write(Media film, Trace trace) throws FileProblem {
        MoveAndShake parts = MoveAndShake.of(trace);
        Trace wanted = shake ? parts.shake() : parts.move();
        Size shown = frame == null ? film.size() : frame;
        Pose neutral = frame == null ? Pose.neutral(film.size(), shown) : Refit.FILL.pose(film.size(), shown);
        Shot shot = new Shot(
                "s1", film.name(), film.id(), 1, 0, wanted.length(), false, wanted.camera(shown, neutral), Extras.NONE);
        Project project = Project.empty(film.name())
                .withFrame(new FrameFormat(shown, trace.rate(), Colour.BLACK))
                .with(List.of(film), List.of(shot));
        MoveOut.write(project, shot, MoveFormat.CSV, output);
    }

    private void report(Trace trace) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            var lines = new ProgressLines(out);
            lines.print(lines.event("trace")
                    .put("out", output.toString())
                    .put("frames", trace.length())
                    .put("cut", trace.cut())
                    .put("confidence", trace.confidence())
                    .put("unsure", trace.guessed())
                    .put("parallax", trace.parallax()));
            return;
        }
        out.println(output);
        PrintWriter err = spec.commandLine().getErr();
        err.println("amber: " + Counted.of(trace.length(), "frame") + " traced, confidence "
                + Figures.fixed(100 * trace.confidence(), 0) + " %"
                + (trace.cut() ? "; the film is cut after frame " + (trace.first() + trace.length() - 1) : "") + ".");
        if (trace.guessed() > 0) {
            err.println("amber: " + Counted.of(trace.guessed(), "frame") + " of them guessed.");
        }
        if (trace.isDeep()) {
            err.println(
                    "amber: near and far move unlike each other, as in a camera that travels; the move is that of what fills most of the picture.");
        }
    }
}
