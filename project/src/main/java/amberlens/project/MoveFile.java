package amberlens.project;

import amberlens.core.edit.ready.OwnMove;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.property.Properties;
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
 * A kept move in a file of its own, to be shared: the JSON of copied keys (docs/CLIPBOARD.md) with {@code "what": "move"}, and beside it
 * the move's {@code name} and the {@code length} in frames that it was made for.
 */
public final class MoveFile {
    /** The ending of the files, with its point. */
    public static final String ENDING = ".amber-move";

    private static final long LARGEST_BYTES = 16L << 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    private MoveFile() {}

    public static void save(OwnMove move, Path file) throws FileProblem {
        var clip = new KeyClip(KeyClip.What.MOVE, move.camera(), Properties.OF_MOVE, 0, move.picture(), move.frame())
                .withInset(move.inset());
        try {
            ObjectNode root = (ObjectNode) JSON.readTree(ClipText.write(clip));
            root.put("name", move.name());
            root.put("length", move.length());
            WholeFile.write(file, root.toPrettyString() + "\n");
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("copied keys are JSON", e);
        } catch (IOException e) {
            throw FileWords.cannotWrite(file, e);
        }
    }

    /**
     * Reads a kept move.
     *
     * @throws FileProblem naming the file and what was expected
     */
    public static OwnMove open(Path file) throws FileProblem {
        try {
            String text = new String(RegularFile.read(file, LARGEST_BYTES, "a move"), StandardCharsets.UTF_8);
            KeyClip clip = ClipText.read(text);
            JsonNode root = JSON.readTree(text);
            String name = root.path("name").asText(file.getFileName().toString().replace(ENDING, ""));
            int length = root.path("length").asInt(0);
            if (clip.what() != KeyClip.What.MOVE || length < 1 || length > 1_000_000) {
                throw new FileProblem(
                        file + " is not a kept move: a whole move with its length in frames was expected.");
            }
            return new OwnMove(
                    name.isBlank() ? "Move" : name, clip.camera(), clip.picture(), clip.frame(), length, clip.inset());
        } catch (FileProblem e) {
            throw e.getMessage().contains(file.toString())
                    ? e
                    : new FileProblem(file + " is not a kept move: " + e.getMessage(), e);
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be read: " + e.getMessage() + ".", e);
        }
    }
}
