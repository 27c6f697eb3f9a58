package amberlens.desktop.time.lineup;

import amberlens.core.base.time.Timecode;
import amberlens.core.edit.edits.BeatEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.Set;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;

/** The lengths of several shots at once: one for each, a total for all, or up to the beats of the line-up. */
final class LengthsPanel extends FormPanel {
    /** What the lengths go by. */
    private enum By {
        EACH("each exactly"),
        TOTAL("in total"),
        BEATS("each to the nearest beat");

        private final String words;

        By(String words) {
            this.words = words;
        }
    }

    private final Desk desk;
    private final Overlay overlay;
    private final Set<String> shots;
    private final ComboBox<By> by;
    private final TextField time = new TextField();
    private final ComboBox<Timing> timing;

    LengthsPanel(Desk desk, Overlay overlay, Set<String> shots) {
        super(
                shots.size() == 1 ? "Length of the selected shot" : "Lengths of " + shots.size() + " shots",
                "Set",
                overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.shots = shots;
        by = Choices.of(List.of(By.values()), choice -> choice.words, By.EACH, "lengths-by");
        by.setOnAction(_ -> propose());
        time.setId("lengths-time");
        timing = Choices.of(
                List.of(Timing.values()),
                Timing::words,
                desk.preferences().lengthTiming().orElse(Timing.STRETCH),
                "lengths-timing");
        row("Apply", by);
        row("Time", time);
        row("and", timing);
        explain("Beats are the markers of the line-up. Later shots of the track move along.");
        propose();
    }

    private void propose() {
        List<Shot> chosen = desk.document().project().shots().stream()
                .filter(shot -> shots.contains(shot.id()))
                .toList();
        int whole = chosen.stream().mapToInt(Shot::length).sum();
        int frames = by.getValue() == By.TOTAL ? whole : whole / Math.max(1, chosen.size());
        time.setText(Timecode.brief(frames, desk.document().project().frame().rate()));
        time.setDisable(by.getValue() == By.BEATS);
    }

    @Override
    protected void take() {
        desk.document().apply(edit());
        overlay.close();
    }

    private Edit edit() {
        if (by.getValue() == By.BEATS) {
            List<Integer> beats =
                    desk.document().project().markers().stream().map(Marker::at).toList();
            if (beats.isEmpty()) {
                throw new IllegalArgumentException(
                        "The line-up has no markers yet; set some with Shift+M while playing.");
            }
            return BeatEdits.cut(shots, beats, BeatEdits.Cuts.NEAREST, timing.getValue());
        }
        int frames =
                Timecode.parse(time.getText(), desk.document().project().frame().rate());
        int least = by.getValue() == By.TOTAL ? shots.size() : 1;
        if (frames < least || frames > Shot.LONGEST) {
            throw new IllegalArgumentException("A time of " + least + " to " + Shot.LONGEST + " frames is expected.");
        }
        return by.getValue() == By.TOTAL
                ? LineUpEdits.fitTotal(shots, frames, timing.getValue())
                : LineUpEdits.setLengths(shots, frames, timing.getValue());
    }
}
