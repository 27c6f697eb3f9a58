package amberlens.desktop.kit.style;

import java.util.List;
import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.util.StringConverter;

/** Boxes in which one of several values is chosen by its words. */
public final class Choices {
    private Choices() {}

    /**
     * @param id of the box, for tests and styles
     */
    public static <T> ComboBox<T> of(List<T> values, Function<T, String> words, T chosen, String id) {
        ComboBox<T> box = new ComboBox<>();
        box.getItems().setAll(values);
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T value) {
                return value == null ? "" : words.apply(value);
            }

            @Override
            public T fromString(String text) {
                throw new IllegalStateException("the choices cannot be typed");
            }
        });
        box.setValue(chosen);
        box.setId(id);
        box.setMaxWidth(Double.MAX_VALUE);
        return box;
    }
}
