package amberlens.desktop.camera;

import amberlens.core.model.Shot;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Key;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.time.Timecode;
import amberlens.desktop.actions.Actions;
import amberlens.desktop.store.Change;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import amberlens.desktop.store.Subscription;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
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
    private static final int NEAR_FRAMES = 3;

    private final Store store;
    private final Label willDo = new Label();
    private final Hyperlink goToKey = new Hyperlink();
    private final Map<Property, PropertyRow> rows = new EnumMap<>(Property.class);
    private final VBox pose;
    private final LegPanel leg;
    private final Subscription subscription;

    public CameraPane(Store store, Actions actions) {
        this.store = store;
        leg = new LegPanel(store);
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
        for (Property property : Property.values()) {
            PropertyRow row = new PropertyRow(store, property);
            rows.put(property, row);
            pose.getChildren().add(row);
        }
        getChildren().addAll(pose, leg);
        getStyleClass().add("camera-pane");
        setMinHeight(0);
        subscription = store.subscribe(this::changed);
        changed(Set.of(Change.PROJECT));
    }

    private void changed(Set<Change> changes) {
        Optional<Shot> shot = store.selectedShot();
        pose.setDisable(shot.isEmpty());
        Optional<Integer> legFrom = legFrom(shot);
        leg.setVisible(legFrom.isPresent());
        pose.setVisible(legFrom.isEmpty());
        if (shot.isEmpty()) {
            willDo.setText("no shot yet");
            goToKey.setVisible(false);
            return;
        }
        legFrom.ifPresent(
                frame -> leg.show(shot.get(), frame, store.project().frame().rate()));
        int frame = store.shotFrame();
        Pose now = shot.get().camera().at(frame);
        var picture = store.project().mediaOf(shot.get()).size();
        rows.forEach((property, row) -> row.show(
                shot.get(),
                frame,
                now,
                Consequences.of(
                        property,
                        shot.get(),
                        frame,
                        now,
                        picture,
                        store.project().frame())));
        announce(shot.get(), frame);
    }

    private Optional<Integer> legFrom(Optional<Shot> shot) {
        return shot.isPresent() && store.selection().part() instanceof Selection.LegFrom from
                ? Optional.of(from.frame())
                : Optional.empty();
    }

    /** Says what a change would do, before it is made. */
    private void announce(Shot shot, int frame) {
        String time = Timecode.brief(frame, store.project().frame().rate());
        boolean animated = shot.camera().channels().stream().anyMatch(Channel::animated);
        boolean onKey = shot.camera().keyFrames().contains(frame);
        int number = Framings.numberAt(shot.camera(), frame);
        String outcome = !animated
                ? "changes the constant"
                : onKey
                        ? (number > 0 ? "sets framing " + number : "sets the key at " + time)
                        : "adds a framing or key at " + time;
        willDo.setText(store.insideShot() ? outcome : "goes to " + time + ", then " + outcome);
        Optional<Integer> near = nearKey(shot, frame).filter(_ -> !onKey);
        goToKey.setVisible(near.isPresent());
        goToKey.setManaged(near.isPresent());
        near.ifPresent(key -> {
            goToKey.setText("go to key at "
                    + Timecode.brief(key, store.project().frame().rate()));
            goToKey.setOnAction(_ -> store.seekInShot(key));
        });
    }

    private static Optional<Integer> nearKey(Shot shot, int frame) {
        Stream<Integer> keys = shot.camera().channels().stream()
                .flatMap(channel -> channel.keys().stream())
                .map(Key::at);
        return keys.filter(at -> Math.abs(at - frame) <= NEAR_FRAMES && at >= 0 && at <= shot.lastFrame())
                .min(java.util.Comparator.comparingInt(at -> Math.abs(at - frame)));
    }

    @Override
    public void close() {
        subscription.close();
    }
}
