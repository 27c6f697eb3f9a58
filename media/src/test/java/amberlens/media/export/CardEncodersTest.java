package amberlens.media.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmEncoder;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.media.footage.FilmFrames;
import amberlens.media.pixels.PixelCache;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** No card is where this runs: an encoder of this program stands in for one that works, a name that nobody has for one that does not. */
class CardEncodersTest {
    private static final Size SIZE = new Size(160, 90);
    private static final FrameRate RATE = FrameRate.of(25);
    private static final FilmEncoder WORKS = standIn("libopenh264");
    private static final FilmEncoder NOWHERE = standIn("h264_nowhere");

    @TempDir
    private Path folder;

    private Project project = Project.empty("none");

    private static FilmEncoder standIn(String name) {
        return new FilmEncoder(FilmCodec.H264, name, AV_PIX_FMT_YUV420P, FilmEncoder.Works.IN_A_CARD);
    }

    private static CardEncoders known(FilmEncoder... encoders) {
        return new CardEncoders(_ -> List.of(encoders), TenFrames::check);
    }

    @BeforeEach
    void draw() throws IOException {
        Path picture = folder.resolve("bed.png");
        ImageIO.write(new BufferedImage(320, 200, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        Media media = Media.photo("m1", picture.toString(), new Size(320, 200));
        Project with =
                MediaEdits.add(media).apply(Project.empty("bed").withFrame(new FrameFormat(SIZE, RATE, Colour.BLACK)));
        project = ShotEdits.setLength("s1", 30, ShotEdits.Timing.KEEP)
                .apply(ShotEdits.add(media, Refit.FILL, 0).apply(with));
    }

    private Export fast(ExportFormat format, CardEncoders cards) {
        var settings =
                new ExportSettings(new FrameSpan(0, 29), SIZE, format, folder.resolve("bed.mp4"), false).withFast(true);
        return new Export(project, settings, new PixelCache(1 << 26, Runnable::run, Rows.ALONE), Rows.ALONE, cards);
    }

    private int frames() throws FileProblem {
        try (var film = new FilmFrames(folder.resolve("bed.mp4"), Rows.ALONE)) {
            return film.footage().frames();
        }
    }

    @Test
    void the_first_that_makes_a_film_is_taken() throws Exception {
        var choice = known(NOWHERE, WORKS).choose(FilmCodec.H264, SIZE, RATE);
        assertThat(choice.encoder()).contains(WORKS);
        assertThat(choice.words()).contains("libopenh264");
        Export export = fast(ExportFormat.MP4_H264, known(NOWHERE, WORKS));
        assertThat(export.run((_, _) -> true)).isTrue();
        assertThat(export.remark()).isEmpty();
        assertThat(frames()).isEqualTo(30);
    }

    @Test
    void where_none_works_the_film_is_made_without_and_says_why() throws Exception {
        Export export = fast(ExportFormat.MP4_H264, known(NOWHERE));
        assertThat(export.run((_, _) -> true)).isTrue();
        assertThat(export.remark().orElse("")).contains("h264_nowhere", "made without");
        assertThat(frames()).isEqualTo(30);
    }

    /** It passed its trial, and then it is gone. */
    @Test
    void one_that_stops_on_the_way_is_followed_by_this_program() throws Exception {
        var trusting = new CardEncoders(_ -> List.of(NOWHERE), (_, _, _) -> {});
        Export export = fast(ExportFormat.MP4_H264, trusting);
        assertThat(export.run((_, _) -> true)).isTrue();
        assertThat(export.remark().orElse("")).contains("stopped on the way");
        assertThat(frames()).isEqualTo(30);
    }

    @Test
    void what_only_a_card_makes_is_refused_in_words_and_leaves_nothing() throws Exception {
        assertThatThrownBy(() -> fast(ExportFormat.MP4_HEVC, known()).run((_, _) -> true))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("choose H.264");
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files).containsExactly(folder.resolve("bed.png"));
        }
    }

    @Test
    void what_only_a_card_makes_ends_in_words_where_the_card_stops() {
        var gone = new FilmEncoder(FilmCodec.HEVC, "hevc_nowhere", AV_PIX_FMT_YUV420P, FilmEncoder.Works.IN_A_CARD);
        var trusting = new CardEncoders(_ -> List.of(gone), (_, _, _) -> {});
        assertThatThrownBy(() -> fast(ExportFormat.MP4_HEVC, trusting).run((_, _) -> true))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("hevc_nowhere");
    }

    /** Some drivers take ten frames and give as many green ones. */
    @Test
    void a_film_of_other_pictures_than_it_was_given_fails_the_trial() throws Exception {
        int[] green = new int[Math.toIntExact(SIZE.area())];
        Arrays.fill(green, 0xFF008800);
        Path file = folder.resolve("green.mp4");
        try (var film = new FilmFile(file, FilmCodec.H264, Quality.GOOD, SIZE, RATE, Rows.ALONE)) {
            for (int i = 0; i < 10; i++) {
                film.write(new FrameRaster(SIZE, green));
            }
            film.finish();
        }
        assertThatThrownBy(() -> TenFrames.compare(file, SIZE)).hasMessageContaining("does not show");
    }

    /** Whatever cards there are: nothing but a choice or words may come of asking. */
    @Test
    void those_of_this_machine_can_be_asked() {
        for (FilmCodec codec : List.of(FilmCodec.H264, FilmCodec.HEVC, FilmCodec.AV1)) {
            var choice = CardEncoders.OF_THIS_MACHINE.choose(codec, new Size(640, 360), RATE);
            assertThat(choice.words()).contains("raphics card");
        }
        assertThat(CardEncoders.OF_THIS_MACHINE.mayBe(FilmCodec.GIF)).isFalse();
    }

    @Test
    void pieces_are_made_by_no_card() {
        var settings = new ExportSettings(
                        new FrameSpan(0, 29), SIZE, ExportFormat.MP4_H264, folder.resolve("bed.mp4"), false)
                .withFast(true)
                .withPiece(java.util.Optional.of(amberlens.media.film.Piece.parse("1/1", "bed")));
        assertThatThrownBy(() -> ExportCheck.check(project, settings)).hasMessageContaining("alike on every machine");
    }
}
