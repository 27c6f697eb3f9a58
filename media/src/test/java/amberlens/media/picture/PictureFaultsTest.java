package amberlens.media.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.media.intake.MediaProbe;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Base64;
import java.util.Random;
import java.util.zip.CRC32;
import java.util.zip.DeflaterOutputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Files that are not as they should be: read where their pixels are there, named where they are not, and never waited for. */
class PictureFaultsTest {
    private static final int WIDTH = 64;
    private static final int HEIGHT = 48;

    @TempDir
    private Path folder;

    private static FrameRaster shown(Raster pixels) {
        Pyramid picture = Pyramid.of(pixels, Rows.ALONE);
        Size size = picture.size();
        var layer = LineUpFrame.layer(picture, Pose.neutral(size, size), size, size);
        return Compositor.compose(java.util.List.of(layer), new Colour(0x0000FF), size, Rows.ALONE);
    }

    private static byte[] ramp(String format) throws IOException {
        var image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                image.setRGB(x, y, x * 4 << 16 | y * 5 << 8 | 90);
            }
        }
        var bytes = new ByteArrayOutputStream();
        ImageIO.write(image, format, bytes);
        return bytes.toByteArray();
    }

    private void assertIsTheRamp(byte[] file, String name) throws IOException, FileProblem {
        Path path = Files.write(folder.resolve(name), file);
        FrameRaster frame = shown(PictureReader.read(path, Rows.ALONE));
        assertThat(frame.rgb(40, 30) >> 16 & 0xFF).isCloseTo(160, within(12));
        assertThat(frame.rgb(40, 30) >> 8 & 0xFF).isCloseTo(150, within(12));
    }

    private static byte[] with(byte[] file, int at, byte[] more) {
        var all = new ByteArrayOutputStream();
        all.write(file, 0, at);
        all.writeBytes(more);
        all.write(file, at, file.length - at);
        return all.toByteArray();
    }

    /** Where the marker stands that begins a segment of this code. */
    private static int segment(byte[] jpeg, int code) {
        int at = 2;
        while ((jpeg[at + 1] & 0xFF) != code) {
            at += 2 + ((jpeg[at + 2] & 0xFF) << 8 | jpeg[at + 3] & 0xFF);
        }
        return at;
    }

    private static byte[] profile(String kind) {
        byte[] whole = ICC_Profile.getInstance(ColorSpace.CS_LINEAR_RGB).getData();
        byte[] junk = new byte[300];
        new Random(3).nextBytes(junk);
        return switch (kind) {
            case "whole" -> whole;
            case "cut" -> Arrays.copyOf(whole, whole.length / 3);
            case "junk" -> junk;
            default -> new byte[0];
        };
    }

    private static byte[] app2(byte[] profile) {
        byte[] name = "ICC_PROFILE\0\1\1".getBytes(StandardCharsets.ISO_8859_1);
        return ByteBuffer.allocate(4 + name.length + profile.length)
                .putShort((short) 0xFFE2)
                .putShort((short) (2 + name.length + profile.length))
                .put(name)
                .put(profile)
                .array();
    }

    private static byte[] iccp(byte[] profile) throws IOException {
        var data = new ByteArrayOutputStream();
        data.writeBytes("iCCPown\0\0".getBytes(StandardCharsets.ISO_8859_1));
        try (var deflating = new DeflaterOutputStream(data)) {
            deflating.write(profile);
        }
        var sum = new CRC32();
        sum.update(data.toByteArray());
        return ByteBuffer.allocate(data.size() + 8)
                .putInt(data.size() - 4)
                .put(data.toByteArray())
                .putInt((int) sum.getValue())
                .array();
    }

    @ParameterizedTest
    @ValueSource(strings = {"cut", "junk", "empty"})
    void a_broken_profile_is_left_aside_and_told(String kind) throws IOException, FileProblem {
        byte[] jpeg = ramp("jpg");
        assertIsTheRamp(with(jpeg, segment(jpeg, 0xDB), app2(profile(kind))), "own.jpg");
        assertIsTheRamp(with(ramp("png"), 33, iccp(profile(kind))), "own.png");
        byte[] pixels = new byte[WIDTH * HEIGHT * 3];
        for (int i = 0; i < WIDTH * HEIGHT; i++) {
            pixels[3 * i] = (byte) (i % WIDTH * 4);
            pixels[3 * i + 1] = (byte) (i / WIDTH * 5);
        }
        Path tiff = new TiffBuilder(WIDTH, HEIGHT, 3, 8, 1, 2, ByteOrder.LITTLE_ENDIAN, pixels)
                .bytes(34675, kind.equals("empty") ? new byte[1] : profile(kind))
                .write(folder.resolve("own.tif"));
        assertIsTheRamp(Files.readAllBytes(tiff), "again.tif");
        for (String name : new String[] {"own.jpg", "own.png", "again.tif"}) {
            Path file = folder.resolve(name);
            assertThat(PictureReader.info(file).colour()).as(name).contains("broken ICC profile");
            assertThat(MediaProbe.file(file).remark()).as(name).hasValueSatisfying(words -> assertThat(words)
                    .contains(name)
                    .contains("read as sRGB"));
        }
    }

    @Test
    void a_profile_that_is_whole_is_used_and_nothing_is_said() throws IOException, FileProblem {
        Path file = Files.write(folder.resolve("own.png"), with(ramp("png"), 33, iccp(profile("whole"))));
        assertThat(PictureReader.info(file).colour()).isEqualTo("RGB, ICC profile");
        assertThat(PictureReader.header(file).remark()).isEmpty();
        FrameRaster frame = shown(PictureReader.read(file, Rows.ALONE));
        // IEC 61966-2-1: the code of the linear value 160/255 is 207.
        assertThat(frame.rgb(40, 30) >> 16 & 0xFF).isCloseTo(207, within(2));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0000", "FFFFFF", "010203"})
    void bytes_between_the_segments_of_a_jpeg_do_no_harm(String padding) throws IOException, FileProblem {
        byte[] between = java.util.HexFormat.of().parseHex(padding);
        byte[] jpeg = ramp("jpg");
        assertIsTheRamp(with(jpeg, segment(jpeg, 0xDB), between), "tables.jpg");
        assertIsTheRamp(with(jpeg, segment(jpeg, 0xDA), between), "scan.jpg");
    }

    @ParameterizedTest
    @CsvSource({
        "24, 1, LITTLE",
        "24, 1, BIG",
        "32, 1, LITTLE",
        "32, 1, BIG",
        "16, 3, LITTLE",
        "32, 3, LITTLE",
        "32, 3, BIG",
        "64, 3, LITTLE"
    })
    void whole_numbers_of_any_depth_and_floating_point_show_their_brightness(int bits, int format, String order)
            throws IOException, FileProblem {
        ByteOrder bytes = order.equals("BIG") ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN;
        double[] values = {0.2, 0.6, 1, 0, 0.4, 0.8, 0.5, 0.5, 0.5};
        ByteBuffer pixels = ByteBuffer.allocate(9 * bits / 8).order(bytes);
        for (double value : values) {
            put(pixels, value, bits, format);
        }
        Path file = new TiffBuilder(3, 1, 3, bits, format, 2, bytes, pixels.array()).write(folder.resolve("deep.tif"));
        FrameRaster frame = shown(PictureReader.read(file, Rows.ALONE));
        for (int i = 0; i < values.length; i++) {
            int code = frame.rgb(i / 3, 0) >> (16 - i % 3 * 8) & 0xFF;
            assertThat(code).as("sample " + i).isCloseTo((int) Math.round(values[i] * 255), within(1));
        }
    }

    private static void put(ByteBuffer pixels, double value, int bits, int format) {
        if (format == 3) {
            switch (bits) {
                case 16 -> pixels.putShort(Float.floatToFloat16((float) value));
                case 32 -> pixels.putFloat((float) value);
                default -> pixels.putDouble(value);
            }
        } else if (bits == 32) {
            pixels.putInt((int) (long) Math.rint(value * 4294967295.0));
        } else {
            int code = (int) Math.rint(value * 16777215);
            boolean little = pixels.order() == ByteOrder.LITTLE_ENDIAN;
            pixels.put((byte) (little ? code : code >> 16))
                    .put((byte) (code >> 8))
                    .put((byte) (little ? code >> 16 : code));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "2, 1, 0",
        "3, 1, '0 0'",
        "4, 2, 0",
        "5, 2, '0 0'",
        "5, 2, '0 2'",
        "6, 2, '2 0 0'",
        "4, 2, 1",
        "5, 2, '1 0'",
        "6, 2, '1 0 0'"
    })
    void channels_beyond_the_colours_do_no_harm_and_the_alpha_among_them_counts(
            int samples, int photometric, String kinds) throws IOException, FileProblem {
        long[] extra =
                Arrays.stream(kinds.split(" ", -1)).mapToLong(Long::parseLong).toArray();
        int colours = samples - extra.length;
        int alpha = colours + (kinds.equals("0 2") ? 1 : 0);
        byte[] pixels = new byte[2 * samples];
        for (int c = 0; c < samples; c++) {
            pixels[c] = c < colours ? (byte) (extra[0] == 1 ? 100 : 200) : c == alpha ? (byte) 128 : 7;
            pixels[samples + c] = c < colours ? (byte) 60 : c == alpha ? (byte) 255 : 7;
        }
        Path file = new TiffBuilder(2, 1, samples, 8, 1, photometric, ByteOrder.LITTLE_ENDIAN, pixels)
                .extra(extra)
                .write(folder.resolve("more.tif"));
        assertThat(PictureReader.info(file).colour()).contains("alpha");
        FrameRaster frame = shown(PictureReader.read(file, Rows.ALONE));
        assertThat(frame.rgb(1, 0) >> 16 & 0xFF).isCloseTo(60, within(1));
        // Half of the code 200 over blue, mixed in linear light: IEC 61966-2-1 gives 146 for red and 188 or more for
        // blue.
        assertThat(frame.rgb(0, 0) >> 16 & 0xFF).isCloseTo(146, within(3));
        assertThat(frame.rgb(0, 0) & 0xFF).isGreaterThan(180);
    }

    @Test
    void a_palette_with_a_channel_beside_it_is_read_by_its_palette() throws IOException, FileProblem {
        long[] palette = new long[3 * 256];
        palette[5] = 0xFFFF;
        palette[256 + 9] = 0xFFFF;
        Path file = new TiffBuilder(2, 1, 2, 8, 1, 3, ByteOrder.LITTLE_ENDIAN, new byte[] {5, 7, 9, 7})
                .extra(0)
                .put(320, 3, palette)
                .write(folder.resolve("palette.tif"));
        FrameRaster frame = shown(PictureReader.read(file, Rows.ALONE));
        assertThat(frame.rgb(0, 0) & 0xFFFFFF).isEqualTo(0xFF0000);
        assertThat(frame.rgb(1, 0) & 0xFFFFFF).isEqualTo(0x00FF00);
    }

    @Test
    void a_kind_that_the_decoder_does_not_know_is_not_called_damaged() throws IOException {
        Path file = new TiffBuilder(2, 1, 3, 2, 1, 2, ByteOrder.LITTLE_ENDIAN, new byte[4])
                .put(284, 3, 2)
                .put(273, 4, 0)
                .write(folder.resolve("kind.tif"));
        assertThatThrownBy(() -> PictureReader.read(file, Rows.ALONE))
                .hasMessageContaining("of a kind that cannot be decoded")
                .hasMessageContaining("convert it to PNG");
    }

    @Test
    void random_bytes_and_cut_off_headers_are_told_for_each_file_and_no_other_is_lost() throws IOException {
        byte[] random = new byte[600];
        new Random(1).nextBytes(random);
        Path file = Files.write(folder.resolve("rand.jpg"), random);
        assertThatThrownBy(() -> MediaProbe.file(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("rand.jpg");
        for (String format : new String[] {"jpg", "png", "bmp", "gif", "tiff"}) {
            byte[] whole = ramp(format);
            for (int length : new int[] {1, 3, 9, 20, 40, 90}) {
                Path cut = Files.write(folder.resolve("cut." + format), Arrays.copyOf(whole, length));
                assertThatThrownBy(() -> PictureReader.read(cut, Rows.ALONE))
                        .as(format + " " + length)
                        .isInstanceOf(FileProblem.class)
                        .hasMessageContaining("cut." + format);
            }
        }
    }

    @Test
    void a_few_bytes_that_claim_a_huge_picture_are_not_believed() throws IOException {
        byte[] webp = Base64.getDecoder()
                .decode(
                        "UklGRmIAAABXRUJQVlA4IEQAAAAwAwD/////////////////////////////////////////////////////////////////"
                                + "/////////////////////////////////////////////w==");
        Path file = Files.write(folder.resolve("huge.webp"), webp);
        var memory = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = memory.getCurrentThreadAllocatedBytes();
        assertThatThrownBy(() -> PictureReader.read(file, Rows.ALONE))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("huge.webp");
        assertThat(memory.getCurrentThreadAllocatedBytes() - before)
                .as("bytes of memory, for a picture that claims 800 MB")
                .isLessThan(50_000_000);
        var grey = new TiffBuilder(60_000, 3_000, 1, 8, 1, 1, ByteOrder.LITTLE_ENDIAN, new byte[500]);
        Path tiff = grey.write(folder.resolve("huge.tif"));
        assertThatThrownBy(() -> PictureReader.read(tiff, Rows.ALONE)).hasMessageContaining("has only");
    }

    @Test
    void a_tiff_that_is_cut_off_shows_what_is_there_and_says_damaged() throws IOException, FileProblem {
        byte[] pixels = new byte[WIDTH * HEIGHT];
        Arrays.fill(pixels, (byte) 200);
        Path file = new TiffBuilder(WIDTH, HEIGHT, 1, 8, 1, 1, ByteOrder.LITTLE_ENDIAN, pixels)
                .write(folder.resolve("cut.tif"));
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(whole, whole.length - WIDTH * HEIGHT / 2));
        PictureReader.Picture picture = PictureReader.picture(file, 1, Rows.ALONE);
        assertThat(picture.damaged()).isTrue();
        assertThat(shown(picture.pixels()).rgb(10, 5) & 0xFF).isEqualTo(200);
        assertThat(MediaProbe.file(file).remark().orElseThrow()).contains("cut.tif is damaged");
        Files.write(file, whole);
        assertThat(PictureReader.picture(file, 1, Rows.ALONE).damaged()).isFalse();
    }

    @Test
    void a_webp_and_an_icon_that_are_cut_off_say_damaged() throws IOException, FileProblem {
        byte[] red = Base64.getDecoder().decode("UklGRhwAAABXRUJQVlA4TA8AAAAvAAAAAAcQ/Y/+ByKi/wEA");
        Path webp = Files.write(folder.resolve("red.webp"), red);
        assertThat(PictureReader.header(webp).remark()).isEmpty();
        Files.write(webp, Arrays.copyOf(red, red.length - 4));
        assertThat(PictureReader.header(webp).remark().orElseThrow()).contains("damaged");
        assertThat(CutOff.of(PictureKind.ICO, icon(40), java.util.Optional.empty()))
                .isFalse();
        assertThat(CutOff.of(PictureKind.ICO, icon(39), java.util.Optional.empty()))
                .isTrue();
    }

    /** The directory of one icon whose picture should stand in the bytes 22 to 39. */
    private Path icon(int length) throws IOException {
        ByteBuffer icon = ByteBuffer.allocate(40).order(ByteOrder.LITTLE_ENDIAN);
        icon.putShort((short) 0).putShort((short) 1).putShort((short) 1);
        icon.put((byte) 16)
                .put((byte) 16)
                .putShort((short) 0)
                .putShort((short) 1)
                .putShort((short) 32);
        icon.putInt(18).putInt(22);
        return Files.write(folder.resolve("icon.ico"), Arrays.copyOf(icon.array(), length));
    }
}
