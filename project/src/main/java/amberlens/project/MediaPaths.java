package amberlens.project;

import amberlens.files.ResolvedPaths;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;

/** Where media lie, as a project file says it: relative to its folder where it can be, with forward slashes on every system. */
public final class MediaPaths {
    private final Path folder;

    /** As the paths of a project file at this place. */
    public MediaPaths(Path file) {
        Path parent = file.toAbsolutePath().getParent();
        folder = parent == null ? file.toAbsolutePath() : parent;
    }

    /**
     * The absolute path of what is written.
     *
     * @throws IllegalArgumentException when it cannot be a path here
     */
    public String absolute(String written) {
        try {
            return ResolvedPaths.resolved(folder.resolve(written)).toString();
        } catch (InvalidPathException e) {
            throw new IllegalArgumentException("\"" + written + "\" cannot be the path of a file", e);
        }
    }

    /** What is written for a path: relative if that leads to the same file, also where folders are links, else as it is. */
    public String written(String path) {
        Path whole = Path.of(path);
        if (!whole.isAbsolute() || !whole.getRoot().equals(folder.getRoot())) {
            return text(whole);
        }
        Path target = ResolvedPaths.resolved(whole);
        Path plain = ResolvedPaths.resolved(folder).relativize(target);
        if (leadsTo(plain, target)) {
            return text(plain);
        }
        try {
            Path real = folder.toRealPath().relativize(target);
            return text(leadsTo(real, target) ? real : whole);
        } catch (IOException _) {
            return text(whole);
        }
    }

    private boolean leadsTo(Path relative, Path target) {
        return ResolvedPaths.resolved(folder.resolve(relative)).equals(target);
    }

    /** A folder's own path relative to itself is empty, which no file could say. */
    private static String text(Path path) {
        String text = path.toString();
        String separator = path.getFileSystem().getSeparator();
        return text.isEmpty() ? "." : separator.equals("/") ? text : text.replace(separator, "/");
    }
}
