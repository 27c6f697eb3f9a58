package amberlens.media.film;

import amberlens.core.model.FileProblem;
import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;

/** A file written beside its destination and moved there only when it is whole. */
final class PartFile {
    private final Path destination;
    private final Path part;

    private PartFile(Path destination, Path part) {
        this.destination = destination;
        this.part = part;
    }

    /** Reserves the place; missing folders are made. */
    static PartFile beside(Path destination) throws FileProblem {
        Path whole = destination.toAbsolutePath();
        try {
            Files.createDirectories(whole.getParent());
            Path part = Files.createTempFile(whole.getParent(), "." + whole.getFileName() + ".", ".part");
            return new PartFile(whole, part);
        } catch (IOException e) {
            throw cannotWrite(destination, e);
        }
    }

    Path path() {
        return part;
    }

    void moveIntoPlace() throws FileProblem {
        try {
            part.toFile().setReadable(true, false);
            Files.move(part, destination, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            remove();
            throw cannotWrite(destination, e);
        }
    }

    void remove() {
        try {
            Files.deleteIfExists(part);
        } catch (IOException e) {
            part.toFile().deleteOnExit();
        }
    }

    static FileProblem cannotWrite(Path path, IOException e) {
        String why =
                switch (e) {
                    case AccessDeniedException _, NoSuchFileException _ -> "its folder may not be written to";
                    case FileAlreadyExistsException _ -> "a file is in the way of its folder";
                    default -> innermost(e);
                };
        return new FileProblem(path + " cannot be written: " + why + "; choose another place.", e);
    }

    /** The message of the first cause, which names the reason and not who noticed it. */
    private static String innermost(Throwable problem) {
        Throwable cause = problem;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        return String.valueOf(cause.getMessage());
    }
}
