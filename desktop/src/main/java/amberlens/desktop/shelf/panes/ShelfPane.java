package amberlens.desktop.shelf.panes;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.edit.ready.OwnMove;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.shake.Shake;
import amberlens.core.model.project.Media;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.kit.style.DropSign;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Icons;
import amberlens.desktop.kit.style.LazyParts;
import amberlens.desktop.shelf.intake.DropPlace;
import amberlens.desktop.shelf.intake.Drops;
import amberlens.desktop.shelf.intake.PictureLaying;
import amberlens.desktop.shelf.looks.LooksPane;
import amberlens.desktop.work.services.KeptShakes;
import amberlens.desktop.work.services.Services;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.DragEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** The pictures of the project with their thumbnails and true sizes. */
public final class ShelfPane extends BorderPane implements Subscription {
    private static final String INVITATION =
            "Drop pictures, footage and sounds here, or press Add.\n\nJPEG, PNG, TIFF, WebP, HEIC, AVIF, JPEG 2000, PSD, BMP, GIF; films,"
                    + " numbered pictures; WAV, FLAC, MP3, AAC, Ogg and Opus.";

    private final Desk desk;
    private final Services services;
    private final ShelfGrid grid;
    private final PictureLaying laying;
    private final FileDates dates;
    private final DropSign sign = new DropSign();
    private final TextField filter = new TextField();
    private final OrderMenu order = new OrderMenu(this::refill);
    private final ToggleButton large = Icons.toggle(Feather.IMAGE, "Large cards");
    private final HBox tools = new HBox(2, filter, order, large);
    private final SheetHead head;
    private final VBox above = new VBox();
    private final BorderPane pictures;
    private final Node foot;
    private boolean sheet;
    private final Button lay;
    private final Label empty = new Label(INVITATION);
    private final ToggleGroup conform = new ToggleGroup();
    private final ReadyPane ready;
    private final LooksPane looks;
    private final Map<ShelfTab, Node> views = new EnumMap<>(ShelfTab.class);
    private ShelfTab tab = ShelfTab.PICTURES;
    private Runnable onTab = () -> {};
    private Object shownOf = "";
    private Set<String> shown = Set.of();
    private final Subscription subscription;

    /**
     * @param drops brings what is dropped
     * @param laying makes shots of it
     * @param replacing shows other media, by their id, in some shots
     * @param shakes those that were kept
     * @param settings the folder where kept moves are
     */
    public ShelfPane(
            Desk desk,
            Services services,
            Actions actions,
            Drops drops,
            PictureLaying laying,
            BiConsumer<Set<String>, String> replacing,
            KeptShakes shakes,
            Path settings) {
        this.desk = desk;
        this.services = services;
        this.laying = laying;
        dates = new FileDates(services.background(), this::refill);
        lay = actions.bind(new Button("To the Line-up"), "shelf.lay");
        ready = new ReadyPane(desk, services, shakes, settings);
        looks = new LooksPane(desk, services, settings);
        empty.setWrapText(true);
        empty.getStyleClass().add("empty-text");
        grid = new ShelfGrid(new MediaCards(desk, services, laying, replacing, this::chosenWith), this::tellSelected);
        StackPane scroll = new StackPane(grid, empty);
        StackPane.setAlignment(empty, Pos.TOP_LEFT);
        pictures = new BorderPane(scroll);
        above.getChildren().add(finding());
        foot = foot(actions);
        head = new SheetHead(actions, size -> grid.setThumbnail(size));
        grid.onWheel(head::wheel);
        pictures.setTop(above);
        pictures.setBottom(foot);
        views.put(ShelfTab.PICTURES, pictures);
        views.put(ShelfTab.MOVES, ready);
        views.put(ShelfTab.LOOKS, looks);
        ready.setVisible(false);
        looks.setVisible(false);
        StackPane all = new StackPane();
        LazyParts.fill(all, List.of(pictures, ready, looks, sign));
        all.setAlignment(Pos.TOP_LEFT);
        setCenter(all);
        show(ShelfTab.PICTURES);
        setId("shelf");
        getStyleClass().add("shelf-pane");
        drops.serve(this, new Place());
        subscription = desk.subscribe(this::changed);
        refill();
    }

