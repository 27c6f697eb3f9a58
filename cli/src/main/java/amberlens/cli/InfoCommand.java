package amberlens.cli;

import amberlens.core.model.project.FileProblem;
import amberlens.media.footage.FilmInfo;
import amberlens.media.intake.MediaProbe;
import amberlens.media.picture.PictureInfo;
import amberlens.media.picture.PictureReader;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What media files hold. */
@Command(
        name = "info",
        description =
                "Prints the size, frames, colour and orientation of pictures and films, and the length, loudness and beats of sounds.",
        mixinStandardHelpOptions = true)
final class InfoCommand implements Callable<Integer> {
    @Parameters(paramLabel = "MEDIA", arity = "1..*", description = "The files.")
    private List<Path> files = List.of();

    @Option(names = "--beats", description = "Also find the beats of sounds.")
    private boolean beats;

    @Option(names = "--json", description = "Print one line of JSON for each sound.")
    private boolean json;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() {
        int code = ExitCode.DONE;
        for (Path file : files) {
            try {
                print(file);
            } catch (FileProblem e) {
                spec.commandLine().getErr().println("amber: " + e.getMessage());
                code = ExitCode.FAILED;
            }
        }
        return code;
    }

    private void print(Path file) throws FileProblem {
        boolean heard = MediaProbe.isSound(file) || MediaProbe.isFilm(file);
        if (json && !heard) {
            throw new FileProblem(
                    file + ": --json is for sounds only; without it, info also describes pictures and films.");
        }
        if (beats || json || MediaProbe.isSound(file)) {
            new SoundText(spec.commandLine().getOut(), beats, json).print(file);
            return;
        }
        if (MediaProbe.isFilm(file) || MediaProbe.isAnimation(file)) {
            printFilm(file);
            return;
        }
        try {
            print(file, PictureReader.info(file));
            int pages = PictureReader.pages(file);
            if (pages > 1) {
                spec.commandLine().getOut().println("  pages        " + pages + ", each a picture of its own");
            }
        } catch (FileProblem noPicture) {
            try {
                printFilm(file);
            } catch (FileProblem noFilm) {
                throw noPicture;
            }
        }
    }

    private void printFilm(Path file) throws FileProblem {
        FilmInfo info = FilmInfo.of(file);
        var out = spec.commandLine().getOut();
        out.println(file);
        out.println("  format       " + info.format());
        out.println("  size         " + info.size() + " px");
        out.println("  rate         " + info.footage().rate() + " frames per second"
                + (info.variable() ? " (variable; read at this rate)" : ""));
        out.println("  frames       " + info.footage().frames());
        out.println("  colour       " + info.colour());
        out.println("  orientation  " + info.orientation().words() + (info.interlaced() ? ", interlaced" : ""));
    }

    private void print(Path file, PictureInfo info) {
        var out = spec.commandLine().getOut();
        out.println(file);
        out.println("  format       " + info.format());
        out.println("  size         " + info.size() + " px");
        out.println("  frames       1 (still picture, no rate)");
        out.println("  colour       " + info.colour() + ", " + info.bits() + " bits per channel");
        out.println("  orientation  " + info.orientation().words());
    }
}
