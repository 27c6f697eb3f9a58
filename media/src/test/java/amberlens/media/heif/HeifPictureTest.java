package amberlens.media.heif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.media.picture.PictureInfo;
import amberlens.media.picture.PictureReader;
import amberlens.media.raster.Orientation;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures as phones write them. */
class HeifPictureTest {
    @TempDir
    private Path folder;

    /** A gradient with a light disc off its middle: every corner is told from the others. */
    private static BufferedImage drawn(int width, int height) {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setPaint(new GradientPaint(0, 0, new Color(0xB03020), width, height, new Color(0x2040C0)));
        pen.fillRect(0, 0, width, height);
        pen.setColor(new Color(0xF0E8D0));
        pen.fillOval(width / 10, height / 8, width / 3, height / 3);
        pen.dispose();
        return image;
    }

    private static FrameRaster shown(Path file) throws FileProblem {
        Pyramid picture = Pyramid.of(PictureReader.read(file, Rows.ALONE), Rows.ALONE);
        Size size = picture.size();
        var layer = LineUpFrame.layer(picture, Pose.neutral(size, size), size, size);
        return Compositor.compose(List.of(layer), Colour.BLACK, size, Rows.ALONE);
    }

    /** The ratio of the greatest signal to the error, in dB: 30 and more is hardly seen (common practice). */
    private static double likeness(FrameRaster frame, BufferedImage image) {
        assertThat(frame.size()).isEqualTo(new Size(image.getWidth(), image.getHeight()));
        double error = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int one = frame.argb()[y * image.getWidth() + x];
                int other = image.getRGB(x, y);
                for (int shift = 0; shift <= 16; shift += 8) {
                    double off = (one >> shift & 0xFF) - (other >> shift & 0xFF);
                    error += off * off;
                }
            }
        }
        return 10 * Math.log10(255.0 * 255 * 3 * image.getWidth() * image.getHeight() / Math.max(error, 1e-9));
    }

    private Path written(byte[] file, String name) throws IOException {
        return Files.write(folder.resolve(name), file);
    }

    /** Made once from {@link #drawn} by a general-purpose encoder of HEVC, at quality 90. */
    private Path phone() throws IOException {
        try (InputStream file = HeifPictureTest.class.getResourceAsStream("/amberlens/media/drawn-300x200.heic")) {
            return written(file.readAllBytes(), "IMG_0001.HEIC");
        }
    }

    @Test
    void a_heic_shows_what_was_coded() throws Exception {
        PictureInfo info = PictureReader.info(phone());
        assertThat(info.format()).isEqualTo("HEIC");
        assertThat(info.size()).isEqualTo(new Size(300, 200));
        assertThat(likeness(shown(phone()), drawn(300, 200))).isGreaterThan(35);
    }

    @Test
    void an_avif_of_one_picture_shows_what_was_coded() throws Exception {
        BufferedImage image = drawn(320, 192);
        Path file =
                written(new HeifBuilder(folder).image(image, new Size(320, 192)).build(), "one.avif");
        assertThat(PictureReader.info(file).format()).isEqualTo("AVIF");
        assertThat(likeness(shown(file), image)).isGreaterThan(33);
    }

    /** Phones code large pictures in tiles, of which the last ones reach beyond the picture. */
    @Test
    void a_grid_of_tiles_is_one_picture_cut_to_its_size() throws Exception {
        BufferedImage image = drawn(300, 170);
        Path file =
                written(new HeifBuilder(folder).image(image, new Size(128, 64)).build(), "grid.avif");
        assertThat(PictureReader.size(file)).isEqualTo(new Size(300, 170));
        assertThat(likeness(shown(file), image)).isGreaterThan(33);
    }

    @ParameterizedTest
    @CsvSource({
        "1, -1, THREE_QUARTER_TURN",
        "2, -1, HALF_TURN",
        "3, -1, QUARTER_TURN",
        "0, 0, MIRRORED_HALF_TURN",
        "0, 1, MIRRORED"
    })
    void turns_and_mirrors_of_the_container_set_it_upright(int quarters, int axis, Orientation expected)
            throws Exception {
        BufferedImage image = drawn(128, 64);
        HeifBuilder builder =
                new HeifBuilder(folder).image(image, new Size(64, 64)).turned(quarters);
        Path file = written((axis < 0 ? builder : builder.mirrored(axis)).build(), "turned.avif");
        PictureInfo info = PictureReader.info(file);
        assertThat(info.orientation()).isEqualTo(expected);
        assertThat(info.size()).isEqualTo(expected.upright(new Size(128, 64)));
        FrameRaster frame = shown(file);
        // the upper left corner of what is stored is the reddest one
        int red = expected == Orientation.THREE_QUARTER_TURN || expected == Orientation.MIRRORED_HALF_TURN
                ? frame.size().width() * (frame.size().height() - 1)
                : expected == Orientation.HALF_TURN
                        ? frame.argb().length - 1
                        : frame.size().width() - 1;
        assertThat(frame.argb()[red] >> 16 & 0xFF).isGreaterThan(0xA0);
        assertThat(frame.argb()[frame.argb().length - 1 - red] & 0xFF).isGreaterThan(0xA0);
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.02, 0.3, 0.6, 0.9})
    void what_is_cut_off_is_named_or_shown_as_far_as_it_is_there(double part) throws Exception {
        byte[] whole =
                new HeifBuilder(folder).image(drawn(256, 128), new Size(64, 64)).build();
        Path file = written(Arrays.copyOf(whole, (int) (part * whole.length)), "cut.avif");
        try {
            PictureReader.Picture picture = PictureReader.picture(file, 1, Rows.ALONE);
            assertThat(picture.damaged()).isTrue();
        } catch (FileProblem e) {
            assertThat(e).hasMessageContaining("cut.avif");
        }
    }

    @Test
    void bytes_that_are_changed_at_random_end_in_pixels_or_in_words() throws Exception {
        byte[] whole =
                new HeifBuilder(folder).image(drawn(128, 128), new Size(64, 64)).build();
        var chance = new Random(3);
        for (int trial = 0; trial < 60; trial++) {
            byte[] changed = whole.clone();
            for (int i = 0; i < 4; i++) {
                changed[8 + chance.nextInt(600)] = (byte) chance.nextInt(256);
            }
            Path file = written(changed, "changed.avif");
            try {
                PictureReader.picture(file, 1, Rows.ALONE);
            } catch (FileProblem e) {
                assertThat(e).hasMessageContaining("changed.avif");
            }
        }
    }

    @Test
    void a_claim_of_too_many_pixels_is_refused() throws Exception {
        byte[] file =
                new HeifBuilder(folder).image(drawn(128, 64), new Size(64, 64)).build();
        int at = new String(file, StandardCharsets.ISO_8859_1).lastIndexOf("ispe");
        for (int i = 0; i < 8; i++) {
            file[at + 8 + i] = (byte) (i % 4 < 2 ? 0 : 0xFF);
        }
        int grid = file.length - 4;
        Arrays.fill(file, grid, file.length, (byte) 0xFF);
        Path huge = written(file, "huge.avif");
        assertThatThrownBy(() -> PictureReader.read(huge, Rows.ALONE)).hasMessageContaining("huge.avif");
    }
}
