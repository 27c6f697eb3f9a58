package amberlens.desktop.kit.style;

import java.util.List;
import javafx.collections.ObservableList;
import javafx.scene.Node;
import javafx.scene.layout.Pane;

/**
 * Parts of a view that come into the scene when they are seen for the first time: whatever is in the scene is styled and laid out, seen or not,
 * and most of a view is not seen at its start. They stay from then on.
 */
public final class LazyParts {
    private LazyParts() {}

    /**
     * Fills a view in this order with what is visible, and with the others as soon as they are.
     *
     * @param parts that nobody else puts into a view
     */
    public static void fill(Pane view, List<? extends Node> parts) {
        for (Node part : parts) {
            if (part.isVisible()) {
                view.getChildren().add(part);
            } else {
                part.visibleProperty().subscribe((_, visible) -> {
                    if (visible && part.getParent() == null) {
                        put(view.getChildren(), part, parts);
                    }
                });
            }
        }
    }

    /** Before the first of those that come after it. */
    private static void put(ObservableList<Node> there, Node part, List<? extends Node> parts) {
        int place = there.size();
        for (int i = parts.size() - 1; parts.get(i) != part; i--) {
            int known = there.indexOf(parts.get(i));
            place = known < 0 ? place : known;
        }
        there.add(place, part);
    }
}
