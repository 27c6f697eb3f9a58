package amberlens.media.intake;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.media.picture.PictureReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A project held against its files: what is proved of a shot is proved of the pixels that are really there. Files that are missing keep
 * what the project says of them.
 *
 * @param project with media as their files are
 * @param changed the media that were not what the project said, by their id, as they are
 * @param remarks a sentence for each of them, and for each file that cannot be read
 */
public record Conformed(Project project, Map<String, Media> changed, List<String> remarks) {
    public Conformed {
        changed = Map.copyOf(changed);
        remarks = List.copyOf(remarks);
    }

    /**
     * Looks at the headers of all files, and at the pixels of those pictures whose transparency edges are judged by.
     *
     * @param guard is asked before a film is opened
     */
    public static Conformed of(Project project, FilmGuard guard) {
        Map<String, Media> changed = new LinkedHashMap<>();
        List<String> remarks = new ArrayList<>();
        for (Media media : project.media()) {
            if (!media.hasPixels() || !Files.isRegularFile(Path.of(media.path()))) {
                continue;
            }
            try {
                Media there = there(media, guard);
                if (!there.size().equals(media.size()) || !there.footage().equals(media.footage())) {
                    changed.put(media.id(), there);
                    remarks.add(media.fileName() + " is " + facts(there) + ", not " + facts(media)
                            + " as the project says; it is taken as it is.");
                } else if (media.kind() == Media.Kind.PHOTO) {
                    PictureReader.requireWhole(Path.of(media.path()));
                    var transparency = Transparency.of(project, media);
                    transparency.bounds().ifPresent(bounds -> changed.put(media.id(), there.withOpaque(bounds)));
                    transparency.remark().ifPresent(remarks::add);
                }
            } catch (FileProblem e) {
                remarks.add(e.getMessage());
            }
        }
        List<Media> all = project.media().stream()
                .map(media -> changed.containsKey(media.id()) ? media.foundAs(changed.get(media.id())) : media)
                .toList();
        return new Conformed(changed.isEmpty() ? project : project.withMedia(all), changed, remarks);
    }

    private static Media there(Media media, FilmGuard guard) throws FileProblem {
        Path path = Path.of(media.path());
        Media found =
                switch (media.kind()) {
                    case PHOTO -> MediaProbe.picture(path, media.page()).media();
                    case SEQUENCE ->
                        MediaProbe.sequence(
                                        List.of(path),
                                        media.footage().orElseThrow().rate())
                                .media();
                    default -> MediaProbe.film(path, guard).media();
                };
        return found.withId(media.id());
    }

    private static String facts(Media media) {
        String size = media.size() + " px";
        return media.footage()
                .map(footage -> size + ", " + footage.frames() + " frames at " + footage.rate())
                .orElse(size);
    }
}
