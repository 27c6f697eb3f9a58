package amberlens.desktop.dialogs.session;

import amberlens.files.WholeFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The projects opened lately, the newest first, kept in a small text file. A list that cannot be kept is no harm. */
public final class RecentProjects {
    private static final Logger LOG = LoggerFactory.getLogger(RecentProjects.class);
    private static final int KEPT = 10;

    private final Path list;

    public RecentProjects(Path folder) {
        list = folder.resolve("recent-projects");
    }

    List<Path> all() {
        try {
            return Files.exists(list)
                    ? Files.readAllLines(list).stream()
                            .filter(line -> !line.isBlank())
                            .map(Path::of)
                            .toList()
                    : List.of();
        } catch (IOException | RuntimeException e) {
            LOG.debug("reading {}", list, e);
            return List.of();
        }
    }

    void add(Path project) {
        List<Path> newest = new ArrayList<>(all());
        newest.remove(project.toAbsolutePath());
        newest.addFirst(project.toAbsolutePath());
        try {
            WholeFile.write(
                    list, newest.stream().limit(KEPT).map(Path::toString).collect(Collectors.joining("\n", "", "\n")));
        } catch (IOException e) {
            LOG.debug("writing {}", list, e);
        }
    }
}
