package amberlens.core.model.project;

import org.jspecify.annotations.Nullable;

/**
 * A file could not be read or written. The message is for people: it names the file, says what happened and what to do.
 */
public final class FileProblem extends Exception {
    private final boolean mayPass;

    public FileProblem(String message) {
        this(message, null);
    }

    public FileProblem(String message, @Nullable Throwable cause) {
        this(message, cause, cause instanceof OutOfMemoryError);
    }

    private FileProblem(String message, @Nullable Throwable cause, boolean mayPass) {
        super(message, cause);
        this.mayPass = mayPass;
    }

    /** That a file was not read in the time that it may take. */
    public static FileProblem tooSlow(String file) {
        return new FileProblem(
                file + " takes too long to read; this machine is busy, its disk does not answer, or it is damaged.",
                null,
                true);
    }

    /** Whether it says something of the machine, not of the file, so that another try may do. */
    public boolean mayPass() {
        return mayPass;
    }
}
