package amberlens.project;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.look.LookSet;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.files.FileWords;
import amberlens.files.RegularFile;
import amberlens.files.WholeFile;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;

/**
 * Kept looks in a file of their own, to be shared: {@code looks} as in a shot of a project file, and beside them their {@code name}, the sizes
 * of {@code picture} and {@code frame} and the {@code length} in frames that they were made for.
 */
public final class LookFile {
    /** The ending of the files, with its point. */
    public static final String ENDING = ".amber-look";

    private static final String FORMAT = "amber-lens/looks";
    private static final int VERSION = 1;
    private static final long LARGEST_BYTES = 16L << 20;
    private static final ObjectMapper JSON = new ObjectMapper();

    private LookFile() {}

    public static void save(LookSet set, Path file) throws FileProblem {
        ObjectNode root = JSON.createObjectNode();
        root.put("format", FORMAT);
        root.put("version", VERSION);
        root.put("name", set.name());
        root.put("length", set.length());
        ClipText.putSize(root.putObject("picture"), set.picture());
        ClipText.putSize(root.putObject("frame"), set.frame());
        LookWriter.put(root, set.looks(), set.camera());
        try {
            WholeFile.write(file, root.toPrettyString() + "\n");
        } catch (IOException e) {
            throw FileWords.cannotWrite(file, e);
        }
    }

    /**
     * Reads kept looks.
     *
     * @throws FileProblem naming the file and what was expected
     */
    public static LookSet open(Path file) throws FileProblem {
        JsonNode root = read(file);
        if (!FORMAT.equals(root.path("format").asText())) {
            throw new FileProblem(file + " does not hold looks: \"format\": \"" + FORMAT + "\" was expected.");
        }
        if (root.path("version").asInt() > VERSION) {
            throw new FileProblem(
                    file + " was written by a newer version of Amber Lens; update Amber Lens to open it.");
        }
        Numbers.check(root, "", file);
        ProjectSchema.requireLooks(root, file);
        Size picture = ClipText.size(root.get("picture"));
        Size frame = ClipText.size(root.get("frame"));
        CameraTrack camera = CameraTrack.still(Pose.neutral(picture, frame));
        LookReader.Read read = new LookReader(file, picture, frame).looks(root.get("looks"), "/looks", camera);
        return new LookSet(
                root.get("name").asText(),
                read.looks(),
                read.camera(),
                picture,
                frame,
                root.get("length").asInt());
    }

    private static JsonNode read(Path file) throws FileProblem {
        try {
            JsonNode root = JSON.readTree(RegularFile.read(file, LARGEST_BYTES, "a file of looks"));
            return root == null ? JSON.createObjectNode() : root;
        } catch (JsonProcessingException e) {
            throw new FileProblem(file + " does not hold looks: JSON was expected.", e);
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be read: " + e.getMessage() + ".", e);
        }
    }
}
