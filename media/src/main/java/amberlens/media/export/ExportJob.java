package amberlens.media.export;

import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

/**
 * One file, or one sequence, to be made of a project as it was when it was asked for.
 *
 * @param name for people
 */
public record ExportJob(String name, Project project, ExportSettings settings) {
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
