package amberlens.desktop.time.hearing;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.Level;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Overlay;
import java.util.Optional;
import javafx.scene.control.Slider;

/** The level of everything that is heard. */
final class MasterPanel extends LivePanel {
    private static final double LOW = -60;

    private double level;

    MasterPanel(Desk desk, Overlay overlay) {
        super("Level of all sounds", "Set", desk, overlay);
        level = desk.document().settled().soundLevel();
        Slider slider = new Slider(LOW, Level.MOST, Math.max(LOW, level));
        slider.setId("master-slider");
        slider.setPrefWidth(220);
        var number = number("master-level", "Level of all sounds, in dB", level, typed -> {
            level = Math.clamp(typed, Level.LEAST, Level.MOST);
            slider.setValue(level);
        });
        slider.valueProperty().addListener((_, _, now) -> {
            if (slider.isFocused() || slider.isPressed()) {
                level = Math.rint(now.doubleValue() * 10) / 10;
                number.show(level);
                refresh();
            }
        });
        row("", slider);
        row("Level, dB", number);
        explain("Applies to playback and exports. The meter at the right of the Line-up shows the result.");
    }

    @Override
    protected Optional<Edit> edit() {
        return Optional.of(SoundEdits.setSoundLevel(level));
    }
}
