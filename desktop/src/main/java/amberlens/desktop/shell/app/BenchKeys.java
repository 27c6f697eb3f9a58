package amberlens.desktop.shell.app;

import amberlens.desktop.desk.actions.Action;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.OwnKeys;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import javafx.event.EventTarget;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** What keys do on the bench, wherever the focus is. */
final class BenchKeys {
    private static final Set<KeyCode> TEXT_KEYS = EnumSet.of(
            KeyCode.A, KeyCode.C, KeyCode.X, KeyCode.V, KeyCode.LEFT, KeyCode.RIGHT, KeyCode.UP, KeyCode.DOWN);

    private final Desk desk;
    private final Actions actions;
    private final Overlay overlay;
    private final Supplier<LensWindow> lensWindow;

    /** @param lensWindow is brought back by Escape */
    BenchKeys(Desk desk, Actions actions, Overlay overlay, Supplier<LensWindow> lensWindow) {
        this.desk = desk;
        this.actions = actions;
        this.overlay = overlay;
        this.lensWindow = lensWindow;
    }

    void released(KeyEvent event) {
        desk.tools().setPeek(0);
    }

    /** Shortcuts, wherever the focus is; plain keys and those of text editing go to a text field that is being typed in. */
    void pressed(KeyEvent event) {
        if (overlay.isOpen()) {
            return;
        }
        Node focus = sceneOf(event.getTarget()).getFocusOwner();
        if (focus instanceof OwnKeys own && own.uses(event)) {
            return;
        }
        if (event.getCode() == KeyCode.ESCAPE && leaveModes()) {
            event.consume();
            return;
        }
        boolean plain = !event.isShortcutDown() && !event.isAltDown();
        boolean ofText = event.isShortcutDown() && TEXT_KEYS.contains(event.getCode());
        if ((plain || ofText) && focus instanceof TextInputControl) {
            return;
        }
        boolean presses = event.getCode() == KeyCode.SPACE && focus instanceof ButtonBase && focus.isFocusVisible();
        if (presses) {
            return;
        }
        actions.matching(event).map(Action::id).or(() -> alsoDeletes(event)).ifPresent(action -> {
            event.consume();
            actions.run(action);
        });
    }

    /** Backspace deletes as Delete does, which small keyboards lack. */
    private static Optional<String> alsoDeletes(KeyEvent event) {
        boolean alone = !event.isShortcutDown() && !event.isAltDown() && !event.isShiftDown();
        return event.getCode() == KeyCode.BACK_SPACE && alone ? Optional.of("edit.delete") : Optional.empty();
    }

    /** Where nothing has the focus, a key goes to the scene itself. */
    private static Scene sceneOf(EventTarget target) {
        return target instanceof Node node ? node.getScene() : (Scene) target;
    }

    /** Escape leaves an offer to seal, puts a tool away, or brings the Lens back. */
    private boolean leaveModes() {
        if (desk.tools().sealing()) {
            desk.document().cancel();
            desk.tools().setSealing(false);
            return true;
        }
        if (desk.tools().tool() != Tool.HAND && desk.tools().drawn().isEmpty()) {
            desk.tools().take(Tool.HAND);
            desk.say("");
            return true;
        }
        if (lensWindow.get().isOpen()) {
            lensWindow.get().close();
            return true;
        }
        return false;
    }
}
