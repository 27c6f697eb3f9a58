package amberlens.desktop.shelf;

import amberlens.core.edges.Conform;
import amberlens.core.edit.MediaEdits;
import amberlens.core.edit.ShotEdits;
import amberlens.core.model.LineUp;
import amberlens.core.model.Media;
import amberlens.core.ready.OwnMove;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.desk.Change;
import amberlens.desktop.desk.Changes;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Selection;
import amberlens.desktop.desk.Subscription;
import amberlens.desktop.services.Services;
import java.io.File;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** The pictures of the project with their thumbnails and true sizes. */
public final class ShelfPane extends BorderPane implements Subscription {
    private final Desk desk;
    private final Services services;
    private final Consumer<List<Path>> importer;
    private final BiConsumer<Set<String>, String> replacing;
    private final ListView<Media> cards = new ListView<>();
    private final List<Cell> shown = new ArrayList<>();
    private final Label empty =
            new Label("Drop pictures and footage here, or press Add.\n\nJPEG, PNG, TIFF, WebP, BMP and GIF, films, and"
                    + " numbered pictures; every pixel is kept.");
    private final ToggleGroup conform = new ToggleGroup();
    private final ReadyPane ready;
    private final ToggleButton readyTab = new ToggleButton();
    private final Subscription subscription;

    /**
     * @param importer takes dropped files
     * @param replacing shows other media, by their id, in some shots
     * @param settings the folder where kept moves are
     */
    public ShelfPane(
            Desk desk,
            Services services,
            Actions actions,
            Consumer<List<Path>> importer,
            BiConsumer<Set<String>, String> replacing,
            Path settings) {
        this.replacing = replacing;
        this.desk = desk;
        this.services = services;
        this.importer = importer;
        ready = new ReadyPane(desk, services, settings);
        empty.setWrapText(true);
        empty.getStyleClass().add("empty-text");
        cards.getStyleClass().add("shelf-cards");
        cards.setId("shelf-cards");
        cards.setFocusTraversable(false);
        cards.setCellFactory(_ -> new Cell());
        StackPane scroll = new StackPane(cards, empty);
        StackPane.setAlignment(empty, Pos.TOP_LEFT);
        BorderPane pictures = new BorderPane(scroll);
        pictures.setBottom(foot(actions));
        ready.setVisible(false);
        setTop(tabs(pictures));
        StackPane both = new StackPane(pictures, ready);
        both.setAlignment(Pos.TOP_LEFT);
        setCenter(both);
        setId("shelf");
        getStyleClass().add("shelf-pane");
        setOnDragOver(this::over);
        setOnDragDropped(this::dropped);
        subscription = desk.subscribe(this::changed);
        refill();
    }

    private HBox tabs(BorderPane pictures) {
        ToggleGroup group = new ToggleGroup();
        ToggleButton shelfTab = tab("Shelf", "tab-shelf", group);
        readyTab.setText("Ready moves");
        readyTab.setId("tab-ready");
        readyTab.setToggleGroup(group);
        readyTab.getStyleClass().add("tab-word");
        shelfTab.setSelected(true);
        shelfTab.setOnAction(_ -> shelfTab.setSelected(true));
        readyTab.setOnAction(_ -> readyTab.setSelected(true));
        readyTab.selectedProperty().addListener((_, _, chosen) -> {
            pictures.setVisible(!chosen);
            ready.setVisible(chosen);
        });
        HBox tabs = new HBox(12, shelfTab, readyTab);
        tabs.getStyleClass().add("view-heading");
        return tabs;
    }

    private static ToggleButton tab(String words, String id, ToggleGroup group) {
        ToggleButton tab = new ToggleButton(words);
        tab.setId(id);
        tab.setToggleGroup(group);
        tab.getStyleClass().add("tab-word");
        return tab;
    }

    /** Shows the pictures, or the ready moves. */
    public void toggleReady() {
        if (readyTab.isSelected()) {
            ((ToggleButton) lookup("#tab-shelf")).setSelected(true);
        } else {
            readyTab.setSelected(true);
        }
    }

    /** Whether the ready moves are shown, and not the pictures. */
    public boolean showsReady() {
        return readyTab.isSelected();
    }

    /** Shows the ready moves, or the pictures. */
    public void show(boolean readyMoves) {
        if (readyMoves != showsReady()) {
            toggleReady();
        }
    }

    /** Shows the pictures. */
    public void showPictures() {
        if (readyTab.isSelected()) {
            toggleReady();
        }
    }

