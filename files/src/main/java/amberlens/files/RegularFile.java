package amberlens.files;

import amberlens.core.model.project.FileProblem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;

/** Files that have an end and are nobody else's: not folders, pipes, which may be waited for without end, nor devices, which may never end. */
public final class RegularFile {
    private RegularFile() {}

    /**
     * All bytes of a file.
     *
     * @param most larger ones are refused unread
     * @param what it should be, for people: "a project"
     * @throws NoSuchFileException when there is none
     */
    public static byte[] read(Path file, long most, String what) throws IOException, FileProblem {
        require(file, what);
        if (Files.size(file) > most) {
            throw new FileProblem(file + " is far too large to be " + what + ".");
        }
        return Files.readAllBytes(file);
    }

    private static void require(Path file, String what) throws IOException, FileProblem {
        if (Files.isDirectory(file)) {
            throw new FileProblem(file + " is a folder; " + what + " is a file.");
        }
        if (!Files.exists(file)) {
            throw new NoSuchFileException(file.toString());
        }
        if (!Files.isRegularFile(file)) {
            throw new FileProblem(file + " is a pipe or a device; " + what + " is read from a file.");
        }
    }

    /** Whether something may be replaced: a file, or nothing at all. */
    static boolean mayBeReplaced(Path file) {
        return !Files.exists(file) || Files.isRegularFile(file);
    }
}
