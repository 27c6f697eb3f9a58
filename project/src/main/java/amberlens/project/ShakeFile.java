package amberlens.project;

import amberlens.core.material.shake.Shake;
import amberlens.core.model.project.FileProblem;
import amberlens.files.FileWords;
import amberlens.files.RegularFile;
import amberlens.files.WholeFile;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

/**
 * A kept shake in a file of its own, to be shared: JSON with {@code "format": "amber-lens/shake"} and the members of a shot's
 * {@code shake}.
 */
public final class ShakeFile {
    /** The ending of the files, with its point. */
    public static final String ENDING = ".amber-shake";

    private static final String FORMAT = "amber-lens/shake";
    private static final long LARGEST_BYTES = 16L << 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    private ShakeFile() {}

    public static void save(Shake shake, Path file) throws FileProblem {
        ObjectNode root = JSON.createObjectNode();
        root.put("format", FORMAT);
        root.put("version", 1);
        ShakeMembers.put(root, shake);
        try {
            WholeFile.write(file, root.toPrettyString() + "\n");
        } catch (IOException e) {
            throw FileWords.cannotWrite(file, e);
        }
    }

    /**
     * Reads a kept shake.
     *
     * @throws FileProblem naming the file and what was expected
     */
    public static Shake open(Path file) throws FileProblem {
        try {
            String text = new String(RegularFile.read(file, LARGEST_BYTES, "a shake"), StandardCharsets.UTF_8);
            JsonNode root = JSON.readTree(text);
            if (!FORMAT.equals(root.path("format").asText())) {
                throw new FileProblem(file + " is not a kept shake: at /format \"" + FORMAT + "\" was expected.");
            }
            return ShakeMembers.shake(root);
        } catch (IllegalArgumentException | JsonProcessingException e) {
            String why = e instanceof JsonProcessingException json ? json.getOriginalMessage() : e.getMessage();
            throw new FileProblem(file + " is not a kept shake: " + why + ".", e);
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be read: " + e.getMessage() + ".", e);
        }
    }
}
