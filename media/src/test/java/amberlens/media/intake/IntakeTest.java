package amberlens.media.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.media.footage.NumberedFilm;
import amberlens.media.footage.NumberedPictures;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.bytedeco.ffmpeg.global.avcodec;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class IntakeTest {
    @TempDir
    private Path folder;

    private Path picture(String name, int shade) throws IOException {
        var image = new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB);
        image.setRGB(shade % 40, 5, 0xFFFFFF);
        Path file = folder.resolve(name);
        Files.createDirectories(file.getParent());
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    @Test
    void pictures_and_films_are_told_apart_by_what_they_hold() throws Exception {
        Media photo = MediaProbe.file(picture("bed.png", 1)).media();
        assertThat(photo.kind()).isEqualTo(Media.Kind.PHOTO);
        assertThat(photo.size()).isEqualTo(new Size(40, 30));
        Path film = NumberedFilm.write(folder.resolve("pond.mkv"), avcodec.AV_CODEC_ID_FFV1, 25, 12, 6);
        Path disguised = Files.copy(film, folder.resolve("pond.dat"));
        Media found = MediaProbe.file(disguised).media();
        assertThat(found.kind()).isEqualTo(Media.Kind.FILM);
        assertThat(found.footage().orElseThrow().frames()).isEqualTo(12);
        Path text = Files.writeString(folder.resolve("notes.txt"), "nothing to see");
        assertThatThrownBy(() -> MediaProbe.file(text))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("notes.txt");
    }

    @Test
    void numbered_pictures_are_a_sequence_and_its_gaps_are_named() throws Exception {
        List<Path> files = new ArrayList<>();
        for (int number : new int[] {8, 9, 10, 12, 15}) {
            files.add(picture(String.format("pond-%04d.png", number), number));
        }
        files.add(picture("other.png", 3));
        picture("pond-12.txt.png", 4);
        assertThat(NumberedPictures.grouped(files)).hasSize(2).anyMatch(group -> group.size() == 5);
        MediaProbe.Found found = MediaProbe.sequence(files.subList(0, 5), FrameRate.of(25));
        assertThat(found.media().footage().orElseThrow().frames()).isEqualTo(8);
        assertThat(found.remark().orElseThrow()).contains("3 are missing").contains("11, 13 – 14");
        NumberedPictures numbered = NumberedPictures.from(files.getFirst());
        assertThat(numbered.file(3)).isEqualTo(files.get(2));
        assertThat(numbered.file(4)).isEqualTo(files.get(3));
        assertThat(numbered.file(99)).isEqualTo(files.get(4));
    }

    @Test
    void missing_pictures_are_found_by_fingerprint_then_name_all_in_one_go() throws Exception {
        Media moved = MediaProbe.file(picture("a/plan.png", 1)).media().withId("m1");
        Media renamed = MediaProbe.file(picture("a/bed.png", 2)).media().withId("m2");
        Media changed = MediaProbe.file(picture("a/gate.png", 3)).media().withId("m3");
        Media there = MediaProbe.file(picture("here.png", 4)).media().withId("m4");
        Media gone = MediaProbe.file(picture("a/gone.png", 5)).media().withId("m5");
        Path deep = Files.createDirectories(folder.resolve("b/c"));
        Files.move(Path.of(moved.path()), deep.resolve("plan.png"));
        Files.move(Path.of(renamed.path()), deep.resolve("flower bed.png"));
        Files.delete(Path.of(changed.path()));
        picture("b/gate.png", 17);
        Files.delete(Path.of(gone.path()));
        List<Media> all = List.of(moved, renamed, changed, there, gone);
        List<Media> missing = MissingMedia.among(all);
        assertThat(missing).extracting(Media::id).containsExactly("m1", "m2", "m3", "m5");
        var found = MissingMedia.find(missing, folder.resolve("b"));
        assertThat(found).containsOnlyKeys("m1", "m2", "m3");
        assertThat(found.get("m2").getFileName()).hasToString("flower bed.png");
    }
}
