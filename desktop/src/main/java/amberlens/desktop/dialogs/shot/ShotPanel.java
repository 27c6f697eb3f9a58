package amberlens.desktop.dialogs.shot;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Timecode;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.Optional;
import javafx.scene.control.RadioButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;

/** The dialog for the name and the length of a shot, in frames or as a timecode, and what becomes of its move. */
final class ShotPanel extends FormPanel {
    private final Desk desk;
    private final Overlay overlay;
    private final Shot shot;
    private final TextField name = new TextField();
    private final TextField length = new TextField();
    private final RadioButton keep = new RadioButton("Keep the timing of the keys");
    private final RadioButton stretch = new RadioButton("Stretch the move with the shot");

    ShotPanel(Desk desk, Overlay overlay, Shot shot, Timing timing) {
        super("Shot", "Set", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.shot = shot;
        FrameRate rate = desk.document().project().frame().rate();
        name.setText(shot.name());
        name.setId("shot-name");
        length.setText(Timecode.brief(shot.length(), rate));
        length.setId("shot-length");
        row("Name", name);
        row("Length", length);
        explain("In frames, or as seconds and frames such as " + Timecode.brief(shot.length(), rate) + ".");
        ToggleGroup choice = new ToggleGroup();
        keep.setToggleGroup(choice);
        stretch.setToggleGroup(choice);
        keep.setId("length-keep");
        stretch.setId("length-stretch");
        (timing == Timing.KEEP ? keep : stretch).setSelected(true);
        row("Move", keep);
        row("", stretch);
    }

    @Override
    protected void take() {
        int frames = Timecode.parse(
                length.getText(), desk.document().project().frame().rate());
        if (frames < 1 || frames > Shot.LONGEST) {
            throw new IllegalArgumentException("A shot has 1 to " + Shot.LONGEST + " frames.");
        }
        Edit rename = ShotEdits.rename(shot.id(), name.getText().strip());
        Timing timing = stretch.isSelected() ? Timing.STRETCH : Timing.KEEP;
        Edit resize = ShotEdits.setLength(shot.id(), frames, timing);
        if (frames != shot.length()) {
            desk.prefer(to -> to.setLengthTiming(Optional.of(timing)));
        }
        String step = frames == shot.length() ? rename.name() : resize.name();
        desk.document().apply(Edit.of(step, project -> rename.apply(resize.apply(project))));
        overlay.close();
    }
}
