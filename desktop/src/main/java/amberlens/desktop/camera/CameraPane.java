package amberlens.desktop.camera;

import amberlens.core.model.Shot;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Group;
import amberlens.core.motion.Properties;
import amberlens.core.motion.Property;
import amberlens.core.time.Timecode;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.commands.KeyChanges;
import amberlens.desktop.desk.Change;
import amberlens.desktop.desk.Changes;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.NearKey;
import amberlens.desktop.desk.Selection;
import amberlens.desktop.desk.Subscription;
import amberlens.desktop.services.Services;
import amberlens.desktop.style.Overlay;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The pose at the playhead in numbers, and what the next change will do; or the ease of the selected leg. */
public final class CameraPane extends StackPane implements Subscription {
    private final Desk desk;
    private final Services services;
    private final Label willDo = new Label();
    private final Hyperlink goToKey = new Hyperlink();
    private final Map<Property<?>, PropertyRow<?>> rows = new LinkedHashMap<>();
    /** What changes nothing here. */
    private static final Set<Change> NOTHING_HERE = EnumSet.of(Change.FILE, Change.MESSAGE, Change.EXPORTS);

    /** More rows than these scroll, so that the Lens keeps its place. */
    private static final int MOST_ROWS = 6;

    private static final double ROW_HEIGHT = 27;

    private final ScrollPane scroll;
    private final VBox pose;
    private final LegPanel leg;
    private final Subscription subscription;

    public CameraPane(Desk desk, Services services, Actions actions, Overlay overlay) {
        this.desk = desk;
        this.services = services;
        leg = new LegPanel(desk, actions);
        Label title = new Label("Camera");
        title.getStyleClass().add("view-title");
        willDo.getStyleClass().add("will-do");
        willDo.setId("will-do");
        goToKey.getStyleClass().add("go-to-key");
        goToKey.setId("go-to-key");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button addFraming = actions.bind(new Button("Add framing"), "framing.add");
        addFraming.getStyleClass().add("quiet-button");
        Button depth = actions.bind(new Button("Depth"), "view.depth");
        depth.getStyleClass().add("quiet-button");
        depth.setId("show-depth");
        HBox heading = new HBox(8, title, willDo, goToKey, gap, depth, addFraming);
        heading.setAlignment(Pos.CENTER_LEFT);
        heading.getStyleClass().add("view-heading");
        var list = new VBox();
        scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setMinViewportHeight(0);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("property-list");
        pose = new VBox(heading, scroll);
        for (Property<?> property : Properties.ALL) {
            PropertyRow<?> row = new PropertyRow<>(desk, overlay, property);
            row.setVisible(alwaysThere(property));
            rows.put(property, row);
            list.getChildren().add(row);
        }
        leg.managedProperty().bind(leg.visibleProperty());
        getChildren().addAll(pose, leg);
        getStyleClass().add("camera-pane");
        setMinHeight(0);
        subscription = desk.subscribe(this::changed);
        changed(Changes.EVERYTHING);
    }

    private void changed(Changes changes) {
        if (changes.only(NOTHING_HERE)
                || !changes.concern(desk.cursor().selection().shotId())) {
            return;
        }
        Optional<Shot> shot = desk.cursor().selectedShot();
        pose.setDisable(shot.isEmpty());
        Optional<Selection.LegFrom> legFrom = legFrom(shot);
        leg.setVisible(legFrom.isPresent());
        pose.setVisible(legFrom.isEmpty());
        if (shot.isEmpty()) {
            willDo.setText("no shot yet");
            rows.forEach((property, row) -> {
                row.setVisible(alwaysThere(property));
                row.showNothing();
            });
            goToKey.setVisible(false);
            showRows();
            return;
        }
        legFrom.ifPresent(from ->
                leg.show(shot.get(), from, desk.document().project().frame().rate()));
        int frame = desk.cursor().shotFrame();
        var judged = services.facts().judged(desk.document().project(), shot.get());
        rows.forEach((property, row) -> {
            row.setVisible(concerns(property, shot.get()));
            row.show(
                    shot.get(), frame, Consequences.of(property, desk.document().project(), shot.get(), frame, judged));
        });
        showRows();
        announce(shot.get(), frame);
    }

    /** Rows that are hidden take no room: the Lens above gets it in the same pulse. */
    private void showRows() {
        long visible = rows.values().stream().filter(Node::isVisible).count();
        scroll.setPrefViewportHeight(ROW_HEIGHT * Math.min(MOST_ROWS, visible));
    }

    private boolean alwaysThere(Property<?> property) {
        return property.group() == Group.POSE
                || (property.group() == Group.DEPTH && desk.tools().depth());
    }

    /** Whether a property can do anything for a shot, or does already. */
    private boolean concerns(Property<?> property, Shot shot) {
        boolean layered = shot.track() > 1 || !shot.fillsFrame();
        return alwaysThere(property)
                || shot.camera().has(property)
                || (property == Properties.OPACITY && layered)
                || (property == Properties.SPEED
                        && desk.document().project().mediaOf(shot).moves());
    }

    private Optional<Selection.LegFrom> legFrom(Optional<Shot> shot) {
        return shot.isPresent() && desk.cursor().selection().part() instanceof Selection.LegFrom from
                ? Optional.of(from)
                : Optional.empty();
    }

    /** Says what a change would do, before it is made. */
    private void announce(Shot shot, int frame) {
        String time = Timecode.brief(frame, desk.document().project().frame().rate());
        boolean animated = shot.camera().channels().all().stream().anyMatch(Channel::animated);
        boolean onKey = shot.camera().keyFrames().contains(frame);
        int number = Framings.numberAt(shot.camera(), frame);
        boolean muted = KeyChanges.anyMuted(shot);
        String outcome = muted && !onKey
                ? "changes the constant of what is muted"
                : !animated
                        ? "changes the constant"
                        : onKey
                                ? (number > 0 ? "sets framing " + number : "sets the key at " + time)
                                : "adds a framing or key at " + time;
        willDo.setText(desk.cursor().insideShot() ? outcome : "goes to " + time + ", then " + outcome);
        Optional<Integer> near = NearKey.of(shot, frame);
        boolean automatic = desk.preferences().toNearKeys();
        if (automatic && near.isPresent()) {
            willDo.setText("goes to the key at "
                    + Timecode.brief(
                            near.get(), desk.document().project().frame().rate()) + " and sets it");
        }
        goToKey.setVisible(near.isPresent() && !automatic);
        goToKey.setManaged(near.isPresent() && !automatic);
        near.ifPresent(key -> {
            goToKey.setText("go to key at "
                    + Timecode.brief(key, desk.document().project().frame().rate()));
            goToKey.setOnAction(_ -> desk.cursor().seekInShot(key));
        });
    }

    @Override
    public void close() {
        subscription.close();
    }
}
