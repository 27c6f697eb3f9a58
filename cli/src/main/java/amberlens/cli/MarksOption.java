package amberlens.cli;

import amberlens.core.edit.edits.MarkEdits;
import amberlens.core.material.mark.FoundMark;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.files.Folders;
import amberlens.media.marks.KeptMarks;
import amberlens.media.pixels.PixelCache;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import picocli.CommandLine.Option;

/** Whether moves aim at what is found in pictures. */
final class MarksOption {
    @Option(
            names = "--no-marks",
            description =
                    "Aim at nothing that is found in the pictures: faces, persons and subjects are not looked for.")
    private boolean none;

    /** What is found in a picture; nothing where nothing is wanted, or it cannot be read: whoever shows it says so. */
    Function<Media, List<FoundMark>> finder(PixelCache pictures) {
        var marks = new KeptMarks(Folders.cache());
        return media -> {
            if (none || !KeptMarks.isLookedAt(media)) {
                return List.of();
            }
            try {
                return marks.find(media, pictures);
            } catch (FileProblem _) {
                return List.of();
            }
        };
    }

    /** The media as the file has them, with what moves were aimed at. */
    List<Media> noted(List<Media> written, List<Media> looked) {
        List<Media> noted = new ArrayList<>();
        for (int i = 0; i < written.size(); i++) {
            Media media = written.get(i);
            noted.add(
                    media.marks().isEmpty() && !none
                            ? media.withMarks(looked.get(i).marks())
                            : media);
        }
        return noted;
    }

    /**
     * A project with what is found in the pictures whose marks it does not know.
     *
     * @param wanted the ids of the pictures that matter; the others are not looked at
     */
    Project looked(Project project, Set<String> wanted, PixelCache pictures) {
        Function<Media, List<FoundMark>> finder = finder(pictures);
        return project.withMedia(project.media().stream()
                .map(media -> {
                    if (none) {
                        return media.withMarks(List.of());
                    }
                    boolean unknown =
                            wanted.contains(media.id()) && media.marks().isEmpty();
                    return unknown ? MarkEdits.noted(media, finder.apply(media)) : media;
                })
                .toList());
    }
}
