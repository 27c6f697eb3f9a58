package amberlens.cli;

import amberlens.core.check.ShotCheck;
import amberlens.core.edges.Margin;
import amberlens.core.motion.Pose;
import amberlens.core.motion.PoseProperty;
import amberlens.core.motion.Properties;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** The check as one line of JSON. */
final class CheckJson {
    private static final ObjectMapper JSON = new ObjectMapper();

    private CheckJson() {}

    static String of(List<ShotCheck> checks, boolean frames) {
        ObjectNode root = JSON.createObjectNode();
        ArrayNode shots = root.putArray("shots");
        checks.forEach(check -> write(shots.addObject(), check, frames));
        try {
            return JSON.writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("the check could not be written as JSON", e);
        }
    }

    private static void write(ObjectNode node, ShotCheck check, boolean frames) {
        node.put("id", check.shot().id());
        node.put("sealed", check.sealed());
        node.put("judged", check.judged());
        node.putObject("worst")
                .put("frame", check.edges().worstFrame())
                .put("margin", check.edges().worst().framePx());
        ArrayNode open = node.putArray("open");
        for (var span : check.edges().open()) {
            open.addObject()
                    .put("from", span.span().from())
                    .put("to", span.span().to())
                    .put("margin", span.worst().framePx());
        }
        node.putObject("enlargement")
                .put("max", check.enlargement().percent())
                .put("frame", check.enlargement().frame());
        node.putObject("pace")
                .put("max", check.fastest().centrePx())
                .put("corner", check.fastest().cornerPx())
                .put("frame", check.fastestFrame());
        ArrayNode list = node.putArray("frames");
        for (int frame = 0; frames && frame < check.shot().length(); frame++) {
            write(
                    list.addObject(),
                    frame,
                    check.take().pose(frame),
                    check.edges().margins().get(frame));
        }
    }

    private static void write(ObjectNode node, int frame, Pose pose, Margin margin) {
        node.put("frame", frame);
        Properties.OF_POSE.forEach(property -> write(node, property, pose));
        node.put("margin", margin.framePx());
    }

    private static <V> void write(ObjectNode node, PoseProperty<V> property, Pose pose) {
        V value = property.of(pose);
        if (property.kind().parts() == 1) {
            node.put(property.id(), property.kind().part(value, 0));
            return;
        }
        ArrayNode numbers = node.putArray(property.id());
        for (int part = 0; part < property.kind().parts(); part++) {
            numbers.add(property.kind().part(value, part));
        }
    }
}
