package amberlens.project;

import amberlens.core.geometry.FramePoint;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import amberlens.core.motion.Leg;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.DecimalNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.nio.file.Path;

/** From a project to the members of its file, in a stable order. */
final class ProjectWriter {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private final Path folder;

    ProjectWriter(Path file) {
        folder = file.toAbsolutePath().normalize().getParent();
    }

    ObjectNode write(Project project) {
        ObjectNode root = NODES.objectNode();
        root.put("format", Versions.FORMAT);
        root.put("version", Versions.CURRENT);
        root.put("name", project.name());
        ObjectNode frame = root.putObject("frame");
        frame.put("width", project.frameSize().width());
        frame.put("height", project.frameSize().height());
        frame.put("rate", project.frame().rate().written());
        frame.put("background", project.frame().background().toString());
        ArrayNode media = root.putArray("media");
        project.media().forEach(item -> media.add(media(item)));
        ArrayNode shots = root.putArray("shots");
        project.shots().forEach(shot -> shots.add(shot(shot)));
        KnownMembers.merge(root, project.extras().members());
        return root;
    }

    private ObjectNode media(Media item) {
        ObjectNode node = NODES.objectNode();
        node.put("id", item.id());
        node.put("kind", "photo");
        node.put("path", relative(item.path()));
        node.put("width", item.size().width());
        node.put("height", item.size().height());
        KnownMembers.merge(node, item.extras().members());
        return node;
    }

    /** Relative where both lie under one root, with forward slashes on every system. */
    private String relative(String path) {
        Path whole = Path.of(path);
        boolean possible = whole.isAbsolute() && whole.getRoot().equals(folder.getRoot());
        return (possible ? folder.relativize(whole) : whole).toString().replace('\\', '/');
    }

    private static ObjectNode shot(Shot shot) {
        ObjectNode node = NODES.objectNode();
        node.put("id", shot.id());
        node.put("name", shot.name());
        node.put("media", shot.media());
        node.put("track", shot.track());
        node.put("start", shot.start());
        node.put("length", shot.length());
        node.put("fillsFrame", shot.fillsFrame());
        ObjectNode camera = node.putObject("camera");
        camera.set("scale", channel(shot.camera().scale()));
        camera.set("position", channel(shot.camera().position()));
        camera.set("rotation", channel(shot.camera().rotation()));
        camera.set("anchor", channel(shot.camera().anchor()));
        KnownMembers.merge(node, shot.extras().members());
        return node;
    }

    private static <V> ObjectNode channel(Channel<V> channel) {
        ObjectNode node = NODES.objectNode();
        if (channel.animated()) {
            ArrayNode keys = node.putArray("keys");
            channel.keys()
                    .forEach(key ->
                            keys.add(key(channel, key, key.equals(channel.keys().getLast()))));
        } else {
            node.set("value", value(channel, channel.constant()));
        }
        return node;
    }

    private static <V> ObjectNode key(Channel<V> channel, Key<V> key, boolean last) {
        ObjectNode node = NODES.objectNode();
        node.put("at", key.at());
        node.set("value", value(channel, key.value()));
        putHandle(node, "in", key.handles().in());
        putHandle(node, "out", key.handles().out());
        if (!last || !key.leg().equals(Leg.LINEAR)) {
            node.set("leg", leg(key.leg()));
        }
        KnownMembers.merge(node, key.extras().members());
        return node;
    }

    private static void putHandle(ObjectNode node, String name, FramePoint offset) {
        if (!offset.equals(FramePoint.ZERO)) {
            node.putArray(name).add(number(offset.x())).add(number(offset.y()));
        }
    }

    private static ObjectNode leg(Leg leg) {
        ObjectNode node = NODES.objectNode();
        switch (leg) {
            case Leg.Hold _ -> node.put("kind", "hold");
            case Leg.Linear _ -> node.put("kind", "linear");
            case Leg.Smooth _ -> node.put("kind", "smooth");
            case Leg.Curve curve -> {
                var timing = curve.timing();
                node.put("kind", "curve");
                node.putArray("handles")
                        .add(number(timing.x1()))
                        .add(number(timing.y1()))
                        .add(number(timing.x2()))
                        .add(number(timing.y2()));
            }
        }
        return node;
    }

    private static <V> JsonNode value(Channel<V> channel, V value) {
        var kind = channel.kind();
        if (kind.parts() == 1) {
            return number(kind.part(value, 0));
        }
        return NODES.arrayNode().add(number(kind.part(value, 0))).add(number(kind.part(value, 1)));
    }

    /** The shortest text that reads back as the same double, whole numbers without a point. */
    private static JsonNode number(double value) {
        BigDecimal shortest = new BigDecimal(Double.toString(value)).stripTrailingZeros();
        return DecimalNode.valueOf(shortest.scale() < 0 ? shortest.setScale(0) : shortest);
    }
}
