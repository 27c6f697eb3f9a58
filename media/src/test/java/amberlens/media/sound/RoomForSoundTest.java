package amberlens.media.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.FileProblem;
import amberlens.files.ScratchRoom;
import amberlens.media.film.SoundCodec;
import amberlens.media.film.SoundFile;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** Where decoded sound is kept, and how much of the disk it leaves. */
class RoomForSoundTest {
    @TempDir
    private Path folder;

    private Path tone = Path.of("");
    private Path cache = Path.of("");

    @BeforeEach
    void aSecondOfTone() throws Exception {
        tone = folder.resolve("tone.wav");
        cache = folder.resolve("cache").resolve("deep");
        SoundFile.write(
                tone,
                SoundCodec.PCM,
                (from, count, into) -> Arrays.fill(into, 0, 2 * count, 0.5f),
                0,
                Samples.RATE,
                _ -> true);
    }

    @Test
    @DisabledOnOs(value = OS.WINDOWS, disabledReason = "there files are removed when they are closed")
    void it_is_read_from_a_file_that_goes_whatever_ends_the_program() throws Exception {
        try (var sound = DecodedSound.of(tone, 1, new ScratchRoom(cache, 0), () -> true)) {
            assertThat(cache).isEmptyDirectory();
            float[] last = new float[2];
            sound.read(Samples.RATE - 1, 1, last, 0);
            assertThat(last).containsOnly(0.5f);
        }
    }

    @Test
    void a_disk_that_would_be_too_full_is_left_alone_and_said_so() throws Exception {
        long all = folder.toFile().getTotalSpace();
        assertThatThrownBy(() -> DecodedSound.of(tone, 1, new ScratchRoom(cache, all), () -> true))
                .isInstanceOf(FileProblem.class)
                .hasMessageContainingAll("no room for the sound", cache.toString(), "would stay free");
        assertThat(cache).isEmptyDirectory();
    }
}
