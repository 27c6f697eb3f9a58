package amberlens.desktop.time.hearing;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.base.time.Timecode;
import amberlens.core.edit.edits.Edit;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.Level;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Arithmetic;
import amberlens.desktop.kit.style.FormPanel;
import amberlens.desktop.kit.style.Overlay;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.TextField;

/** The numbers of a clip: its level, as a whole or of selected keys, its fades, and where it begins. */
final class LevelPanel extends FormPanel {
    private static final double LONGEST_FADE = 3600;

    private final Desk desk;
    private final Overlay overlay;
    private final SoundClip clip;
    private final Set<Integer> keys;
    private final TextField level;
    private final TextField enter;
    private final TextField leave;
    private final TextField start;

    LevelPanel(Desk desk, Overlay overlay, SoundClip clip) {
        super("Level, fades and position of a sound", "Set", overlay::close);
        this.desk = desk;
        this.overlay = overlay;
        this.clip = clip;
        keys = desk.cursor().selection().part() instanceof Selection.LevelKeys selected
                        && selected.clip().equals(clip.id())
                ? selected.frames()
                : Set.of();
        level = field("sound-level", decibels(shown()));
        enter = field("sound-enter", number(clip.enter().value()));
        leave = field("sound-leave", number(clip.leave().value()));
        start = field("sound-start", Timecode.brief(startFrame(), rate()));
        row(words(), level);
        row("Fades in over, s", enter);
        row("Fades out over, s", leave);
        row("Begins at", start);
        explain("0 dB is the level of the file, +12 dB the maximum, −96 dB and below silence.");
    }

    private String words() {
        if (!keys.isEmpty()) {
            return keys.size() == 1 ? "Level of the key, dB" : "Level of " + keys.size() + " keys, dB";
        }
        return clip.level().animated() ? "Loudest key, dB" : "Level, dB";
    }

    /** What a new level is compared with: of keys the loudest. */
    private double shown() {
        return clip.level().keys().stream()
                .filter(key -> keys.isEmpty() || keys.contains(key.at()))
                .mapToDouble(Key::value)
                .max()
                .orElse(clip.level().constant());
    }

    private FrameRate rate() {
        return desk.document().project().frame().rate();
    }

    private int startFrame() {
        return (int) Math.round(clip.start().frames(rate()));
    }

    private static TextField field(String id, String text) {
        var field = new TextField(text);
        field.setId(id);
        field.setPrefColumnCount(9);
        return field;
    }

    private static String decibels(double level) {
        return level <= Level.SILENT ? "silent" : number(level);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value).replaceAll("\\.?0+$", "");
    }

    @Override
    protected void take() {
        double wanted = level.getText().strip().equalsIgnoreCase("silent")
                ? Level.SILENT
                : Arithmetic.value(level.getText().replace('−', '-'));
        Level.PROPERTY.refusal(wanted).ifPresent(why -> {
            throw new IllegalArgumentException(why);
        });
        int frame = Timecode.parse(start.getText(), rate());
        Seconds by = frame == startFrame()
                ? Seconds.ZERO
                : Seconds.ofFrames(frame, rate()).minus(clip.start());
        desk.document()
                .apply(Edit.all(
                        "change sound",
                        List.of(
                                SoundEdits.setLevel(clip.id(), changed(wanted)),
                                SoundEdits.setFades(clip.id(), fade(enter), fade(leave)),
                                SoundEdits.move(Set.of(clip.id()), by, 0))));
        overlay.close();
    }

    /** Selected keys get the level; without a selection all keys go along with the loudest. */
    private Channel<Double> changed(double wanted) {
        double by = wanted - shown();
        if (keys.isEmpty()) {
            return clip.level().mapValues(value -> Math.clamp(value + by, Level.LEAST, Level.MOST));
        }
        return clip.level().mapKeys(key -> keys.contains(key.at()) ? key.withValue(wanted) : key);
    }

    private static Seconds fade(TextField field) {
        double seconds = Arithmetic.value(field.getText());
        if (!(seconds >= 0 && seconds <= LONGEST_FADE)) {
            throw new IllegalArgumentException("A fade lasts 0 to 3600 seconds.");
        }
        return new Seconds(Math.round(seconds * 1000), 1000);
    }

    /** The panel for the first of the selected clips. */
    static Optional<LevelPanel> of(Desk desk, Overlay overlay) {
        return desk.cursor().selectedSounds().stream().findFirst().map(clip -> new LevelPanel(desk, overlay, clip));
    }
}
