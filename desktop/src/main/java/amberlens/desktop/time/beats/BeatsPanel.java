package amberlens.desktop.time.beats;

import amberlens.core.base.words.Counted;
import amberlens.core.edit.edits.BeatEdits;
import amberlens.core.edit.edits.Edit;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.model.project.Media;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.NumberField;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.time.hearing.LivePanel;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** The beats of a sound, corrected: half or twice the tempo, all of them earlier or later, bars. Seen in the Line-up and the Score at once. */
final class BeatsPanel extends LivePanel {
    private final Media media;
    private final BeatGrid before;
    private final Label tempo = new Label();
    private final NumberField shift;
    private final NumberField perBar;
    private BeatGrid grid;
    private double shifted;

    /** @param playhead in seconds of the sound */
    BeatsPanel(Desk desk, Overlay overlay, Media media, BeatGrid beats, double playhead) {
        super("Beats of " + media.name(), "Set", desk, overlay);
        this.media = media;
        before = beats;
        grid = beats;
        tempo.setId("beats-tempo");
        shift = number("beats-shift", "Shift of all beats, in milliseconds", 0, this::shift);
        perBar = number("beats-bar", "Beats in a bar", beats.perBar(), this::bar);
        row("Tempo", tempo);
        row(
                "",
                new HBox(
                        6,
                        button("Half the tempo", "beats-half", BeatGrid::halved),
                        button("Twice the tempo", "beats-double", BeatGrid::doubled)));
        row("Offset, ms", shift);
        row("Beats in a bar", perBar);
        row("", button("A bar begins at the playhead", "beats-first", now -> now.withFirstAt(playhead - shifted)));
        explain("To tap the beats instead, play and press R on each; four taps are enough to begin with.");
    }

    private Button button(String words, String id, UnaryOperator<BeatGrid> change) {
        Button button = new Button(words);
        button.setId(id);
        button.getStyleClass().add("quiet-button");
        button.setOnAction(_ -> {
            grid = change.apply(grid);
            refresh();
        });
        return button;
    }

    private void shift(double millis) {
        shifted = Math.clamp(millis, -60_000, 60_000) / 1000;
    }

    private void bar(double beats) {
        grid = grid.withPerBar((int) Math.round(beats));
    }

    @Override
    protected Optional<Edit> edit() {
        BeatGrid now = shifted == 0 ? grid : grid.shifted(shifted);
        tempo.setText(String.format(
                Locale.ROOT,
                "%.1f a minute, %s",
                now.beats().tempo(),
                Counted.of(now.beats().times().size(), "beat")));
        return now.equals(before)
                ? Optional.of(Edit.of("beats", project -> project))
                : Optional.of(BeatEdits.set(media.id(), Optional.of(now)));
    }
}
