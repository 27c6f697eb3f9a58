package amberlens.desktop.camera;

import amberlens.core.edit.CameraEdits;
import amberlens.core.model.Shot;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Key;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.motion.Scale;
import amberlens.desktop.look.Icons;
import amberlens.desktop.look.NumberField;
import amberlens.desktop.store.Store;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.kordamp.ikonli.feather.Feather;

/** One property of the pose: bead, name, numbers, unit, previous and next key, reset, and what follows from it. */
final class PropertyRow extends HBox {
    private static final PseudoClass ON_KEY = PseudoClass.getPseudoClass("on-key");
    private static final PseudoClass ANIMATED = PseudoClass.getPseudoClass("animated");

    private final Store store;
    private final Property property;
    private final Button bead = new Button();
    private final NumberField first;
    private final Optional<NumberField> second;
    private final Button previous = Icons.button(Feather.CHEVRON_LEFT, "");
    private final Button next = Icons.button(Feather.CHEVRON_RIGHT, "");
    private final Button reset = Icons.button(Feather.ROTATE_CCW, "");
    private final Label follows = new Label();

    PropertyRow(Store store, Property property) {
        this.store = store;
        this.property = property;
        String word = property.word().toLowerCase(Locale.ROOT);
        boolean pair = property == Property.POSITION || property == Property.ANCHOR;
        first = field(
                0, pair ? "Horizontal " + word + ", " + property.unit() : property.word() + ", " + property.unit());
        second = pair ? Optional.of(field(1, "Vertical " + word + ", " + property.unit())) : Optional.empty();
        first.setId("camera-" + word + (pair ? "-x" : ""));
        second.ifPresent(field -> field.setId("camera-" + word + "-y"));
        bead.getStyleClass().add("bead");
        bead.setId("bead-" + word);
        bead.setGraphic(new Region());
        bead.setOnAction(_ -> toggle());
        Icons.name(previous, "Previous key of " + word);
        Icons.name(next, "Next key of " + word);
        Icons.name(reset, "Reset " + word + " to neutral");
        previous.setOnAction(_ -> keyBeside(-1).ifPresent(store::seekInShot));
        next.setOnAction(_ -> keyBeside(1).ifPresent(store::seekInShot));
        reset.setOnAction(_ -> reset());
        reset.setId("reset-" + word);
        follows.getStyleClass().add("follows");
        follows.setMinWidth(0);
        HBox.setHgrow(follows, Priority.ALWAYS);
        getChildren().addAll(bead, name(word), numbers(), previous, next, reset, follows);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("property-row");
    }

    private Label name(String word) {
        Label name = new Label(property.word());
        name.getStyleClass().add("property-name");
        name.setTooltip(new javafx.scene.control.Tooltip("Drag left or right to change the " + word));
        name.setCursor(Cursor.H_RESIZE);
        new NumberDragging(store, name, property);
        return name;
    }

    private HBox numbers() {
        Label unit = new Label(property.unit());
        unit.getStyleClass().add("unit");
        HBox numbers = new HBox(3, first);
        second.ifPresent(field -> {
            numbers.getChildren().add(field);
        });
        numbers.getChildren().add(unit);
        numbers.setAlignment(Pos.CENTER_LEFT);
        numbers.getStyleClass().add("numbers");
        return numbers;
    }

    private NumberField field(int part, String hint) {
        return new NumberField(2, hint, value -> change(part, value)).refusing(this::refusal);
    }

    private Optional<String> refusal(double value) {
        boolean fits = property != Property.SCALE || (value > 0 && value <= Scale.LARGEST);
        boolean sane = Math.abs(value) <= 1e9;
        return fits && sane
                ? Optional.empty()
                : Optional.of(
                        property == Property.SCALE
                                ? "a scale lies above 0 % and at most at 1000000 %"
                                : "the number is too large");
    }

    private void change(int part, double value) {
        store.enterShot();
        store.pose()
                .ifPresent(pose -> set(
                        "change of " + property.word().toLowerCase(Locale.ROOT),
                        CameraEdits.withNumber(pose, property, part, value)));
    }

    private void reset() {
        store.enterShot();
        store.selectedShot().ifPresent(shot -> {
            Pose neutral = Pose.neutral(
                    store.project().mediaOf(shot).size(), store.project().frameSize());
            set(
                    "reset of " + property.word().toLowerCase(Locale.ROOT),
                    CameraEdits.reset(shot.camera().at(store.shotFrame()), property, neutral));
        });
    }

    private void set(String name, Pose pose) {
        store.selectedShot()
                .ifPresent(shot -> store.apply(CameraEdits.setPose(name, shot.id(), store.shotFrame(), pose)));
    }

    private void toggle() {
        store.enterShot();
        store.selectedShot()
                .ifPresent(shot -> store.apply(CameraEdits.toggleAnimation(shot.id(), property, store.shotFrame())));
    }

    private Optional<Integer> keyBeside(int direction) {
        List<Integer> frames = store.selectedShot().stream()
                .flatMap(shot -> shot.camera().channel(property).keys().stream())
                .map(Key::at)
                .toList();
        int now = store.shotFrame();
        return direction < 0
                ? frames.stream().filter(at -> at < now).reduce((_, later) -> later)
                : frames.stream().filter(at -> at > now).findFirst();
    }

    /** Shows a shot's property at a frame. */
    void show(Shot shot, int frame, Pose pose, String consequence) {
        Channel<?> channel = shot.camera().channel(property);
        boolean onKey = channel.keyAt(frame).isPresent();
        bead.pseudoClassStateChanged(ON_KEY, onKey);
        bead.pseudoClassStateChanged(ANIMATED, channel.animated());
        String word = property.word().toLowerCase(Locale.ROOT);
        Icons.name(
                bead,
                !channel.animated()
                        ? "The " + word + " is constant: animate it"
                        : (onKey ? "On a key of " : "Between keys of ") + word + ": make it constant at this value");
        first.show(PropertyNumbers.of(pose, property, 0));
        second.ifPresent(field -> field.show(PropertyNumbers.of(pose, property, 1)));
        previous.setDisable(keyBeside(-1).isEmpty());
        next.setDisable(keyBeside(1).isEmpty());
        follows.setText(consequence);
        follows.setTooltip(new javafx.scene.control.Tooltip(consequence));
    }
}
