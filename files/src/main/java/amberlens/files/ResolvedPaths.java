package amberlens.files;

import java.io.IOException;
import java.nio.file.FileSystemLoopException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Paths as the system resolves them. */
public final class ResolvedPaths {
    private static final int MOST = 40;

    private ResolvedPaths() {}

    /** The file that a path leads to: symbolic links are followed, also to a file that is not there yet. */
    static Path followed(Path path) throws IOException {
        Path at = path;
        for (int links = 0; Files.isSymbolicLink(at); links++) {
            if (links == MOST) {
                throw new FileSystemLoopException(path.toString());
            }
            at = at.resolveSibling(Files.readSymbolicLink(at));
        }
        return at;
    }

    /**
     * An absolute path without {@code .} and {@code ..}, where a {@code ..} behind a symbolic link to a folder goes to the folder above
     * the one the link leads to, as the system goes (POSIX pathname resolution), and not back before the link.
     */
    public static Path resolved(Path path) {
        Path whole = path.toAbsolutePath();
        Path at = whole.getRoot();
        for (Path name : whole) {
            switch (name.toString()) {
                case "." -> {}
                case ".." -> at = above(at);
                default -> at = at.resolve(name);
            }
        }
        return at;
    }

    private static Path above(Path folder) {
        Path real = folder;
        try {
            real = Files.isSymbolicLink(folder) ? folder.toRealPath() : folder;
        } catch (IOException _) {
            // A link that leads nowhere: its own folder is the best guess.
        }
        Path parent = real.getParent();
        return parent == null ? real : parent;
    }
}
