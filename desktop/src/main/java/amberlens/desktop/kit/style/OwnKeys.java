package amberlens.desktop.kit.style;

import javafx.scene.input.KeyEvent;

/** A control that uses some keys itself while it has the focus; the bench's shortcuts leave them to it. */
public interface OwnKeys {
    boolean uses(KeyEvent event);
}
