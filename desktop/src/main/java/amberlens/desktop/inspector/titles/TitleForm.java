package amberlens.desktop.inspector.titles;

import amberlens.core.base.colour.Colour;
import amberlens.core.material.title.Align;
import amberlens.core.material.title.Plate;
import amberlens.core.material.title.Title;
import amberlens.core.material.title.TitleOutline;
import amberlens.core.material.title.Typesetter;
import amberlens.core.material.title.Weight;
import amberlens.desktop.desk.colours.ColourField;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FormRows;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.work.background.Background;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The words of the selected title and how they are set. */
public final class TitleForm extends VBox {
    private final Desk desk;
    private final TitleWriting writing;
    private final TextArea text = new TextArea();
    private final FontChoice font;
    private final ComboBox<Weight> weight =
            Choices.of(List.of(Weight.values()), TitleForm::worded, Weight.REGULAR, "title-weight");
    private final CheckBox italic = new CheckBox("Italic");
    private final NumberField size;
    private final ColourField colour;
    private final ComboBox<Align> align =
            Choices.of(List.of(Align.values()), TitleForm::worded, Align.CENTRE, "title-align");
    private final NumberField lines;
    private final NumberField letters;
    private final CheckBox outlined = new CheckBox();
    private final NumberField outlineWidth;
    private final ColourField outlineColour;
    private final CheckBox boxed = new CheckBox();
    private final ColourField boxColour;
    private final NumberField boxOpacity;
    private final NumberField boxPadding;
    private final NumberField boxRadius;
    private final Label notes = DialogParts.sentence("");
    private boolean showing;

    public TitleForm(Desk desk, Background background) {
        this.desk = desk;
        writing = new TitleWriting(desk);
        font = new FontChoice(background, family -> change("font", title -> title.withFont(family)));
        size = number(1, "Size of the letters in frame pixels", "title-size", "size", Title::withSize);
        lines = number(2, "From one line to the next, in sizes", "title-lines", "line spacing", Title::withLineSpacing);
        letters = number(
                1,
                "Space added between letters, in % of the size",
                "title-letters",
                "letter spacing",
                Title::withLetterSpacing);
        colour = colour("title-colour", Title.USUAL_COLOUR, (title, chosen) -> title.withColour(chosen));
        outlineWidth = number(
                1,
                "Width of the outline in frame pixels",
                "title-outline-width",
                "outline",
                (title, width) -> title.withOutline(
                        Optional.of(new TitleOutline(width, outline(title).colour()))));
        outlineColour = colour(
                "title-outline-colour",
                TitleOutline.USUAL.colour(),
                (title, chosen) -> title.withOutline(
                        Optional.of(new TitleOutline(outline(title).width(), chosen))));
        boxColour = colour(
                "title-box-colour",
                Plate.USUAL.colour(),
                (title, chosen) -> plated(title, plate(title).withColour(chosen)));
        boxOpacity = boxNumber("How opaque the box is, in %", "title-box-opacity", Plate::withOpacity);
        boxPadding = boxNumber(
                "How far the box reaches beyond the text, in frame pixels", "title-box-padding", Plate::withPadding);
        boxRadius = boxNumber(
                "How round the corners of the box are, in frame pixels", "title-box-radius", Plate::withRadius);
        fill();
        listen();
        getStyleClass().add("title-form");
        managedProperty().bind(visibleProperty());
    }

    private NumberField boxNumber(String hint, String id, BiFunction<Plate, Double, Plate> set) {
        return number(0, hint, id, "box", (title, value) -> plated(title, set.apply(plate(title), value)));
    }

