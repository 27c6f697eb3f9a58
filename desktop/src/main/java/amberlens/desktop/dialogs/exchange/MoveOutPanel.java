package amberlens.desktop.dialogs.exchange;

import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.DialogParts;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.TextSizes;
import amberlens.exchange.MoveFormat;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;

/** In which format the move of the selected shot is handed on. */
final class MoveOutPanel extends FormPanel {
    private static final double WORDS_WIDTH = 440;
    private static final double WORDS_LINES = 44;

    private final ComboBox<MoveFormat> format;
    private final Consumer<MoveFormat> chosen;
    private final Runnable close;

    MoveOutPanel(Runnable close, Consumer<MoveFormat> chosen) {
        super("Export move", "Choose the file…", close);
        this.close = close;
        this.chosen = chosen;
        format = Choices.of(List.of(MoveFormat.values()), MoveFormat::words, MoveFormat.CSS, "move-format");
        Label words = DialogParts.quiet(words(MoveFormat.CSS));
        words.setWrapText(true);
        words.setMinHeight(WORDS_LINES);
        TextSizes.maxWidth(words, WORDS_WIDTH);
        format.valueProperty().subscribe(value -> words.setText(words(value)));
        row("Format", format);
        explain("Exports where the picture is in every frame, rigs included, without looks, fades and opacity.");
        body(words);
    }

    private static String words(MoveFormat format) {
        return switch (format) {
            case CSS ->
                "A page that a browser plays. Eases stay eases; what CSS does not know is sampled to within 0.1 px.";
            case SVG ->
                "One animated SVG element of the frame's size. Pictures with pitch or yaw cannot be exported in this format.";
            case LOTTIE ->
                "For players in apps and pages. Footage and pictures with pitch or yaw cannot be exported in this format.";
            case CSV -> "Pose and map of every frame, for tables and programs. It can be imported again.";
            case FFMPEG -> "Filters that make the frames from the picture, without Amber Lens.";
            case OTIO -> "For editing programs. It can be imported again, with the move and its keys.";
        };
    }

    @Override
    protected void take() {
        close.run();
        chosen.accept(format.getValue());
    }
}
