package amberlens.exchange.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.xml.sax.InputSource;

class MarkupTest {
    /** Held against the parser that comes with Java. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "bed & <fern> \"one\"",
                "bell \u0007",
                "nothing \u0000",
                "half \uD83C",
                "last \uFFFF",
                "leaf 🌿\t\n"
            })
    void any_name_is_well_formed_in_a_document(String name) throws Exception {
        String document = "<a b=\"" + Markup.escaped(name) + "\">" + Markup.escaped(name) + "</a>";
        var parsed = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader(document)));
        assertThat(parsed.getDocumentElement().getTextContent()).hasSameSizeAs(name);
    }

    @Test
    void what_a_document_can_hold_stays_as_it_is() throws Exception {
        var parsed = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader("<a>" + Markup.escaped("leaf 🌿 & ß") + "</a>")));
        assertThat(parsed.getDocumentElement().getTextContent()).isEqualTo("leaf 🌿 & ß");
    }
}
