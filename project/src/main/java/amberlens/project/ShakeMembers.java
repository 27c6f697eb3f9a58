package amberlens.project;

import amberlens.core.base.time.FrameRate;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.material.trace.Stand;
import amberlens.core.model.project.FileProblem;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Shakes in files: four rows of numbers, one of each moment. */
final class ShakeMembers {
    private ShakeMembers() {}

    static void put(ObjectNode shot, ShakeLayer layer) {
        ObjectNode node = shot.putObject("shake");
        put(node, layer.shake());
        node.set("amount", CameraWriter.number(layer.amount()));
        if (layer.from() != 0) {
            node.set("from", CameraWriter.number(layer.from()));
        }
    }

    /** A shake without what a layer makes of it. */
    static void put(ObjectNode node, Shake shake) {
        node.put("name", shake.name());
        node.put("rate", shake.rate().written());
        row(node, "x", shake, Stand::x);
        row(node, "y", shake, Stand::y);
        row(node, "scale", shake, stand -> 100 * stand.scale());
        row(node, "turn", shake, Stand::degrees);
        KnownMembers.SHAKE.merge(node, shake.extras());
    }

    private static void row(ObjectNode node, String name, Shake shake, ToDoubleFunction<Stand> of) {
        ArrayNode row = node.putArray(name);
        shake.stands().forEach(stand -> row.add(CameraWriter.number(Shake.fine(of.applyAsDouble(stand)))));
    }

    static Optional<ShakeLayer> read(Path file, JsonNode node, String at) throws FileProblem {
        return node.isMissingNode()
                ? Optional.empty()
                : Optional.of(CameraReader.checked(
                        file,
                        at,
                        () -> new ShakeLayer(
                                shake(node),
                                node.path("amount").asDouble(100),
                                node.path("from").asDouble(0))));
    }

    /** @throws IllegalArgumentException when it has no such shake */
    static Shake shake(JsonNode node) {
        JsonNode x = node.path("x");
        List<JsonNode> rows = List.of(x, node.path("y"), node.path("scale"), node.path("turn"));
        if (rows.stream().anyMatch(row -> row.size() != x.size())) {
            throw new IllegalArgumentException("as many numbers in x, y, scale and turn were expected");
        }
        List<Stand> stands = new ArrayList<>(x.size());
        for (int i = 0; i < x.size(); i++) {
            stands.add(new Stand(
                    x.get(i).asDouble(),
                    node.get("y").get(i).asDouble(),
                    Shake.fine(node.get("scale").get(i).asDouble() / 100),
                    node.get("turn").get(i).asDouble(),
                    1));
        }
        return new Shake(
                node.path("name").asText(""),
                FrameRate.parse(node.path("rate").asText()),
                stands,
                KnownMembers.SHAKE.extras(node));
    }
}
