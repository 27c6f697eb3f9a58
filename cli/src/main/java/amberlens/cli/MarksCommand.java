package amberlens.cli;

import amberlens.core.base.words.Counted;
import amberlens.core.material.mark.FoundMark;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.files.Folders;
import amberlens.media.intake.FilmGuard;
import amberlens.media.intake.MediaProbe;
import amberlens.media.marks.KeptMarks;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What matters in pictures. */
@Command(
        name = "marks",
        description = {
            "Finds the faces, persons and subject of pictures, the most important first, in pixels of the picture as it stands upright."
                    + " Of films the first frame counts.",
            "The same picture gives the same marks on every machine; nothing is sent anywhere."
        },
        mixinStandardHelpOptions = true)
final class MarksCommand implements Callable<Integer> {
    @Parameters(paramLabel = "PICTURE", arity = "1..*", description = "The files.")
    private List<Path> files = List.of();

    @Option(names = "--json", description = "Print JSON instead of text.")
    private boolean json;

    @CommandLine.Spec
    private CommandLine.Model.CommandSpec spec = CommandLine.Model.CommandSpec.create();

    @Override
    public Integer call() {
        int code = ExitCode.DONE;
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        var marks = new KeptMarks(Folders.cache());
        try (var resources = new CommandResources()) {
            for (Path file : files) {
                try {
                    Media media = seen(file);
                    List<FoundMark> found = marks.find(media, resources.pictures);
                    if (json) {
                        describe(all.addObject(), file, media, found);
                    } else {
                        print(file, media, found);
                    }
                } catch (FileProblem e) {
                    spec.commandLine().getErr().println("amber: " + e.getMessage());
                    code = ExitCode.FAILED;
                }
            }
        }
        if (json) {
            spec.commandLine().getOut().println(JsonText.of(all));
        }
        return code;
    }

    private static Media seen(Path file) throws FileProblem {
        Media media = MediaProbe.file(file, FilmGuard.NONE).media();
        if (!KeptMarks.isLookedAt(media)) {
            throw new FileProblem(file + " is not a picture or a film.");
        }
        return media;
    }

    private static void describe(ObjectNode node, Path file, Media media, List<FoundMark> found) {
        node.put("path", file.toString())
                .put("width", media.size().width())
                .put("height", media.size().height());
        ArrayNode marks = node.putArray("marks");
        for (FoundMark mark : found) {
            ObjectNode written = marks.addObject().put("kind", mark.kind().word());
            written.putArray("box")
                    .add((long) mark.box().left())
                    .add((long) mark.box().top())
                    .add((long) mark.box().width())
                    .add((long) mark.box().height());
            written.put("sure", mark.sure());
        }
    }

    private void print(Path file, Media media, List<FoundMark> found) {
        var out = spec.commandLine().getOut();
        out.println(file);
        out.println("  size         " + media.size() + " px");
        out.println("  marks        " + (found.isEmpty() ? "none" : Counted.of(found.size(), "mark")));
        for (FoundMark mark : found) {
            out.println(String.format(
                    Locale.ROOT,
                    "  %-12s %.0f, %.0f, %.0f × %.0f px, %.0f %% sure",
                    mark.kind().word(),
                    mark.box().left(),
                    mark.box().top(),
                    mark.box().width(),
                    mark.box().height(),
                    100 * mark.sure()));
        }
    }
}
