package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.FootageEdits;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.footage.Source;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Arithmetic;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;

/** Which part of its footage a shot shows, how fast, and how rates are converted. */
final class FootagePanel extends FormPanel {
    private final Desk desk;
    private final Overlay overlay;
    private final Shot shot;
    private final TextField in;
    private final TextField speed;
    private final ComboBox<Source.Conversion> conversion;
    private final CheckBox tied = new CheckBox("Keep the move with the footage when it is slipped or retimed");
    private final CheckBox whole = new CheckBox("Match the shot's length to the footage");

    FootagePanel(Desk desk, Overlay overlay, Shot shot) {
        super("Footage of \"" + shot.name() + "\"", "Set", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.shot = shot;
        Footage footage = desk.document().project().mediaOf(shot).footage().orElseThrow();
        in = field("footage-in", number(shot.source().in()));
        speed = field(
                "footage-speed",
                number(shot.camera().get(Properties.SPEED).at(desk.cursor().shotFrame())));
        conversion = Choices.of(
                List.of(Source.Conversion.values()),
                Source.Conversion::words,
                shot.source().conversion(),
                "footage-conversion");
        tied.setSelected(shot.source().tied());
        tied.setId("footage-tied");
        whole.setId("footage-whole");
        row("Begins at its frame", in);
        row("Speed, %", speed);
        row("Between frames", conversion);
        row("", tied);
        row("", whole);
        explain(String.format(
                Locale.ROOT,
                "%d frames at %s per second. 100 is its own speed, -100 runs it backwards, 0 freezes it. Key the speed in the Camera; it has its own lane in the Score.",
                footage.frames(),
                footage.rate()));
    }

    private static TextField field(String id, String text) {
        TextField field = new TextField(text);
        field.setId(id);
        return field;
    }

    private static String number(double value) {
        return value == Math.rint(value) ? String.format(Locale.ROOT, "%.0f", value) : String.valueOf(value);
    }

    @Override
    protected void take() {
        Footage footage = desk.document().project().mediaOf(shot).footage().orElseThrow();
        double place = Arithmetic.value(in.getText());
        if (!(place >= 0 && place <= footage.last())) {
            throw new IllegalArgumentException(
                    "The footage has the frames 0 to " + footage.last() + ", not " + place + ".");
        }
        double percent = Arithmetic.value(speed.getText());
        List<Edit> steps = new ArrayList<>();
        steps.add(FootageEdits.setTied(shot.id(), tied.isSelected()));
        steps.add(FootageEdits.setConversion(shot.id(), conversion.getValue()));
        steps.add(FootageEdits.setIn(shot.id(), place));
        steps.add(
                shot.camera().get(Properties.SPEED).animated()
                        ? CameraEdits.setValue(
                                "change speed",
                                shot,
                                Properties.SPEED,
                                desk.cursor().shotFrame(),
                                percent)
                        : FootageEdits.setSpeed(shot.id(), percent));
        if (whole.isSelected()) {
            steps.add(FootageEdits.fitLength(shot.id()));
        }
        desk.document().apply(Edit.all("change footage", steps));
        overlay.close();
    }
}
