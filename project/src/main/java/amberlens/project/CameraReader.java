package amberlens.project;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.model.FileProblem;
import amberlens.core.motion.Axes;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import amberlens.core.motion.Leg;
import amberlens.core.motion.PathHandles;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Scale;
import amberlens.core.motion.TimingCurve;
import amberlens.core.motion.ValueKind;
import amberlens.core.motion.ValueKinds;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;

/** From the members of a camera, which the schema has accepted, to its channels. */
final class CameraReader {
    private final Object source;

    /**
     * @param source what messages name: the file, or the clipboard
     */
    CameraReader(Object source) {
        this.source = source;
    }

    CameraTrack camera(JsonNode camera, String in) throws FileProblem {
        CameraTrack neutral = CameraTrack.still(new Pose(Scale.NEUTRAL, FramePoint.ZERO, 0, new PicturePoint(0, 0)));
        return cameraOr(camera, in, neutral);
    }

    /** Likewise, but properties may be left out; those are taken from a pose. */
    CameraTrack cameraOr(JsonNode camera, String in, Pose otherwise) throws FileProblem {
        return cameraOr(camera, in, CameraTrack.still(otherwise));
    }

    private CameraTrack cameraOr(JsonNode camera, String in, CameraTrack still) throws FileProblem {
        return new CameraTrack(
                member(camera, "scale", still.scale(), CameraReader::scale, in),
                member(camera, "position", still.position(), CameraReader::framePoint, in),
                member(camera, "rotation", still.rotation(), JsonNode::asDouble, in),
                member(camera, "anchor", still.anchor(), CameraReader::picturePoint, in),
                member(camera, "opacity", still.opacity(), CameraReader::opacity, in),
                member(camera, "speed", still.speed(), JsonNode::asDouble, in));
    }

    private static double opacity(JsonNode node) {
        if (!(node.asDouble() >= 0 && node.asDouble() <= 100)) {
            throw new IllegalArgumentException("an opacity of 0 to 100 was expected, not " + node.asDouble());
        }
        return node.asDouble();
    }

    private <V> Channel<V> member(
            JsonNode camera, String name, Channel<V> otherwise, Function<JsonNode, V> value, String in)
            throws FileProblem {
        return camera.has(name) ? channel(camera.get(name), otherwise.kind(), value, in + "/" + name) : otherwise;
    }

    private <V> Channel<V> channel(JsonNode node, ValueKind<V> kind, Function<JsonNode, V> value, String at)
            throws FileProblem {
        boolean muted = node.path("muted").asBoolean(false);
        if (node.has("value") && !muted) {
            return checked(source, at + "/value", () -> Channel.constant(kind, value.apply(node.get("value"))));
        }
        Channel<V> keyed = node.has("x")
                ? Channel.unlinked(
                        kind,
                        new Axes(
                                channel(node.get("x"), ValueKinds.NUMBER, JsonNode::asDouble, at + "/x"),
                                channel(node.get("y"), ValueKinds.NUMBER, JsonNode::asDouble, at + "/y")))
                : keyed(node.get("keys"), kind, value, at);
        return muted
                ? checked(source, at + "/value", () -> keyed.withMuted(true, value.apply(node.get("value"))))
                : keyed;
    }

    private <V> Channel<V> keyed(JsonNode nodes, ValueKind<V> kind, Function<JsonNode, V> value, String at)
            throws FileProblem {
        List<Key<V>> keys = new ArrayList<>();
        for (int i = 0; i < nodes.size(); i++) {
            JsonNode key = nodes.get(i);
            String keyAt = at + "/keys/" + i;
            keys.add(checked(source, keyAt, () -> key(key, value)));
            boolean ascending = i == 0 || keys.get(i).at() > keys.get(i - 1).at();
            if (!ascending) {
                throw problem(
                        source,
                        keyAt + "/at",
                        "a frame after the key before was expected, not "
                                + keys.get(i).at());
            }
        }
        return checked(source, at, () -> Channel.keyed(kind, keys));
    }

    private static <V> Key<V> key(JsonNode node, Function<JsonNode, V> value) {
        var handles = new PathHandles(
                node.has("in") ? framePoint(node.get("in")) : FramePoint.ZERO,
                node.has("out") ? framePoint(node.get("out")) : FramePoint.ZERO);
        Leg leg = node.has("leg") ? leg(node.get("leg")) : Leg.LINEAR;
        boolean even = node.path("leg").path("even").asBoolean(false);
        return new Key<>(
                node.get("at").asInt(),
                value.apply(node.get("value")),
                leg,
                even,
                handles,
                KnownMembers.KEY.extras(node));
    }

    static Leg leg(JsonNode node) {
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

    static FileProblem problem(Object source, String pointer, String expectation) {
        return new FileProblem(source + ": at " + pointer + " " + expectation + ".");
    }

    static <T> T checked(Object source, String pointer, Supplier<T> value) throws FileProblem {
        try {
            return value.get();
        } catch (IllegalArgumentException e) {
            throw new FileProblem(source + ": at " + pointer + " " + e.getMessage() + ".", e);
        }
    }
}
