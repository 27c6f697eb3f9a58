package amberlens.desktop.table;

import amberlens.core.model.Media;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Change;
import amberlens.desktop.store.Store;
import amberlens.desktop.store.Subscription;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Table with its heading, its empty state, and the placeholder of a missing picture. */
public final class TablePane extends BorderPane implements Subscription {
    private final Store store;
    private final Services services;
    private final TableSurface surface;
    private final Label subject = new Label();
    private final Label empty = new Label();
    private final Label missingText = new Label();
    private final VBox missing;
    private final Subscription subscription;

    /**
     * @param find asks where the file of missing media is now
     */
    public TablePane(Store store, Services services, Consumer<Media> find) {
        this.store = store;
        this.services = services;
        surface = new TableSurface(store, services);
        new TableHands(store, surface);
        missing = missingPanel(find);
        Label title = new Label("Table");
        title.getStyleClass().add("view-title");
        subject.getStyleClass().add("quiet");
        HBox heading = new HBox(8, title, subject);
        heading.getStyleClass().add("view-heading");
        heading.setAlignment(Pos.BASELINE_LEFT);
        setTop(heading);
        empty.getStyleClass().add("empty-text");
        empty.setWrapText(true);
        empty.setMaxWidth(420);
        surface.setId("table-surface");
        setCenter(new StackPane(surface, empty, missing));
        getStyleClass().add("table-view-pane");
        setMinSize(0, 0);
        subscription = store.subscribe(this::changed);
        changed(Set.of(Change.PROJECT));
    }

    private VBox missingPanel(Consumer<Media> find) {
        missingText.setWrapText(true);
        missingText.setMaxWidth(420);
        missingText.getStyleClass().add("empty-text");
        Button button = new Button("Find the picture…");
        button.setId("find-picture");
        button.getStyleClass().add("main-button");
        button.setOnAction(_ -> media().ifPresent(find));
        VBox panel = new VBox(12, missingText, button);
        panel.setAlignment(Pos.CENTER);
        panel.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        panel.getStyleClass().add("placeholder");
        return panel;
    }

    private Optional<Media> media() {
        return store.selectedShot().map(shot -> store.project().mediaOf(shot));
    }

    private void changed(Set<Change> changes) {
        surface.redraw();
        var shot = store.selectedShot();
        subject.setText(shot.map(found -> found.name() + " · whole picture, "
                        + store.project().mediaOf(found).size() + " px")
                .orElse(""));
        empty.setVisible(shot.isEmpty());
        empty.setText(
                store.project().media().isEmpty()
                        ? "Drop pictures on the shelf at the left.\nThey keep all their pixels, however large they are."
                        : "Double-click a picture on the shelf, or drag it to the line-up, to make a shot of it.");
        var problem = media().flatMap(services.ready()::problem);
        missing.setVisible(problem.isPresent());
        missingText.setText(problem.map(Throwable::getMessage).orElse(""));
    }

    @Override
    public void close() {
        subscription.close();
    }
}
