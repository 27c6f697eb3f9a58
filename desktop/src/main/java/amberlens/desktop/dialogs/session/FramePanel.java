package amberlens.desktop.dialogs.session;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Shutter;
import amberlens.core.base.words.Figures;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.ProjectEdits;
import amberlens.core.model.project.FrameFormat;
import amberlens.desktop.desk.colours.ColourField;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.kit.style.UsualFrames;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;

/** The dialog for the frame of the project: name, size, rate, background. */
final class FramePanel extends FormPanel {
    private final Desk desk;
    private final Overlay overlay;
    private final TextField name = new TextField();
    private final ComboBox<String> shape = new ComboBox<>();
    private final TextField width = new TextField();
    private final TextField height = new TextField();
    private final ComboBox<String> rate = new ComboBox<>();
    private final ColourField background;
    private final CheckBox blurred = new CheckBox("under a blurred, darkened copy of the picture");
    private final TextField shutter = new TextField();

    FramePanel(Desk desk, Overlay overlay) {
        super("Frame", "Set the frame", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        FrameFormat frame = desk.document().project().frame();
        name.setText(desk.document().project().name());
        shape.getItems().setAll(UsualFrames.SIZES.keySet());
        shape.setPromptText("Choose a standard size");
        shape.setOnAction(_ -> {
            Size size = UsualFrames.SIZES.get(shape.getValue());
            width.setText(String.valueOf(size.width()));
            height.setText(String.valueOf(size.height()));
        });
        width.setText(String.valueOf(frame.size().width()));
        height.setText(String.valueOf(frame.size().height()));
        width.setPrefColumnCount(5);
        height.setPrefColumnCount(5);
        rate.getItems()
                .setAll(FrameRate.COMMON.stream().map(FrameRate::toString).toList());
        rate.setEditable(true);
        rate.setId("frame-rate");
        rate.setValue(frame.rate().toString());
        background = new ColourField(desk, "frame-background", frame.background());
        blurred.setId("frame-blurred");
        blurred.setSelected(frame.blurred());
        shutter.setId("frame-shutter");
        shutter.setText(Figures.fixed(frame.shutter().angle(), 0));
        shutter.setPrefColumnCount(5);
        row("Project", name);
        row("Standard sizes", shape);
        row("Size", new HBox(6, width, new Label("×"), height, DialogParts.quiet("px")));
        row("Frames per second", rate);
        row("Background", background);
        row("", blurred);
        row("Shutter", new HBox(6, shutter, DialogParts.quiet("° open; 0 is one instant, 180 the standard")));
    }

    @Override
    protected void take() {
        var frame = new FrameFormat(
                size(), FrameRate.typed(rate.getValue()), background.take(), blurred.isSelected(), shutter());
        String newName = name.getText().strip();
        desk.document().apply(Edit.of("frame", project -> ProjectEdits.rename(newName)
                .apply(ProjectEdits.setFrame(frame).apply(project))));
        overlay.close();
    }

    private Size size() {
        try {
            return new Size(
                    Integer.parseInt(width.getText().strip()),
                    Integer.parseInt(height.getText().strip()));
        } catch (NumberFormatException _) {
            throw new IllegalArgumentException("Width and height are whole numbers of pixels.");
        }
    }

    private Shutter shutter() {
        try {
            return new Shutter(Double.parseDouble(shutter.getText().strip()));
        } catch (NumberFormatException _) {
            throw new IllegalArgumentException("Enter the shutter angle in degrees.");
        }
    }
}
