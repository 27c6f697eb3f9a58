package amberlens.desktop.inspector.camera;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.TextSizes;
import java.util.Locale;
import java.util.OptionalDouble;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;

/** How strongly one end of a leg is held back, 0 to 100 %. A drag is one step of the history. */
final class StrengthSlider extends HBox {
    /** Gives the selected legs a strength, 0 … 1. */
    interface Change {
        CameraTrack at(CameraTrack camera, double strength);
    }

    private final Desk desk;
    private final String word;
    private final Change change;
    private final Slider slider = new Slider(0, 100, 0);
    private final Label percent = new Label();
    private boolean showing;

    StrengthSlider(String name, String word, Desk desk, Change change) {
        this.desk = desk;
        this.word = word;
        this.change = change;
        Label label = new Label(name);
        label.setMinWidth(USE_PREF_SIZE);
        slider.setId(word + "-strength");
        TextSizes.prefWidth(slider, 48);
        slider.setBlockIncrement(5);
        slider.setAccessibleText(name + " strength, per cent");
        Hint.of(slider, name + ": how gently, 0 to 100 %; 42 % is the stock ease");
        percent.getStyleClass().add("unit");
        TextSizes.minWidth(percent, 28);
        slider.valueProperty().addListener((_, _, now) -> moved(now.doubleValue()));
        slider.setOnMouseReleased(_ -> desk.document().commit());
        slider.setOnKeyReleased(_ -> desk.document().commit());
        getChildren().addAll(label, slider, percent);
        setSpacing(4);
        setAlignment(Pos.CENTER_LEFT);
    }

    private void moved(double now) {
        if (showing) {
            return;
        }
        desk.document()
                .settled()
                .shot(desk.cursor().selection().shotId().orElse(""))
                .ifPresent(shot -> desk.document().show(edit(shot, Math.round(now) / 100.0)));
    }

    private Edit edit(Shot shot, double strength) {
        return ShotEdits.setCamera(word + " strength", shot.id(), change.at(shot.camera(), strength));
    }

    void show(OptionalDouble strength) {
        showing = true;
        if (!slider.isValueChanging() || strength.isEmpty()) {
            slider.setValue(strength.orElse(0) * 100);
        }
        percent.setText(
                strength.isPresent() ? String.format(Locale.ROOT, "%.0f %%", strength.getAsDouble() * 100) : "own");
        showing = false;
    }
}
