package amberlens.desktop.time.hearing;

import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.Ducking;
import amberlens.core.material.sound.Envelope;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.hearing.Hearing;
import amberlens.core.model.project.Project;
import amberlens.core.motion.curve.Channel;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Choices;
import amberlens.desktop.kit.style.Overlay;
import amberlens.desktop.work.background.Background;
import amberlens.desktop.work.background.Work;
import amberlens.desktop.work.sounds.SoundStore;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import org.jspecify.annotations.Nullable;

/** Lowers music while a voice speaks: the result is seen on the waves behind at once, and is left as plain keys. */
final class DuckPanel extends LivePanel {
    private final SoundStore store;
    private final Background background;
    private final ComboBox<Integer> music;
    private final ComboBox<Integer> voice;
    private final Label found = new Label("Listening to the voice …");
    private Ducking ducking = Ducking.USUAL;
    private @Nullable Envelope envelope;

    DuckPanel(Desk desk, SoundStore store, Background background, Overlay overlay) {
        super("Lower music under a voice", "Lower it", desk, overlay);
        this.store = store;
        this.background = background;
        List<Integer> tracks =
                IntStream.rangeClosed(1, SoundEdits.tracks(project())).boxed().toList();
        int first = musicTrack();
        music = Choices.of(tracks, this::words, first, "duck-music");
        voice = Choices.of(tracks, this::words, voiceTrack(first), "duck-voice");
        music.setOnAction(_ -> refresh());
        voice.setOnAction(_ -> listen());
        found.setId("duck-found");
        row("Music", music);
        row("Voice", voice);
        row(
                "Threshold, dB",
                number(
                        "duck-threshold",
                        "Level above which the voice counts as speaking, in dB",
                        ducking.threshold(),
                        value -> ducking = new Ducking(value, ducking.depth(), ducking.attack(), ducking.release())));
        row(
                "Lower by, dB",
                number(
                        "duck-depth",
                        "By how many dB the music is lowered",
                        ducking.depth(),
                        value -> ducking =
                                new Ducking(ducking.threshold(), value, ducking.attack(), ducking.release())));
        row(
                "Fade down, s",
                number(
                        "duck-attack",
                        "Seconds the music takes to fade down before the voice",
                        ducking.attack(),
                        value ->
                                ducking = new Ducking(ducking.threshold(), ducking.depth(), value, ducking.release())));
        row(
                "Fade up, s",
                number(
                        "duck-release",
                        "Seconds the music takes to fade up after the voice",
                        ducking.release(),
                        value -> ducking = new Ducking(ducking.threshold(), ducking.depth(), ducking.attack(), value)));
        row("Found", found);
        explain("This adds keys to the music's level, which you can edit like any others.");
        listen();
    }

    private Project project() {
        return desk.document().settled();
    }

    /** The track of the selected clip, or that which is heard longest. */
    private int musicTrack() {
        return desk.cursor().selectedSounds().stream()
                .findFirst()
                .or(() -> project().sounds().stream().max(Comparator.comparing(SoundClip::length)))
                .map(SoundClip::track)
                .orElse(1);
    }

    private int voiceTrack(int other) {
        return IntStream.rangeClosed(1, SoundEdits.tracks(project()))
                .filter(track -> track != other)
                .findFirst()
                .orElse(other);
    }

    private String words(int track) {
        List<String> names = onTrack(track).stream()
                .map(clip -> project().media(clip.media()).orElseThrow().name())
                .distinct()
                .toList();
        return "Track " + track + (names.isEmpty() ? "" : ": " + String.join(", ", names));
    }

    private List<SoundClip> onTrack(int track) {
        return project().sounds().stream()
                .filter(clip -> clip.track() == track && !clip.mute())
                .toList();
    }

    /** Listens to the voice once, in the background; how it is lowered is worked out at once then. */
    private void listen() {
        envelope = null;
        Project project = project();
        Set<SoundClip> spoken = Set.copyOf(onTrack(voice.getValue()));
        var mix = Hearing.mix(project, store, spoken::contains, _ -> false);
        double end = project.sounds().stream()
                .mapToDouble(clip -> clip.end().value())
                .max()
                .orElse(0);
        int track = voice.getValue();
        background.start(Work.of(
                () -> Envelope.of(mix, 0, end, _ -> true),
                heard -> {
                    if (voice.getValue() == track) {
                        envelope = heard;
                        refresh();
                    }
                },
                found::setText));
    }

    @Override
    protected Optional<Edit> edit() {
        Envelope heard = envelope;
        if (heard == null) {
            return Optional.empty();
        }
        if (music.getValue().equals(voice.getValue())) {
            throw new IllegalArgumentException("Music and voice must be on different tracks.");
        }
        var rate = project().frame().rate();
        List<Edit> edits = onTrack(music.getValue()).stream()
                .map(clip -> {
                    Channel<Double> level = ducking.level(clip, heard, rate);
                    return SoundEdits.setLevel(clip.id(), level);
                })
                .toList();
        int times = ducking.spoken(heard).size();
        found.setText(
                times == 0
                        ? "The voice never exceeds this threshold."
                        : times == 1 ? "The voice speaks once." : "The voice speaks " + times + " times.");
        return Optional.of(Edit.all("lower under voice", edits));
    }
}
