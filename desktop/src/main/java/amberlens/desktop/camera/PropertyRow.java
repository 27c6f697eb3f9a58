package amberlens.desktop.camera;

import amberlens.core.edit.CameraEdits;
import amberlens.core.geometry.Size;
import amberlens.core.model.Shot;
import amberlens.core.motion.Axis;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Lane;
import amberlens.core.motion.Pose;
import amberlens.core.motion.Property;
import amberlens.core.motion.Scale;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.desk.Unit;
import amberlens.desktop.look.Icons;
import amberlens.desktop.look.NumberField;
import amberlens.desktop.look.Overlay;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;

/** One property of the pose: bead, name, numbers, unit, previous and next key, reset, and what follows from it. */
final class PropertyRow extends HBox {
    private static final PseudoClass MUTED = PseudoClass.getPseudoClass("muted");

    private final Desk desk;
    private final Property property;
    private final HBox beads = new HBox();
    private final PropertyBead whole;
    private final List<PropertyBead> axes;
    private final NumberField first;
    private final NumberField second;
    private final Label unit = new Label();
    private final KeySteps steps;
    private final Button reset = Icons.button(Feather.ROTATE_CCW, "");
    private final Label follows = new Label();

    PropertyRow(Desk desk, Overlay overlay, Property property) {
        this.desk = desk;
        this.property = property;
        String word = property.word().toLowerCase(Locale.ROOT);
        whole = new PropertyBead(desk, overlay, Lane.of(property));
        axes = property == Property.ROTATION
                ? List.of()
                : List.of(
                        new PropertyBead(desk, overlay, new Lane(property, Axis.X)),
                        new PropertyBead(desk, overlay, new Lane(property, Axis.Y)));
        boolean pair = property == Property.POSITION || property == Property.ANCHOR;
        first = field(
                0, (pair ? "Horizontal " + word : property.word()) + ": type a number or a sum, arrow keys change it");
        second = field(1, "Vertical " + word + ": type a number or a sum, arrow keys change it");
        first.setId("camera-" + word + (pair ? "-x" : ""));
        second.setId("camera-" + word + "-y");
        Icons.name(reset, "Reset " + word + " to neutral");
        steps = new KeySteps(desk, property);
        reset.setOnAction(_ -> reset());
        reset.setId("reset-" + word);
        follows.getStyleClass().add("follows");
        follows.setMinWidth(0);
        HBox.setHgrow(follows, Priority.ALWAYS);
        beads.getStyleClass().add("beads");
        beads.setAlignment(Pos.CENTER);
        beads.getChildren().setAll(whole);
        getChildren().addAll(beads, name(word), numbers(), steps, reset, new PropertyMenu(desk, property), follows);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("property-row");
    }

    private Label name(String word) {
        Label name = new Label(property.word());
        name.getStyleClass().add("property-name");
        name.setTooltip(new Tooltip("Drag left or right to change the " + word));
        name.setCursor(Cursor.H_RESIZE);
        new NumberDragging(desk, name, property);
        return name;
    }

    private HBox numbers() {
        unit.getStyleClass().add("unit");
        HBox numbers = new HBox(3, first, second, unit);
        second.setVisible(property == Property.POSITION || property == Property.ANCHOR);
        second.managedProperty().bind(second.visibleProperty());
        numbers.setAlignment(Pos.CENTER_LEFT);
        numbers.getStyleClass().add("numbers");
        return numbers;
    }

    private NumberField field(int part, String hint) {
        return new NumberField(2, hint, value -> change(part, value)).refusing(value -> refusal(part, value));
    }

    private Optional<String> refusal(int part, double shown) {
        double value = held(part, shown);
        boolean fits = property != Property.SCALE || (value > 0 && value <= Scale.LARGEST);
        boolean sane = Math.abs(value) <= 1e9;
        return fits && sane
                ? Optional.empty()
                : Optional.of(
                        property == Property.SCALE
                                ? "a scale lies above 0 % and at most at 1000000 %"
                                : "the number is too large");
    }

    private Size picture() {
        return desk.cursor()
                .selectedShot()
                .map(shot -> desk.document().project().mediaOf(shot).size())
                .orElse(desk.document().project().frameSize());
    }

    private Unit unit() {
        return desk.preferences().unit(property);
    }

    private double held(int part, double shown) {
        return unit().held(shown, part, picture(), desk.document().project().frameSize());
    }

    private double shown(Pose pose, int part) {
        return unit().shown(
                        PropertyNumbers.of(pose, property, part),
                        part,
                        picture(),
                        desk.document().project().frameSize());
    }

    private void change(int part, double shown) {
        double value = held(part, shown);
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> {
            Pose pose = shot.camera().at(desk.cursor().shotFrame());
            boolean linked = shot.camera().channel(property).axes().isEmpty();
            Pose wanted = CameraEdits.withNumber(pose, property, part, value, linked);
            set("change of " + property.word().toLowerCase(Locale.ROOT), wanted);
            tellWhenKept(wanted);
        });
    }

    /** Says so when keep inside has stopped a number short. */
    private void tellWhenKept(Pose wanted) {
        Optional<Pose> now = desk.cursor().pose();
        boolean kept = now.isPresent()
                && (Math.abs(PropertyNumbers.of(now.get(), property, 0) - PropertyNumbers.of(wanted, property, 0))
                                > 1e-9
                        || now.get().position().distance(wanted.position()) > 1e-9);
        if (kept) {
            desk.say("Kept inside: " + property.word().toLowerCase(Locale.ROOT)
                    + " goes as far as the picture reaches. Zoom in for more room, or switch Keep inside off (I).");
        }
    }

    private void reset() {
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> {
            Pose neutral = Pose.neutral(picture(), desk.document().project().frameSize());
            set(
                    "reset of " + property.word().toLowerCase(Locale.ROOT),
                    CameraEdits.reset(shot.camera().at(desk.cursor().shotFrame()), property, neutral));
        });
    }

    private void set(String name, Pose pose) {
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(CameraEdits.setPose(name, shot.id(), desk.cursor().shotFrame(), pose)));
    }

    /** Shows that there is no shot. */
    void showNothing() {
        first.showNothing();
        second.showNothing();
        follows.setText("");
    }

    /** Shows a shot's property at a frame. */
    void show(Shot shot, int frame, Pose pose, String consequence) {
        Channel<?> channel = shot.camera().channel(property);
        boolean linked = channel.axes().isEmpty();
        if (linked == beads.getChildren().size() > 1) {
            beads.getChildren().setAll(linked ? List.of(whole) : axes);
        }
        if (linked) {
            whole.show(shot, frame);
        } else {
            axes.forEach(bead -> bead.show(shot, frame));
        }
        pseudoClassStateChanged(MUTED, channel.muted());
        second.setVisible(property == Property.POSITION
                || property == Property.ANCHOR
                || (property == Property.SCALE
                        && (!linked || pose.scale().x() != pose.scale().y())));
        first.show(shown(pose, 0));
        second.show(property == Property.ROTATION ? 0 : shown(pose, 1));
        unit.setText(unit().sign());
        steps.refresh();
        String text = channel.muted() ? "Keys muted" : consequence;
        follows.setText(text);
        Icons.name(follows, text);
    }
}
