package amberlens.desktop.export;

import amberlens.core.geometry.Size;
import amberlens.core.model.FileProblem;
import amberlens.core.model.LineUp;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.time.FrameSpan;
import amberlens.core.time.Timecode;
import amberlens.desktop.store.Store;
import amberlens.media.export.ExportFormat;
import amberlens.media.export.ExportSettings;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.StringConverter;

/** The questions of the export dialog: which frames, how large, in which format, where to. */
final class ExportForm extends GridPane {
    /** Which frames. */
    private enum Range {
        LINE_UP("The whole line-up"),
        SHOT("The selected shot"),
        FRAMES("From … to");

        private final String words;

        Range(String words) {
            this.words = words;
        }
    }

    /** Parts of the frame's size that are offered. */
    private static final int[] PER_CENT = {100, 50, 25, 200};

    private final Project project;
    private final Optional<Shot> selected;
    private final ComboBox<Range> range = new ComboBox<>();
    private final TextField from = new TextField();
    private final TextField to = new TextField();
    private final ComboBox<Size> size = new ComboBox<>();
    private final ComboBox<ExportFormat> format = new ComboBox<>();
    private final TextField destination = new TextField();

    ExportForm(Store store, Path proposed, Function<ExportFormat, Optional<Path>> browse) {
        project = store.project();
        selected = store.selectedShot();
        getStyleClass().add("form");
        range.getItems().setAll(Range.values());
        range.setConverter(shown(choice -> choice.words));
        range.setValue(Range.LINE_UP);
        range.setOnAction(_ -> showRange());
        range.setId("export-range");
        from.setId("export-from");
        to.setId("export-to");
        from.setPrefColumnCount(9);
        to.setPrefColumnCount(9);
        for (int perCent : PER_CENT) {
            Size frame = project.frameSize();
            size.getItems().add(new Size(even(frame.width() * perCent / 100), even(frame.height() * perCent / 100)));
        }
        size.getItems().set(0, project.frameSize());
        size.setConverter(shown(Size::toString));
        size.setValue(project.frameSize());
        size.setId("export-size");
        format.getItems().setAll(ExportFormat.values());
        format.setConverter(shown(ExportFormat::words));
        format.setValue(ExportFormat.MP4_H264);
        format.setId("export-format");
        format.setOnAction(_ -> fitEnding());
        destination.setText(proposed.toString());
        destination.setPrefColumnCount(30);
        destination.setId("export-destination");
        Button choose = new Button("Browse…");
        choose.getStyleClass().add("quiet-button");
        choose.setOnAction(
                _ -> browse.apply(format.getValue()).ifPresent(path -> destination.setText(path.toString())));
        HBox.setHgrow(destination, Priority.ALWAYS);
        Label dash = new Label("–");
        row(0, "Frames", new HBox(8, range, from, dash, to));
        row(1, "Size", size);
        row(2, "Format", format);
        row(3, "Save as", new HBox(8, destination, choose));
        showRange();
    }

    private static int even(int length) {
        return Math.max(2, length - length % 2);
    }

    private void row(int index, String words, Node field) {
        Label label = new Label(words);
        label.getStyleClass().add("quiet");
        label.setLabelFor(field instanceof HBox box ? box.getChildren().getFirst() : field);
        addRow(index, label, field);
    }

    private void showRange() {
        boolean free = range.getValue() == Range.FRAMES;
        from.setDisable(!free);
        to.setDisable(!free);
        if (!free) {
            FrameSpan span = chosenSpan();
            from.setText(Timecode.of(span.from(), project.frame().rate()));
            to.setText(Timecode.of(span.to(), project.frame().rate()));
        }
    }

    private FrameSpan chosenSpan() {
        var whole = new FrameSpan(0, Math.max(0, LineUp.length(project) - 1));
        return range.getValue() == Range.SHOT ? selected.map(Shot::onLineUp).orElse(whole) : whole;
    }

    private void fitEnding() {
        String text = destination.getText();
        int dot = text.lastIndexOf('.');
        String stem = dot > Math.max(text.lastIndexOf('/'), text.lastIndexOf('\\')) ? text.substring(0, dot) : text;
        destination.setText(stem + format.getValue().ending());
    }

    /**
     * What was answered.
     *
     * @throws FileProblem for a time or a file name that cannot be understood
     */
    ExportSettings settings(boolean overwrite) throws FileProblem {
        try {
            FrameSpan span = range.getValue() == Range.FRAMES
                    ? new FrameSpan(
                            Timecode.parse(from.getText(), project.frame().rate()),
                            Timecode.parse(to.getText(), project.frame().rate()))
                    : chosenSpan();
            if (destination.getText().isBlank()) {
                throw new FileProblem("Say where to save the film.");
            }
            Path path = Path.of(destination.getText().strip());
            return new ExportSettings(span, size.getValue(), format.getValue(), path, overwrite);
        } catch (InvalidPathException e) {
            throw new FileProblem("\"" + destination.getText() + "\" cannot be the name of a file.", e);
        } catch (IllegalArgumentException e) {
            throw new FileProblem("Frames: " + e.getMessage() + ".", e);
        }
    }

    private static <T> StringConverter<T> shown(Function<T, String> words) {
        return new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : words.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new IllegalStateException("the choices cannot be typed");
            }
        };
    }
}
