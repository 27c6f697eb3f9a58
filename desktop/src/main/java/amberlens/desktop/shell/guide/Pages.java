package amberlens.desktop.shell.guide;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URL;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.Heading;
import org.commonmark.node.Node;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/** The pages of the guide as they are shipped: Markdown, with pictures beside it. */
final class Pages {
    /** In the order of the index. */
    static final List<String> ALL = List.of(
            "first-move",
            "bench",
            "framing",
            "edges-and-seal",
            "legs-and-curves",
            "keys",
            "many-shots",
            "ready-moves",
            "marks",
            "looks",
            "titles",
            "sound",
            "footage",
            "film-moves",
            "depth",
            "planes",
            "deliveries",
            "export",
            "other-programs",
            "command-line",
            "install",
            "safety");

    private static final String FOLDER = "/amberlens/guide/";
    private static final Parser PARSER =
            Parser.builder().extensions(List.of(TablesExtension.create())).build();

    private Pages() {}

    /**
     * A page, read.
     *
     * @throws IllegalArgumentException when the guide has no such page
     */
    static Node read(String page) {
        try (InputStream stream = Pages.class.getResourceAsStream(FOLDER + page + ".md")) {
            if (stream == null) {
                throw new IllegalArgumentException("the guide has no page " + page);
            }
            return PARSER.parse(new String(stream.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What a page is called: its first heading. */
    static String title(String page) {
        return read(page).getFirstChild() instanceof Heading heading && heading.getFirstChild() instanceof Text text
                ? text.getLiteral()
                : page;
    }

    /** A picture of the guide, as an address; the name is as a page gives it. */
    static Optional<String> picture(String name) {
        String file = name.substring(name.lastIndexOf('/') + 1);
        return Optional.ofNullable(Pages.class.getResource(FOLDER + "pictures/" + file))
                .map(URL::toExternalForm);
    }
}
