package amberlens.core.model.project;

import java.nio.file.Path;
import java.util.concurrent.TimeoutException;
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

    /** That a file was not read in the time that it may take. */
    public static FileProblem tooSlow(Path file) {
        return new FileProblem(
                file + " takes too long to read; this machine is busy, its disk does not answer, or it is damaged.",
                new TimeoutException());
    }

    /** Whether it says something of the machine, not of the file, so that another try may do. */
    public boolean mayPass() {
        return getCause() instanceof OutOfMemoryError || getCause() instanceof TimeoutException;
    }
}
