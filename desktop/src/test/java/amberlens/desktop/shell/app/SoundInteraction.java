package amberlens.desktop.shell.app;

import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Media;
import amberlens.desktop.desk.state.Selection;
import amberlens.media.film.SoundCodec;
import amberlens.media.film.SoundFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;

/** Three shots, and sounds for them: clicks at 125 beats a minute, and a tone that comes and goes like a voice. */
abstract class SoundInteraction extends ThreeShotsInteraction {
    static final double CLICKS_SECONDS = 12;

    /** Twelve frames from click to click. */
    static final double BEAT = 0.48;

    private static final String DEVICE = "amber.sound";

    Path heard = Path.of("");

    @BeforeEach
    void device() {
        heard = folder.resolve("heard-" + System.nanoTime() + ".wav");
        System.setProperty(DEVICE, "file:" + heard);
    }

    @AfterEach
    void noDevice() {
        System.setProperty(DEVICE, "none");
    }

    static Path clicks() throws Exception {
        return written("clicks.flac", CLICKS_SECONDS, time -> {
            double since = time % BEAT;
            return 0.7 * Math.exp(-since * 200) * Math.sin(2 * Math.PI * 1500 * since);
        });
    }

    /** Speaks from 1 to 2 s of three. */
    static Path voice() throws Exception {
        return written("voice.wav", 3, time -> time >= 1 && time < 2 ? 0.4 * Math.sin(2 * Math.PI * 220 * time) : 0);
    }

    static Path written(String name, double seconds, DoubleUnaryOperator wave) throws Exception {
        Path file = folder.resolve(name);
        if (!Files.exists(file)) {
            SoundFile.write(
                    file,
                    name.endsWith(".flac") ? SoundCodec.FLAC : SoundCodec.PCM,
                    (from, count, into) -> {
                        for (int i = 0; i < count; i++) {
                            float value = (float) wave.applyAsDouble((double) (from + i) / Samples.RATE);
                            into[2 * i] = value;
                            into[2 * i + 1] = value;
                        }
                    },
                    0,
                    Math.round(seconds * Samples.RATE),
                    _ -> true);
        }
        return file;
    }

    /** Brings files onto the Shelf and waits until they are heard. */
    void add(Path... paths) {
        files.pictures = List.of(paths);
        int before = project().media().size();
        onFx(() -> bench.actions().run("media.add"));
        waitUntil("the files", () -> project().media().size() == before + paths.length);
        waitUntil("the sounds", () -> !bench.services().sounds().isBusy());
    }

    Media media(String name) {
        return project().media().stream()
                .filter(media -> media.fileName().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** The clicks from the start, as clip c1. */
    void layClicks() throws Exception {
        add(clicks());
        seek(0);
        onFx(() -> bench.shelf().lay(List.of(media("clicks.flac"))));
        waitUntil("the clip", () -> project().sounds().size() == 1);
    }

    SoundClip clip(String id) {
        return project().sounds().stream()
                .filter(found -> found.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    void selectSounds(String... ids) {
        onFx(() -> bench.desk().cursor().select(new Selection.Sounds(Set.of(ids))));
    }

    /** Types a number into a field and shows what comes of it. */
    void enter(String query, String words) {
        onFx(() -> lookup(query).query().requestFocus());
        fill(query, words);
        type(KeyCode.ENTER);
    }

    void run(String action) {
        onFx(() -> bench.actions().run(action));
    }
}
