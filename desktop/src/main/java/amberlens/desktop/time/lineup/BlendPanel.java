package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.edit.edits.LayeringEdits;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Arithmetic;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;

/** How a shot lies over what is below it. */
final class BlendPanel extends FormPanel {
    private final Desk desk;
    private final Overlay overlay;
    private final Shot shot;
    private final ComboBox<BlendMode> mode;
    private final TextField opacity;
    private final CheckBox inset = new CheckBox("Inset: need not fill the frame");

    BlendPanel(Desk desk, Overlay overlay, Shot shot) {
        super("Blending of \"" + shot.name() + "\"", "Set", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.shot = shot;
        mode = Choices.of(
                List.of(BlendMode.values()), BlendMode::words, shot.layering().blend(), "blend-mode");
        opacity = new TextField(String.valueOf(Math.round(
                shot.camera().get(Properties.OPACITY).at(desk.cursor().shotFrame()))));
        opacity.setId("blend-opacity");
        inset.setSelected(!shot.fillsFrame());
        inset.setId("blend-inset");
        row("Blending", mode);
        row("Opacity, %", opacity);
        row("", inset);
        explain(
                "Blending works in linear light. The Camera keys the opacity once it is below 100 % or the shot is on a higher track.");
    }

    @Override
    protected void take() {
        double percent = Arithmetic.value(opacity.getText());
        List<Edit> steps = new ArrayList<>();
        steps.add(LayeringEdits.setBlend(shot.id(), mode.getValue()));
        steps.add(CameraEdits.setValue(
                "change opacity", shot, Properties.OPACITY, desk.cursor().shotFrame(), percent));
        if (inset.isSelected() == shot.fillsFrame()) {
            steps.add(InsetEdits.set(desk.cursor().selection().shots(), inset.isSelected()));
        }
        desk.document().apply(Edit.all("change blending", steps));
        overlay.close();
    }
}
