package amberlens.desktop.picture.table;

import amberlens.core.model.project.Media;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.menu.MenuTarget;
import amberlens.desktop.desk.menu.Menus;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Changes;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.inspector.planes.PlanePen;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.DropSign;
import amberlens.desktop.kit.style.FittingBar;
import amberlens.desktop.kit.style.Icons;
import amberlens.desktop.kit.style.LazyParts;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.desktop.picture.marks.MarkDesk;
import amberlens.desktop.shelf.intake.Drops;
import amberlens.desktop.shelf.intake.PictureLaying;
import amberlens.desktop.work.services.Services;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.kordamp.ikonli.feather.Feather;

/** The Table with its heading, its empty state, and the placeholder of a missing picture. */
public final class TablePane extends BorderPane implements Subscription {
    private final Desk desk;
    private final Services services;
    private final TableSurface surface;
    private final Label subject = new Label();
    private final Button moment = new Button();
    private final Label empty =
            new Label("Double-click a picture on the Shelf, or drag it to the Line-up, to make a shot of it.");
    private final Label missingText = new Label();
    private final VBox missing;
    private final Map<Tool, ToggleButton> tools = new EnumMap<>(Tool.class);
    private final Node waysIn;
    private final DropSign asNew = new DropSign();
    private final DropSign instead = new DropSign();
    private final FittingBar heading;
    private final Subscription subscription;

    /**
     * @param waysIn what an empty bench offers
     * @param drops brings what is dropped
     * @param laying makes shots of it
     * @param replacing shows other media, by their id, in some shots
     * @param find asks where the file of missing media is now
     */
    public TablePane(
            Desk desk,
            Services services,
            Actions actions,
            Menus menus,
            Node waysIn,
            Drops drops,
            PictureLaying laying,
            BiConsumer<Set<String>, String> replacing,
            Consumer<Media> find) {
        this.desk = desk;
        this.waysIn = waysIn;
        this.services = services;
        surface = new TableSurface(desk, services);
        var marks = new MarkDesk(desk, services.marks());
        new TableHands(desk, services, surface, new PlanePen(desk, services), marks);
        surface.setOnContextMenuRequested(event -> {
            surface.view()
                    .flatMap(view -> surface.marks(view).around(event.getX(), event.getY()))
                    .ifPresent(marks::select);
            desk.tools().setPointed(surface.view().map(view -> view.toPicture(event.getX(), event.getY())));
            menus.show(MenuTarget.GATE, surface, event);
        });
        missing = missingPanel(find);
        Label title = new Label("Table");
        title.getStyleClass().add("view-title");
        title.setMinWidth(USE_PREF_SIZE);
        subject.getStyleClass().add("quiet");
        Region gap = DialogParts.gap();
        ToggleButton level = tool(actions, Feather.MINUS, "aim.level", Tool.LEVEL);
        ToggleButton cover = tool(actions, Feather.CROP, "aim.cover", Tool.FRAME_COVERING);
        ToggleButton point = tool(actions, Feather.CROSSHAIR, "aim.subject", Tool.SUBJECT);
        Button all = actions.bind(Icons.button(Feather.MAXIMIZE_2, ""), "view.fit-all");
        Button gate = actions.bind(Icons.button(Feather.MINIMIZE_2, ""), "view.fit-gate");
        heading = new FittingBar(8, title, subject, gap, moment, level, cover, point, all, gate);
        heading.spare(gate, all, level, cover, point);
        actions.bind(moment, "view.table-moment");
        moment.getStyleClass().add("small-toggle");
        moment.setMinWidth(USE_PREF_SIZE);
        subject.setMinWidth(0);
        heading.getStyleClass().addAll("view-heading", "table-heading");
        heading.setAlignment(Pos.CENTER_LEFT);
        setTop(heading);
        StackPane signs = new StackPane();
        LazyParts.fill(signs, List.of(asNew, instead));
        signs.setMouseTransparent(true);
        empty.getStyleClass().addAll("empty-text", "placeholder");
        empty.setWrapText(true);
        TextSizes.maxWidth(empty, 420);
        surface.setId("table-surface");
        var middle = new StackPane();
        empty.setVisible(false);
        waysIn.setVisible(false);
        missing.setVisible(false);
        LazyParts.fill(middle, List.of(surface, empty, waysIn, missing, signs));
        setCenter(middle);
        drops.serve(this, new TableDrop(desk, this, asNew, instead, laying, replacing));
        getStyleClass().add("table-view-pane");
        setMinSize(0, 0);
        subscription = desk.subscribe(this::changed);
        changed(Changes.EVERYTHING);
    }

    private ToggleButton tool(Actions actions, Feather icon, String action, Tool tool) {
        ToggleButton button = actions.bind(Icons.toggle(icon, ""), action);
        button.setId("tool-" + tool.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        tools.put(tool, button);
        return button;
    }

    /** Lets keys go to the Table. */
    public void takeFocus() {
        surface.requestFocus();
    }

    /** Shows the picture with all framings. */
    public void fitAll() {
        surface.fitAll();
    }

    /** Comes as close as the gate allows. */
    public void fitGate() {
        surface.fitGate();
    }

    private VBox missingPanel(Consumer<Media> find) {
        missingText.setWrapText(true);
        TextSizes.maxWidth(missingText, 420);
        missingText.getStyleClass().add("empty-text");
        missingText.setMinHeight(0);
        Button button = new Button("Find the picture…");
        button.setMinHeight(USE_PREF_SIZE);
        button.setId("find-picture");
        button.getStyleClass().add("main-button");
        button.setOnAction(_ -> media().ifPresent(find));
        VBox panel = new VBox(12, missingText, button);
        panel.setAlignment(Pos.CENTER);
        panel.setMinSize(0, 0);
        panel.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        panel.getStyleClass().add("placeholder");
        return panel;
    }

    private Optional<Media> media() {
        return desk.cursor()
                .selectedShot()
                .map(shot -> desk.document().project().mediaOf(shot));
    }

    private void changed(Changes changes) {
        tools.forEach((tool, button) -> button.setSelected(desk.tools().tool() == tool));
        if (changes.contains(Change.PICTURES)) {
            surface.picturesArrived();
        }
        surface.redraw();
        var shot = desk.cursor().selectedShot();
        subject.setText(shot.map(found -> found.name()
                        + (desk.document().project().isRig(found)
                                ? " · rig over the whole frame, "
                                : " · whole picture, ")
                        + desk.document().project().mediaOf(found).size() + " px")
                .orElse(""));
        heading.want(
                moment,
                shot.filter(found -> desk.document().project().mediaOf(found).moves())
                        .isPresent());
        moment.setText(desk.tools().tableMoment().words());
        boolean nothing = desk.document().project().media().isEmpty();
        waysIn.setVisible(nothing);
        empty.setVisible(shot.isEmpty() && !nothing);
        var problem = media().flatMap(services.ready()::problem);
        missing.setVisible(problem.isPresent());
        missingText.setText(problem.map(Throwable::getMessage).orElse(""));
    }

    @Override
    public void close() {
        subscription.close();
    }
}
