package amberlens.media.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.pixels.raster.Light;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.GZIPOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SvgPictureTest {
    /** 400 × 300 with a red left half, a transparent right one, and a blue square whose sides lie on whole numbers. */
    private static final String DRAWING = """
            <svg xmlns="http://www.w3.org/2000/svg" width="400" height="300" viewBox="0 0 400 300">
              <rect width="200" height="300" fill="#C02020"/>
              <rect x="100" y="50" width="40" height="40" fill="#2040C0"/>
            </svg>
            """;

    @TempDir
    Path folder;

    private Path write(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    @Test
    void a_drawing_is_drawn_several_times_as_large_as_it_says_and_equals_the_same_picture_as_png() throws Exception {
        Path file = write("plan.svg", "<?xml version=\"1.0\"?>\n<!-- Fernhollow -->\n" + DRAWING);
        PictureInfo info = PictureReader.info(file);
        assertThat(info.format()).isEqualTo("SVG");
        assertThat(info.size()).isEqualTo(new Size(4400, 3300)); // 11 times: the least whole number that gives 4096
        assertThat(info.remark()).hasValueSatisfying(words -> assertThat(words).contains("4400 × 3300"));
        Raster drawn = PictureReader.read(file, Rows.ALONE);
        var image = new BufferedImage(4400, 3300, BufferedImage.TYPE_INT_ARGB);
        for (int y = 0; y < 3300; y++) {
            for (int x = 0; x < 2200; x++) {
                boolean square = x >= 1100 && x < 1540 && y >= 550 && y < 990;
                image.setRGB(x, y, square ? 0xFF2040C0 : 0xFFC02020);
            }
        }
        Path png = folder.resolve("plan.png");
        ImageIO.write(image, "png", png.toFile());
        Raster same = PictureReader.read(png, Rows.ALONE);
        for (int y = 0; y < 3300; y += 109) {
            for (int x = 0; x < 4400; x += 110) { // the sides of the shapes are among these places
                Light is = drawn.at(x, y);
                Light was = same.at(x, y);
                assertThat(is.red()).as("at %d, %d", x, y).isCloseTo(was.red(), within(0.004));
                assertThat(is.blue()).isCloseTo(was.blue(), within(0.004));
                assertThat(is.alpha()).isCloseTo(was.alpha(), within(0.004));
            }
        }
    }

    /** Whole pixels are not quite of such a drawing's shape; it fills them all the same, and its sides are not transparent. */
    @ParameterizedTest
    @CsvSource({"1000.5, 3.5", "3.5, 1000.5", "333.3, 100.7", "0.4, 0.3"})
    void a_drawing_of_a_fractional_size_fills_its_pixels(String width, String height) throws Exception {
        Path file = write(
                "strip.svg",
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + width + "\" height=\"" + height
                        + "\"><rect x=\"-10\" y=\"-10\" width=\"2000\" height=\"2000\" fill=\"#208040\"/></svg>");
        assertThat(PictureReader.read(file, Rows.ALONE).allSolid()).isTrue();
    }

    @Test
    void packed_drawings_and_large_ones_are_read() throws Exception {
        Path packed = folder.resolve("plan.svgz");
        try (OutputStream out = new GZIPOutputStream(Files.newOutputStream(packed))) {
            out.write(DRAWING.getBytes(StandardCharsets.UTF_8));
        }
        assertThat(PictureReader.size(packed)).isEqualTo(new Size(4400, 3300));
        Path large =
                write("large.svg", DRAWING.replace("width=\"400\" height=\"300\" ", "width=\"8000\" height=\"6000\" "));
        assertThat(PictureReader.size(large)).isEqualTo(new Size(8000, 6000));
    }

    @Test
    void what_a_drawing_names_outside_itself_is_not_read() throws Exception {
        var red = new BufferedImage(10, 10, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 100; i++) {
            red.setRGB(i % 10, i / 10, 0xFF0000);
        }
        ImageIO.write(red, "png", folder.resolve("secret.png").toFile());
        Path file = write("outside.svg", """
                <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="100" height="100">
                <image href="secret.png" xlink:href="secret.png" width="100" height="100"/></svg>
                """);
        Raster drawn = PictureReader.read(file, Rows.ALONE);
        assertThat(drawn.at(2000, 2000).alpha()).isZero();
    }

    @Test
    void damaged_drawings_and_traps_are_refused_in_words() throws Exception {
        String bomb = "<?xml version=\"1.0\"?><!DOCTYPE svg [<!ENTITY a \"aaaaaaaaaaaaaaaaaaaa\">"
                + "<!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\"><!ENTITY c \"&b;&b;&b;&b;&b;&b;&b;&b;\">]>"
                + "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"0\" height=\"0\"><text>&c;</text></svg>";
        for (String text : new String[] {
            "<svg", DRAWING.substring(0, 120), bomb, DRAWING.replace("\"400\" height", "\"4000000\" height"),
        }) {
            Path file = write("bad.svg", text);
            assertThatThrownBy(() -> PictureReader.read(file, Rows.ALONE))
                    .as(text)
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining("bad.svg");
        }
    }
}
