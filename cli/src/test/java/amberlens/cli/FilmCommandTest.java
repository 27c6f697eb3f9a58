package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

class FilmCommandTest extends CommandTrial {
    @Test
    void a_folder_becomes_a_film_and_a_project_that_is_sealed() throws IOException {
        Files.createDirectory(folder.resolve("beds"));
        picture("beds/bed 1.png", 400, 300);
        picture("beds/bed 2.png", 300, 500);
        Files.writeString(folder.resolve("beds/bed 1.txt"), "Fern round");
        Files.writeString(folder.resolve("beds/notes.heic"), "no picture");
        int code = run(
                "film",
                "@beds",
                "-o",
                "@beds.mp4",
                "--frame",
                "160x90",
                "--seconds",
                "0.4",
                "--project",
                "@beds.amber");
        assertThat(code).as(err).isZero();
        assertThat(out).contains("beds.mp4: 3 shots, 0.8 s");
        assertThat(err).contains("left out: ").contains("notes.heic");
        assertThat(run("info", "@beds.mp4")).as(err).isZero();
        assertThat(out).contains("160 × 90").contains("20");
        assertThat(run("check", "@beds.amber")).as(err).isZero();
        assertThat(run("film", "@beds", "-o", "@beds.mp4")).isEqualTo(1);
        assertThat(err).contains("exists already");
    }

    @Test
    void what_cannot_be_is_said() throws IOException {
        Files.createDirectory(folder.resolve("empty"));
        assertThat(run("film", "@empty", "-o", "@a.mp4")).isEqualTo(1);
        assertThat(err).contains("holds no picture or film");
        assertThat(run("film", "@gone", "-o", "@a.mp4")).isEqualTo(1);
        assertThat(run("film", "@empty", "-o", "@a.wav")).isEqualTo(2);
        assertThat(run("film", "@empty", "-o", "@a.mp4", "--seconds", "0")).isEqualTo(2);
        assertThat(run("film", "@empty", "-o", "@a.mp4", "--rate", "fast")).isEqualTo(2);
    }
}
