package amberlens.media.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Light;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.DeepRaster;
import amberlens.media.film.Quality;
import amberlens.media.footage.FilmFrames;
import amberlens.media.footage.FilmInfo;
import amberlens.media.picture.PictureReader;
import amberlens.media.pixels.PixelCache;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Every format is read back: frames, size, rate, alpha, and the first, middle and last picture within the codec's error. */
class FormatsTest {
    private static final Size FRAME = new Size(128, 72);
    private static final int FRAMES = 11;

    @TempDir
    private Path folder;

    private final PixelCache pictures = new PixelCache(1 << 26, Runnable::run, Rows.ALONE);
    private Project project = Project.empty("none");

    /** Four plain beds that slide by; the right half of the frame stays empty. */
    @BeforeEach
    void drawProject() throws IOException {
        var image = new BufferedImage(256, 144, BufferedImage.TYPE_INT_RGB);
        var pen = image.createGraphics();
        int[] colours = {0xB02818, 0x289030, 0x3048A8, 0xB89830};
        for (int bed = 0; bed < 4; bed++) {
            pen.setColor(new Color(colours[bed]));
            pen.fillRect(64 * bed, 0, 64, 144);
        }
        pen.dispose();
        Path picture = folder.resolve("beds.png");
        ImageIO.write(image, "png", picture.toFile());
        Media media = Media.photo("m1", picture.toString(), new Size(256, 144));
        Project laid = ShotEdits.add(media, Refit.ONE_TO_ONE, 0)
                .apply(MediaEdits.add(media)
                        .apply(Project.empty("beds")
                                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), new Colour(0x202020)))));
        Pose half = Pose.neutral(media.size(), FRAME).withPosition(new FramePoint(64 - 128, 36));
        project = ShotEdits.setLength("s1", FRAMES, ShotEdits.Timing.KEEP)
                .apply(laid.withShots(laid.shots().stream()
                        .map(shot -> shot.withCamera(CameraTrack.still(half)))
                        .toList()));
    }

    private ExportSettings settings(ExportFormat format) {
        return new ExportSettings(
                new FrameSpan(0, FRAMES - 1), FRAME, format, folder.resolve("out" + format.ending()), false);
    }

    private Path export(ExportSettings settings) throws Exception {
        assertThat(new Export(project, settings, pictures, Rows.ALONE).run(ExportProgress.NONE))
                .isTrue();
        return settings.destination();
    }

    @ParameterizedTest
    @EnumSource(
            value = ExportFormat.class,
            names = {"MP4_H264", "WEBM_VP9", "MP4_AV1", "MP4_AV1_TEN", "PRORES_HQ", "PRORES_4444", "FFV1", "GIF", "APNG"
            })
    void films_and_animations_read_back_as_they_were_rendered(ExportFormat format) throws Exception {
        Path film = export(settings(format));
        FilmInfo info = FilmInfo.of(film);
        assertThat(info.size()).isEqualTo(FRAME);
        assertThat(info.footage().frames()).isEqualTo(FRAMES);
        assertThat(info.footage().rate()).isEqualTo(FrameRate.of(25));
        assertThat(info.variable()).isFalse();
        DeepRaster wanted = new FrameSource(project, pictures, Rows.ALONE).deepFrame(5, FRAME, false);
        try (var frames = new FilmFrames(film, Rows.ALONE)) {
            for (int frame : new int[] {0, FRAMES / 2, FRAMES - 1}) {
                assertNear(frames.frame(frame), wanted, error(format));
            }
        }
    }

    /** In 8-bit codes, on plain areas: what each codec may change at its good quality. */
    private static double error(ExportFormat format) {
        return switch (format) {
            case FFV1, APNG -> 0.6;
            case PRORES_HQ, PRORES_4444 -> 2.5;
            case GIF -> 8;
            default -> 7;
        };
    }

    private static void assertNear(Raster actual, DeepRaster wanted, double codes) {
        for (int[] at : new int[][] {{8, 8}, {40, 60}, {52, 30}, {110, 40}}) {
            Light light = actual.at(at[0], at[1]);
            double[] colours = {light.red(), light.green(), light.blue()};
            for (int c = 0; c < 3; c++) {
                assertThat(255 * Srgb.toEncoded(colours[c]))
                        .as("component %d at %d, %d", c, at[0], at[1])
                        .isCloseTo(wanted.code(at[0], at[1], c) / 257.0, within(codes));
            }
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = ExportFormat.class,
            names = {"PRORES_4444", "FFV1", "APNG"})
    void what_no_picture_fills_stays_transparent(ExportFormat format) throws Exception {
        Path film = export(settings(format).withTransparent(true));
        try (var frames = new FilmFrames(film, Rows.ALONE)) {
            Raster frame = frames.frame(3);
            assertThat(frame.at(110, 40).alpha()).isLessThan(0.01);
            assertThat(frame.at(8, 8).alpha()).isGreaterThan(0.99);
        }
    }

    @Test
    void a_webp_animation_holds_every_frame_and_its_alpha() throws Exception {
        byte[] bytes = Files.readAllBytes(export(settings(ExportFormat.WEBP).withTransparent(true)));
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        assertThat(text).startsWith("RIFF").contains("WEBPVP8X").contains("ANIM");
        int frames = text.split("ANMF", -1).length - 1;
        assertThat(frames).isBetween(1, FRAMES);
        int first = text.indexOf("ANMF") + 8;
        assertThat(bytes[first + 6] + 1)
                .as("only what is not transparent is kept of the first frame")
                .isEqualTo(64);
        assertThat(bytes[text.indexOf("VP8X") + 8] & 0x10)
                .as("the alpha flag of the VP8X chunk")
                .isNotZero();
    }

    @Test
    void a_tiff_sequence_has_sixteen_bits_and_alpha() throws Exception {
        Path pattern = export(settings(ExportFormat.TIFF_SEQUENCE).withTransparent(true));
        Path first = pattern.resolveSibling("out-0000.tif");
        assertThat(PictureReader.info(first).bits()).isEqualTo(16);
        Raster picture = PictureReader.read(first, Rows.ALONE);
        assertThat(picture.at(110, 40).alpha()).isZero();
        assertThat(255 * Srgb.toEncoded(picture.at(8, 8).red())).isCloseTo(0xB8, within(0.1));
        assertThat(pattern.resolveSibling("out-0010.tif")).exists();
    }

    @ParameterizedTest
    @CsvSource({"50, 1, 22", "12, 1, 5", "30000, 1001, 13"})
    void at_another_rate_moves_are_sampled_at_the_time_of_every_frame(int numerator, int denominator, int count)
            throws Exception {
        ExportSettings own = settings(ExportFormat.FFV1);
        var settings = new ExportSettings(
                own.frames(),
                own.size(),
                Optional.of(new FrameRate(numerator, denominator)),
                own.format(),
                own.quality(),
                own.transparent(),
                own.destination(),
                own.overwrite());
        Path film = export(settings);
        assertThat(FilmInfo.of(film).footage().frames()).isEqualTo(count);
        for (int frame = 0; frame < count; frame++) {
            double wanted = frame * (double) denominator / numerator * 25;
            assertThat(settings.times(project.frame()).place(frame)).isCloseTo(wanted, within(1e-9));
            assertThat(settings.times(project.frame()).place(frame)).isLessThan(FRAMES);
        }
    }

    @Test
    void quality_is_a_matter_of_size() throws Exception {
        long small = Files.size(export(settings(ExportFormat.WEBM_VP9)
                .withQuality(Quality.SMALL)
                .withDestination(folder.resolve("small.webm"))));
        long best = Files.size(export(settings(ExportFormat.WEBM_VP9)
                .withQuality(Quality.BEST)
                .withDestination(folder.resolve("best.webm"))));
        assertThat(small).isLessThan(best);
    }

    @Test
    void what_cannot_be_had_says_why() {
        assertThatThrownBy(() -> export(settings(ExportFormat.MP4_H264).withTransparent(true)))
                .hasMessageContaining("cannot keep what is transparent");
        var odd = new ExportSettings(
                new FrameSpan(0, 1), new Size(63, 35), ExportFormat.PRORES_HQ, folder.resolve("odd.mov"), false);
        assertThatThrownBy(() -> ExportFormat.PRORES_HQ.film().orElseThrow().check(odd.size()))
                .hasMessageContaining("even width")
                .hasMessageContaining("62 × 35");
    }
}
