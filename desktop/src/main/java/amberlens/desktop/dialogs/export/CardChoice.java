package amberlens.desktop.dialogs.export;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.media.export.CardEncoders;
import amberlens.media.film.FilmCodec;
import java.util.Optional;
import javafx.scene.control.CheckBox;
import org.jspecify.annotations.Nullable;

/** Whether a graphics card makes the film; offered where one made ten frames of this size just now. */
final class CardChoice extends CheckBox {
    private final Background background;
    private final CardEncoders cards;
    private @Nullable Work<?> trying;
    private boolean wanted;

    CardChoice(Background background, CardEncoders cards) {
        super("Fast, by the graphics card");
        this.background = background;
        this.cards = cards;
        setId("export-fast");
        setVisible(false);
        managedProperty().bind(visibleProperty());
        setOnAction(_ -> wanted = isSelected());
    }

    /** Offers it, or not, for films like this; a while later. */
    void offer(Optional<FilmCodec> codec, Size size, FrameRate rate) {
        if (trying != null) {
            trying.cancel();
        }
        setVisible(false);
        setSelected(false);
        if (codec.isEmpty() || !cards.mayBe(codec.get())) {
            return;
        }
        FilmCodec asked = codec.get();
        trying = background.start(Work.of(() -> cards.choose(asked, size, rate), choice -> found(asked, choice))
                .takesLong());
    }

    private void found(FilmCodec codec, CardEncoders.Choice choice) {
        boolean works = choice.encoder().isPresent();
        setVisible(works);
        setDisable(!codec.isMadeHere());
        setSelected(works && (wanted || !codec.isMadeHere()));
        Hint.of(this, choice.words());
    }

    /** Chosen as soon as it is offered. */
    void want(boolean fast) {
        wanted = fast;
        setSelected(fast && isVisible());
    }

    /** Whether a graphics card may make it. */
    boolean isFast() {
        return isVisible() && isSelected();
    }
}
