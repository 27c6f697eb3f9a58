package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.material.sound.Samples;
import amberlens.media.sound.DecodedSound;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** What is heard, on a device that only writes it down. */
class ListeningTest extends SoundInteraction {
    /** Only what is played, without grains before it. */
    private void silentWhileSeeking() {
        onFx(() -> bench.desk().prefer(to -> to.setSoundsWhileScrubbing(false)));
    }

    private float[] heard() throws Exception {
        onFx(() -> bench.listening().close());
        try (DecodedSound sound = DecodedSound.of(heard, () -> true)) {
            float[] pairs = new float[(int) (2 * sound.length())];
            sound.read(0, (int) sound.length(), pairs, 0);
            return pairs;
        }
    }

    /** The seconds at which clicks begin. */
    private static List<Double> clicks(float[] pairs) {
        List<Double> found = new ArrayList<>();
        for (int i = 0; i < pairs.length / 2; i++) {
            double time = (double) i / Samples.RATE;
            if (Math.abs(pairs[2 * i]) > 0.2 && (found.isEmpty() || time - found.getLast() > 0.1)) {
                found.add(time);
            }
        }
        return found;
    }

    @Test
    void playing_sounds_from_the_playhead_on_and_the_picture_follows_it() throws Exception {
        silentWhileSeeking();
        layClicks();
        seek(30);
        run("play.toggle");
        waitUntil("three seconds", () -> bench.desk().cursor().playhead() >= 105);
        // Between two clicks there may be 0.4 s of silence, which is what the meter looks back over.
        waitUntil("a click on the meter", () -> bench.listening().levels().momentary() > -60);
        run("play.toggle");
        int stopped = bench.desk().cursor().playhead();
        float[] pairs = heard();
        assertThat(pairs.length / 2.0 / Samples.RATE).isCloseTo((stopped - 30) / 25.0, within(0.25));
        List<Double> clicks = clicks(pairs);
        int passed = (int) Math.round((pairs.length / 2.0 / Samples.RATE - 0.24) / BEAT);
        assertThat(clicks.size()).isBetween(passed - 1, passed + 1).isGreaterThan(4);
        // from 1.2 s on, the first click is that at 1.44 s
        for (int i = 0; i < clicks.size(); i++) {
            assertThat(clicks.get(i)).isCloseTo(0.24 + BEAT * i, within(0.004));
        }
    }

    @Test
    void a_change_while_playing_is_heard_at_once() throws Exception {
        silentWhileSeeking();
        layClicks();
        seek(0);
        run("play.toggle");
        waitUntil("a second", () -> bench.desk().cursor().playhead() >= 25);
        selectSounds("c1");
        run("sound.mute");
        waitUntil("two seconds", () -> bench.desk().cursor().playhead() >= 60);
        run("play.toggle");
        List<Double> clicks = clicks(heard());
        assertThat(clicks).hasSizeBetween(2, 4);
        assertThat(clicks.getLast()).isLessThan(2);
    }

    @Test
    void looking_for_a_place_sounds_it_in_a_grain() throws Exception {
        layClicks();
        seek(47);
        waitUntil("the grain", () -> Files.exists(heard.resolveSibling(heard.getFileName() + ".raw")));
        float[] pairs = heard(); // which lets the grain sound to its end
        assertThat(pairs.length / 2.0 / Samples.RATE).isBetween(0.05, 0.2);
        double loudest = 0;
        for (float sample : pairs) {
            loudest = Math.max(loudest, Math.abs(sample));
        }
        assertThat(loudest).isPositive();
    }

    @Test
    void without_a_device_everything_works_in_silence_and_that_is_said_once() throws Exception {
        System.setProperty("amber.sound", "file:" + folder.resolve("no/such/place.wav"));
        layClicks();
        seek(0);
        run("play.toggle");
        waitUntil("the message", () -> bench.desk().message().startsWith("No sound"));
        waitUntil("a second", () -> bench.desk().cursor().playhead() >= 25);
        run("play.toggle");
        onFx(() -> bench.desk().say(""));
        run("play.toggle");
        waitUntil("another", () -> bench.desk().cursor().playhead() >= 50);
        assertThat(bench.desk().message()).isEmpty();
        type(KeyCode.SPACE);
    }

    @Test
    void a_sound_that_vanishes_is_silent_and_playing_goes_on() throws Exception {
        Path doomed = written("doomed.wav", 6, time -> 0.3 * Math.sin(2 * Math.PI * 300 * time));
        add(doomed);
        seek(0);
        onFx(() -> bench.shelf().lay(List.of(media("doomed.wav"))));
        waitUntil("the clip", () -> project().sounds().size() == 1);
        run("play.toggle");
        waitUntil("half a second", () -> bench.desk().cursor().playhead() >= 12);
        Files.delete(doomed);
        onFx(() -> bench.services().sounds().forget(doomed));
        onFx(() -> bench.services().sounds().follow(project()));
        waitUntil("a second", () -> bench.desk().cursor().playhead() >= 40);
        waitUntil(
                "its problem",
                () -> !bench.services().sounds().problems(project()).isEmpty());
        run("play.toggle");
        assertThat(bench.services().sounds().problems(project()).getFirst()).contains("doomed.wav");
    }
}
