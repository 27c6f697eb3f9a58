package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Sounds as the commands see them. */
class SoundCommandsTest extends CommandTrial {
    private static final int RATE = 44_100;

    /** Twelve seconds of clicks, 120 a minute, the first at half a second. */
    @BeforeEach
    void write() throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(2 * 12 * RATE).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < 12 * RATE; i++) {
            int since = i % (RATE / 2);
            double click = since < 800 && i >= RATE / 2 ? Math.exp(-since / 150.0) * Math.sin(since * 0.25) : 0;
            bytes.putShort((short) (25_000 * click));
        }
        AudioSystem.write(
                new AudioInputStream(
                        new ByteArrayInputStream(bytes.array()), new AudioFormat(RATE, 16, 1, true, false), 12L * RATE),
                AudioFileFormat.Type.WAVE,
                folder.resolve("tune.wav").toFile());
    }

    @Test
    void beats_are_printed_as_json_in_seconds() throws IOException {
        assertThat(run("info", "@tune.wav", "--beats", "--json")).as(err).isZero();
        JsonNode found = new ObjectMapper().readTree(out);
        assertThat(found.get("tempo").asDouble()).isCloseTo(120, within(0.3));
        assertThat(found.get("beats").size()).isBetween(20, 24);
        for (JsonNode beat : found.get("beats")) {
            double off = Math.abs(beat.asDouble() * 2 - Math.rint(beat.asDouble() * 2)) / 2;
            assertThat(off).isLessThan(0.02);
        }
    }

    @Test
    void a_sound_is_told_of_in_words() {
        assertThat(run("info", "@tune.wav", "--beats")).as(err).isZero();
        assertThat(out)
                .contains("44100 Hz")
                .contains("12.000 s")
                .contains("LUFS")
                .contains("at 120.0 a minute");
        assertThat(run("info", "@none.wav")).isEqualTo(1);
        assertThat(err).contains("none.wav");
    }

    /** A line-up of nothing but sounds has no picture, but can be heard. */
    @Test
    void sound_alone_is_rendered_at_a_loudness() throws IOException {
        Files.writeString(folder.resolve("heard.amber"), """
            { "format": "amber-lens/project", "version": 5, "name": "heard",
              "frame": { "width": 64, "height": 64, "rate": "25/1" }, "shots": [], "soundLevel": -20,
              "media": [ { "id": "a1", "kind": "sound", "path": "tune.wav" } ],
              "sounds": [ { "id": "c1", "media": "a1", "start": "0", "length": "12" } ] }
            """);
        assertThat(run("render", "@heard.amber", "-o", "@heard.wav", "--loudness", "-30"))
                .as(err)
                .isZero();
        assertThat(run("info", "@heard.wav")).as(err).isZero();
        assertThat(out).contains("48000 Hz", "12.000 s", "-30.0 LUFS");
        assertThat(run("render", "@heard.amber", "-o", "@heard.flac", "--loudness", "5"))
                .isEqualTo(2);
        assertThat(err).contains("--loudness takes");
        assertThat(run("render", "@heard.amber", "-o", "@heard.mp4")).isEqualTo(1);
        assertThat(err).contains("no shot");
    }

    @Test
    void a_film_is_rendered_with_its_sounds_and_says_which_are_missing() throws IOException {
        Files.writeString(folder.resolve("film.amber"), """
            { "format": "amber-lens/project", "version": 5, "name": "film",
              "frame": { "width": 64, "height": 64, "rate": "25/1" },
              "media": [ { "id": "t1", "kind": "title", "title": { "text": "pond", "size": 12 } },
                         { "id": "a1", "kind": "sound", "path": "tune.wav" },
                         { "id": "a2", "kind": "sound", "path": "gone.wav" } ],
              "shots": [ { "id": "s1", "media": "t1", "start": 0, "length": 50, "fillsFrame": false, "camera": {
                "scale": { "value": [100, 100] }, "position": { "value": [32, 32] }, "anchor": { "value": [10, 7] },
                "rotation": { "value": 0 } } } ],
              "sounds": [ { "id": "c1", "media": "a1", "start": "0", "length": "12" },
                          { "id": "c2", "media": "a2", "start": "0", "length": "1" } ] }
            """);
        assertThat(run("render", "@film.amber", "-o", "@film.mp4")).as(err).isZero();
        assertThat(err).contains("gone.wav");
        assertThat(run("info", "@film.mp4", "--json")).as(err).isZero();
        JsonNode sound = new ObjectMapper().readTree(out);
        assertThat(sound.get("codec").asText()).isEqualTo("aac");
        assertThat(sound.get("channels").asInt()).isEqualTo(2);
        assertThat(sound.get("seconds").asDouble()).isCloseTo(2, within(0.05));
        assertThat(run("check", "@film.amber")).isZero();
    }
}
