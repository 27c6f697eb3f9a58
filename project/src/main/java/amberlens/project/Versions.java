package amberlens.project;

import amberlens.core.model.FileProblem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;

/** Recognises project files and brings older versions up to the current one. */
final class Versions {
    static final String FORMAT = "amber-lens/project";
    static final int CURRENT = 1;

    /** The lowest version that can say all that this program holds; what an older one would misread raises it. */
    static final int LOWEST = 1;

    private Versions() {}

    static boolean isProject(JsonNode tree) {
        return FORMAT.equals(tree.path("format").asText());
    }

    static ObjectNode toCurrent(JsonNode tree, Path file) throws FileProblem {
        if (!(tree instanceof ObjectNode project) || !isProject(project)) {
            throw new FileProblem(file + ": at /format \"" + FORMAT + "\" was expected; this is not a project.");
        }
        JsonNode version = project.path("version");
        if (!version.isIntegralNumber() || version.asLong() < 1) {
            throw new FileProblem(file + ": at /version a whole number from 1 was expected, not " + version + ".");
        }
        if (version.asLong() > CURRENT) {
            throw new FileProblem(file + " was written by a newer version of Amber Lens (file version "
                    + version.asLong() + ", this one reads up to " + CURRENT + "); update Amber Lens to open it.");
        }
        return project;
    }
}
