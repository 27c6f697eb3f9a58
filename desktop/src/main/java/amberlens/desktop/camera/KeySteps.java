package amberlens.desktop.camera;

import amberlens.core.motion.Key;
import amberlens.core.motion.Property;
import amberlens.desktop.desk.Desk;
import amberlens.desktop.style.Icons;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import org.kordamp.ikonli.feather.Feather;

/** Two buttons that go to the previous and the next key of a property. */
final class KeySteps extends HBox {
    private final Desk desk;
    private final Property<?> property;
    private final Button previous = Icons.button(Feather.CHEVRON_LEFT, "");
    private final Button next = Icons.button(Feather.CHEVRON_RIGHT, "");

    KeySteps(Desk desk, Property<?> property) {
        this.desk = desk;
        this.property = property;
        String word = property.lowerWord();
        Icons.name(previous, "Previous key of " + word);
        Icons.name(next, "Next key of " + word);
        previous.setOnAction(_ -> beside(-1).ifPresent(desk.cursor()::seekInShot));
        next.setOnAction(_ -> beside(1).ifPresent(desk.cursor()::seekInShot));
        getChildren().addAll(previous, next);
    }

    void refresh() {
        previous.setDisable(beside(-1).isEmpty());
        next.setDisable(beside(1).isEmpty());
    }

    private Optional<Integer> beside(int direction) {
        List<Integer> frames = desk.cursor().selectedShot().stream()
                .flatMap(shot -> shot.camera().get(property).keys().stream())
                .map(Key::at)
                .toList();
        int now = desk.cursor().shotFrame();
        return direction < 0
                ? frames.stream().filter(at -> at < now).reduce((_, later) -> later)
                : frames.stream().filter(at -> at > now).findFirst();
    }
}
