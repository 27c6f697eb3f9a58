package amberlens.cli;

import amberlens.core.model.FileProblem;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** Where a command writes the project that it has changed. */
final class ProjectOutput {
    @Option(names = "-o", paramLabel = "OUT", description = "Write here instead of to FILE.")
    private @Nullable Path output;

    /** Refuses to write over something else than a project. */
    void check() throws FileProblem {
        if (output != null) {
            ProjectArgument.requireProject(output);
        }
    }

    boolean isElsewhere() {
        return output != null;
    }

    /** Where was asked for, or the project's own file. */
    Path or(Path file) {
        return output == null ? file : output;
    }
}
