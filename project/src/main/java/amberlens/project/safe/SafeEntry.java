package amberlens.project.safe;

import amberlens.core.model.project.FileProblem;
import amberlens.files.FileStamp;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.Optional;

/**
 * One document in a safe, beside the project itself and a small picture.
 *
 * @param name of the project
 * @param file where it was saved last, absolute, so that it means the same to a program that is started elsewhere; empty for one that
 *     never was
 * @param stamp what the file was when the document last knew it; empty when that is not known
 * @param kept when
 * @param edits how many were made since it was opened or saved
 */
public record SafeEntry(String name, Optional<Path> file, Optional<FileStamp> stamp, Instant kept, int edits) {
    private static final ObjectMapper JSON = new ObjectMapper();

    public SafeEntry {
        file = file.map(Path::toAbsolutePath);
    }

    String written() {
        ObjectNode node = JSON.createObjectNode();
        node.put("name", name);
        file.ifPresent(path -> node.put("file", path.toString()));
        stamp.ifPresent(known -> node.putObject("stamp")
                .put("bytes", known.bytes())
                .put("changed", known.changed().toString())
                .put("hash", known.hash()));
        node.put("kept", kept.toString());
        node.put("edits", edits);
        return node.toPrettyString() + "\n";
    }

    static SafeEntry read(Path path) throws FileProblem {
        try {
            JsonNode node = JSON.readTree(Files.readAllBytes(path));
            Optional<Path> file = node.hasNonNull("file")
                    // Where a relative one was, nobody can say any more: it is offered as if it had none.
                    ? Optional.of(Path.of(node.get("file").asText())).filter(Path::isAbsolute)
                    : Optional.empty();
            return new SafeEntry(
                    node.path("name").asText(""),
                    file,
                    stamp(node.path("stamp")),
                    Instant.parse(node.path("kept").asText("")),
                    node.path("edits").asInt(0));
        } catch (IOException | DateTimeException | InvalidPathException e) {
            throw new FileProblem(path + " cannot be read: " + e.getMessage() + ".", e);
        }
    }

    private static Optional<FileStamp> stamp(JsonNode node) {
        return node.isObject()
                ? Optional.of(new FileStamp(
                        node.path("bytes").asLong(),
                        FileTime.from(Instant.parse(node.path("changed").asText(""))),
                        node.path("hash").asText("")))
                : Optional.empty();
    }
}
