package amberlens.desktop.camera;

import amberlens.core.model.Shot;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.time.Timecode;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.commands.KeyChanges;
import amberlens.desktop.look.Overlay;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Change;
import amberlens.desktop.store.NearKey;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import amberlens.desktop.store.Subscription;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The pose at the playhead in numbers, and what the next change will do; or the ease of the selected leg. */
public final class CameraPane extends StackPane implements Subscription {
    private final Store store;
    private final Services services;
    private final Label willDo = new Label();
    private final Hyperlink goToKey = new Hyperlink();
    private final Map<Property, PropertyRow> rows = new EnumMap<>(Property.class);
    private final LayerRow opacity;
    private final LayerRow speed;
    private final VBox pose;
    private final LegPanel leg;
    private final Subscription subscription;

    public CameraPane(Store store, Services services, Actions actions, Overlay overlay) {
        this.store = store;
        this.services = services;
        leg = new LegPanel(store, actions);
        opacity = new LayerRow(store, overlay, Property.OPACITY);
        speed = new LayerRow(store, overlay, Property.SPEED);
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
        HBox heading = new HBox(8, title, willDo, goToKey, gap, addFraming);
        heading.setAlignment(Pos.CENTER_LEFT);
        heading.getStyleClass().add("view-heading");
        pose = new VBox(heading);
        for (Property property : Property.OF_POSE) {
            PropertyRow row = new PropertyRow(store, overlay, property);
            rows.put(property, row);
            pose.getChildren().add(row);
        }
        pose.getChildren().addAll(opacity, speed);
        leg.managedProperty().bind(leg.visibleProperty());
        getChildren().addAll(pose, leg);
        getStyleClass().add("camera-pane");
        setMinHeight(0);
        subscription = store.subscribe(this::changed);
        changed(Set.of(Change.PROJECT));
    }

    private void changed(Set<Change> changes) {
        Optional<Shot> shot = store.selectedShot();
        pose.setDisable(shot.isEmpty());
        Optional<Selection.LegFrom> legFrom = legFrom(shot);
        leg.setVisible(legFrom.isPresent());
        pose.setVisible(legFrom.isEmpty());
        if (shot.isEmpty()) {
            willDo.setText("no shot yet");
            goToKey.setVisible(false);
            return;
        }
        legFrom.ifPresent(
                from -> leg.show(shot.get(), from, store.project().frame().rate()));
        int frame = store.shotFrame();
        Pose now = shot.get().camera().at(frame);
        var judged = services.facts().judged(store.project(), shot.get());
        rows.forEach((property, row) -> row.show(
                shot.get(),
                frame,
                now,
                Consequences.of(
                        property,
                        shot.get(),
                        frame,
                        now,
                        judged,
                        store.project().frame())));
        opacity.show(shot.get(), frame);
        speed.show(shot.get(), frame);
        announce(shot.get(), frame);
    }

    private Optional<Selection.LegFrom> legFrom(Optional<Shot> shot) {
        return shot.isPresent() && store.selection().part() instanceof Selection.LegFrom from
                ? Optional.of(from)
                : Optional.empty();
    }

    /** Says what a change would do, before it is made. */
    private void announce(Shot shot, int frame) {
        String time = Timecode.brief(frame, store.project().frame().rate());
        boolean animated = shot.camera().channels().stream().anyMatch(Channel::animated);
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
        willDo.setText(store.insideShot() ? outcome : "goes to " + time + ", then " + outcome);
        Optional<Integer> near = NearKey.of(shot, frame);
        boolean automatic = store.preferences().toNearKeys();
        if (automatic && near.isPresent()) {
            willDo.setText("goes to the key at "
                    + Timecode.brief(near.get(), store.project().frame().rate()) + " and sets it");
        }
        goToKey.setVisible(near.isPresent() && !automatic);
        goToKey.setManaged(near.isPresent() && !automatic);
        near.ifPresent(key -> {
            goToKey.setText("go to key at "
                    + Timecode.brief(key, store.project().frame().rate()));
            goToKey.setOnAction(_ -> store.seekInShot(key));
        });
    }

    @Override
    public void close() {
        subscription.close();
    }
}