    private void fill() {
        text.setId("title-text");
        text.setPrefRowCount(2);
        text.setAccessibleText("The words of the title");
        HBox.setHgrow(font, Priority.ALWAYS);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox words = new HBox(text);
        words.getStyleClass().add("title-words");
        italic.setId("title-italic");
        outlined.setId("title-outlined");
        outlined.setAccessibleText("Outline");
        boxed.setId("title-boxed");
        boxed.setAccessibleText("Box");
        notes.getStyleClass().add("title-notes");
        notes.setId("title-notes");
        notes.managedProperty().bind(notes.visibleProperty());
        HBox outline = new HBox(4, outlineWidth, FormRows.unit("px"), outlineColour);
        HBox box = new HBox(4, boxOpacity, FormRows.unit("%"), boxColour);
        HBox beyond = new HBox(4, boxPadding, FormRows.unit("px around, corners"), boxRadius, FormRows.unit("px"));
        for (HBox part : List.of(outline, box, beyond)) {
            part.setAlignment(Pos.CENTER_LEFT);
            part.managedProperty().bind(part.visibleProperty());
        }
        outline.visibleProperty().bind(outlined.selectedProperty());
        box.visibleProperty().bind(boxed.selectedProperty());
        beyond.visibleProperty().bind(boxed.selectedProperty());
        getChildren()
                .addAll(
                        words,
                        notes,
                        FormRows.row("Font", font),
                        FormRows.row("Weight", weight, italic),
                        FormRows.row("Size", size, FormRows.unit("px, letters"), letters, FormRows.unit("% apart")),
                        FormRows.row("Lines", align, lines, FormRows.unit("apart")),
                        FormRows.row("Colour", colour),
                        FormRows.row("Outline", outlined, outline),
                        FormRows.row("Box", boxed, box),
                        FormRows.row("", beyond));
    }

    private void listen() {
        text.textProperty().addListener((_, _, typed) -> {
            if (!showing) {
                writing.type(typed);
            }
        });
        text.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                writing.rest();
            }
        });
        weight.valueProperty().addListener((_, _, chosen) -> change("weight", title -> title.withWeight(chosen)));
        align.valueProperty().addListener((_, _, chosen) -> change("lines", title -> title.withAlign(chosen)));
        italic.setOnAction(_ -> change("italics", title -> title.withItalic(italic.isSelected())));
        outlined.setOnAction(_ -> change(
                "outline",
                title ->
                        title.withOutline(outlined.isSelected() ? Optional.of(TitleOutline.USUAL) : Optional.empty())));
        boxed.setOnAction(_ -> change(
                "box", title -> title.withBox(boxed.isSelected() ? Optional.of(Plate.USUAL) : Optional.empty())));
    }

    private static TitleOutline outline(Title title) {
        return title.outline().orElse(TitleOutline.USUAL);
    }

    private static Plate plate(Title title) {
        return title.box().orElse(Plate.USUAL);
    }

    private static Title plated(Title title, Plate plate) {
        return title.withBox(Optional.of(plate));
    }

    private static String worded(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }

    /** What becomes of a title by a number. */
    @FunctionalInterface
    private interface ByNumber {
        Title of(Title title, double number);
    }

    /** What becomes of a title by a colour. */
    @FunctionalInterface
    private interface ByColour {
        Title of(Title title, Colour colour);
    }

    /** A title itself knows which numbers it can have. */
    private NumberField number(int decimals, String hint, String id, String what, ByNumber change) {
        DoubleFunction<Optional<String>> refusal = number -> {
            try {
                TitleWriting.title(desk).ifPresent(title -> change.of(title, number));
                return Optional.empty();
            } catch (IllegalArgumentException e) {
                return Optional.of(String.valueOf(e.getMessage()));
            }
        };
        var field = new NumberField(decimals, hint, number -> change(what, title -> change.of(title, number)))
                .refusing(refusal);
        field.setId(id);
        return field;
    }

    private ColourField colour(String id, Colour usual, ByColour change) {
        var field = new ColourField(desk, id, usual);
        field.whenChosen(chosen -> change("colour", title -> change.of(title, chosen)));
        return field;
    }

    private void change(String what, UnaryOperator<Title> change) {
        if (!showing) {
            writing.change(what, change);
        }
    }

    /** Shows a title. */
    public void show(Title title) {
        showing = true;
        if (!text.getText().equals(title.text())) {
            text.setText(title.text());
        }
        font.show(title.font());
        weight.setValue(title.weight());
        italic.setSelected(title.italic());
        size.show(title.size());
        colour.show(title.colour());
        align.setValue(title.align());
        lines.show(title.lineSpacing());
        letters.show(title.letterSpacing());
        outlined.setSelected(title.outline().isPresent());
        outlineWidth.show(outline(title).width());
        outlineColour.show(outline(title).colour());
        boxed.setSelected(title.box().isPresent());
        Plate plate = plate(title);
        boxColour.show(plate.colour());
        boxOpacity.show(plate.opacity());
        boxPadding.show(plate.padding());
        boxRadius.show(plate.radius());
        List<String> remarks = Typesetter.get().set(title).notes();
        notes.setText(String.join(" ", remarks));
        notes.setVisible(!remarks.isEmpty());
        showing = false;
    }

    /** Puts the cursor into the words. */
    public void write() {
        text.requestFocus();
        text.selectAll();
    }
}
