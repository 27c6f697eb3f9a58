package amberlens.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamWriteFeature;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.core.util.Separators;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.util.Locale;
import java.util.regex.Pattern;

/** The layout of the file: one member a line, so that a version-control diff shows what changed. */
final class ProjectText {
    private static final JsonMapper JSON = JsonMapper.builder()
            .enable(StreamWriteFeature.WRITE_BIGDECIMAL_AS_PLAIN)
            .build();

    private static final JsonMapper READ = JsonMapper.builder()
            .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
            .build();

    /** Half of a character of two: JSON has it as an escape, and no encoding otherwise. */
    private static final Pattern HALF =
            Pattern.compile("[\\uD800-\\uDBFF](?![\\uDC00-\\uDFFF])|(?<![\\uD800-\\uDBFF])[\\uDC00-\\uDFFF]");

    private ProjectText() {}

    private static String halvesEscaped(String text) {
        return HALF.matcher(text)
                .replaceAll(found -> String.format(
                        Locale.ROOT, "\\\\u%04x", (int) found.group().charAt(0)));
    }

    /** A value as it is when it was written and read again: 1e9 becomes 1000000000. */
    static JsonNode asReadAgain(JsonNode value) {
        try {
            return READ.readTree(JSON.writeValueAsString(value));
        } catch (JsonProcessingException e) {
            throw new IllegalArgumentException("a number has more digits than a file may say", e);
        }
    }

    static String of(JsonNode root) {
        var separators = Separators.createDefaultInstance().withObjectFieldValueSpacing(Separators.Spacing.AFTER);
        var printer = new DefaultPrettyPrinter().withSeparators(separators);
        printer.indentObjectsWith(new DefaultIndenter("  ", "\n"));
        try {
            return halvesEscaped(JSON.writer(printer).writeValueAsString(root)) + "\n";
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a project could not be written as JSON", e);
        }
    }
}
