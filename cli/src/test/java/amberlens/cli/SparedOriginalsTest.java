package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** No command replaces what its output is made from, whatever that is called and even where overwriting is allowed. */
class SparedOriginalsTest extends CommandTrial {
    private static final String SPARED = "is a source of this project and is not overwritten";

    private Path sequenceProject() throws IOException {
        Files.createDirectories(folder.resolve("seq"));
        for (int number = 1; number <= 4; number++) {
            picture("seq/s-000" + number + ".png", 160, 90);
        }
        return Files.writeString(folder.resolve("film.amber"), """
                {"format": "amber-lens/project", "version": 1, "name": "film",
                 "frame": {"width": 160, "height": 90, "rate": "25/1", "background": "#C02020"},
                 "media": [{"id": "m1", "kind": "sequence", "path": "seq/s-0001.png", "width": 160, "height": 90, "rate": "25/1", "frames": 4}],
                 "shots": [{"id": "s1", "name": "Seq", "media": "m1", "track": 1, "start": 0, "length": 4, "fillsFrame": true,
                  "camera": {"scale": {"value": [120, 120]}, "position": {"value": [80, 45]}, "rotation": {"value": 0}, "anchor": {"value": [80, 45]}}}]}
                """);
    }

    @Test
    void aSequenceIsNotRenderedOverItself() throws IOException {
        sequenceProject();
        byte[] before = Files.readAllBytes(folder.resolve("seq/s-0003.png"));
        assertThat(run("render", "@film.amber", "-o", "@seq/s.png", "--overwrite"))
                .isEqualTo(1);
        assertThat(err).contains(SPARED);
        assertThat(run("frame", "@film.amber", "--at", "0", "-o", "@seq/s-0003.png", "--overwrite"))
                .isEqualTo(1);
        assertThat(err).contains(SPARED);
        assertThat(folder.resolve("seq/s-0003.png")).hasBinaryContent(before);
        assertThat(run("frame", "@film.amber", "--at", "0", "-o", "@seq/t-0003.png"))
                .isZero();
    }

    @Test
    void aLinkToAPieceIsThatPiece() throws IOException {
        sequenceProject();
        assertThat(run("render", "@film.amber", "-o", "@whole.mkv", "--part", "1/1"))
                .isZero();
        Path link = Files.createSymbolicLink(folder.resolve("link.mkv"), folder.resolve("whole.mkv"));
        byte[] before = Files.readAllBytes(link);
        assertThat(run("join", "@whole.mkv", "-o", "@link.mkv", "--overwrite")).isEqualTo(1);
        assertThat(err).contains(SPARED);
        assertThat(folder.resolve("whole.mkv")).hasBinaryContent(before);
    }

    @Test
    void aFilmOfAFolderReplacesItselfButNeitherItsPicturesNorAnotherFilm() throws IOException {
        Path pictures = Files.createDirectories(folder.resolve("bed"));
        picture("bed/a.png", 160, 90);
        picture("bed/b.png", 160, 90);
        String[] film = {"film", "@bed", "-o", "@bed/film.mp4", "--seconds", "0.4", "--frame", "160x90", "--overwrite"};
        assertThat(run(film)).isZero();
        assertThat(out).contains("2 shots");
        assertThat(run(film)).isZero();
        assertThat(out).as("its own earlier output is no shot").contains("2 shots");

        sequenceProject();
        assertThat(run("render", "@film.amber", "-o", "@bed/clip.mp4")).isZero();
        byte[] clip = Files.readAllBytes(pictures.resolve("clip.mp4"));
        assertThat(run("film", "@bed", "-o", "@bed/clip.mp4", "--frame", "160x90", "--overwrite"))
                .isEqualTo(1);
        assertThat(err).contains("is not a film made from it, so it is not overwritten");
        assertThat(pictures.resolve("clip.mp4")).hasBinaryContent(clip);

        byte[] picture = Files.readAllBytes(pictures.resolve("a.png"));
        assertThat(run("film", "@bed", "-o", "@out.mp4", "--project", "@bed/a.png", "--overwrite"))
                .isEqualTo(1);
        assertThat(err).contains("is not named like a project");
        assertThat(pictures.resolve("a.png")).hasBinaryContent(picture);
    }

    @Test
    void anotherProjectIsReplacedOnlyWhenThatIsAllowed() throws IOException {
        sequenceProject();
        Files.copy(folder.resolve("film.amber"), folder.resolve("other.amber"));
        byte[] other = Files.readAllBytes(folder.resolve("other.amber"));
        assertThat(run("seal", "@film.amber", "-o", "@other.amber")).isEqualTo(1);
        assertThat(err).contains("exists already");
        assertThat(run("reframe", "@film.amber", "--frame", "90x160", "-o", "@other.amber"))
                .isEqualTo(1);
        assertThat(folder.resolve("other.amber")).hasBinaryContent(other);
        assertThat(run("seal", "@film.amber", "-o", "@film.amber")).isZero();
        assertThat(run("seal", "@film.amber", "-o", "@other.amber", "--overwrite"))
                .isZero();
    }
}
