package amberlens.cli;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;

/** What commands print as JSON. */
final class JsonText {
    private static final ObjectMapper JSON = new ObjectMapper();

    private JsonText() {}

    /** One line of JSON. */
    static String of(JsonNode node) {
        try {
            return JSON.writeValueAsString(node);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("what was made of plain values could not be written as JSON", e);
        }
    }
}
