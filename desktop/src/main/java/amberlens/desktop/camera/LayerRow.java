package amberlens.desktop.camera;

import amberlens.core.edit.CameraEdits;
import amberlens.core.model.Shot;
import amberlens.core.motion.Channel;
import amberlens.core.motion.Lane;
import amberlens.core.motion.Property;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.look.Icons;
import amberlens.desktop.look.NumberField;
import amberlens.desktop.look.Overlay;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import org.kordamp.ikonli.feather.Feather;

/** Opacity or speed of a shot: bead, name, number, keys, reset, and what follows. It shows itself only where it means something. */
final class LayerRow extends HBox {
    private static final double FULL = 100;

    private final Desk desk;
    private final Property property;
    private final PropertyBead bead;
    private final NumberField number;
    private final KeySteps steps;
    private final Label follows = new Label();

    /**
     * @param property opacity or speed
     */
    LayerRow(Desk desk, Overlay overlay, Property property) {
        this.desk = desk;
        this.property = property;
        String word = property.word().toLowerCase(Locale.ROOT);
        bead = new PropertyBead(desk, overlay, Lane.of(property));
        HBox beads = new HBox(bead);
        beads.getStyleClass().add("beads");
        beads.setAlignment(Pos.CENTER);
        Label name = new Label(property.word());
        name.getStyleClass().add("property-name");
        number = new NumberField(2, property.word() + ": type a number or a sum, arrow keys change it", this::set)
                .refusing(LayerRow.this::refusal);
        number.setId("camera-" + word);
        Label unit = new Label("%");
        unit.getStyleClass().add("unit");
        HBox numbers = new HBox(3, number, unit);
        numbers.setAlignment(Pos.CENTER_LEFT);
        numbers.getStyleClass().add("numbers");
        steps = new KeySteps(desk, property);
        Button reset = Icons.button(Feather.ROTATE_CCW, "");
        Icons.name(reset, "Reset " + word + " to 100 %");
        reset.setId("reset-" + word);
        reset.setOnAction(_ -> set(FULL));
        follows.getStyleClass().add("follows");
        follows.setMinWidth(0);
        HBox.setHgrow(follows, Priority.ALWAYS);
        getChildren().addAll(beads, name, numbers, steps, reset, follows);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("property-row");
        managedProperty().bind(visibleProperty());
    }

    private Optional<String> refusal(double value) {
        double low = property == Property.OPACITY ? 0 : -CameraEdits.FASTEST;
        double high = property == Property.OPACITY ? FULL : CameraEdits.FASTEST;
        return value >= low && value <= high
                ? Optional.empty()
                : Optional.of(String.format(
                        Locale.ROOT,
                        "%s lies in %.0f to %.0f %%",
                        property == Property.OPACITY ? "an opacity" : "a speed",
                        low,
                        high));
    }

    private void set(double percent) {
        desk.cursor().enterShot();
        desk.cursor().selectedShot().ifPresent(shot -> desk.document()
                .apply(CameraEdits.setPercent(shot.id(), property, desk.cursor().shotFrame(), percent)));
    }

    /** Shows a shot's property at a frame. */
    void show(Shot shot, int frame) {
        boolean footage = desk.document().project().mediaOf(shot).moves();
        boolean inset = shot.track() > 1 || !shot.fillsFrame() || shot.camera().translucent();
        setVisible(property == Property.SPEED ? footage : inset);
        bead.show(shot, frame);
        Channel<Double> channel = property == Property.OPACITY
                ? shot.camera().opacity()
                : shot.camera().speed();
        number.show(channel.at(frame));
        steps.refresh();
        String text = property == Property.OPACITY ? opacity(shot) : speed(shot, frame);
        follows.setText(text);
        Icons.name(follows, text);
    }

    private static String opacity(Shot shot) {
        return "Blending: " + shot.layering().blend().words();
    }

    private String speed(Shot shot, int frame) {
        return desk.document()
                .project()
                .sourceTime(shot)
                .map(time -> String.format(
                        Locale.ROOT,
                        "Frame %d of %d",
                        time.at(frame).first(),
                        time.footage().frames()))
                .orElse("");
    }
}
