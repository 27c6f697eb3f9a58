package amberlens.media.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.footage.NumberedFilm;
import amberlens.media.pixels.PixelCache;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.bytedeco.ffmpeg.global.avcodec;
import org.bytedeco.ffmpeg.global.avutil;
import org.bytedeco.javacv.FFmpegFrameGrabber;
import org.bytedeco.javacv.Frame;
import org.bytedeco.javacv.Java2DFrameConverter;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ExportTest {
    private static final Size FRAME = new Size(320, 180);

    @TempDir
    private Path folder;

    private Project project = Project.empty("none");
    private final PixelCache pictures = new PixelCache(1 << 28, Runnable::run, Rows.ALONE);

    @BeforeEach
    void drawProject() throws IOException {
        var image = new BufferedImage(640, 400, BufferedImage.TYPE_INT_RGB);
        int[] colours = {0xC02818, 0x28A030, 0x3048C0, 0xC8B020};
        for (int i = 0; i < 640 * 400; i++) {
            int x = i % 640;
            int y = i / 640;
            image.setRGB(x, y, colours[(x < 320 ? 0 : 1) + (y < 200 ? 0 : 2)]);
        }
        Path picture = folder.resolve("beds.png");
        ImageIO.write(image, "png", picture.toFile());
        Media media = Media.photo("m1", picture.toString(), new Size(640, 400));
        project = MediaEdits.add(media)
                .apply(Project.empty("beds")
                        .withFrame(new FrameFormat(FRAME, new FrameRate(24000, 1001), Colour.BLACK)));
        project = ShotEdits.setLength("s1", 30, ShotEdits.Timing.KEEP)
                .apply(ShotEdits.add(media, Refit.FILL, 0).apply(project));
    }

    private ExportSettings settings(String name, ExportFormat format) {
        return new ExportSettings(new FrameSpan(0, 29), FRAME, format, folder.resolve(name), false);
    }

    private boolean export(ExportSettings settings, ExportProgress progress) throws FileProblem {
        return new Export(project, settings, pictures, Rows.ALONE).run(progress);
    }

    @Test
    void a_film_reads_back_with_its_frames_size_rate_colour_tags_and_pictures() throws Exception {
        Path film = folder.resolve("beds.mp4");
        assertThat(export(settings("beds.mp4", ExportFormat.MP4_H264), ExportProgress.NONE))
                .isTrue();
        FrameRaster wanted = new FrameSource(project, pictures, Rows.ALONE).frame(0, FRAME);
        try (var reader = new FFmpegFrameGrabber(film.toFile());
                var converter = new Java2DFrameConverter()) {
            reader.start();
            assertThat(reader.getVideoCodec()).isEqualTo(avcodec.AV_CODEC_ID_H264);
            assertThat(reader.getPixelFormat()).isNotNegative();
            assertThat(reader.getImageWidth()).isEqualTo(320);
            assertThat(reader.getImageHeight()).isEqualTo(180);
            var stream = reader.getFormatContext().streams(0);
            assertThat(stream.avg_frame_rate().num() * 1001L)
                    .isEqualTo(24000L * stream.avg_frame_rate().den());
            var codec = stream.codecpar();
            assertThat(codec.format()).isEqualTo(avutil.AV_PIX_FMT_YUV420P);
            assertThat(codec.color_space()).isEqualTo(avutil.AVCOL_SPC_BT709);
            assertThat(codec.color_primaries()).isEqualTo(avutil.AVCOL_PRI_BT709);
            assertThat(codec.color_trc()).isEqualTo(avutil.AVCOL_TRC_BT709);
            assertThat(codec.color_range()).isEqualTo(avutil.AVCOL_RANGE_MPEG);
            int count = 0;
            for (Frame frame = reader.grabImage(); frame != null; frame = reader.grabImage()) {
                BufferedImage image = converter.convert(frame);
                for (int[] at : new int[][] {{40, 40}, {280, 40}, {40, 140}, {280, 140}}) {
                    assertColour(image.getRGB(at[0], at[1]), wanted.rgb(at[0], at[1]));
                }
                count++;
            }
            assertThat(count).isEqualTo(30);
        }
    }

    @Test
    void an_export_names_the_films_in_it_that_are_damaged() throws Exception {
        assertThat(exportOfFilm(false)).isEmpty();
        assertThat(exportOfFilm(true).orElseThrow())
                .startsWith("scratched-true.mov is damaged at frame ")
                .endsWith("what could be decoded is used there.");
    }

    private Optional<String> exportOfFilm(boolean scratched) throws Exception {
        Path film = folder.resolve("scratched-" + scratched + ".mov");
        NumberedFilm.write(film, avcodec.AV_CODEC_ID_MPEG4, 25, 100, 10);
        if (scratched) {
            NumberedFilm.scratch(film);
        }
        Size size = new Size(NumberedFilm.WIDTH, NumberedFilm.HEIGHT);
        Media media = Media.footage("m2", Media.Kind.FILM, film.toString(), size, new Footage(FrameRate.of(25), 100));
        Project shown = ShotEdits.add(media, Refit.FILL, 0)
                .apply(MediaEdits.add(media)
                        .apply(Project.empty("film")
                                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK))));
        var export = new Export(
                shown,
                new ExportSettings(
                        new FrameSpan(0, 99),
                        FRAME,
                        ExportFormat.MP4_H264,
                        folder.resolve("of-film-" + scratched + ".mp4"),
                        false),
                pictures,
                Rows.ALONE);
        assertThat(export.run(ExportProgress.NONE)).isTrue();
        return export.remark();
    }

    /** The reader takes small films for BT.601 when it turns them to RGB, hence the room for the two matrices' difference. */
    private static void assertColour(int actual, int wanted) {
        for (int shift = 0; shift <= 16; shift += 8) {
            assertThat(actual >> shift & 0xFF).isCloseTo(wanted >> shift & 0xFF, within(26));
        }
    }

    @Test
    void a_sequence_carries_the_frame_numbers_and_exact_pixels() throws Exception {
        var settings = new ExportSettings(
                new FrameSpan(7, 9), FRAME, ExportFormat.PNG_SEQUENCE, folder.resolve("out/beds.png"), false);
        assertThat(export(settings, ExportProgress.NONE)).isTrue();
        BufferedImage image = ImageIO.read(folder.resolve("out/beds-0008.png").toFile());
        FrameRaster wanted = new FrameSource(project, pictures, Rows.ALONE).frame(8, FRAME);
        assertThat(image.getRGB(300, 20) & 0xFFFFFF).isEqualTo(wanted.rgb(300, 20));
        try (var files = Files.list(folder.resolve("out"))) {
            assertThat(files).hasSize(3);
        }
    }

    @Test
    void a_stopped_export_leaves_nothing_behind() throws Exception {
        assertThat(export(settings("stopped.mp4", ExportFormat.MP4_H264), (done, _) -> done < 5))
                .isFalse();
        assertThat(export(settings("stopped.png", ExportFormat.PNG_SEQUENCE), (done, _) -> done < 5))
                .isFalse();
        try (var files = Files.list(folder)) {
            assertThat(files.map(file -> file.getFileName().toString())).containsExactly("beds.png");
        }
    }

    @Test
    void an_existing_file_is_kept_unless_it_may_be_replaced() throws Exception {
        Path film = Files.writeString(folder.resolve("kept.mp4"), "precious");
        assertThatThrownBy(() -> export(settings("kept.mp4", ExportFormat.MP4_H264), ExportProgress.NONE))
                .hasMessageContaining("exists already");
        assertThat(Files.readString(film)).isEqualTo("precious");
    }

    @Test
    void an_odd_frame_is_explained_and_a_squashed_one_refused() {
        assertThatThrownBy(() -> export(
                        new ExportSettings(
                                new FrameSpan(0, 1),
                                new Size(321, 181),
                                ExportFormat.MP4_H264,
                                folder.resolve("odd.mp4"),
                                false),
                        ExportProgress.NONE))
                .hasMessageContaining("even")
                .hasMessageContaining("320 × 180");
        assertThatThrownBy(() -> export(
                        new ExportSettings(
                                new FrameSpan(0, 1),
                                new Size(320, 320),
                                ExportFormat.MP4_H264,
                                folder.resolve("sq.mp4"),
                                false),
                        ExportProgress.NONE))
                .hasMessageContaining("squash");
    }

    @Test
    void a_place_that_cannot_be_written_is_named() throws IOException {
        Files.writeString(folder.resolve("file"), "in the way");
        assertThatThrownBy(() -> export(settings("file/film.mp4", ExportFormat.MP4_H264), ExportProgress.NONE))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("film.mp4");
    }

    @Test
    void a_missing_picture_fails_its_own_shot_by_name_and_no_other() throws Exception {
        Media gone = Media.photo("m2", folder.resolve("gone.png").toString(), new Size(500, 500));
        project = ShotEdits.add(gone, Refit.FILL, 1).apply(MediaEdits.add(gone).apply(project));
        assertThat(export(settings("first.mp4", ExportFormat.MP4_H264), ExportProgress.NONE))
                .isTrue();
        var whole = new ExportSettings(
                new FrameSpan(0, 40), FRAME, ExportFormat.MP4_H264, folder.resolve("all.mp4"), false);
        assertThatThrownBy(() -> export(whole, ExportProgress.NONE))
                .hasMessageContaining("\"Gone\" (s2)")
                .hasMessageContaining("gone.png");
        assertThat(List.of(folder.toFile().list())).doesNotContain("all.mp4");
    }
}
