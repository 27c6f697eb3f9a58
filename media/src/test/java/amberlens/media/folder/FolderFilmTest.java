package amberlens.media.folder;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.Beats;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.media.intake.FilmGuard;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FolderFilmTest {
    private static final Size FRAME = new Size(640, 360);
    private static final FolderFilm USUAL = new FolderFilm(FRAME, FrameRate.of(25), 3, 1);

    @TempDir
    private Path folder;

    @BeforeEach
    void fill() throws IOException {
        int[][] sizes = {{1600, 900}, {900, 1600}, {2400, 700}, {1200, 1200}};
        for (int i = 0; i < sizes.length; i++) {
            var image = new BufferedImage(sizes[i][0], sizes[i][1], BufferedImage.TYPE_INT_RGB);
            Path file = folder.resolve("bed " + (i + 8) + ".png");
            ImageIO.write(image, "png", file.toFile());
            Files.setLastModifiedTime(file, FileTime.fromMillis(1_000_000L * (10 - i)));
        }
        Files.writeString(folder.resolve("bed 9.txt"), "The fern round\n");
        Files.writeString(folder.resolve("broken.jpg"), "no picture");
        Files.createDirectory(folder.resolve("more"));
    }

    private FolderContents contents(FolderContents.Order order) throws Exception {
        return FolderContents.of(folder, order, FilmGuard.NONE);
    }

    private static List<String> names(List<Media> media) {
        return media.stream().map(Media::fileName).toList();
    }

    @Test
    void a_folder_is_read_in_the_order_of_names_or_dates_and_what_is_none_is_named() throws Exception {
        FolderContents byName = contents(FolderContents.Order.NAME);
        assertThat(names(byName.seen())).containsExactly("bed 8.png", "bed 9.png", "bed 10.png", "bed 11.png");
        assertThat(names(contents(FolderContents.Order.DATE).seen()))
                .containsExactly("bed 11.png", "bed 10.png", "bed 9.png", "bed 8.png");
        assertThat(byName.titles().values()).containsExactly("The fern round");
        assertThat(byName.problems()).singleElement().asString().contains("broken.jpg");
        assertThat(byName.music()).isEmpty();
        assertThatThrownBy(() -> FolderContents.of(folder.resolve("gone"), FolderContents.Order.NAME, FilmGuard.NONE))
                .hasMessageContaining("is not a folder");
    }

    @Test
    void every_picture_is_a_sealed_shot_that_moves_and_its_text_is_a_title() throws Exception {
        FolderFilm.Made made = USUAL.make("beds", contents(FolderContents.Order.NAME), Optional.empty());
        Project project = made.project();
        List<Shot> pictures = LineUp.track(project, 1);
        assertThat(pictures).hasSize(4).allMatch(shot -> shot.length() == 75);
        assertThat(pictures)
                .filteredOn(shot -> shot.camera().keyFrames().size() > 1)
                .hasSizeGreaterThanOrEqualTo(3);
        for (Shot shot : pictures) {
            assertThat(EdgeReport.of(project.take(shot)).isSealed())
                    .as(shot.name())
                    .isTrue();
        }
        Shot title = LineUp.track(project, 2).getFirst();
        assertThat(project.mediaOf(title).title().orElseThrow().text()).isEqualTo("The fern round");
        assertThat(title.start()).isEqualTo(75);
    }

    @Test
    void the_same_seed_makes_the_same_film_and_another_does_not() throws Exception {
        FolderContents contents = contents(FolderContents.Order.NAME);
        Project one = USUAL.make("beds", contents, Optional.empty()).project();
        assertThat(USUAL.make("beds", contents, Optional.empty()).project()).isEqualTo(one);
        assertThat(new FolderFilm(FRAME, FrameRate.of(25), 3, 2)
                        .make("beds", contents, Optional.empty())
                        .project())
                .isNotEqualTo(one);
    }

    @Test
    void music_that_is_none_is_named_and_the_film_goes_without() throws Exception {
        Files.writeString(folder.resolve("tune.wav"), "no sound");
        var broken = new FolderContents(
                contents(FolderContents.Order.NAME).seen(),
                Map.of(),
                Optional.of(Media.sound("a1", folder.resolve("tune.wav").toString())),
                List.of());
        List<String> problems = new ArrayList<>();
        assertThat(FolderFilm.Music.of(broken, problems::add)).isEmpty();
        assertThat(problems).singleElement().asString().contains("tune.wav");
        assertThat(FolderFilm.Music.of(contents(FolderContents.Order.NAME), problems::add))
                .isEmpty();
        assertThat(problems).hasSize(1);
    }

    /** At 100 a minute beats are 15 frames apart. */
    @Test
    void cuts_fall_on_the_beats_of_the_music_which_ends_with_the_last_picture() throws Exception {
        List<Double> times =
                IntStream.range(0, 100).mapToObj(i -> 0.2 + 0.6 * i).toList();
        var beats = BeatGrid.of(Beats.at(times, times.stream().map(_ -> 1.0).toList()));
        var music = new FolderFilm.Music(
                Media.sound("new", folder.resolve("tune.flac").toString()), new Seconds(60, 1), beats);
        Project project = USUAL.make("beds", contents(FolderContents.Order.NAME), Optional.of(music))
                .project();
        assertThat(LineUp.track(project, 1)).hasSize(4).allMatch(shot -> (shot.start() + shot.length() - 5) % 15 == 0);
        assertThat(project.sounds().getFirst().end())
                .isEqualTo(Seconds.ofFrames(LineUp.length(project), FrameRate.of(25)));
        assertThat(project.sounds().getFirst().leave()).isEqualTo(new Seconds(2, 1));
    }
}
