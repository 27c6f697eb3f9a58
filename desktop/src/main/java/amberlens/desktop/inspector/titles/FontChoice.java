package amberlens.desktop.inspector.titles;

import amberlens.core.material.title.Typesetter;
import amberlens.desktop.kit.style.Hint;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;

/** The families to choose from: those that ship first, then those of this machine, which are looked for in the background. */
final class FontChoice extends ComboBox<String> {
    private boolean showing;

    FontChoice(Background background, Consumer<String> chosen) {
        setId("title-font");
        setMaxWidth(Double.MAX_VALUE);
        setPrefWidth(120);
        setVisibleRowCount(14);
        setAccessibleText("Font");
        Hint.of(this, "The font: those that come with Amber Lens first, then those of this machine");
        valueProperty().addListener((_, _, family) -> {
            if (!showing && family != null) {
                chosen.accept(family);
            }
        });
        background.start(Work.of(() -> Typesetter.get().families(), this::offer).forEveryProject());
    }

    private void offer(List<String> families) {
        String now = getValue();
        showing = true;
        getItems().setAll(families);
        setValue(now);
        showing = false;
    }

    /** Shows a family, also one that this machine lacks. */
    void show(String family) {
        showing = true;
        setValue(family);
        showing = false;
    }
}
