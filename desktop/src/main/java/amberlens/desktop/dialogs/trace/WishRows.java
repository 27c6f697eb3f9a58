package amberlens.desktop.dialogs.trace;

import amberlens.core.base.words.Figures;
import amberlens.core.edit.traced.TracedWish;
import amberlens.core.edit.traced.TracedWish.NoRoom;
import amberlens.core.edit.traced.TracedWish.Part;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.TextSizes;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** What of a film's move is wanted, in two columns of questions. */
final class WishRows extends HBox {
    private static final double COLUMNS_APART = 28;
    private static final double STEP = 10;

    private final ComboBox<Part> part = Choices.of(List.of(Part.values()), Part::words, Part.MOVE, "trace-part");
    private final Slider strength = new Slider(STEP, ShakeLayer.MOST, TracedWish.USUAL.strength());
    private final Label percent = new Label();
    private final CheckBox mirrored = new CheckBox("Mirrored");
    private final CheckBox reversed = new CheckBox("Backwards");
    private final ComboBox<Boolean> stretched = Choices.of(
            List.of(true, false),
            stretch -> stretch ? "Over the whole shot" : "As long as in the film",
            true,
            "trace-time");
    private final ComboBox<Boolean> atPlayhead;
    private final ComboBox<NoRoom> noRoom =
            Choices.of(List.of(NoRoom.values()), NoRoom::words, NoRoom.SEALED, "trace-room");
    private final int playhead;

    /**
     * @param playhead frame of the shot
     * @param onChange called whenever an answer has changed
     */
    WishRows(int playhead, Runnable onChange) {
        super(COLUMNS_APART);
        this.playhead = playhead;
        atPlayhead = Choices.of(
                List.of(false, true),
                there -> there ? "The framing at the playhead" : "The first framing",
                false,
                "trace-begins");
        strength.setId("trace-strength");
        strength.setAccessibleText("Strength of the move or the shake, in per cent");
        strength.setBlockIncrement(STEP);
        TextSizes.minWidth(percent, 44);
        mirrored.setId("trace-mirrored");
        reversed.setId("trace-reversed");
        HBox much = new HBox(8, strength, percent);
        HBox.setHgrow(strength, Priority.ALWAYS);
        much.setAlignment(Pos.CENTER_LEFT);
        HBox turned = new HBox(16, mirrored, reversed);
        turned.setAlignment(Pos.CENTER_LEFT);
        Hint.of(noRoom, "What is done where the picture ends before the move does");
        getChildren()
                .addAll(
                        column("Take", part, "Strength", much, "", turned),
                        column("Time", stretched, "Begins with", atPlayhead, "No room", noRoom));
        List.of(part, stretched, atPlayhead, noRoom)
                .forEach(box -> box.valueProperty().subscribe((_, _) -> changed(onChange)));
        List.of(mirrored, reversed).forEach(box -> box.selectedProperty().subscribe((_, _) -> changed(onChange)));
        strength.valueProperty().subscribe(_ -> changed(onChange));
    }

    private void changed(Runnable onChange) {
        percent.setText(Figures.fixed(strength.getValue(), 0) + " %");
        boolean paced = part.getValue() == Part.PACE;
        boolean shaken = part.getValue() == Part.SHAKE;
        strength.setDisable(paced);
        mirrored.setDisable(paced);
        stretched.setDisable(paced || shaken);
        atPlayhead.setDisable(paced || shaken);
        onChange.run();
    }

    private static GridPane column(Object... questions) {
        var column = new GridPane();
        column.getStyleClass().add("form");
        for (int i = 0; i < questions.length; i += 2) {
            Label label = DialogParts.quiet(String.valueOf(questions[i]));
            Node field = (Node) questions[i + 1];
            label.setLabelFor(field);
            column.addRow(i / 2, label, field);
            GridPane.setHgrow(field, Priority.ALWAYS);
        }
        HBox.setHgrow(column, Priority.ALWAYS);
        column.setMaxWidth(Double.MAX_VALUE);
        return column;
    }

    Part part() {
        return part.getValue();
    }

    TracedWish wish() {
        return new TracedWish(
                part.getValue(),
                strength.getValue(),
                mirrored.isSelected(),
                reversed.isSelected(),
                stretched.getValue(),
                atPlayhead.getValue() ? playhead : 0,
                noRoom.getValue());
    }
}
