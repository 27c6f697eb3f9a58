package amberlens.desktop.shot;

import amberlens.core.edit.Edit;
import amberlens.core.edit.ShotEdits;
import amberlens.core.edit.ShotEdits.Timing;
import amberlens.core.model.Shot;
import amberlens.core.time.FrameRate;
import amberlens.core.time.Timecode;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.style.DialogParts;
import amberlens.desktop.style.Overlay;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** The dialog for the name and the length of a shot, in frames or as a timecode, and what becomes of its move. */
final class ShotPanel extends VBox {
    private final Desk desk;
    private final Overlay overlay;
    private final Shot shot;
    private final TextField name = new TextField();
    private final TextField length = new TextField();
    private final RadioButton keep = new RadioButton("Keep the timing of the keys");
    private final RadioButton stretch = new RadioButton("Stretch the move with the shot");
    private final Label note = new Label();

    ShotPanel(Desk desk, Overlay overlay, Shot shot, Timing timing) {
        this.desk = desk;
        this.overlay = overlay;
        this.shot = shot;
        FrameRate rate = desk.document().project().frame().rate();
        name.setText(shot.name());
        name.setId("shot-name");
        length.setText(Timecode.brief(shot.length(), rate));
        length.setId("shot-length");
        note.getStyleClass().add("problem");
        GridPane form = new GridPane();
        form.getStyleClass().add("form");
        form.addRow(0, DialogParts.quiet("Name"), name);
        form.addRow(1, DialogParts.quiet("Length"), length);
        ToggleGroup choice = new ToggleGroup();
        keep.setToggleGroup(choice);
        stretch.setToggleGroup(choice);
        keep.setId("length-keep");
        stretch.setId("length-stretch");
        (timing == Timing.KEEP ? keep : stretch).setSelected(true);
        form.addRow(2, DialogParts.quiet("Move"), keep);
        form.add(stretch, 1, 3);
        Label explanation = DialogParts.quiet(
                "In frames, or as seconds and frames such as " + Timecode.brief(shot.length(), rate) + ".");
        setSpacing(12);
        getChildren()
                .addAll(
                        DialogParts.title("Shot"),
                        form,
                        explanation,
                        note,
                        DialogParts.foot("Set", this::take, overlay::close));
    }

    private void take() {
        try {
            int frames = Timecode.parse(
                    length.getText(), desk.document().project().frame().rate());
            if (frames < 1 || frames > Shot.LONGEST) {
                note.setText("A shot has 1 to " + Shot.LONGEST + " frames.");
                return;
            }
            Edit rename = ShotEdits.rename(shot.id(), name.getText().strip());
            Edit resize = ShotEdits.setLength(shot.id(), frames, stretch.isSelected() ? Timing.STRETCH : Timing.KEEP);
            String step = frames == shot.length() ? rename.name() : resize.name();
            desk.document().apply(Edit.of(step, project -> rename.apply(resize.apply(project))));
            overlay.close();
        } catch (IllegalArgumentException e) {
            note.setText(e.getMessage());
        }
    }
}