    /** Says whom to tell when another tab comes to the front. */
    public void onTab(Runnable told) {
        onTab = told;
    }

    /** As a contact sheet that fills the bench, or as a column beside the other views. */
    public void setSheet(boolean now) {
        if (now == sheet) {
            return;
        }
        sheet = now;
        large.setVisible(!now);
        large.setManaged(!now);
        if (now) {
            above.getChildren().setAll(head);
            head.put(tools);
        } else {
            head.take(tools);
            above.getChildren().setAll(tools);
        }
        pictures.setBottom(now ? null : foot);
        filter.setPrefColumnCount(now ? 16 : 4);
        grid.setSheet(now, now ? head.size() : large.isSelected() ? ShelfGrid.LARGE : ShelfGrid.SMALL);
        ready.setSheet(now);
        looks.setSheet(now);
        refill();
    }

    /** Which tab stands in front. */
    public ShelfTab tab() {
        return tab;
    }

    /** Brings a tab to the front. */
    public void show(ShelfTab wanted) {
        tab = wanted;
        views.forEach((one, view) -> view.setVisible(one == wanted));
        onTab.run();
    }

    /** Brings a move from a file among the ready ones. */
    public void take(OwnMove move) {
        ready.take(move);
        show(ShelfTab.MOVES);
    }

    /** Brings a shake from a file among the kept ones. */
    public void take(Shake shake) {
        ready.take(shake);
        show(ShelfTab.MOVES);
    }

    /** Brings looks from a file among the kept ones. */
    public void take(LookSet set) {
        looks.take(set);
        show(ShelfTab.LOOKS);
    }

    /** Asks for two points or boxes of the picture, and gives the selected shot a move from one to the other. */
    public void panBetweenPlaces() {
        ready.panBetweenPlaces();
    }

    /** What finds and orders pictures. */
    private HBox finding() {
        filter.setId("shelf-filter");
        filter.setPromptText("Find");
        filter.setAccessibleText("Find pictures by their names");
        filter.setPrefColumnCount(4);
        filter.setMinWidth(0);
        HBox.setHgrow(filter, Priority.ALWAYS);
        filter.textProperty().addListener((_, _, _) -> refill());
        large.setId("shelf-large");
        large.setOnAction(_ -> grid.setThumbnail(large.isSelected() ? ShelfGrid.LARGE : ShelfGrid.SMALL));
        tools.setAlignment(Pos.CENTER_LEFT);
        tools.getStyleClass().add("shelf-tools");
        tools.managedProperty().bind(tools.visibleProperty());
        return tools;
    }

    private void tellSelected(int count) {
        lay.setText(count > 1 ? count + " to the Line-up" : "To the Line-up");
        head.tell(desk.document().project(), count);
    }

    private VBox foot(Actions actions) {
        Button add = actions.bind(new Button("Add…"), "media.add");
        add.getStyleClass().add("quiet-button");
        add.setMaxWidth(Double.MAX_VALUE);
        HBox choice = new HBox();
        choice.getStyleClass().add("choice");
        for (Refit way : Refit.values()) {
            ToggleButton button = new ToggleButton(way.word());
            button.setToggleGroup(conform);
            button.setUserData(way);
            button.setId("conform-" + way.name().toLowerCase(java.util.Locale.ROOT));
            Hint.of(button, "New shots: " + explain(way));
            button.setSelected(way == Refit.FILL);
            choice.getChildren().add(button);
        }
        lay.getStyleClass().add("quiet-button");
        lay.setMaxWidth(Double.MAX_VALUE);
        Button title = actions.bind(Icons.button(Feather.TYPE, ""), "title.add");
        HBox buttons = new HBox(6, add, lay);
        HBox.setHgrow(add, Priority.ALWAYS);
        HBox.setHgrow(lay, Priority.ALWAYS);
        HBox.setHgrow(choice, Priority.ALWAYS);
        HBox ways = new HBox(6, choice, title);
        ways.setAlignment(Pos.CENTER_LEFT);
        VBox foot = new VBox(6, ways, buttons);
        foot.getStyleClass().add("shelf-foot");
        return foot;
    }

