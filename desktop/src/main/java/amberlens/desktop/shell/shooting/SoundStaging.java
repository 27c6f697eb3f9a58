package amberlens.desktop.shell.shooting;

import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Project;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.desktop.desk.state.Preferences;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.shell.app.Bench;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.ComboBox;

/** Brings the bench into the states that show sounds; they are ready by then. */
final class SoundStaging {
    /** How many times as high as usual the rows of the Line-up are. */
    private static final double HIGH_ROWS = 1.7;

    private static final int SHOTS = 4;

    /** The place of "every 8 beats" among the choices. */
    private static final int EIGHTH = 6;

    private SoundStaging() {}

    static void prepare(Preferences preferences) {
        preferences.setSeam("line-up", HIGH_ROWS);
    }

    static void set(Bench bench, View view) {
        Optional<SoundClip> music =
                bench.desk().document().project().sounds().stream().max(Comparator.comparing(SoundClip::length));
        switch (view) {
            case BEATS -> {
                var shots = new LinkedHashSet<>(bench.desk().document().project().shots().stream()
                        .limit(SHOTS)
                        .map(shot -> shot.id())
                        .toList());
                bench.desk().cursor().select(bench.desk().cursor().selection().withOthers(shots));
                bench.actions().run("beats.cut");
                if (bench.scene().lookup("#cut-every") instanceof ComboBox<?> every) {
                    every.getSelectionModel().select(EIGHTH);
                }
            }
            case DUCKING ->
                music.ifPresent(clip -> {
                    Project project = bench.desk().document().project();
                    Channel<Double> plain = Channel.constant(ValueKinds.NUMBER, 0.0);
                    bench.desk().document().apply(SoundEdits.setLevel(clip.id(), plain));
                    bench.desk().cursor().select(new Selection.Sounds(Set.of(clip.id())));
                    if (SoundEdits.tracks(project) > 1) {
                        bench.actions().run("sound.duck");
                    }
                });
            default -> music.ifPresent(clip -> select(bench, clip));
        }
    }

    private static void select(Bench bench, SoundClip clip) {
        Selection.Part part = clip.level().animated()
                ? new Selection.LevelKeys(
                        clip.id(), Set.of(clip.level().keys().getFirst().at()))
                : new Selection.Sounds(Set.of(clip.id()));
        bench.desk().cursor().select(part);
    }
}
