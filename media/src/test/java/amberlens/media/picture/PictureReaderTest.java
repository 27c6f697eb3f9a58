package amberlens.media.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.LineUpFrame;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.ColorConvertOp;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PictureReaderTest {
    /** A 1 × 1 lossless WebP of the colour #FF0000, made by hand from the container's published layout. */
    private static final String RED_WEBP = "UklGRhwAAABXRUJQVlA4TA8AAAAvAAAAAAcQ/Y/+ByKi/wEA";

    @TempDir
    private Path folder;

    /** What an untouched, unscaled frame of the picture shows. */
    private static FrameRaster shown(Path file) throws FileProblem {
        Pyramid picture = Pyramid.of(PictureReader.read(file, Rows.ALONE), Rows.ALONE);
        Size size = picture.size();
        var layer = LineUpFrame.layer(picture, Pose.neutral(size, size), size, size);
        return Compositor.compose(java.util.List.of(layer), new Colour(0x0000FF), size, Rows.ALONE);
    }

    private Path write(BufferedImage image, String format, String name) throws IOException {
        Path file = folder.resolve(name);
        assertThat(ImageIO.write(image, format, file.toFile())).isTrue();
        return file;
    }

    private static BufferedImage ramp(int type) {
        var image = new BufferedImage(64, 48, type);
        for (int y = 0; y < 48; y++) {
            for (int x = 0; x < 64; x++) {
                image.setRGB(x, y, 0xFF000000 | ((x * 4) << 16) | ((y * 5) << 8) | 90);
            }
        }
        return image;
    }

    @ParameterizedTest
    @CsvSource({"png, 0", "bmp, 0", "tiff, 0", "jpg, 12"})
    void colours_come_through_in_every_format(String format, int tolerance) throws IOException, FileProblem {
        Path file = write(ramp(BufferedImage.TYPE_INT_RGB), format, "ramp." + format);
        assertThat(PictureReader.info(file).size()).isEqualTo(new Size(64, 48));
        FrameRaster frame = shown(file);
        for (int[] at : new int[][] {{3, 5}, {40, 30}, {60, 44}}) {
            assertThat(frame.rgb(at[0], at[1]) >> 16).isCloseTo(at[0] * 4, within(tolerance));
            assertThat(frame.rgb(at[0], at[1]) >> 8 & 0xFF).isCloseTo(at[1] * 5, within(tolerance));
        }
    }

    @Test
    void a_gif_shows_its_first_frame_and_a_palette_is_understood() throws IOException, FileProblem {
        var image = new BufferedImage(8, 8, BufferedImage.TYPE_BYTE_INDEXED);
        image.setRGB(2, 3, 0xFFFF0000);
        FrameRaster frame = shown(write(image, "gif", "dot.gif"));
        assertThat(frame.rgb(2, 3)).isEqualTo(0xFF0000);
        assertThat(PictureReader.info(folder.resolve("dot.gif")).colour()).contains("palette");
    }

    @Test
    void a_webp_is_read() throws IOException, FileProblem {
        Path file = folder.resolve("red.webp");
        Files.write(file, Base64.getDecoder().decode(RED_WEBP));
        assertThat(PictureReader.info(file).format()).isEqualTo("WEBP");
        assertThat(PictureReader.size(file)).isEqualTo(new Size(1, 1));
    }

    /** Grey samples are sRGB codes, as is common practice; the platform's own reading would lighten them. */
    @Test
    void grey_keeps_its_codes_at_8_and_16_bits() throws IOException, FileProblem {
        var grey = new BufferedImage(16, 16, BufferedImage.TYPE_BYTE_GRAY);
        grey.getRaster().setSample(5, 5, 0, 119);
        assertThat(shown(write(grey, "png", "grey.png")).rgb(5, 5)).isEqualTo(0x777777);
        var deep = new BufferedImage(16, 16, BufferedImage.TYPE_USHORT_GRAY);
        deep.getRaster().setSample(5, 5, 0, 119 * 257);
        Path file = write(deep, "png", "deep.png");
        assertThat(shown(file).rgb(5, 5)).isEqualTo(0x777777);
        assertThat(PictureReader.info(file).bits()).isEqualTo(16);
    }

    @Test
    void alpha_lets_the_background_through() throws IOException, FileProblem {
        var image = new BufferedImage(20, 20, BufferedImage.TYPE_INT_ARGB);
        for (int i = 0; i < 400; i++) {
            image.setRGB(i % 20, i / 20, i % 20 < 10 ? 0x00FFFFFF : 0xFFFF0000);
        }
        FrameRaster frame = shown(write(image, "png", "alpha.png"));
        assertThat(frame.rgb(3, 9)).isEqualTo(0x0000FF);
        assertThat(frame.rgb(16, 9)).isEqualTo(0xFF0000);
    }

    /** Exif 2.32, tag 0x0112: where the stored upper left pixel stands in the upright picture, for all eight values. */
    @ParameterizedTest
    @CsvSource({"1, 0, 0", "2, 29, 0", "3, 29, 19", "4, 0, 19", "5, 0, 0", "6, 19, 0", "7, 19, 29", "8, 0, 29"})
    void every_orientation_is_set_upright(int tag, int x, int y) throws IOException, FileProblem {
        var image = new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 36; i++) {
            image.setRGB(i % 6, i / 6, 0xFFFFFF);
        }
        var jpeg = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", jpeg);
        Path file = folder.resolve("turned.jpg");
        Files.write(file, withOrientation(jpeg.toByteArray(), tag));
        FrameRaster frame = shown(file);
        assertThat(frame.size()).isEqualTo(tag < 5 ? new Size(30, 20) : new Size(20, 30));
        assertThat(frame.rgb(x, y) & 0xFF).isGreaterThan(200);
        assertThat(frame.rgb(frame.size().width() - 1 - x, frame.size().height() - 1 - y) & 0xFF)
                .isLessThan(50);
    }

    private static byte[] withOrientation(byte[] jpeg, int tag) throws IOException {
        var bytes = new ByteArrayOutputStream();
        var out = new DataOutputStream(bytes);
        out.write(jpeg, 0, 2);
        out.writeShort(0xFFE1);
        out.writeShort(2 + 6 + 26);
        out.write("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        out.write("MM".getBytes(StandardCharsets.US_ASCII));
        out.writeShort(42);
        out.writeInt(8);
        out.writeShort(1);
        out.writeShort(0x0112);
        out.writeShort(3);
        out.writeInt(1);
        out.writeShort(tag);
        out.writeShort(0);
        out.writeInt(0);
        out.write(jpeg, 2, jpeg.length - 2);
        return bytes.toByteArray();
    }

    /** The reference is the platform's own conversion from the profile; linear RGB stands for any foreign profile. */
    @Test
    void an_embedded_profile_is_brought_to_srgb() throws IOException, FileProblem {
        ICC_Profile linear = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB);
        var image = new BufferedImage(12, 12, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 144; i++) {
            image.setRGB(i % 12, i / 12, 0x804020);
        }
        var png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        Path file = folder.resolve("profiled.png");
        Files.write(file, withProfile(png.toByteArray(), linear.getData()));
        WritableRaster source = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 1, 1, 3, null);
        source.setPixel(0, 0, new int[] {0x80, 0x40, 0x20});
        WritableRaster wanted = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 1, 1, 3, null);
        new ColorConvertOp(new ICC_Profile[] {linear, ICC_Profile.getInstance(ColorSpace.CS_sRGB)}, null)
                .filter(source, wanted);
        int rgb = shown(file).rgb(6, 6);
        assertThat(rgb >> 16).isCloseTo(wanted.getSample(0, 0, 0), within(1));
        assertThat(rgb >> 8 & 0xFF).isCloseTo(wanted.getSample(0, 0, 1), within(1));
        assertThat(rgb >> 16).isGreaterThan(0xB0);
        assertThat(new ICC_ColorSpace(linear).getProfile()).isEqualTo(linear);
        assertThat(PictureReader.info(file).colour()).contains("ICC profile");
    }

    /** Puts an iCCP chunk behind the header; the layout is that of the PNG specification, section 11.3.2.3. */
    private static byte[] withProfile(byte[] png, byte[] profile) throws IOException {
        var data = new ByteArrayOutputStream();
        data.write("foreign\0\0".getBytes(StandardCharsets.US_ASCII));
        try (var deflated = new DeflaterOutputStream(data)) {
            deflated.write(profile);
        }
        return withChunk(png, 33, "iCCP", data.toByteArray());
    }

    private static byte[] withChunk(byte[] png, int at, String type, byte[] data) throws IOException {
        var bytes = new ByteArrayOutputStream();
        var out = new DataOutputStream(bytes);
        out.write(png, 0, at);
        out.writeInt(data.length);
        byte[] name = type.getBytes(StandardCharsets.US_ASCII);
        out.write(name);
        out.write(data);
        var sum = new CRC32();
        sum.update(name);
        sum.update(data);
        out.writeInt((int) sum.getValue());
        out.write(png, at, png.length - at);
        return bytes.toByteArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "bmp"})
    void a_picture_that_is_cut_off_is_named(String format) throws IOException {
        var image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        var chance = new java.util.Random(5);
        for (int i = 0; i < 120_000; i++) {
            image.setRGB(i % 400, i / 400, chance.nextInt(0x1000000));
        }
        Path file = write(image, format, "cut." + format);
        byte[] bytes = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(bytes, bytes.length / 2));
        assertThatThrownBy(() -> PictureReader.read(file, Rows.ALONE))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("cut." + format)
                .hasMessageContaining("copy it again");
    }

    @Test
    void what_is_no_picture_says_so_whatever_it_is_called() throws IOException {
        Path empty = Files.createFile(folder.resolve("empty.jpg"));
        assertThatThrownBy(() -> PictureReader.info(empty)).hasMessageContaining("empty (0 bytes)");
        Path text = Files.writeString(folder.resolve("letter.png"), "Dear gardener, ...");
        assertThatThrownBy(() -> PictureReader.info(text))
                .hasMessageContaining("not a picture")
                .hasMessageContaining("JPEG");
        assertThatThrownBy(() -> PictureReader.info(folder.resolve("gone.jpg"))).hasMessageContaining("is not there");
        assertThatThrownBy(() -> PictureReader.info(folder)).hasMessageContaining("is not a file");
    }

    @Test
    void a_mislabelled_picture_is_read_by_its_content() throws IOException, FileProblem {
        Path file = write(ramp(BufferedImage.TYPE_INT_RGB), "png", "really-a-png.jpg");
        assertThat(PictureReader.info(file).format()).isEqualTo("PNG");
    }

    @Test
    void a_header_that_claims_too_much_is_refused_before_any_memory_is_taken() throws IOException {
        var bytes = new ByteArrayOutputStream();
        bytes.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
        var header = new ByteArrayOutputStream();
        var out = new DataOutputStream(header);
        out.writeInt(100_000);
        out.writeInt(100_000);
        out.write(new byte[] {8, 2, 0, 0, 0});
        Path file = folder.resolve("huge.png");
        byte[] png = withChunk(bytes.toByteArray(), 8, "IHDR", header.toByteArray());
        Files.write(file, withChunk(png, png.length, "IDAT", new byte[20]));
        assertThatThrownBy(() -> PictureReader.size(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("100000 × 100000");
    }
}
