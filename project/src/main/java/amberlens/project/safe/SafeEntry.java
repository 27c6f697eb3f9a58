package amberlens.project.safe;

import amberlens.core.model.FileProblem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.Optional;

/**
 * One document in a safe, beside the project itself and a small picture.
 *
 * @param name of the project
 * @param file where it was saved last; empty for one that never was
 * @param kept when
 * @param edits how many were made since it was opened or saved
 */
public record SafeEntry(String name, Optional<Path> file, Instant kept, int edits) {
    private static final ObjectMapper JSON = new ObjectMapper();

    String written() {
        ObjectNode node = JSON.createObjectNode();
        node.put("name", name);
        file.ifPresent(path -> node.put("file", path.toString()));
        node.put("kept", kept.toString());
        node.put("edits", edits);
        return node.toPrettyString() + "\n";
    }

    static SafeEntry read(Path path) throws FileProblem {
        try {
            JsonNode node = JSON.readTree(Files.readAllBytes(path));
            Optional<Path> file = node.hasNonNull("file")
                    ? Optional.of(Path.of(node.get("file").asText()))
                    : Optional.empty();
            return new SafeEntry(
                    node.path("name").asText(""),
                    file,
                    Instant.parse(node.path("kept").asText("")),
                    node.path("edits").asInt(0));
        } catch (IOException | DateTimeException | InvalidPathException e) {
            throw new FileProblem(path + " cannot be read: " + e.getMessage() + ".", e);
        }
    }
}
