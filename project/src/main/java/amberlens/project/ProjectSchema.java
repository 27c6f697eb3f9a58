package amberlens.project;

import amberlens.core.model.FileProblem;
import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.PathType;
import com.networknt.schema.SchemaValidatorsConfig;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.nio.file.Path;
import java.util.Comparator;

/** The JSON Schema that ships with the application, applied to every file on opening. */
final class ProjectSchema {
    private static final String RESOURCE = "project-1.schema.json";
    private static final JsonSchema SCHEMA = load();

    private ProjectSchema() {}

    static void check(JsonNode project, Path file) throws FileProblem {
        var first = SCHEMA.validate(project).stream()
                .max(Comparator.comparingInt(
                        message -> message.getInstanceLocation().getNameCount()));
        if (first.isPresent()) {
            throw new FileProblem(file + ": at " + pointer(first.get()) + " " + expectation(first.get()) + ".");
        }
    }

    private static String pointer(ValidationMessage message) {
        String pointer = message.getInstanceLocation().toString();
        String member = message.getProperty();
        String whole = member == null || member.isEmpty() ? pointer : pointer + "/" + member;
        return whole.isEmpty() ? "/" : whole;
    }

    private static String expectation(ValidationMessage message) {
        String text = message.getMessage();
        int colon = text.indexOf(": ");
        return colon < 0 ? text : text.substring(colon + 2);
    }

    private static JsonSchema load() {
        var stream = ProjectSchema.class.getResourceAsStream(RESOURCE);
        if (stream == null) {
            throw new IllegalStateException("the project schema is not in this build");
        }
        var config = SchemaValidatorsConfig.builder()
                .pathType(PathType.JSON_POINTER)
                .locale(java.util.Locale.ENGLISH)
                .build();
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(stream, config);
    }
}
