package amberlens.desktop.shot;

import amberlens.core.colour.Colour;
import amberlens.core.edit.SettingsEdits;
import amberlens.core.layering.Backdrop;
import amberlens.core.model.Shot;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.style.Choices;
import amberlens.desktop.style.FormPanel;
import amberlens.desktop.style.Overlay;
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

    private final Desk desk;
    private final Overlay overlay;
    private final Shot shot;
    private final ComboBox<Kind> kind;
    private final TextField first = new TextField();
    private final TextField second = new TextField();

    BackdropPanel(Desk desk, Overlay overlay, Shot shot) {
        super("Behind " + shot.name(), "Put it there", overlay::close);
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
        kind.setOnAction(_ -> second.setDisable(kind.getValue() == Kind.COLOUR));
        first.setId("backdrop-colour");
        second.setId("backdrop-second");
        first.setText(
                switch (now) {
                    case Backdrop.Plain plain -> plain.colour().toString();
                    case Backdrop.Gradient gradient -> gradient.top().toString();
                    case Backdrop.Clouds clouds -> clouds.colour().toString();
                    default -> "#000000";
                });
        second.setText(
                switch (now) {
                    case Backdrop.Gradient gradient -> gradient.bottom().toString();
                    case Backdrop.Clouds clouds -> String.valueOf(clouds.seed());
                    default -> "#2B2620";
                });
        second.setDisable(kind.getValue() == Kind.COLOUR);
        row("What", kind);
        row("Colour", first);
        row("Second colour, or number of the clouds", second);
        explain("Colours are written like #1A2B3C. Another number draws other clouds.");
    }

    @Override
    protected void take() {
        Colour colour = Colour.parse(first.getText().strip());
        Backdrop backdrop =
                switch (kind.getValue()) {
                    case COLOUR -> new Backdrop.Plain(colour);
                    case GRADIENT ->
                        new Backdrop.Gradient(
                                colour, Colour.parse(second.getText().strip()));
                    case CLOUDS -> new Backdrop.Clouds(colour, number());
                };
        desk.document().apply(SettingsEdits.setBackdrop(shot.id(), backdrop));
        overlay.close();
    }

    private long number() {
        try {
            return Long.parseLong(second.getText().strip());
        } catch (NumberFormatException e) {
            return 1;
        }
    }
}
