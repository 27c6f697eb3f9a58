package amberlens.project;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.Colour;
import amberlens.core.model.FileProblem;
import amberlens.core.model.FrameFormat;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import amberlens.core.motion.Leg;
import amberlens.core.motion.PathHandles;
import amberlens.core.motion.Scale;
import amberlens.core.motion.TimingCurve;
import amberlens.core.motion.ValueKind;
import amberlens.core.motion.ValueKinds;
import amberlens.core.time.FrameRate;
import com.fasterxml.jackson.databind.JsonNode;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.function.Function;

/** From a file's members, which the schema has accepted, to a project. Rules beyond the schema are checked here. */
final class ProjectReader {
    private final Path file;

    ProjectReader(Path file) {
        this.file = file;
    }

    Project read(JsonNode root) throws FileProblem {
        List<Media> media = new ArrayList<>();
        var mediaIds = new HashSet<String>();
        for (int i = 0; i < root.get("media").size(); i++) {
            String at = "/media/" + i;
            Media item = media(root.get("media").get(i), at);
            require(
                    mediaIds.add(item.id()),
                    at + "/id",
                    "an id of its own was expected; \"" + item.id() + "\" is taken");
            media.add(item);
        }
        List<Shot> shots = new ArrayList<>();
        var shotIds = new HashSet<String>();
        for (int i = 0; i < root.get("shots").size(); i++) {
            String at = "/shots/" + i;
            Shot shot = shot(root.get("shots").get(i), at);
            require(
                    shotIds.add(shot.id()),
                    at + "/id",
                    "an id of its own was expected; \"" + shot.id() + "\" is taken");
            require(
                    mediaIds.contains(shot.media()),
                    at + "/media",
                    "the id of one of the media was expected, not \"" + shot.media() + "\"");
            shots.add(shot);
        }
        return new Project(
                root.get("name").asText(), frame(root.get("frame")), media, shots, KnownMembers.PROJECT.extras(root));
    }

    private FrameFormat frame(JsonNode node) throws FileProblem {
        return checked(
                "/frame",
                () -> new FrameFormat(
                        size(node),
                        FrameRate.parse(node.get("rate").asText()),
                        node.has("background")
                                ? Colour.parse(node.get("background").asText())
                                : Colour.BLACK));
    }

    private Media media(JsonNode node, String at) throws FileProblem {
        String written = node.get("path").asText();
        return checked(
                at,
                () -> new Media(
                        node.get("id").asText(),
                        Media.Kind.PHOTO,
                        absolute(written),
                        size(node),
                        KnownMembers.MEDIA.extras(node)));
    }

    private String absolute(String written) {
        try {
            Path folder = file.toAbsolutePath().getParent();
            return folder.resolve(written.replace('\\', '/')).normalize().toString();
        } catch (InvalidPathException e) {
            throw new IllegalArgumentException("\"" + written + "\" cannot be the path of a file", e);
        }
    }

    private Shot shot(JsonNode node, String at) throws FileProblem {
        JsonNode camera = node.get("camera");
        String in = at + "/camera";
        var track = new CameraTrack(
                channel(camera.get("scale"), ValueKinds.SCALE, ProjectReader::scale, in + "/scale"),
                channel(camera.get("position"), ValueKinds.POSITION, ProjectReader::framePoint, in + "/position"),
                channel(camera.get("rotation"), ValueKinds.DEGREES, JsonNode::asDouble, in + "/rotation"),
                channel(camera.get("anchor"), ValueKinds.ANCHOR, ProjectReader::picturePoint, in + "/anchor"));
        String id = node.get("id").asText();
        return checked(
                at,
                () -> new Shot(
                        id,
                        node.path("name").asText(id),
                        node.get("media").asText(),
                        node.path("track").asInt(1),
                        node.get("start").asInt(),
                        node.get("length").asInt(),
                        node.path("fillsFrame").asBoolean(true),
                        track,
                        KnownMembers.SHOT.extras(node)));
    }

    private <V> Channel<V> channel(JsonNode node, ValueKind<V> kind, Function<JsonNode, V> value, String at)
            throws FileProblem {
        if (node.has("value")) {
            return checked(at + "/value", () -> Channel.constant(kind, value.apply(node.get("value"))));
        }
        List<Key<V>> keys = new ArrayList<>();
        for (int i = 0; i < node.get("keys").size(); i++) {
            JsonNode key = node.get("keys").get(i);
            String keyAt = at + "/keys/" + i;
            keys.add(checked(keyAt, () -> key(key, value)));
            boolean ascending = i == 0 || keys.get(i).at() > keys.get(i - 1).at();
            require(
                    ascending,
                    keyAt + "/at",
                    "a frame after the key before was expected, not "
                            + keys.get(i).at());
        }
        return checked(at, () -> Channel.keyed(kind, keys));
    }

    private static <V> Key<V> key(JsonNode node, Function<JsonNode, V> value) {
        var handles = new PathHandles(
                node.has("in") ? framePoint(node.get("in")) : FramePoint.ZERO,
                node.has("out") ? framePoint(node.get("out")) : FramePoint.ZERO);
        Leg leg = node.has("leg") ? leg(node.get("leg")) : Leg.LINEAR;
        return new Key<>(
                node.get("at").asInt(), value.apply(node.get("value")), leg, handles, KnownMembers.KEY.extras(node));
    }

    private static Leg leg(JsonNode node) {
        return switch (node.get("kind").asText()) {
            case "hold" -> Leg.HOLD;
            case "smooth" -> Leg.SMOOTH;
            case "curve" -> {
                JsonNode h = node.get("handles");
                yield new Leg.Curve(new TimingCurve(number(h, 0), number(h, 1), number(h, 2), number(h, 3)));
            }
            default -> Leg.LINEAR;
        };
    }

    private static Size size(JsonNode node) {
        return new Size(node.get("width").asInt(), node.get("height").asInt());
    }

    private static Scale scale(JsonNode node) {
        return new Scale(number(node, 0), number(node, 1));
    }

    private static FramePoint framePoint(JsonNode node) {
        return new FramePoint(number(node, 0), number(node, 1));
    }

    private static PicturePoint picturePoint(JsonNode node) {
        return new PicturePoint(number(node, 0), number(node, 1));
    }

    private static double number(JsonNode array, int index) {
        return array.get(index).asDouble();
    }

    private void require(boolean condition, String pointer, String expectation) throws FileProblem {
        if (!condition) {
            throw new FileProblem(file + ": at " + pointer + " " + expectation + ".");
        }
    }

    private <T> T checked(String pointer, java.util.function.Supplier<T> value) throws FileProblem {
        try {
            return value.get();
        } catch (IllegalArgumentException e) {
            throw new FileProblem(file + ": at " + pointer + " " + e.getMessage() + ".", e);
        }
    }
}
