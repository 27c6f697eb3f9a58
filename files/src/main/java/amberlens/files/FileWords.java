package amberlens.files;

import amberlens.core.model.project.FileProblem;
import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemLoopException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.Path;

/** What went wrong with a file, in words. */
public final class FileWords {
    private FileWords() {}

    /** A file could not be written; the sentence says why and what to do. */
    public static FileProblem cannotWrite(Path file, Exception e) {
        return new FileProblem(file + " cannot be written: " + reason(file, e) + "; choose another place.", e);
    }

    private static String reason(Path file, Exception e) {
        return switch (e) {
            case AccessDeniedException _ -> "its folder may not be written to";
            case NoSuchFileException _ -> "its folder is not there";
            case NotDirectoryException _ -> "a file is in the way of its folder";
            case FileSystemLoopException _ -> "its link leads in a circle";
            case FileAlreadyExistsException there when there.getReason() != null -> there.getReason();
            case FileAlreadyExistsException there
            when !file.endsWith(there.getFile()) -> "a file is in the way of its folder";
            default -> innermost(e);
        };
    }

    /** The message of the first cause, which names the reason and not who noticed it. */
    private static String innermost(Throwable problem) {
        Throwable cause = problem;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String text = cause instanceof java.nio.file.FileSystemException system && system.getReason() != null
                ? system.getReason()
                : cause.getMessage();
        return text == null ? cause.getClass().getSimpleName() : text;
    }

    /** The innermost reason of anything that was thrown, never empty. */
    public static String reason(Throwable problem) {
        return problem instanceof IOException || problem.getMessage() == null
                ? innermost(problem)
                : problem.getMessage();
    }
}
