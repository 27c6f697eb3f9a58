package amberlens.cli;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.project.ProjectFile;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;

/** A project's file and those of its media, as far as the project can be read; it is read anew only when its file is another one. */
final class ProjectFiles implements Supplier<List<Path>> {
    private final Path file;
    private String stamp = "";
    private List<Path> known = List.of();

    ProjectFiles(Path file) {
        this.file = file;
    }

    @Override
    public List<Path> get() {
        String now = Watch.stamp(file);
        if (!now.equals(stamp)) {
            stamp = now;
            known = read();
        }
        return known;
    }

    private List<Path> read() {
        List<Path> files = new ArrayList<>(List.of(file));
        try {
            ProjectFile.open(file).media().stream()
                    .filter(Media::hasFile)
                    .map(media -> Path.of(media.path()))
                    .forEach(files::add);
        } catch (FileProblem _) {
            return files;
        }
        return files;
    }
}
