package amberlens.project;

import amberlens.core.base.colour.Colour;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.curve.ValueKinds;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;

/** The values of properties as they stand in files: a number, a list of numbers, or a colour like "#1A2B3C". */
final class Values {
    private Values() {}

    static <V> JsonNode written(ValueKind<V> kind, V value) {
        if (value instanceof Colour colour) {
            return JsonNodeFactory.instance.textNode(colour.toString());
        }
        if (kind.parts() == 1) {
            return CameraWriter.number(kind.part(value, 0));
        }
        ArrayNode numbers = JsonNodeFactory.instance.arrayNode();
        for (int part = 0; part < kind.parts(); part++) {
            numbers.add(CameraWriter.number(kind.part(value, part)));
        }
        return numbers;
    }

    /**
     * The value of a member that the schema has accepted.
     *
     * @throws IllegalArgumentException when there is no such value
     */
    static <V> V read(ValueKind<V> kind, JsonNode node) {
        if (kind == ValueKinds.COLOUR) {
            Colour colour = Colour.parse(node.asText());
            return kind.of(part -> ValueKinds.COLOUR.part(colour, part));
        }
        return kind.exactly(
                part -> kind.parts() == 1 ? node.asDouble() : node.get(part).asDouble());
    }

    /** The schema's definition of a channel of such values. */
    static String definition(ValueKind<?> kind) {
        if (kind == ValueKinds.COLOUR) {
            return "colourChannel";
        }
        if (kind == ValueKinds.SCALE) {
            return "scaleChannel";
        }
        return kind.parts() == 1 ? "numberChannel" : "pairChannel";
    }
}
