package amberlens.desktop.time.beats;

import amberlens.core.edit.edits.BeatEdits;
import amberlens.core.edit.edits.BeatEdits.Cuts;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.time.hearing.LivePanel;
import amberlens.desktop.work.sounds.SoundStore;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;

/** Cuts the selected shots on beats; what comes of it is seen in the Line-up behind at once. */
final class CutPanel extends LivePanel {
    private static final List<Integer> USUAL = List.of(0, 1, 2, 3, 4, 6, 8, 12, 16);

    private final Set<String> shots;
    private final List<Integer> beats;
    private final ComboBox<Integer> every;
    private final CheckBox total = new CheckBox("The last shot ends where it does now");
    private final ComboBox<Timing> timing;
    private final Label found = new Label();

    CutPanel(Desk desk, SoundStore store, Overlay overlay, Set<String> shots) {
        super(
                shots.size() == 1 ? "Cut the selected shot on beats" : "Cut " + shots.size() + " shots on beats",
                "Cut",
                desk,
                overlay);
        this.shots = shots;
        Project project = desk.document().settled();
        beats = BeatActions.frames(desk, store);
        OptionalInt usual = BeatEdits.usualEvery(project, shots, beats);
        every = Choices.of(USUAL, CutPanel::words, 0, "cut-every");
        every.setOnAction(_ -> refresh());
        total.setId("cut-total");
        total.setOnAction(_ -> refresh());
        timing = Choices.of(
                List.of(Timing.values()),
                Timing::words,
                desk.preferences().lengthTiming().orElse(Timing.STRETCH),
                "cut-timing");
        timing.setOnAction(_ -> refresh());
        found.setId("cut-found");
        row("A cut", every);
        row("", total);
        row("and", timing);
        row("Beats", found);
        found.setText(beats.size() + " on the line-up"
                + (usual.isPresent() ? "; these shots last " + usual.getAsInt() + " of them each, about" : ""));
        explain("Each shot ends on a beat; the first keeps its start, and later shots of the track move along.");
    }

    private static String words(int every) {
        return switch (every) {
            case 0 -> "on the beat nearest to each";
            case 1 -> "on every beat";
            default -> "every " + every + " beats";
        };
    }

    @Override
    protected Optional<Edit> edit() {
        return Optional.of(
                BeatEdits.cut(shots, beats, new Cuts(every.getValue(), total.isSelected()), timing.getValue()));
    }
}
