package amberlens.desktop.shell.app;

import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.actions.Actions;
import amberlens.desktop.desk.menu.Menus;
import amberlens.desktop.desk.state.Change;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.Subscription;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.dialogs.delivery.ShapeChip;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FittingBar;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.work.queue.ExportQueue;
import amberlens.desktop.work.services.Services;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuBar;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Circle;

/** Project, frame, menus, the summary of open edges, and export. */
public final class TopBar extends FittingBar implements Subscription {
    /** What changes nothing here. */
    private static final Set<Change> ONLY_TIME = EnumSet.of(Change.PLAYHEAD, Change.PLAYING, Change.MESSAGE);

    /** So much of the project's name stays; then the size of its frame goes. */
    private static final double SHORTEST_NAME = 90;

    private final Desk desk;
    private final Services services;
    private final Label project = new Label();
    private final ShapeChip shape;
    private final Button frame;
    private final Button open = new Button();
    private final Button exports;
    private final Button check;
    private final Button export;
    private final Map<WindowLayout, ToggleButton> words = new EnumMap<>(WindowLayout.class);
    private final Subscription subscription;

    public TopBar(Desk desk, Services services, Actions actions, Menus menus) {
        super(8);
        this.desk = desk;
        this.services = services;
        project.getStyleClass().add("project-name");
        project.setId("project-name");
        frame = actions.bind(new Button(), "project.frame");
        frame.getStyleClass().addAll("chip", "mono");
        shape = new ShapeChip(desk, actions);
        List.of(frame, open).forEach(chip -> chip.setMinWidth(USE_PREF_SIZE));
        open.getStyleClass().addAll("chip", "open-chip");
        open.setId("open-edges");
        open.setOnAction(_ -> goToWorst());
        Hint.of(open, "Go to the frame that is furthest open");
        exports = actions.bind(new Button(), "project.exports");
        exports.getStyleClass().add("chip");
        exports.setMinWidth(USE_PREF_SIZE);
        HBox arrangements = new HBox();
        arrangements.getStyleClass().add("arrangements");
        for (WindowLayout arrangement : WindowLayout.OFFERED) {
            ToggleButton word = actions.bind(
                    new ToggleButton(arrangement.words()),
                    "arrange." + arrangement.name().toLowerCase(Locale.ROOT));
            word.setMinWidth(USE_PREF_SIZE);
            words.put(arrangement, word);
            arrangements.getChildren().add(word);
        }
        check = actions.bind(new Button("Check all"), "edges.check-all");
        check.getStyleClass().add("quiet-button");
        check.setMinWidth(USE_PREF_SIZE);
        export = actions.bind(new Button("Export…"), "project.export");
        export.getStyleClass().add("main-button");
        Region gap = DialogParts.gap();
        MenuBar wide = menus.bar();
        MenuBar narrow = menus.narrowBar();
        List.of(wide, narrow).forEach(bar -> bar.setMinWidth(USE_PREF_SIZE));
        getChildren()
                .addAll(mark(), wide, narrow, project, shape, frame, gap, arrangements, exports, open, check, export);
        export.setMinWidth(USE_PREF_SIZE);
        project.setMinWidth(SHORTEST_NAME);
        spare(frame, wide, check, arrangements);
        instead(wide, narrow);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("top-bar");
        subscription = desk.subscribe(changes -> {
            if (!changes.only(ONLY_TIME)) {
                refresh();
            }
        });
        refresh();
    }

    private static StackPane mark() {
        Circle ring = new Circle(9);
        ring.getStyleClass().add("mark-ring");
        Circle lamp = new Circle(3.5);
        lamp.getStyleClass().add("mark-lamp");
        StackPane mark = new StackPane(ring, lamp);
        mark.setMinSize(20, 20);
        mark.setAccessibleText("Amber Lens");
        return mark;
    }

    private void refresh() {
        Project now = desk.document().project();
        words.forEach((arrangement, word) -> word.setSelected(desk.preferences().arrangement() == arrangement));
        project.setText(now.name() + (desk.document().unsaved() ? " •" : ""));
        frame.setText(now.frameSize().width() + " × " + now.frameSize().height() + " · "
                + now.frame().rate() + " fps");
        want(shape, !desk.document().whole().deliveries().isEmpty());
        shape.refresh();
        List<Shot> withOpenEdge = openShots();
        refreshExports();
        want(open, !withOpenEdge.isEmpty());
        open.setText(withOpenEdge.size() == 1 ? "▨ Open edge" : "▨ " + withOpenEdge.size() + " open edges");
    }

    private void refreshExports() {
        ExportQueue queue = services.exports();
        want(exports, !queue.entries().isEmpty());
        exports.setText(queue.running()
                .map(entry -> String.format(
                        Locale.ROOT,
                        "Export %.0f %%%s",
                        100 * entry.progress(),
                        queue.waiting() > 0 ? " +" + queue.waiting() : ""))
                .orElse("Exports"));
    }

    private List<Shot> openShots() {
        return desk.document().project().shots().stream()
                .filter(shot -> services.facts().open(desk.document().project(), shot))
                .toList();
    }

    private void goToWorst() {
        openShots().stream()
                .min(Comparator.comparingDouble(shot -> services.facts()
                        .edges(desk.document().project(), shot)
                        .worst()
                        .framePx()))
                .ifPresent(shot -> {
                    desk.cursor().select(Selection.shot(shot.id()));
                    desk.cursor()
                            .seekInShot(services.facts()
                                    .edges(desk.document().project(), shot)
                                    .worstFrame());
                });
    }

    @Override
    public void close() {
        subscription.close();
    }
}
