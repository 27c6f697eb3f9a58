package amberlens.media.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pictures of JPEG 2000 and of layered files, which show the same as the same picture in PNG. */
class MoreFormatsTest {
    @TempDir
    private Path folder;

    private static BufferedImage drawn() {
        var image = new BufferedImage(70, 40, BufferedImage.TYPE_3BYTE_BGR);
        Graphics2D pen = image.createGraphics();
        for (int x = 0; x < 70; x++) {
            pen.setColor(new Color(3 * x, 255 - 3 * x, x % 7 * 30));
            pen.fillRect(x, 0, 1, 40);
        }
        pen.setColor(Color.WHITE);
        pen.fillRect(5, 4, 9, 6);
        pen.dispose();
        return image;
    }

    private static int[] shown(Path file) throws FileProblem {
        Pyramid picture = Pyramid.of(PictureReader.read(file, Rows.ALONE), Rows.ALONE);
        Size size = picture.size();
        var layer = LineUpFrame.layer(picture, Pose.neutral(size, size), size, size);
        return Compositor.compose(List.of(layer), Colour.BLACK, size, Rows.ALONE)
                .argb();
    }

    private Path png() throws IOException {
        Path file = folder.resolve("drawn.png");
        ImageIO.write(drawn(), "png", file.toFile());
        return file;
    }

    /** The layout of the format's published specification: header, no resources, no layers, the flattened picture in planes. */
    private Path layered() throws IOException {
        BufferedImage image = drawn();
        var bytes = new ByteArrayOutputStream();
        try (var out = new DataOutputStream(bytes)) {
            out.writeBytes("8BPS");
            out.writeShort(1);
            out.write(new byte[6]);
            out.writeShort(3);
            out.writeInt(image.getHeight());
            out.writeInt(image.getWidth());
            out.writeShort(8);
            out.writeShort(3);
            out.writeInt(0);
            out.writeInt(0);
            out.writeInt(0);
            out.writeShort(0);
            for (int shift = 16; shift >= 0; shift -= 8) {
                for (int y = 0; y < image.getHeight(); y++) {
                    for (int x = 0; x < image.getWidth(); x++) {
                        out.write(image.getRGB(x, y) >> shift);
                    }
                }
            }
        }
        return Files.write(folder.resolve("drawn.psd"), bytes.toByteArray());
    }

    /** Reversible coding gives back what was coded. */
    private Path waveletPicture() throws IOException {
        Path file = folder.resolve("drawn.jp2");
        assertThat(ImageIO.write(drawn(), "jpeg 2000", file.toFile())).isTrue();
        return file;
    }

    @Test
    void a_layered_file_shows_its_flattened_picture() throws Exception {
        assertThat(PictureReader.info(layered()).format()).isEqualTo("PSD");
        assertThat(shown(layered())).isEqualTo(shown(png()));
    }

    @Test
    void jpeg_2000_shows_what_was_coded() throws Exception {
        Path file = waveletPicture();
        assertThat(PictureReader.size(file)).isEqualTo(new Size(70, 40));
        int[] pixels = shown(file);
        int[] expected = shown(png());
        for (int i = 0; i < pixels.length; i++) {
            for (int shift = 0; shift <= 16; shift += 8) {
                assertThat(pixels[i] >> shift & 0xFF)
                        .as("pixel %d", i)
                        .isBetween((expected[i] >> shift & 0xFF) - 2, (expected[i] >> shift & 0xFF) + 2);
            }
        }
    }

    private static byte[] jpeg(int width, int height, int colour) throws IOException {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(colour));
        pen.fillRect(0, 0, width, height);
        pen.dispose();
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", bytes);
        return bytes.toByteArray();
    }

    /** A directory of TIFF 6.0 that says how the camera was held, a thumbnail, raw pixels with bytes like markers, and a preview. */
    private Path raw(String name, byte[]... pictures) throws IOException {
        var bytes = new ByteArrayOutputStream();
        bytes.writeBytes(
                new byte[] {'I', 'I', 42, 0, 8, 0, 0, 0, 1, 0, 0x12, 0x01, 3, 0, 1, 0, 0, 0, 6, 0, 0, 0, 0, 0, 0, 0});
        for (byte[] picture : pictures) {
            bytes.writeBytes(picture);
            bytes.writeBytes(
                    new byte[] {(byte) 0xFF, (byte) 0xD8, (byte) 0xFF, (byte) 0xC3, 0, 11, 8, 9, 9, 9, 9, 1, 1, 0x11, 0
                    });
        }
        return Files.write(folder.resolve(name), bytes.toByteArray());
    }

    @Test
    void a_raw_file_shows_its_largest_preview_upright_and_says_so() throws Exception {
        Path file = raw("held.NEF", jpeg(16, 12, 0x808080), jpeg(90, 60, 0x20C040), jpeg(40, 30, 0xFF0000));
        PictureReader.Header header = PictureReader.header(file);
        assertThat(header.size()).isEqualTo(new Size(60, 90));
        assertThat(header.remark().orElse("")).isEqualTo("is camera raw; its preview of 90 × 60 px is shown.");
        assertThat(shown(file)[0] >> 8 & 0xFF).isBetween(0xBC, 0xC4);
    }

    @Test
    void a_raw_file_without_a_preview_and_a_picture_nobody_decodes_are_named_for_what_they_are() throws Exception {
        assertThatThrownBy(() -> PictureReader.read(raw("bare.dng"), Rows.ALONE))
                .hasMessageContaining("bare.dng")
                .hasMessageContaining("without a preview");
        Path codestream = Files.write(folder.resolve("a.jxl"), new byte[] {(byte) 0xFF, 0x0A, 1, 2, 3, 4});
        byte[] boxed = {0, 0, 0, 12, 'J', 'X', 'L', ' ', 13, 10, (byte) 0x87, 10, 0, 0, 0, 0};
        Path container = Files.write(folder.resolve("named-wrongly.png"), boxed);
        for (Path file : List.of(codestream, container)) {
            assertThatThrownBy(() -> PictureReader.read(file, Rows.ALONE))
                    .hasMessageContaining(file.getFileName().toString())
                    .hasMessageContaining("JPEG XL")
                    .hasMessageContaining("convert it to PNG or AVIF");
        }
    }

    @Test
    void what_is_cut_off_is_named() throws Exception {
        for (Path whole : List.of(layered(), waveletPicture())) {
            byte[] bytes = Files.readAllBytes(whole);
            Path cut =
                    Files.write(folder.resolve("cut-" + whole.getFileName()), Arrays.copyOf(bytes, bytes.length / 40));
            assertThatThrownBy(() -> PictureReader.read(cut, Rows.ALONE))
                    .isInstanceOf(FileProblem.class)
                    .hasMessageContaining("cut-drawn");
        }
    }
}
