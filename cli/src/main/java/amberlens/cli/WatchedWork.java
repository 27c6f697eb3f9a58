package amberlens.cli;

import amberlens.core.model.project.FileProblem;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Collection;
import java.util.Map;
import java.util.function.Supplier;

/** Does something again whenever the files that it is made from change, until the program is ended. */
final class WatchedWork {
    /** One round of it. */
    @FunctionalInterface
    interface Round {
        int run() throws FileProblem;
    }

    private WatchedWork() {}

    /**
     * Runs rounds; a file that is just being written wrong is told, and waited for.
     *
     * @param files what is looked at
     * @return the exit code of the last round, when the thread is interrupted
     */
    static int run(Round round, Supplier<? extends Collection<Path>> files, PrintWriter err) {
        var watch = new Watch(files);
        while (true) {
            Map<Path, String> before = watch.now();
            int code = ExitCode.FAILED;
            try {
                code = round.run();
            } catch (FileProblem e) {
                err.println("amber: " + e.getMessage());
            }
            err.println("amber: waiting for changes; Ctrl+C ends.");
            if (!watch.awaitChange(before)) {
                return code;
            }
        }
    }
}
