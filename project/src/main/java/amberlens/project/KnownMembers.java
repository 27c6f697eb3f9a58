package amberlens.project;

import amberlens.core.extras.Extras;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;

/** Which members of the file this version reads; all others are carried along as {@link Extras}. */
record KnownMembers(Set<String> plain, Map<String, KnownMembers> nested) {
    private static final ObjectMapper VALUES = new ObjectMapper();

    static final KnownMembers MEDIA = new KnownMembers(
            Set.of("id", "kind", "path", "width", "height", "opaque", "rate", "frames"),
            Map.of("fingerprint", of("bytes", "hash")));
    static final KnownMembers KEY =
            new KnownMembers(Set.of("at", "value", "in", "out"), Map.of("leg", of("kind", "handles", "even")));
    static final KnownMembers MARKER = of("at", "name");
    static final KnownMembers SHOT = new KnownMembers(
            Set.of(
                    "id",
                    "name",
                    "media",
                    "track",
                    "start",
                    "length",
                    "fillsFrame",
                    "markers",
                    "keepInside",
                    "opaqueOnly",
                    "locked",
                    "subject",
                    "backdrop",
                    "alternatives",
                    "blend"),
            Map.of(
                    "camera",
                    camera(),
                    "follows",
                    of("shot", "properties"),
                    "source",
                    of("in", "conversion", "tied"),
                    "enter",
                    of("frames", "leg", "through"),
                    "leave",
                    of("frames", "leg", "through")));
    static final KnownMembers PROJECT = new KnownMembers(
            Set.of("format", "version", "name", "media", "shots", "markers"),
            Map.of("frame", of("width", "height", "rate", "background", "blurred")));

    private static KnownMembers of(String... names) {
        return new KnownMembers(Set.of(names), Map.of());
    }

    private static KnownMembers camera() {
        KnownMembers channel = of("value", "keys", "muted", "x", "y");
        return new KnownMembers(
                Set.of(),
                Map.of(
                        "scale",
                        channel,
                        "position",
                        channel,
                        "rotation",
                        channel,
                        "anchor",
                        channel,
                        "opacity",
                        channel,
                        "speed",
                        channel));
    }

    /** What the object holds beyond the known members. */
    Extras extras(JsonNode object) {
        Map<String, Object> beyond = beyond(object);
        return beyond.isEmpty() ? Extras.NONE : new Extras(beyond);
    }

    private Map<String, Object> beyond(JsonNode object) {
        var beyond = new LinkedHashMap<String, Object>();
        for (Map.Entry<String, JsonNode> member : object.properties()) {
            KnownMembers inner = nested.get(member.getKey());
            if (inner != null) {
                Map<String, Object> rest = inner.beyond(member.getValue());
                if (!rest.isEmpty()) {
                    beyond.put(member.getKey(), rest);
                }
            } else if (!plain.contains(member.getKey())) {
                beyond.put(member.getKey(), VALUES.convertValue(member.getValue(), Object.class));
            }
        }
        return beyond;
    }

    /** Puts the extras back beside the known members, which win. */
    static void merge(ObjectNode object, Map<?, ?> extras) {
        extras.forEach((name, value) -> {
            JsonNode there = object.get(String.valueOf(name));
            if (there instanceof ObjectNode inner && value instanceof Map<?, ?> rest) {
                merge(inner, rest);
            } else if (there == null) {
                object.set(String.valueOf(name), VALUES.valueToTree(value));
            }
        });
    }
}
