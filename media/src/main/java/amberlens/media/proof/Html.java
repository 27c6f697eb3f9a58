package amberlens.media.proof;

import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes the elements of a page; the XML writer of the platform sets apart what is text from what is markup. */
final class Html {
    /** Characters that no page may hold (XML 1.0, section 2.2). */
    private static final String FORBIDDEN = "[^\\t\\n\\r\\x{20}-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]";

    private final XMLStreamWriter out;

    Html(OutputStream stream) throws XMLStreamException {
        out = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(stream, StandardCharsets.UTF_8.name());
        out.writeDTD("<!DOCTYPE html>\n");
    }

    /** Begins an element; attributes are names and values in turn. */
    Html open(String element, String... attributes) throws XMLStreamException {
        out.writeStartElement(element);
        attributes(attributes);
        return this;
    }

    /** Ends the element that was begun last. */
    void close() throws XMLStreamException {
        out.writeEndElement();
        out.writeCharacters("\n");
    }

    /** An element with text. */
    void text(String element, String words, String... attributes) throws XMLStreamException {
        open(element, attributes);
        out.writeCharacters(words.replaceAll(FORBIDDEN, "\uFFFD"));
        close();
    }

    /** An element that holds nothing. */
    void empty(String element, String... attributes) throws XMLStreamException {
        out.writeEmptyElement(element);
        attributes(attributes);
    }

    /** The end of the page. */
    void end() throws XMLStreamException {
        out.writeEndDocument();
        out.close();
    }

    private void attributes(String... attributes) throws XMLStreamException {
        for (int i = 0; i < attributes.length; i += 2) {
            out.writeAttribute(attributes[i], attributes[i + 1].replaceAll(FORBIDDEN, "\uFFFD"));
        }
    }
}
