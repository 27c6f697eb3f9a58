package amberlens.desktop.style;

import javafx.geometry.Pos;
import javafx.scene.control.Button;
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

    /** Cancel, and the main action that Enter does. */
    public static HBox foot(String mainWords, Runnable main, Runnable cancel) {
        Button away = new Button("Cancel");
        away.getStyleClass().add("quiet-button");
        away.setOnAction(_ -> cancel.run());
        Button go = new Button(mainWords);
        go.getStyleClass().add("main-button");
        go.setDefaultButton(true);
        go.setOnAction(_ -> main.run());
        HBox foot = new HBox(8, away, go);
        foot.setAlignment(Pos.CENTER_RIGHT);
        return foot;
    }
}
