package amberlens.project;

import amberlens.core.material.look.LookChoices;
import amberlens.core.material.look.LookKind;
import amberlens.core.material.look.LookKinds;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.property.Owner;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Copied keys of looks: for each look its kind, its number among those, and the amounts that were copied. */
final class LookClip {
    private LookClip() {}

    static void put(ObjectNode root, CameraTrack camera, Collection<Property<?>> properties) {
        Set<Owner> owners = new TreeSet<>();
        properties.stream()
                .map(Property::owner)
                .filter(owner -> !owner.equals(Owner.CAMERA))
                .forEach(owners::add);
        if (owners.isEmpty()) {
            return;
        }
        ArrayNode looks = root.putArray("looks");
        for (Owner owner : owners) {
            ObjectNode look = looks.addObject();
            look.put("kind", owner.kind());
            look.put("number", owner.number());
            properties.stream()
                    .filter(property -> property.owner().equals(owner))
                    .forEach(property -> look.set(property.id(), CameraWriter.channel(camera.get(property))));
        }
    }

    /** A camera with the copied amounts beside it. */
    static CameraTrack read(JsonNode looks, CameraTrack camera, Set<Property<?>> into, CameraReader reader)
            throws FileProblem {
        CameraTrack track = camera;
        for (int i = 0; i < looks.size(); i++) {
            JsonNode look = looks.get(i);
            List<Property<?>> amounts = LookKinds.named(look.get("kind").asText())
                    .map((LookKind kind) -> kind.amounts(LookChoices.USUAL))
                    .orElse(List.of());
            for (Property<?> amount : amounts) {
                JsonNode channel = look.path(amount.id());
                if (!channel.isMissingNode()) {
                    Property<?> own = amount.ownedBy(new Owner(
                            look.get("kind").asText(), look.path("number").asInt(1)));
                    track = reader.read(track, own, channel, "/looks/" + i + "/" + amount.id());
                    into.add(own);
                }
            }
        }
        return track;
    }
}
