package amberlens.desktop.shell.app;

import amberlens.desktop.kit.style.WindowTheme;
import java.util.function.Consumer;
import javafx.event.EventHandler;
import javafx.scene.Scene;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.jspecify.annotations.Nullable;

/** The Lens in a window of its own, on another screen or as large as this one. All keys of the bench work there. */
final class LensWindow {
    private static final double WIDTH = 960;
    private static final double HEIGHT = 600;

    private final Region lens;
    private final Scene bench;
    private final WindowTheme wardrobe;
    private final EventHandler<KeyEvent> pressed;
    private final EventHandler<KeyEvent> released;
    private final Consumer<Boolean> home;
    private @Nullable Stage stage;

    /**
     * @param bench whose window owns it
     * @param wardrobe dresses it
     * @param pressed what keys do
     * @param home is told whether the Lens is back on the bench
     */
    LensWindow(
            Region lens,
            Scene bench,
            WindowTheme wardrobe,
            EventHandler<KeyEvent> pressed,
            EventHandler<KeyEvent> released,
            Consumer<Boolean> home) {
        this.lens = lens;
        this.bench = bench;
        this.wardrobe = wardrobe;
        this.pressed = pressed;
        this.released = released;
        this.home = home;
    }

    boolean isOpen() {
        return stage != null;
    }

    /** Opens it, or makes it fill its screen, or brings the Lens back when it is like that already. */
    void toggle(boolean full) {
        Stage now = stage;
        if (now == null) {
            open(full);
        } else if (now.isFullScreen() == full) {
            close();
        } else {
            now.setFullScreen(full);
        }
    }

    private void open(boolean full) {
        home.accept(false);
        var root = new BorderPane(lens);
        root.getStyleClass().addAll("bench", "lens-window");
        var scene = new Scene(root, WIDTH, HEIGHT, Color.BLACK);
        wardrobe.dress(scene);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, pressed);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, released);
        var opened = new Stage();
        opened.initOwner(bench.getWindow());
        opened.setTitle("Lens – Amber Lens");
        opened.setScene(scene);
        opened.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH); // Escape is one of the bench's own keys
        opened.setFullScreenExitHint("Escape brings the Lens back");
        opened.setOnCloseRequest(event -> {
            event.consume();
            close();
        });
        stage = opened;
        opened.show();
        opened.setFullScreen(full);
    }

    /** Brings the Lens back to the bench. */
    void close() {
        Stage now = stage;
        if (now != null) {
            stage = null;
            wardrobe.forget(now.getScene());
            ((BorderPane) now.getScene().getRoot()).setCenter(null);
            now.hide();
            home.accept(true);
        }
    }
}
