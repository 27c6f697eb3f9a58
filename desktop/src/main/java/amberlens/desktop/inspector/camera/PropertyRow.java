package amberlens.desktop.inspector.camera;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.core.motion.property.Unit;
import amberlens.desktop.desk.commands.KeptInside;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Icons;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One property: name, numbers, unit, its keys in miniature, and what follows from it: beside them in a wide Camera, else beneath. */
final class PropertyRow<V> extends VBox {
    private static final double NOTICED = 1e-9;
    private static final PseudoClass MUTED = PseudoClass.getPseudoClass("muted");

    private static final int LONGEST_WORD = 9;

    private final Desk desk;
    private final Property<V> property;
    private final HBox line = new HBox();
    private final StackPane beneath = new StackPane();
    private final VBox ribbons = new VBox();
    private final KeyRibbon whole;
    private final List<KeyRibbon> axes;
    private final NumberField first;
    private final NumberField second;
    private final Label unit = new Label();
    private final Hyperlink neutral = new Hyperlink("neutral");
    private final Label follows = new Label();

    /** One of the camera. */
    PropertyRow(Desk desk, Overlay overlay, Property<V> property) {
        this(desk, overlay, property, property.lowerWord().replace(' ', '-'));
    }

    /** @param tag for the names of its parts */
    PropertyRow(Desk desk, Overlay overlay, Property<V> property, String tag) {
        this.desk = desk;
        this.property = property;
        String word = property.lowerWord();
        whole = new KeyRibbon(desk, Lane.of(property));
        axes = property.paired()
                ? List.of(
                        new KeyRibbon(desk, new Lane(property, Axis.X)),
                        new KeyRibbon(desk, new Lane(property, Axis.Y)))
                : List.of();
        boolean pair = pair();
        first = field(
                0, (pair ? "Horizontal " + word : property.word()) + ": type a number or a sum, arrow keys change it");
        second = field(1, "Vertical " + word + ": type a number or a sum, arrow keys change it");
        first.setId("camera-" + tag + (pair ? "-x" : ""));
        second.setId("camera-" + tag + "-y");
        neutral.setOnAction(_ -> reset());
        neutral.setId("neutral-" + tag);
        Hint.of(neutral, "Set the " + word + " to neutral");
        neutral.setMinWidth(USE_PREF_SIZE);
        neutral.getStyleClass().add("neutral");
        neutral.opacityProperty()
                .bind(Bindings.when(hoverProperty().or(focusWithinProperty()))
                        .then(1.0)
                        .otherwise(0.0));
        follows.getStyleClass().add("follows");
        follows.setMinWidth(0);
        StackPane.setAlignment(follows, Pos.CENTER_LEFT);
        StackPane.setAlignment(neutral, Pos.CENTER_RIGHT);
        ribbons.getChildren().setAll(whole);
        ribbons.getStyleClass().add("ribbons");
        HBox.setHgrow(ribbons, Priority.ALWAYS);
        line.getChildren().addAll(name(word), numbers(), ribbons, new PropertyMenu(desk, overlay, property, tag));
        line.setAlignment(Pos.CENTER_LEFT);
        beneath.getStyleClass().add("beneath");
        beneath.getChildren().addAll(follows, neutral);
        getChildren().addAll(line, beneath);
        getStyleClass().add("property-row");
        managedProperty().bind(visibleProperty());
    }

    /** Lets the row be one line high, for what nothing follows from: neutral lies over the end of the keys. */
    PropertyRow<V> inOneLine() {
        getChildren().remove(beneath);
        beneath.getChildren().remove(neutral);
        line.getChildren().remove(ribbons);
        var over = new StackPane(ribbons, neutral);
        neutral.mouseTransparentProperty().bind(neutral.opacityProperty().isEqualTo(0));
        HBox.setHgrow(over, Priority.ALWAYS);
        line.getChildren().add(2, over);
        return this;
    }

    /** Whether what follows stands beside the numbers, so that the row is half as high. */
    void setWide(boolean wide) {
        if (wide == getChildren().contains(beneath)) {
            (wide ? getChildren() : line.getChildren()).remove(beneath);
            (wide ? line.getChildren() : getChildren()).add(beneath);
            HBox.setHgrow(ribbons, wide ? Priority.NEVER : Priority.ALWAYS);
            HBox.setHgrow(beneath, Priority.ALWAYS);
        }
    }

    private Label name(String word) {
        Label name = new Label(property.word());
        name.getStyleClass().add("property-name");
        if (property.word().length() > LONGEST_WORD) {
            name.getStyleClass().add("long");
        }
        Hint.of(name, "Drag left or right to change the " + word);
        name.setCursor(Cursor.H_RESIZE);
        new NumberDragging<>(desk, name, property);
        return name;
    }

