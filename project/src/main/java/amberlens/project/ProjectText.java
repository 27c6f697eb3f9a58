package amberlens.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamWriteFeature;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.core.util.Separators;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;

/** The layout of the file: one member a line, so that a version-control diff shows what changed. */
final class ProjectText {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
            .build();

    private ProjectText() {}

    static String of(JsonNode root) {
        var separators = Separators.createDefaultInstance().withObjectFieldValueSpacing(Separators.Spacing.AFTER);
        var printer = new DefaultPrettyPrinter().withSeparators(separators);
        printer.indentObjectsWith(new DefaultIndenter("  ", "\n"));
        try {
            return JSON.writer(printer).writeValueAsString(root) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a project could not be written as JSON", e);
        }
    }
}
