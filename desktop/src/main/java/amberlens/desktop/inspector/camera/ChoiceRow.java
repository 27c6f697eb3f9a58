package amberlens.desktop.inspector.camera;

import amberlens.core.material.look.Choice;
import amberlens.core.material.look.Look;
import amberlens.desktop.desk.colours.ColourField;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** What is chosen once about a look, and can be chosen anew. */
final class ChoiceRow<V> extends HBox {
    private final Desk desk;
    private final Consumer<V> chosen;
    private final Choice<V> choice;
    private Consumer<Look> shower = _ -> {};
    private boolean showing;

    /** @param chosen takes a new answer */
    ChoiceRow(Desk desk, Look look, Choice<V> choice, Consumer<V> chosen) {
        this.desk = desk;
        this.choice = choice;
        this.chosen = chosen;
        Label name = new Label(choice.word());
        name.getStyleClass().addAll("property-name", "long");
        Node field = field(look, look.owner().id() + "-" + choice.id());
        name.setLabelFor(field);
        getChildren().addAll(name, field);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("choice-row");
        show(look);
    }

    @SuppressWarnings("unchecked") // each kind of choice has answers of its own type
    private Node field(Look look, String id) {
        return switch (choice) {
            case Choice.OfColour colour -> {
                ColourField field = new ColourField(desk, id, look.get(colour));
                field.whenChosen(answer -> take((V) answer));
                shower = now -> field.show(now.get(colour));
                yield field;
            }
            case Choice.OfSwitch one -> {
                CheckBox box = new CheckBox();
                box.setId(id);
                box.setAccessibleText(choice.word());
                box.setOnAction(_ -> take((V) (Boolean) box.isSelected()));
                shower = now -> box.setSelected(now.get(one));
                yield box;
            }
            case Choice.OfWords<?> words -> words(look, words, id);
            case Choice.OfPoints _ -> throw new IllegalArgumentException("corners are set in the picture");
        };
    }

    @SuppressWarnings("unchecked")
    private <E extends Enum<E>> Node words(Look look, Choice.OfWords<E> words, String id) {
        ComboBox<E> box = Choices.of(words.all(), ChoiceRow::worded, look.get(words), id);
        box.setAccessibleText(choice.word());
        box.valueProperty().addListener((_, _, answer) -> take((V) answer));
        shower = now -> box.setValue(now.get(words));
        return box;
    }

    private static String worded(Enum<?> answer) {
        return answer.name().toLowerCase(Locale.ROOT);
    }

    private void take(V answer) {
        if (!showing) {
            chosen.accept(answer);
        }
    }

    /** Shows what is chosen now. */
    void show(Look look) {
        showing = true;
        shower.accept(look);
        showing = false;
    }
}
