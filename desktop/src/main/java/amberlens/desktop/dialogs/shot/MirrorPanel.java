package amberlens.desktop.dialogs.shot;

import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.time.Shutter;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Arithmetic;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;

/** Asks how a shot's picture is mirrored, and how long its frames are exposed. */
final class MirrorPanel extends FormPanel {
    private final Desk desk;
    private final Overlay overlay;
    private final Shot shot;
    private final CheckBox across = new CheckBox("flip horizontally");
    private final CheckBox down = new CheckBox("flip vertically");
    private final TextField shutter = new TextField();

    MirrorPanel(Desk desk, Overlay overlay, Shot shot) {
        super("Mirror and shutter of \"" + shot.name() + "\"", "Set", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.shot = shot;
        Mirror mirror = shot.settings().mirror();
        across.setSelected(mirror.across());
        across.setId("mirror-across");
        down.setSelected(mirror.down());
        down.setId("mirror-down");
        Shutter ofProject = desk.document().project().frame().shutter();
        shutter.setPromptText("as the project: " + Figures.fixed(ofProject.angle(), 0) + "°");
        shot.settings().shutter().ifPresent(own -> shutter.setText(Figures.fixed(own.angle(), 0)));
        shutter.setId("shot-shutter");
        row("Mirror", across);
        row("", down);
        row("Shutter, degrees", shutter);
        explain(
                "A shutter angle of 180 degrees exposes half of each frame, so motion is blurred along its path; 0 is one instant. Leave it empty to use the project's shutter (Project › Name and frame). Edges are checked at every instant.");
    }

    @Override
    protected void take() {
        String degrees = shutter.getText().strip();
        Optional<Shutter> own =
                degrees.isEmpty() ? Optional.empty() : Optional.of(new Shutter(Arithmetic.value(degrees)));
        desk.document()
                .apply(Edit.all(
                        "change mirror and shutter",
                        List.of(
                                SettingsEdits.setMirror(shot.id(), Mirror.of(across.isSelected(), down.isSelected())),
                                SettingsEdits.setShutter(shot.id(), own))));
        overlay.close();
    }
}
