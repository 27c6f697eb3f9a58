package amberlens.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.json.JsonWriteFeature;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;

/** The layout of the file: one member a line, number pairs on one line, so that a version-control diff shows what changed. */
final class ProjectText {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(com.fasterxml.jackson.core.StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
            .disable(JsonWriteFeature.ESCAPE_NON_ASCII)
            .build();

    private ProjectText() {}

    static String of(JsonNode root) {
        try {
            return JSON.writer(printer()).writeValueAsString(root) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a project could not be written as JSON", e);
        }
    }

    private static DefaultPrettyPrinter printer() {
        var indent = new DefaultIndenter("  ", "\n");
        var printer = new CompactPairs();
        printer.indentObjectsWith(indent);
        printer.indentArraysWith(indent);
        return printer;
    }

    /** Arrays of plain numbers stay on one line; arrays of objects are broken as usual. */
    private static final class CompactPairs extends DefaultPrettyPrinter {
        private static final long serialVersionUID = 1L;

        CompactPairs() {}

        private CompactPairs(CompactPairs base) {
            super(base);
        }

        @Override
        public DefaultPrettyPrinter createInstance() {
            return new CompactPairs(this);
        }

        @Override
        public void beforeArrayValues(com.fasterxml.jackson.core.JsonGenerator g) {
            // the first value follows the bracket; objects break the line themselves
        }

        @Override
        public void writeArrayValueSeparator(com.fasterxml.jackson.core.JsonGenerator g) throws java.io.IOException {
            g.writeRaw(", ");
        }

        @Override
        public void writeEndArray(com.fasterxml.jackson.core.JsonGenerator g, int count) throws java.io.IOException {
            g.writeRaw(']');
        }
    }
}
