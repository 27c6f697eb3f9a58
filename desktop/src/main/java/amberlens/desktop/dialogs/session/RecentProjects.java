package amberlens.desktop.dialogs.session;

import static java.util.stream.Collectors.joining;

import amberlens.files.NotedText;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.stream.Stream;

/**
 * The projects opened lately, the newest first, kept in a small text file that other windows add to, too. A list that cannot be kept is no
 * harm. Safe for use from several threads.
 */
public final class RecentProjects implements AutoCloseable {
    private static final int KEPT = 10;

    private final NotedText list;
    private volatile List<Path> known;

    /** @param writing where the list is written */
    public RecentProjects(Path folder, Executor writing) {
        list = new NotedText(folder.resolve("recent-projects"), writing);
        known = paths(list.read());
    }

    List<Path> all() {
        return known;
    }

    void add(Path project) {
        Path newest = project.toAbsolutePath();
        known = with(newest, known);
        list.change(before -> {
            List<Path> now = with(newest, paths(before));
            known = now;
            return now.stream().map(Path::toString).collect(joining("\n", "", "\n"));
        });
    }

    private static List<Path> with(Path newest, List<Path> others) {
        return Stream.concat(Stream.of(newest), others.stream().filter(other -> !other.equals(newest)))
                .limit(KEPT)
                .toList();
    }

    /** A list that is not one of paths is as good as empty. */
    private static List<Path> paths(String text) {
        try {
            return text.lines().filter(line -> !line.isBlank()).map(Path::of).toList();
        } catch (InvalidPathException _) {
            return List.of();
        }
    }

    /** Writes what is not written yet. */
    @Override
    public void close() {
        list.close();
    }
}
