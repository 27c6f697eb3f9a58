package amberlens.project;

import amberlens.core.material.look.Choice;
import amberlens.core.material.look.Look;
import amberlens.core.material.look.LookChoices;
import amberlens.core.material.look.Mask;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.BooleanNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.List;

/** From looks and what is keyed of them to their members in a file. What is as usual is left out. */
final class LookWriter {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private LookWriter() {}

    static void put(ObjectNode node, List<Look> looks, CameraTrack camera) {
        if (!looks.isEmpty()) {
            ArrayNode written = node.putArray("looks");
            looks.forEach(look -> written.add(look(look, camera)));
        }
    }

    private static ObjectNode look(Look look, CameraTrack camera) {
        ObjectNode node = NODES.objectNode();
        node.put("kind", look.kind().id());
        if (!look.on()) {
            node.put("on", false);
        }
        for (Choice<?> choice : look.kind().choices()) {
            put(node, look.choices(), choice);
        }
        for (Property<?> amount : look.amounts()) {
            if (camera.has(amount)) {
                node.set(amount.id(), CameraWriter.channel(camera.get(amount)));
            }
        }
        KnownMembers.look(look.kind()).merge(node, look.extras());
        return node;
    }

    private static <V> void put(ObjectNode node, LookChoices choices, Choice<V> choice) {
        V answer = choices.get(choice);
        if (!answer.equals(choice.usual())) {
            node.set(choice.id(), written(choices, choice));
        }
    }

    private static JsonNode written(LookChoices choices, Choice<?> choice) {
        return switch (choice) {
            case Choice.OfColour colour -> TextNode.valueOf(choices.get(colour).toString());
            case Choice.OfSwitch one -> BooleanNode.valueOf(choices.get(one));
            case Choice.OfWords<?> words -> TextNode.valueOf(word(choices, words));
            case Choice.OfPoints points -> points(choices.get(points));
        };
    }

    private static <E extends Enum<E>> String word(LookChoices choices, Choice.OfWords<E> choice) {
        return choice.written(choices.get(choice));
    }

    private static ArrayNode points(List<Mask.Point> points) {
        ArrayNode written = NODES.arrayNode();
        points.forEach(
                point -> written.addArray().add(CameraWriter.number(point.x())).add(CameraWriter.number(point.y())));
        return written;
    }
}
