package amberlens.project;

import amberlens.core.base.geometry.Size;
import amberlens.core.material.sound.Level;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Copied keys as the text that the system clipboard carries; docs/CLIPBOARD.md describes it. */
public final class ClipText {
    private static final String FORMAT = "amber-lens/keys";
    private static final int VERSION = 2;

    /** From here on the turns in depth are called as they are now; what holds none of them is as older programs wrote it. */
    private static final int WITH_PITCH = 2;

    private static final String SOURCE = "The clipboard";
    private static final String EXPECTED =
            "Keys copied in Amber Lens were expected (JSON with \"format\": \"" + FORMAT + "\"), ";
    private static final ObjectMapper JSON = new ObjectMapper();

    private ClipText() {}

    public static String write(KeyClip clip) {
        return tree(clip).toPrettyString();
    }

    /** Likewise, as a tree to be put into another file. */
    public static ObjectNode tree(KeyClip clip) {
        ObjectNode root = JSON.createObjectNode();
        root.put("format", FORMAT);
        root.put("version", clip.properties().stream().anyMatch(Versions.TURNS::contains) ? WITH_PITCH : 1);
        root.put("what", clip.what().word());
        root.put("origin", clip.origin());
        putSize(root.putObject("picture"), clip.picture());
        putSize(root.putObject("frame"), clip.frame());
        if (clip.inset()) {
            root.put("inset", true);
        }
        root.set("camera", CameraWriter.camera(clip.camera(), clip.properties()));
        LookClip.put(root, clip.camera(), clip.properties());
        return root;
    }

    static void putSize(ObjectNode node, Size size) {
        node.put("width", size.width());
        node.put("height", size.height());
    }

    /**
     * Reads copied keys.
     *
     * @throws FileProblem when the text is anything else; it says what was expected
     */
    public static KeyClip read(String text) throws FileProblem {
        JsonNode root = json(text);
        if (!FORMAT.equals(root.path("format").asText())) {
            throw new FileProblem(EXPECTED + "but this is something else.");
        }
        if (root.path("version").asInt() > VERSION) {
            throw new FileProblem(
                    "The copied keys come from a newer Amber Lens; version " + VERSION + " was expected.");
        }
        if (root.path("version").asInt() < WITH_PITCH) {
            Versions.withNewNames(root);
        }
        ProjectSchema.requireClip(root);
        Size picture = size(root.get("picture"));
        Size frame = size(root.get("frame"));
        CameraTrack camera =
                new CameraReader(SOURCE, frame).cameraOr(root.get("camera"), "/camera", Pose.neutral(picture, frame));
        KeyClip.What what = Arrays.stream(KeyClip.What.values())
                .filter(kind -> kind.word().equals(root.get("what").asText()))
                .findFirst()
                .orElse(KeyClip.What.KEYS);
        Set<Property<?>> properties = Properties.ALL.stream()
                .filter(property ->
                        (what == KeyClip.What.MOVE && property.group().ofMove())
                                || root.get("camera").at("/" + property.id()).isObject())
                .collect(Collectors.toCollection(TreeSet::new));
        JsonNode level = root.get("camera").path(Level.PROPERTY.id());
        if (level.isObject()) { // of a clip of sound
            camera = camera.with(
                    Level.PROPERTY, new CameraReader(SOURCE, frame).channel(Level.PROPERTY, level, "/camera/level"));
            properties.add(Level.PROPERTY);
        }
        CameraTrack withLooks = LookClip.read(root.path("looks"), camera, properties, new CameraReader(SOURCE, frame));
        return new KeyClip(what, withLooks, properties, root.path("origin").asInt(0), picture, frame)
                .withInset(root.path("inset").asBoolean(false));
    }

    private static JsonNode json(String text) throws FileProblem {
        try {
            JsonNode root = JSON.readTree(text);
            return root == null ? JSON.createObjectNode() : root;
        } catch (JsonProcessingException e) {
            throw new FileProblem(EXPECTED + "but the clipboard holds other text.", e);
        }
    }

    static Size size(JsonNode node) {
        return new Size(node.get("width").asInt(), node.get("height").asInt());
    }
}