    private static String explain(Refit way) {
        return switch (way) {
            case FILL -> "the picture covers the frame";
            case FIT -> "the whole picture is seen";
            case ONE_TO_ONE -> "one source pixel is one frame pixel";
        };
    }

    /** How a new shot lays its picture into the frame. */
    public Refit conform() {
        return conform.getSelectedToggle() == null
                ? Refit.FILL
                : (Refit) conform.getSelectedToggle().getUserData();
    }

    private void changed(Changes changes) {
        if (changes.contains(Change.PROJECT)
                || changes.contains(Change.PICTURES)
                || changes.contains(Change.SOUNDS)
                || changes.contains(Change.MARKS)
                || changes.contains(Change.SELECTION)) {
            refill();
            ready.refreshPreviews();
            looks.refresh();
        }
    }

    private void refill() {
        List<Media> all = desk.document().project().media().stream()
                .filter(media -> media.kind() != Media.Kind.RIG)
                .toList();
        Map<String, FileTime> known = order.chosen() == ShelfOrder.DATE ? dates.of(all) : Map.of();
        List<Media> wanted = order.chosen().of(all, filter.getText(), known);
        grid.show(wanted);
        selectNew(all);
        empty.setVisible(wanted.isEmpty());
        empty.setText(all.isEmpty() ? INVITATION : "No picture matches.");
        grid.setVisible(!wanted.isEmpty());
        tools.setVisible(!all.isEmpty());
    }

    /** What was just added is selected, so that one key lays it in; what a project that is opened brings is not. */
    private void selectNew(List<Media> all) {
        List<String> ids = all.stream().map(Media::id).toList();
        Object project = desk.document().identity();
        List<String> added = project != shownOf
                ? List.of()
                : ids.stream().filter(id -> !shown.contains(id)).toList();
        shownOf = project;
        shown = Set.copyOf(ids);
        if (!added.isEmpty()) {
            grid.select(added);
        }
    }

    private List<Media> chosenWith(Media media) {
        return grid.chosenWith(media);
    }

    /** Lays the selected pictures into the Line-up; all that are shown when none is selected. */
    public void laySelected() {
        if (grid.chosen().isEmpty()) {
            grid.selectAll();
        }
        laying.atEnd(grid.chosen());
    }

    /** Lays the selected pictures, or all that are shown, over the Line-up at the playhead. */
    public void laySelectedAsInsets(InsetEdits.Order order) {
        if (grid.chosen().isEmpty()) {
            grid.selectAll();
        }
        laying.insets(grid.chosen(), desk.cursor().playhead(), InsetEdits.FIRST_TRACK, order);
    }

    /** Lays media of the Shelf into the Line-up: pictures behind all shots, sounds at the playhead. */
    public void lay(List<Media> media) {
        laying.atEnd(media);
    }

    /** Files that are dropped here come onto the Shelf. */
    private final class Place implements DropPlace {
        @Override
        public void over(DragEvent event) {
            sign.show(Drops.isProject(event) ? Drops.OPENS : "Add to the Shelf");
        }

        @Override
        public void gone() {
            sign.hide();
        }

        @Override
        public void take(List<Media> media, double x, double y) {
            if (media.size() > 1) {
                desk.say(
                        Counted.of(media.size(), "picture") + " added to the Shelf.",
                        "Add them to the Line-up",
                        () -> laying.atEnd(media));
            }
        }
    }

    /** What takes files that are dropped where no view has a use of its own for them. */
    public DropPlace place() {
        return new Place();
    }

    @Override
    public void close() {
        ready.stop();
        subscription.close();
    }
}
