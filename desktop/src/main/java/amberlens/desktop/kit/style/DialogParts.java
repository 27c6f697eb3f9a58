package amberlens.desktop.kit.style;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** What every dialog has: a title, quiet words, and at its foot a way out and the one main action. */
public final class DialogParts {
    private DialogParts() {}

    public static Label title(String words) {
        return styled(words, "dialog-title");
    }

    public static Label quiet(String words) {
        return styled(words, "quiet");
    }

    /** Quiet words that go on in a second line where one is too short. */
    public static Label sentence(String words) {
        Label sentence = quiet(words);
        sentence.setWrapText(true);
        sentence.setMinHeight(Region.USE_PREF_SIZE);
        return sentence;
    }

    /** A name among quiet words. */
    public static Label strong(String words) {
        return styled(words, "strong");
    }

    private static Label styled(String words, String style) {
        Label label = new Label(words);
        label.getStyleClass().add(style);
        return label;
    }

    /** What pushes apart what stands before and behind it. */
    public static Region gap() {
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        return gap;
    }
}
