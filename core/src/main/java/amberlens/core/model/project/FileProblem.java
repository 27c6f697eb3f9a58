package amberlens.core.model.project;

import org.jspecify.annotations.Nullable;

/**
 * A file could not be read or written. The message is for people: it names the file, says what happened and what to do.
 */
public final class FileProblem extends Exception {
    public FileProblem(String message) {
        super(message);
    }

    public FileProblem(String message, @Nullable Throwable cause) {
        super(message, cause);
    }
}
