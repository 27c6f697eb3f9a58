package amberlens.desktop.kit.style;

import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/**
 * A line about a control, shown where the pointer rests on it, and told to assistive programs. Its window, which costs as much as a small
 * scene, is made only when the pointer comes to the control for the first time: a bench has hundreds of them. Used by the interface thread.
 */
public final class Hint {
    private static final String KEY = "amber-hint";

    private String text;
    private @Nullable Tooltip window;

    private Hint(Node node, String text) {
        this.text = text;
        node.addEventHandler(MouseEvent.MOUSE_ENTERED, new EventHandler<>() {
            @Override
            public void handle(MouseEvent event) {
                node.removeEventHandler(MouseEvent.MOUSE_ENTERED, this);
                Tooltip made = new Tooltip(Hint.this.text);
                Tooltip.install(node, made);
                window = made;
            }
        });
    }

    /** Gives a control its line, in place of the one it had; an empty one is none. */
    public static void of(Node node, String text) {
        node.setAccessibleHelp(text);
        if (node.getProperties().get(KEY) instanceof Hint known) {
            known.change(node, text);
        } else if (!text.isEmpty()) {
            node.getProperties().put(KEY, new Hint(node, text));
        }
    }

    private void change(Node node, String other) {
        text = other;
        if (window != null) {
            Tooltip.uninstall(node, window);
            window.setText(other);
            if (!other.isEmpty()) {
                Tooltip.install(node, window);
            }
        }
    }

    /** The line of a control; empty when it has none. */
    public static String text(Node node) {
        return node.getProperties().get(KEY) instanceof Hint hint ? hint.text : "";
    }
}