    private HBox numbers() {
        unit.getStyleClass().add("unit");
        HBox numbers = new HBox(3, first, second, unit);
        second.setVisible(pair());
        second.managedProperty().bind(second.visibleProperty());
        numbers.setAlignment(Pos.CENTER_LEFT);
        numbers.getStyleClass().add("numbers");
        return numbers;
    }

    private NumberField field(int part, String hint) {
        return new NumberField(2, hint, value -> change(part, value)).refusing(value -> refusal(part, value));
    }

    /** Whether both numbers are always shown. */
    private boolean pair() {
        return property.paired() && !property.proportional();
    }

    private Optional<String> refusal(int part, double shown) {
        double number = held(part, shown);
        return property.refusal(number).or(() -> desk.cursor().selectedShot().flatMap(shot -> {
            int frame = desk.cursor().shotFrame();
            V wanted = CameraEdits.withNumber(shot, property, frame, part, number);
            return CameraEdits.refusal(desk.document().project(), shot, property, frame, wanted);
        }));
    }

    private Size picture() {
        return desk.cursor()
                .selectedShot()
                .map(shot -> desk.document().project().mediaOf(shot).size())
                .orElse(desk.document().project().frameSize());
    }

    private Unit unit() {
        return desk.cursor()
                .selectedShot()
                .map(shot -> desk.unit(property, shot))
                .orElseGet(() -> desk.preferences().unit(property));
    }

    private double held(int part, double shown) {
        return unit().held(shown, part, picture(), desk.document().project().frameSize());
    }

    private double shown(V value, int part) {
        return unit().shown(
                        property.kind().part(value, part),
                        part,
                        picture(),
                        desk.document().project().frameSize());
    }

    private void change(int part, double shown) {
        double number = held(part, shown);
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> {
            V wanted = CameraEdits.withNumber(shot, property, desk.cursor().shotFrame(), part, number);
            set("change " + property.lowerWord(), shot, wanted);
            tellWhenKept(shot, wanted);
        });
    }

    /** Says so when keep inside has stopped a number short, or moved the picture instead. */
    private void tellWhenKept(Shot before, V wanted) {
        int frame = desk.cursor().shotFrame();
        boolean kept = desk.cursor().selectedShot().map(Shot::camera).stream().anyMatch(now -> {
            double miss = property.kind().part(now.seen(property, frame), 0)
                    - property.kind().part(wanted, 0);
            boolean moved = property != Properties.POSITION
                    && property != Properties.ANCHOR
                    && now.at(frame)
                                    .position()
                                    .distance(before.camera().at(frame).position())
                            > NOTICED;
            return Math.abs(miss) > NOTICED || moved;
        });
        if (kept) {
            KeptInside.tell(desk, property.lowerWord());
        }
    }

    private void reset() {
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> set("reset " + property.lowerWord(), shot, neutral(shot)));
    }

    /** The scale of a picture is neutral where it just fills the frame. */
    private V neutral(Shot shot) {
        Project project = desk.document().project();
        return property instanceof PoseProperty<V> ofPose && property.equals(Properties.SCALE)
                ? ofPose.of(FramingEdits.whole(project, shot, desk.cursor().shotFrame()))
                : property.neutral(picture(), project.frameSize());
    }

    private void set(String name, Shot shot, V value) {
        desk.document().apply(desk.setValue(name, shot, property, desk.cursor().shotFrame(), value));
    }

    /** Shows that there is no shot. */
    void showNothing() {
        first.showNothing();
        second.showNothing();
        whole.showNothing();
        follows.setText("");
    }

    /** Shows a shot's property at a frame. */
    void show(Shot shot, int frame, String consequence) {
        Channel<V> channel = shot.camera().get(property);
        boolean linked = channel.axes().isEmpty();
        if (linked == ribbons.getChildren().size() > 1) {
            ribbons.getChildren().setAll(linked ? List.of(whole) : axes);
        }
        if (linked) {
            whole.show(shot, frame);
        } else {
            axes.forEach(ribbon -> ribbon.show(shot, frame));
        }
        pseudoClassStateChanged(MUTED, channel.muted());
        V value = shot.camera().seen(property, frame);
        boolean unequal = property.paired()
                && property.kind().part(value, 0) != property.kind().part(value, 1);
        second.setVisible(pair() || (property.paired() && (!linked || unequal)));
        first.show(shown(value, 0));
        second.show(property.paired() ? shown(value, 1) : 0);
        unit.setText(unit().sign());
        String text = channel.muted() ? "Keys muted" : consequence;
        follows.setText(text);
        Icons.name(follows, text);
    }
}
