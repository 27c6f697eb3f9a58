package amberlens.media.export;

import amberlens.core.edit.delivery.DeliveryFilm;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One file, or one sequence, to be made of a project as it was when it was asked for.
 *
 * @param name for people
 * @param project in the frame that it is made in
 * @param delivery whose frame that is, by its id; empty for the project's own
 */
public record ExportJob(String name, Project project, ExportSettings settings, Optional<String> delivery) {
    /** In the project's own frame. */
    public ExportJob(String name, Project project, ExportSettings settings) {
        this(name, project, settings, Optional.empty());
    }

    /** The same as the film of a delivery. */
    public ExportJob in(Delivery shape) {
        return new ExportJob(name + " " + shape.name(), project, settings, Optional.of(shape.id()));
    }

    /**
     * The file of a film, where each of a project's films gets one.
     *
     * @param destination of them all; the shape comes before its ending
     * @param delivery empty for the film in the project's own frame
     */
    public static Path destination(Path destination, Project project, Optional<Delivery> delivery) {
        Path name = destination.getFileName();
        return name == null
                ? destination
                : destination.resolveSibling(DeliveryFilm.fileName(name.toString(), project, delivery));
    }

    /** A file for each shot, named after it: {@code film.mp4} becomes {@code film-01-seed-cabinet.mp4} and so on. */
    public static List<ExportJob> perShot(Project project, List<Shot> shots, ExportSettings settings) {
        return shots.stream()
                .map(shot -> {
                    int number = shots.indexOf(shot) + 1;
                    Path file = named(
                            settings.destination(),
                            number,
                            shot.name(),
                            settings.format().ending());
                    Project alone = project.only(shot);
                    return new ExportJob(
                            shot.name(),
                            alone,
                            settings.withFrames(shot.onLineUp()).withDestination(file));
                })
                .toList();
    }

    private static Path named(Path destination, int number, String shot, String ending) {
        String name = destination.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String stem = dot > 0 ? name.substring(0, dot) : name;
        String word = shot.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        return destination.resolveSibling(String.format(Locale.ROOT, "%s-%02d-%s%s", stem, number, word, ending));
    }
}
