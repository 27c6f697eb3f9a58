package amberlens.desktop.desk.colours;

import amberlens.core.base.colour.Colour;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.kit.style.Icons;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import org.kordamp.ikonli.feather.Feather;

/** A colour, chosen in a picker that knows the recent ones, taken from Table or Lens, or written. */
public final class ColourField extends HBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Desk desk;
    private final ColorPicker picker = new ColorPicker();
    private final TextField text = new TextField();
    private boolean showing;

    /** @param id of the text, for tests; the picker and the eyedropper have it with an ending */
    public ColourField(Desk desk, String id, Colour colour) {
        this.desk = desk;
        picker.setId(id + "-picker");
        picker.getStyleClass().addAll("button", "colour-swatch");
        Hint.of(picker, "Choose a colour; recent colours are below");
        picker.setAccessibleText("Colour");
        picker.getCustomColors()
                .setAll(desk.preferences().recentColours().stream()
                        .map(ColourField::shown)
                        .toList());
        picker.setOnAction(_ -> text.setText(read(picker.getValue()).toString()));
        text.setId(id);
        text.setPrefColumnCount(7);
        text.setAccessibleText("Colour, written like #1A2B3C");
        text.textProperty().subscribe(this::typed);
        text.setText(colour.toString());
        Button drop = Icons.button(Feather.DROPLET, "Take the colour of a pixel on the Table or in the Lens");
        drop.setId(id + "-drop");
        drop.setOnAction(_ -> Eyedropper.take(this, found -> text.setText(found.toString())));
        getChildren().addAll(picker, text, drop);
        setSpacing(4);
        setAlignment(Pos.CENTER_LEFT);
    }

    private void typed(String written) {
        Optional<Colour> colour = understood(written);
        text.pseudoClassStateChanged(WRONG, colour.isEmpty());
        colour.ifPresent(found -> picker.setValue(shown(found)));
    }

    /** Tells of every colour that is chosen or written from now on; those that are shown are not told of. */
    public void whenChosen(Consumer<Colour> taker) {
        text.textProperty().addListener((_, _, written) -> {
            if (!showing) {
                understood(written).ifPresent(taker);
            }
        });
    }

    /** Shows a colour. */
    public void show(Colour colour) {
        if (!text.isFocused()
                && understood(text.getText()).filter(colour::equals).isEmpty()) {
            showing = true;
            text.setText(colour.toString());
            showing = false;
        }
    }

    private static Optional<Colour> understood(String written) {
        try {
            return Optional.of(Colour.parse(written.strip()));
        } catch (IllegalArgumentException _) {
            return Optional.empty();
        }
    }

    /**
     * The colour, which is a recent one from now on.
     *
     * @throws IllegalArgumentException with the reason for people when what is written is no colour
     */
    public Colour take() {
        Colour colour = Colour.parse(text.getText().strip());
        desk.preferences().addRecentColour(colour);
        return colour;
    }

    static Color shown(Colour colour) {
        return Color.rgb(colour.rgb() >> 16 & 0xFF, colour.rgb() >> 8 & 0xFF, colour.rgb() & 0xFF);
    }

    static Colour read(Color colour) {
        int red = (int) Math.round(colour.getRed() * 255);
        int green = (int) Math.round(colour.getGreen() * 255);
        int blue = (int) Math.round(colour.getBlue() * 255);
        return new Colour(red << 16 | green << 8 | blue);
    }
}
