package amberlens.desktop.dialogs.shot;

import amberlens.core.base.colour.Colour;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.colours.ColourField;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;

/** Asks what stands behind a shot's picture: a colour, a gradient, or soft clouds. */
final class BackdropPanel extends FormPanel {
    /** What can stand there. */
    private enum Kind {
        COLOUR("a colour"),
        GRADIENT("a gradient, top to bottom"),
        CLOUDS("soft clouds");

        private final String words;

        Kind(String words) {
            this.words = words;
        }
    }

    private static final Colour DUSK = new Colour(0x2B2620);

    private final Desk desk;
    private final Overlay overlay;
    private final Shot shot;
    private final ComboBox<Kind> kind;
    private final ColourField first;
    private final ColourField second;
    private final TextField number = new TextField();

    BackdropPanel(Desk desk, Overlay overlay, Shot shot) {
        super("Behind " + shot.name(), "Apply", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.shot = shot;
        Backdrop now = shot.settings().backdrop();
        kind = Choices.of(
                List.of(Kind.values()),
                choice -> choice.words,
                now instanceof Backdrop.Gradient
                        ? Kind.GRADIENT
                        : now instanceof Backdrop.Clouds ? Kind.CLOUDS : Kind.COLOUR,
                "backdrop-kind");
        first = new ColourField(
                desk,
                "backdrop-colour",
                switch (now) {
                    case Backdrop.Plain plain -> plain.colour();
                    case Backdrop.Gradient gradient -> gradient.top();
                    case Backdrop.Clouds clouds -> clouds.colour();
                    default -> Colour.BLACK;
                });
        second = new ColourField(
                desk, "backdrop-second", now instanceof Backdrop.Gradient gradient ? gradient.bottom() : DUSK);
        number.setId("backdrop-number");
        number.setText(now instanceof Backdrop.Clouds clouds ? String.valueOf(clouds.seed()) : "1");
        second.disableProperty().bind(kind.valueProperty().isNotEqualTo(Kind.GRADIENT));
        number.disableProperty().bind(kind.valueProperty().isNotEqualTo(Kind.CLOUDS));
        row("What", kind);
        row("Colour", first);
        row("Second colour", second);
        row("Cloud seed", number);
        explain("A different seed draws different clouds.");
    }

    @Override
    protected void take() {
        Colour colour = first.take();
        Backdrop backdrop =
                switch (kind.getValue()) {
                    case COLOUR -> new Backdrop.Plain(colour);
                    case GRADIENT -> new Backdrop.Gradient(colour, second.take());
                    case CLOUDS -> new Backdrop.Clouds(colour, number());
                };
        desk.document().apply(SettingsEdits.setBackdrop(shot.id(), backdrop));
        overlay.close();
    }

    private long number() {
        try {
            return Long.parseLong(number.getText().strip());
        } catch (NumberFormatException e) {
            return 1;
        }
    }
}
