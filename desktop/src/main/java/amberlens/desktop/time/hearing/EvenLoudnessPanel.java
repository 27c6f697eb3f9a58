package amberlens.desktop.time.hearing;

import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.EvenLoudness;
import amberlens.core.material.sound.Level;
import amberlens.core.material.sound.Loudness;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.hearing.Hearing.Wanted;
import amberlens.core.motion.curve.Channel;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.sounds.SoundStore;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;

/** Brings the selected clips to one loudness. They are measured in the background, once. */
final class EvenLoudnessPanel extends LivePanel {
    private static final double QUIETEST = -60;
    private static final double LOUDEST = 0;

    private final List<SoundClip> clips;
    private final Map<String, Loudness> measured = new LinkedHashMap<>();
    private final Label found = new Label("Measuring …");
    private double target = EvenLoudness.STREAMING;

    EvenLoudnessPanel(Desk desk, SoundStore store, Background background, Overlay overlay) {
        super("Match loudness", "Set", desk, overlay);
        clips = desk.cursor().selectedSounds();
        found.setId("even-found");
        found.setWrapText(true);
        found.setMinHeight(USE_PREF_SIZE);
        var number = number("even-target", "Loudness that the clips are brought to, in LUFS", target, this::aim);
        ComboBox<Double> usual = Choices.of(
                List.of(EvenLoudness.STREAMING, EvenLoudness.BROADCAST),
                value -> String.format(Locale.ROOT, "%.0f LUFS, ", value)
                        + (value == EvenLoudness.BROADCAST ? "broadcast" : "streaming"),
                target,
                "even-usual");
        usual.setOnAction(_ -> {
            aim(usual.getValue());
            number.show(target);
            refresh();
        });
        row("Usual", usual);
        row("Loudness, LUFS", number);
        row(clips.size() == 1 ? "Its level" : "Their levels", found);
        explain(
                "Each clip keeps its keys, as a whole louder or quieter. Peaks stay below −1 dBTP, which may hold one back.");
        measure(store, background);
    }

    private void aim(double lufs) {
        target = Math.clamp(lufs, QUIETEST, LOUDEST);
    }

    private void measure(SoundStore store, Background background) {
        FrameRate rate = desk.document().project().frame().rate();
        Map<String, Samples> sounds = new LinkedHashMap<>();
        for (SoundClip clip : clips) {
            Samples samples = store.of(Wanted.plain(clip.media()));
            if (samples != null) {
                sounds.put(clip.id(), samples);
            }
        }
        Work.Compute<Map<String, Loudness>> heard = () -> {
            Map<String, Loudness> answers = new LinkedHashMap<>();
            for (SoundClip clip : clips) {
                Samples samples = sounds.get(clip.id());
                if (samples != null) {
                    answers.put(clip.id(), EvenLoudness.played(samples, clip, rate));
                }
            }
            return answers;
        };
        background.start(Work.of(heard, this::arrived, found::setText).takesLong());
    }

    private void arrived(Map<String, Loudness> answers) {
        measured.putAll(answers);
        refresh();
    }

    @Override
    protected Optional<Edit> edit() {
        if (measured.isEmpty()) {
            return Optional.empty();
        }
        List<Edit> edits = new ArrayList<>();
        List<String> words = new ArrayList<>();
        for (SoundClip clip : clips) {
            Loudness one = measured.get(clip.id());
            if (one != null) {
                Channel<Double> level = EvenLoudness.level(clip.level(), one, target);
                edits.add(SoundEdits.setLevel(clip.id(), level));
                words.add(told(
                        level, one.integrated() + level.at(0) - clip.level().at(0)));
            }
        }
        found.setText(String.join("\n", words));
        return Optional.of(Edit.all("match loudness", edits));
    }

    private static String told(Channel<Double> level, double reached) {
        return String.format(Locale.ROOT, "%+.1f dB, then %.1f LUFS", Math.max(level.at(0), Level.SILENT), reached);
    }
}
