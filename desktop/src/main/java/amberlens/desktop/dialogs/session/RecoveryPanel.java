package amberlens.desktop.dialogs.session;

import amberlens.desktop.kit.style.DialogPanel;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.project.safe.Safe.LeftBehind;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The work that was kept safe by a program that ended without closing it. Only what somebody decides on is forgotten. */
final class RecoveryPanel extends DialogPanel {
    private static final double PICTURE_WIDTH = 144;
    private static final double PICTURE_HEIGHT = 81;
    private static final double TALLEST = 380;

    private final List<LeftBehind> left;
    private final Overlay overlay;
    private final VBox rows = new VBox(10);

    /**
     * @param left held until the panel is closed
     * @param restore opens what was kept safe
     * @param open opens the file as it was saved
     * @param exportAgain puts the exports that were cut off into the queue
     */
    RecoveryPanel(
            List<LeftBehind> left,
            Overlay overlay,
            BiConsumer<LeftBehind, LeftBehind.Work> restore,
            Consumer<Path> open,
            Consumer<LeftBehind> exportAgain) {
        super("Work that was kept safe");
        this.left = new ArrayList<>(left);
        this.overlay = overlay;
        for (LeftBehind safe : left) {
            for (LeftBehind.Work work : safe.entries()) {
                rows.getChildren().add(row(safe, work, restore, open));
            }
            if (!safe.exports().isEmpty()) {
                rows.getChildren().add(exports(safe, exportAgain));
            }
        }
        ScrollPane scroll = new ScrollPane(rows);
        scroll.getStyleClass().add("quiet-scroll");
        scroll.setFitToWidth(true);
        scroll.setMaxHeight(TALLEST);
        TextSizes.prefWidth(scroll, 620);
        body(
                DialogParts.quiet("Amber Lens closed before this was saved. Nothing is deleted until you decide."),
                scroll);
        foot(named(other("Decide later", this::done), "recovery-later"));
    }

    private HBox row(
            LeftBehind safe,
            LeftBehind.Work work,
            BiConsumer<LeftBehind, LeftBehind.Work> restore,
            Consumer<Path> open) {
        var entry = work.entry();
        VBox words = new VBox(
                2,
                DialogParts.strong(entry.name()),
                DialogParts.quiet("Kept safe "
                        + VersionsPanel.TIME.format(entry.kept())
                        + ", "
                        + (entry.edits() == 1 ? "1 edit" : entry.edits() + " edits")
                        + (entry.file().isEmpty() ? " · never saved" : " after the last save")));
        entry.file().ifPresent(file -> words.getChildren().add(DialogParts.quiet(file.toString())));
        HBox buttons = new HBox(6);
        buttons.setAlignment(Pos.CENTER_LEFT);
        buttons.getChildren().add(button("Open this", "main-button", "recovery-restore", () -> {
            done();
            restore.accept(safe, work);
        }));
        entry.file().filter(Files::exists).ifPresent(file -> buttons.getChildren()
                .add(button("Open the saved file", "quiet-button", "recovery-file", () -> {
                    done();
                    open.accept(file);
                })));
        HBox row = new HBox(12);
        buttons.getChildren().add(button("Discard", "quiet-button", "recovery-forget", () -> {
            safe.forget(work);
            gone(row);
        }));
        words.getChildren().add(buttons);
        HBox.setHgrow(words, Priority.ALWAYS);
        row.getChildren().addAll(picture(work.picture()), words);
        return row;
    }

    private VBox exports(LeftBehind safe, Consumer<LeftBehind> exportAgain) {
        int count = safe.exports().size();
        HBox buttons = new HBox(6);
        VBox row = new VBox(
                4,
                DialogParts.strong(count == 1 ? "An export was cut off" : count + " exports were cut off"),
                DialogParts.quiet("No partial files were left. The exports can be restarted."),
                buttons);
        buttons.getChildren()
                .addAll(
                        button("Export again", "main-button", "recovery-exports", () -> {
                            exportAgain.accept(safe);
                            gone(row);
                        }),
                        button("Discard", "quiet-button", "recovery-exports-forget", () -> {
                            safe.forgetExports();
                            gone(row);
                        }));
        return row;
    }

    private void gone(Node row) {
        rows.getChildren().remove(row);
        if (rows.getChildren().isEmpty()) {
            done();
        }
    }

    private static Button button(String words, String style, String id, Runnable action) {
        Button button = new Button(words);
        button.setId(id);
        button.getStyleClass().add(style);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private static Node picture(Path file) {
        StackPane frame = new StackPane();
        frame.getStyleClass().add("recovery-picture");
        frame.setMinSize(PICTURE_WIDTH, PICTURE_HEIGHT);
        frame.setMaxSize(PICTURE_WIDTH, PICTURE_HEIGHT);
        try (InputStream stream = Files.newInputStream(file)) {
            ImageView view = new ImageView(new Image(stream));
            view.setPreserveRatio(true);
            view.setFitWidth(PICTURE_WIDTH);
            view.setFitHeight(PICTURE_HEIGHT);
            frame.getChildren().add(view);
        } catch (IOException _) {
            frame.getChildren().add(DialogParts.quiet("no picture"));
        }
        return frame;
    }

    /** Closes the panel and lets go of what is left, for the next time. */
    void done() {
        left.forEach(LeftBehind::close);
        left.clear();
        overlay.close();
    }
}