    /** Brings a move from a file among the ready ones. */
    public void take(OwnMove move) {
        ready.take(move);
        readyTab.setSelected(true);
    }

    /** Asks for two points or boxes of the picture, and gives the selected shot a move from one to the other. */
    public void panBetweenPlaces() {
        ready.panBetweenPlaces();
    }

    private VBox foot(Actions actions) {
        Button add = actions.bind(new Button("Add…"), "media.add");
        add.getStyleClass().add("quiet-button");
        add.setMaxWidth(Double.MAX_VALUE);
        HBox choice = new HBox();
        choice.getStyleClass().add("choice");
        for (Conform way : Conform.values()) {
            ToggleButton button = new ToggleButton(way.word());
            button.setToggleGroup(conform);
            button.setUserData(way);
            button.setId("conform-" + way.name().toLowerCase(java.util.Locale.ROOT));
            button.setTooltip(new Tooltip("New shots: " + explain(way)));
            button.setSelected(way == Conform.FILL);
            choice.getChildren().add(button);
        }
        Label label = new Label("New shots");
        label.getStyleClass().add("quiet");
        VBox foot = new VBox(6, label, choice, add);
        foot.getStyleClass().add("shelf-foot");
        return foot;
    }

    private static String explain(Conform way) {
        return switch (way) {
            case FILL -> "the picture covers the frame";
            case FIT -> "the whole picture is seen";
            case ONE_TO_ONE -> "one source pixel is one frame pixel";
        };
    }

    /** How a new shot lays its picture into the frame. */
    public Conform conform() {
        return conform.getSelectedToggle() == null
                ? Conform.FILL
                : (Conform) conform.getSelectedToggle().getUserData();
    }

    private void changed(Changes changes) {
        if (changes.contains(Change.PROJECT)
                || changes.contains(Change.PICTURES)
                || changes.contains(Change.SELECTION)) {
            refill();
            ready.refreshPreviews();
        }
    }

    /** Only the cards that are seen are made; those that stay are kept, so that a click in progress is not lost. */
    private void refill() {
        List<Media> wanted = desk.document().project().media().stream()
                .filter(media -> media.kind() != Media.Kind.RIG)
                .toList();
        if (!cards.getItems().equals(wanted)) {
            cards.getItems().setAll(wanted);
        }
        shown.forEach(Cell::show);
        empty.setVisible(wanted.isEmpty());
        cards.setVisible(!wanted.isEmpty());
    }

    /** One place of the list, with the card of whatever stands there. */
    private final class Cell extends ListCell<Media> {
        private @Nullable MediaCard card;

        Cell() {
            setPrefWidth(0);
            shown.add(this);
        }

        @Override
        protected void updateItem(Media media, boolean none) {
            super.updateItem(media, none);
            if (none || media == null) {
                card = null;
                setGraphic(null);
                return;
            }
            if (card == null || !card.media().equals(media)) {
                card = new MediaCard(
                        media,
                        ShelfPane.this::addShot,
                        found -> replacing.accept(desk.cursor().selection().shots(), found.id()),
                        gone -> desk.document().apply(MediaEdits.remove(gone.id())));
                setGraphic(card);
            }
            show();
        }

        void show() {
            if (card != null) {
                Media media = card.media();
                card.show(
                        services.thumbnails().whole(media, MediaCard.THUMBNAIL),
                        services.ready().problem(media).isPresent(),
                        desk.cursor()
                                .selectedShot()
                                .filter(shot -> shot.media().equals(media.id()))
                                .isPresent());
            }
        }
    }

    private void addShot(Media media) {
        int place = LineUp.track(desk.document().project(), 1).size();
        Set<String> before = Set.copyOf(desk.document().project().shots().stream()
                .map(shot -> shot.id())
                .toList());
        desk.document().apply(ShotEdits.add(media, conform(), place));
        desk.document().project().shots().stream()
                .filter(shot -> !before.contains(shot.id()))
                .findFirst()
                .ifPresent(shot -> {
                    desk.cursor().select(Selection.shot(shot.id()));
                    desk.cursor().seek(shot.start());
                });
    }

    private void over(DragEvent event) {
        if (event.getDragboard().hasFiles()) {
            event.acceptTransferModes(TransferMode.COPY);
            event.consume();
        }
    }

    private void dropped(DragEvent event) {
        importer.accept(
                event.getDragboard().getFiles().stream().map(File::toPath).toList());
        event.setDropCompleted(true);
        event.consume();
    }

    @Override
    public void close() {
        ready.stop();
        subscription.close();
    }
}
