package amberlens.desktop.session;

import amberlens.core.colour.Colour;
import amberlens.core.edit.ProjectEdits;
import amberlens.core.geometry.Size;
import amberlens.core.model.FrameFormat;
import amberlens.core.time.FrameRate;
import amberlens.core.time.Shutter;
import amberlens.core.words.Figures;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.style.DialogParts;
import amberlens.desktop.style.Overlay;
import amberlens.desktop.style.TextSizes;
import java.util.LinkedHashMap;
import java.util.Map;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The dialog for the frame of the project: name, size, rate, background. */
final class FramePanel extends VBox {
    private static final Map<String, Size> SHAPES = shapes();
    private static final String[] RATES = {
        "24000/1001", "24/1", "25/1", "30000/1001", "30/1", "50/1", "60000/1001", "60/1"
    };

    private final Desk desk;
    private final Overlay overlay;
    private final TextField name = new TextField();
    private final ComboBox<String> shape = new ComboBox<>();
    private final TextField width = new TextField();
    private final TextField height = new TextField();
    private final ComboBox<String> rate = new ComboBox<>();
    private final TextField background = new TextField();
    private final CheckBox blurred = new CheckBox("under a blurred, darkened copy of the picture");
    private final TextField shutter = new TextField();
    private final Label note = new Label();

    FramePanel(Desk desk, Overlay overlay) {
        this.desk = desk;
        this.overlay = overlay;
        FrameFormat frame = desk.document().project().frame();
        name.setText(desk.document().project().name());
        shape.getItems().setAll(SHAPES.keySet());
        shape.setPromptText("Choose a usual size");
        shape.setOnAction(_ -> {
            Size size = SHAPES.get(shape.getValue());
            width.setText(String.valueOf(size.width()));
            height.setText(String.valueOf(size.height()));
        });
        width.setText(String.valueOf(frame.size().width()));
        height.setText(String.valueOf(frame.size().height()));
        width.setPrefColumnCount(5);
        height.setPrefColumnCount(5);
        rate.getItems().setAll(RATES);
        rate.setEditable(true);
        rate.setValue(frame.rate().written());
        background.setText(frame.background().toString());
        background.setPrefColumnCount(7);
        blurred.setId("frame-blurred");
        blurred.setSelected(frame.blurred());
        GridPane form = new GridPane();
        form.getStyleClass().add("form");
        form.addRow(0, DialogParts.quiet("Project"), name);
        form.addRow(1, DialogParts.quiet("Usual sizes"), shape);
        form.addRow(2, DialogParts.quiet("Size"), new HBox(6, width, new Label("×"), height, DialogParts.quiet("px")));
        form.addRow(3, DialogParts.quiet("Frames per second"), rate);
        form.addRow(4, DialogParts.quiet("Background"), new HBox(10, background, blurred));
        shutter.setId("frame-shutter");
        shutter.setText(Figures.fixed(frame.shutter().angle(), 0));
        shutter.setPrefColumnCount(5);
        form.addRow(
                5,
                DialogParts.quiet("Shutter"),
                new HBox(6, shutter, DialogParts.quiet("° open; 0 is one instant, 180 usual")));
        note.getStyleClass().add("problem");
        note.setWrapText(true);
        TextSizes.maxWidth(note, 380);
        setSpacing(14);
        getChildren()
                .addAll(
                        DialogParts.title("Frame"),
                        form,
                        note,
                        DialogParts.foot("Set the frame", this::take, overlay::close));
    }

    private void take() {
        try {
            var size = new Size(
                    Integer.parseInt(width.getText().strip()),
                    Integer.parseInt(height.getText().strip()));
            var frame = new FrameFormat(
                    size,
                    FrameRate.parse(rate.getValue()),
                    Colour.parse(background.getText().strip()),
                    blurred.isSelected(),
                    new Shutter(Double.parseDouble(shutter.getText().strip())));
            String newName = name.getText().strip();
            desk.document().apply(amberlens.core.edit.Edit.of("frame", project -> ProjectEdits.rename(newName)
                    .apply(ProjectEdits.setFrame(frame).apply(project))));
            overlay.close();
        } catch (NumberFormatException e) {
            note.setText("Width and height are whole numbers of pixels, and the shutter is a number of degrees.");
        } catch (IllegalArgumentException e) {
            note.setText(e.getMessage());
        }
    }

    private static Map<String, Size> shapes() {
        Map<String, Size> shapes = new LinkedHashMap<>();
        shapes.put("16:9 full HD", new Size(1920, 1080));
        shapes.put("16:9 UHD", new Size(3840, 2160));
        shapes.put("16:9 HD", new Size(1280, 720));
        shapes.put("2.39:1 wide", new Size(1920, 804));
        shapes.put("9:16 upright", new Size(1080, 1920));
        shapes.put("1:1 square", new Size(1080, 1080));
        shapes.put("4:5 upright", new Size(1080, 1350));
        return shapes;
    }
}
