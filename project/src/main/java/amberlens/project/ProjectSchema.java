package amberlens.project;

import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.PathType;
import com.networknt.schema.SchemaValidatorsConfig;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/** The JSON Schema that ships with the application, applied to every file on opening. */
final class ProjectSchema {
    private static final String RESOURCE = "project-1.schema.json";
    private static final JsonNode TEXT = load();
    private static final JsonSchema PROJECT = schema(TEXT);
    private static final JsonSchema CLIP = schema(definition("keysClip"));
    private static final JsonSchema LOOKS = schema(definition("looksFile"));

    private ProjectSchema() {}

    static void check(JsonNode project, Path file) throws FileProblem {
        check(PROJECT, project, file);
    }

    static void requireLooks(JsonNode looks, Path file) throws FileProblem {
        check(LOOKS, looks, file);
    }

    static void requireClip(JsonNode clip) throws FileProblem {
        Numbers.check(clip, "", "The clipboard");
        check(CLIP, clip, "The clipboard");
    }

    private static void check(JsonSchema schema, JsonNode node, Object source) throws FileProblem {
        var first = schema.validate(node).stream().max(Comparator.comparingInt(message -> message.getInstanceLocation()
                .getNameCount()));
        if (first.isPresent()) {
            throw CameraReader.problem(source, pointer(first.get()), expectation(first.get()));
        }
    }

    private static String pointer(ValidationMessage message) {
        String pointer = message.getInstanceLocation().toString();
        String member = message.getProperty();
        String whole = member == null || member.isEmpty() ? pointer : pointer + "/" + member;
        return whole.isEmpty() ? "/" : whole;
    }

    private static String expectation(ValidationMessage message) {
        if ("false".equals(message.getType())) {
            return "only a constant or keys were expected: there are no axes here";
        }
        String text = message.getMessage();
        int colon = text.indexOf(": ");
        return colon < 0 ? text : text.substring(colon + 2);
    }

    private static JsonNode load() {
        try (var stream = ProjectSchema.class.getResourceAsStream(RESOURCE)) {
            if (stream == null) {
                throw new IllegalStateException("the project schema is not in this build");
            }
            return withProperties(new ObjectMapper().readTree(stream), Properties.ALL);
        } catch (IOException e) {
            throw new UncheckedIOException("the project schema cannot be read", e);
        }
    }

    /** The schema with the members of some properties, wherever a camera or a list of properties stands. */
    static JsonNode withProperties(JsonNode schema, List<Property<?>> properties) {
        JsonNode definitions = schema.get("$defs");
        LookSchema.put(definitions);
        ObjectNode camera = (ObjectNode) definitions.at("/camera/properties");
        ObjectNode copied = (ObjectNode) definitions.at("/keysClip/properties/camera/properties");
        ArrayNode names =
                ((ObjectNode) definitions.at("/shot/properties/follows/properties/properties/items")).putArray("enum");
        for (Property<?> property : properties) {
            String reference = "#/$defs/" + Values.definition(property.kind());
            put(camera, property.id(), reference);
            put(copied, property.id(), reference);
            names.add(property.id());
        }
        return schema;
    }

    /** A property whose id has several names stands in an object in an object. */
    private static void put(ObjectNode members, String id, String reference) {
        ObjectNode at = members;
        String[] names = id.split("/");
        for (int i = 0; i < names.length - 1; i++) {
            at = at.withObject("/" + names[i]).put("type", "object").withObject("/properties");
        }
        at.withObject("/" + names[names.length - 1]).put("$ref", reference);
    }

    /** One of the definitions as a schema of its own. */
    private static JsonNode definition(String name) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.set("$schema", TEXT.get("$schema"));
        root.put("$ref", "#/$defs/" + name);
        root.set("$defs", TEXT.get("$defs"));
        return root;
    }

    private static JsonSchema schema(JsonNode text) {
        var config = SchemaValidatorsConfig.builder()
                .pathType(PathType.JSON_POINTER)
                .locale(Locale.ENGLISH)
                .build();
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(text, config);
    }
}
