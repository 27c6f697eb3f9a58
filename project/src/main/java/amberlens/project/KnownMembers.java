package amberlens.project;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.look.Choice;
import amberlens.core.material.look.LookChoices;
import amberlens.core.material.look.LookKind;
import amberlens.core.material.sound.Level;
import amberlens.core.motion.property.Group;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * Which members of an object this version reads; all others are carried along as {@link Extras}, those of inner objects too.
 *
 * @param plain members that are read whole, or whose own objects keep their extras themselves
 * @param inner members that are objects whose extras are kept here
 * @param usual what such an object says when it is left out, so that it can be written for the sake of its extras; null where
 *     the extras go with it
 */
record KnownMembers(
        Set<String> plain,
        Map<String, KnownMembers> inner,
        @org.jspecify.annotations.Nullable Supplier<ObjectNode> usual) {
    private static final ObjectMapper VALUES = new ObjectMapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final Size ANY = new Size(1, 1);

    private static final KnownMembers LEG = of("kind", "handles", "even", "rho", "about", "width")
            .usually(() -> NODES.objectNode().put("kind", "linear"));
    private static final KnownMembers AXIS = of("value", "keys", "muted");
    private static final KnownMembers CHANNEL = AXIS.with("x", AXIS).with("y", AXIS);
    private static final KnownMembers CAMERA = camera();
    private static final KnownMembers FADE = of("frames", "through").with("leg", LEG);

    static final KnownMembers KEY = of("at", "value", "in", "out").with("leg", LEG);
    static final KnownMembers MARKER = of("at", "name");
    static final KnownMembers ALTERNATIVE = of("name").with("camera", CAMERA);
    static final KnownMembers OWN_FRAMINGS = of("delivery").with("camera", CAMERA);
    static final KnownMembers DELIVERY = of("id", "name", "width", "height");
    static final KnownMembers TITLE = of(
                    "text", "font", "size", "colour", "align", "weight", "italic", "lineSpacing", "letterSpacing")
            .with("outline", of("width", "colour"))
            .with("box", of("colour", "opacity", "padding", "radius"));
    static final KnownMembers TRACK = of("id", "name", "first", "radius", "given", "spots");
    static final KnownMembers MARK = of("id", "kind", "box", "sure", "keep", "by");
    static final KnownMembers PLANE =
            of("id", "name", "outline", "distance", "soft").with("fill", of("kind", "reach", "from"));
    static final KnownMembers MEDIA = of(
                    "id", "kind", "path", "page", "width", "height", "rate", "frames", "title", "tracks", "planes",
                    "marks")
            .with("fingerprint", of("bytes", "hash"))
            .with("opaque", of("x", "y", "width", "height"))
            .with("beats", of("times", "strengths", "first", "perBar"));
    /** Those of a shake, be it in a file of its own or under a shot. */
    static final KnownMembers SHAKE =
            of("format", "version", "name", "rate", "x", "y", "scale", "turn", "amount", "from");

    static final KnownMembers SHOT = of(
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
                    "alternatives",
                    "deliveries",
                    "blend",
                    "mirror",
                    "sound",
                    "shake",
                    "looks")
            .with("shutter", of("angle"))
            .with("camera", CAMERA)
            .with("follows", of("shot", "properties", "looks"))
            .with("source", of("in", "conversion", "tied").usually(NODES::objectNode))
            .with("enter", FADE)
            .with("leave", FADE)
            .with("backdrop", of("gradient", "clouds", "seed"));
    static final KnownMembers SOUND = of("id", "media", "track", "start", "in", "length", "enter", "leave", "mute")
            .with("level", leftOut(Level.PROPERTY));
    static final KnownMembers PROJECT = of(
                    "format", "version", "name", "media", "shots", "sounds", "soundLevel", "markers", "deliveries")
            .with(
                    "frame",
                    of("width", "height", "rate", "background", "blurred").with("shutter", of("angle")));

    /** Those of a look. */
    static KnownMembers look(LookKind kind) {
        KnownMembers members = of(
                Stream.concat(Stream.of("kind", "on"), kind.choices().stream().map(Choice::id))
                        .toArray(String[]::new));
        for (Property<?> amount : kind.amounts(LookChoices.USUAL)) {
            members = members.with(amount.id(), amount.isPlaced() ? CHANNEL : leftOut(amount));
        }
        return members;
    }

    private static KnownMembers camera() {
        KnownMembers members = of();
        for (Property<?> property : Properties.ALL) {
            KnownMembers channel = property.group() == Group.POSE ? CHANNEL : leftOut(property);
            members = members.with(List.of(property.id().split("/")), channel);
        }
        return members;
    }

    /** A property that is left out where it is neutral. */
    private static <V> KnownMembers leftOut(Property<V> property) {
        V neutral = property.neutral(ANY, ANY);
        return CHANNEL.usually(
                () -> (ObjectNode) NODES.objectNode().set("value", Values.written(property.kind(), neutral)));
    }

    private static KnownMembers of(String... names) {
        return new KnownMembers(Set.of(names), Map.of(), null);
    }

    private KnownMembers with(String name, KnownMembers members) {
        var more = new LinkedHashMap<>(inner);
        more.put(name, members);
        return new KnownMembers(plain, more, usual);
    }

    /** Likewise below others: all but the last name are those of inner objects. */
    private KnownMembers with(List<String> names, KnownMembers members) {
        String first = names.getFirst();
        if (names.size() == 1) {
            return with(first, members);
        }
        KnownMembers below = inner.getOrDefault(first, of().usually(NODES::objectNode));
        return with(first, below.with(names.subList(1, names.size()), members));
    }

    private KnownMembers usually(Supplier<ObjectNode> written) {
        return new KnownMembers(plain, inner, written);
    }

    /** What the object holds beyond the known members. */
    Extras extras(JsonNode object) {
        Map<String, Object> beyond = beyond(object);
        return beyond.isEmpty() ? Extras.NONE : new Extras(beyond);
    }

    private Map<String, Object> beyond(JsonNode object) {
        var beyond = new LinkedHashMap<String, Object>();
        for (Map.Entry<String, JsonNode> member : object.properties()) {
            KnownMembers known = inner.get(member.getKey());
            if (known != null) {
                Map<String, Object> rest = known.beyond(member.getValue());
                if (!rest.isEmpty()) {
                    beyond.put(member.getKey(), rest);
                }
            } else if (!plain.contains(member.getKey())) {
                beyond.put(
                        member.getKey(), VALUES.convertValue(ProjectText.asReadAgain(member.getValue()), Object.class));
            }
        }
        return beyond;
    }

    /** Puts the extras back beside the known members, which win; those of an inner object that is gone go with it. */
    void merge(ObjectNode object, Extras extras) {
        merge(object, extras.members());
    }

    private void merge(ObjectNode object, Map<?, ?> extras) {
        extras.forEach((member, value) -> {
            String name = String.valueOf(member);
            KnownMembers known = inner.get(name);
            if (known == null) {
                if (!object.has(name)) {
                    object.set(name, VALUES.valueToTree(value));
                }
            } else if (value instanceof Map<?, ?> rest) {
                known.mergeInto(object, name, rest);
            }
        });
    }

    private void mergeInto(ObjectNode outer, String name, Map<?, ?> rest) {
        if (!outer.has(name) && usual != null) {
            outer.set(name, usual.get());
        }
        if (outer.get(name) instanceof ObjectNode object) {
            merge(object, rest);
        }
    }
}
