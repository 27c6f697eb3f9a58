package amberlens.desktop.shell.guide;

import java.util.ArrayList;
import java.util.List;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Link;
import org.commonmark.node.Text;

/** The keys that the guide names for actions. */
public final class GuideKeys {
    /**
     * Keys in a page.
     *
     * @param keys as the page writes them
     * @param action what they are said to do
     */
    public record Named(String page, String keys, String action) {}

    private GuideKeys() {}

    public static List<Named> all() {
        List<Named> found = new ArrayList<>();
        for (String page : Pages.ALL) {
            Pages.read(page).accept(new AbstractVisitor() {
                @Override
                public void visit(Link link) {
                    if (link.getDestination().startsWith("action:") && link.getFirstChild() instanceof Text keys) {
                        found.add(new Named(
                                page, keys.getLiteral(), link.getDestination().substring(7)));
                    }
                }
            });
        }
        return found;
    }
}
