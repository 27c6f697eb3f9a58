package amberlens.cli;

import amberlens.core.model.project.FileProblem;
import amberlens.media.export.Originals;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** Where a command writes the project that it has changed. */
final class ProjectOutput {
    @Option(names = "-o", paramLabel = "OUT", description = "Write here instead of to FILE.")
    private @Nullable Path output;

    @Option(names = "--overwrite", description = "Replace OUT when it is there.")
    private boolean overwrite;

    /**
     * Refuses to write over something else than a project, and over another project where that is not allowed.
     *
     * @param file the project that is changed, which may be replaced
     */
    void check(Path file) throws FileProblem {
        if (output == null) {
            return;
        }
        ProjectArgument.requireProject(output);
        if (!Originals.of(List.of(file)).contain(output)) {
            ProjectArgument.requireFree(output, overwrite);
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
