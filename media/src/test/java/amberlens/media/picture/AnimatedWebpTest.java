package amberlens.media.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Raster;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.DeepRaster;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.media.footage.Film;
import amberlens.media.footage.FilmInfo;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Pictures coded by another library, put together by hand as RFC 9649 lays them out: a frame of 40 × 30 pixels in red and one in green,
 * on a canvas of 60 × 50.
 */
class AnimatedWebpTest {
    private static final Size SIZE = new Size(40, 30);
    private static final int RED = 0xFFF00000;
    private static final int GREEN = 0xFF00F000;
    private static final int NOT_BLENDED = 2;
    private static final int CLEARED = 1;

    @TempDir
    private Path folder;

    /** The coded pictures of an animation of two colours, without the heads of their frames. */
    private List<byte[]> coded() throws Exception {
        Path file = folder.resolve("colours.webp");
        try (var film = new FilmFile(file, FilmCodec.WEBP, Quality.BEST, SIZE, FrameRate.of(10), Rows.ALONE)) {
            for (int colour : new int[] {RED, GREEN}) {
                short[] codes = new short[Math.toIntExact(4 * SIZE.area())];
                for (int i = 0; i < codes.length; i += 4) {
                    codes[i] = (short) ((colour >> 16 & 0xFF) * 257);
                    codes[i + 1] = (short) ((colour >> 8 & 0xFF) * 257);
                    codes[i + 3] = -1;
                }
                film.write(new DeepRaster(SIZE, codes));
            }
            film.finish();
        }
        ByteBuffer bytes = ByteBuffer.wrap(Files.readAllBytes(file)).order(ByteOrder.LITTLE_ENDIAN);
        bytes.position(12);
        List<byte[]> pictures = new ArrayList<>();
        while (bytes.remaining() > 8) {
            byte[] kind = new byte[4];
            bytes.get(kind);
            int length = bytes.getInt();
            int next = bytes.position() + length + (length & 1);
            if (new String(kind, StandardCharsets.US_ASCII).equals("ANMF")) {
                byte[] picture = new byte[length - 16];
                bytes.position(bytes.position() + 16).get(picture);
                pictures.add(picture);
            }
            bytes.position(Math.min(next, bytes.limit()));
        }
        assertThat(pictures).hasSize(2);
        return pictures;
    }

    private static ByteBuffer little(int bytes) {
        return ByteBuffer.allocate(bytes).order(ByteOrder.LITTLE_ENDIAN);
    }

    private static void chunk(ByteArrayOutputStream into, String kind, byte[]... parts) throws IOException {
        int length = Arrays.stream(parts).mapToInt(part -> part.length).sum();
        into.write(kind.getBytes(StandardCharsets.US_ASCII));
        into.write(little(4).putInt(length).array());
        for (byte[] part : parts) {
            into.write(part);
        }
        if (length % 2 == 1) {
            into.write(0);
        }
    }

    private static byte[] three(int number) {
        return new byte[] {(byte) number, (byte) (number >> 8), (byte) (number >> 16)};
    }

    private record Part(int x, int y, int millis, int flags) {}

    private Path animation(Part... parts) throws Exception {
        List<byte[]> pictures = coded();
        var body = new ByteArrayOutputStream();
        body.write("WEBP".getBytes(StandardCharsets.US_ASCII));
        chunk(body, "VP8X", new byte[] {0x12, 0, 0, 0}, three(59), three(49));
        chunk(body, "ANIM", new byte[6]);
        for (int i = 0; i < parts.length; i++) {
            Part part = parts[i];
            chunk(
                    body,
                    "ANMF",
                    three(part.x / 2),
                    three(part.y / 2),
                    three(39),
                    three(29),
                    three(part.millis),
                    new byte[] {(byte) part.flags},
                    pictures.get(i % 2));
        }
        var file = new ByteArrayOutputStream();
        chunk(file, "RIFF", body.toByteArray());
        return Files.write(folder.resolve("moves.webp"), file.toByteArray());
    }

    private static int pixel(Raster raster, int x, int y) {
        Pyramid picture = Pyramid.of(raster, Rows.ALONE);
        Size size = picture.size();
        var layer = LineUpFrame.layer(picture, Pose.neutral(size, size), size, size);
        return Compositor.compose(List.of(layer), Colour.BLACK, size, Rows.ALONE)
                .argb()[y * size.width() + x];
    }

    private static boolean near(int argb, int wanted) {
        return Math.abs((argb >> 16 & 0xFF) - (wanted >> 16 & 0xFF)) < 12
                && Math.abs((argb >> 8 & 0xFF) - (wanted >> 8 & 0xFF)) < 12
                && (argb & 0xFF) < 12;
    }

    @Test
    void parts_lie_at_their_places_over_what_was_there_and_go_when_they_say_so() throws Exception {
        Path file = animation(new Part(0, 0, 100, 0), new Part(20, 20, 100, CLEARED), new Part(0, 0, 100, NOT_BLENDED));
        try (Film film = Film.open(file, Rows.ALONE)) {
            assertThat(film.info().size()).isEqualTo(new Size(60, 50));
            Raster second = film.frame(1);
            assertThat(near(pixel(second, 5, 5), RED)).isTrue();
            assertThat(near(pixel(second, 30, 25), GREEN)).isTrue();
            assertThat(near(pixel(second, 55, 5), 0)).as("nothing").isTrue();
            Raster third = film.frame(2);
            assertThat(near(pixel(third, 55, 45), 0)).as("gone").isTrue();
            assertThat(near(pixel(third, 30, 25), RED)).isTrue();
            assertThat(near(pixel(film.frame(0), 30, 25), RED)).as("back again").isTrue();
            assertThat(near(pixel(film.frame(0), 55, 45), 0)).isTrue();
        }
    }

    /** 300, 100 and 200 ms: their common part is 100 ms, so ten frames a second, six of them. */
    @Test
    void each_picture_is_seen_for_as_long_as_the_file_says() throws Exception {
        Path file = animation(new Part(0, 0, 300, 0), new Part(0, 0, 100, 0), new Part(0, 0, 200, 0));
        FilmInfo info = FilmInfo.of(file);
        assertThat(info.variable()).isTrue();
        assertThat(info.footage().frames()).isEqualTo(6);
        assertThat(info.footage().rate().perSecond()).isEqualTo(10);
        try (Film film = Film.open(file, Rows.ALONE)) {
            for (int frame = 0; frame < 8; frame++) {
                int wanted = frame == 3 ? GREEN : RED;
                assertThat(near(pixel(film.frame(frame), 5, 5), wanted))
                        .as("frame %d", frame)
                        .isTrue();
            }
        }
    }

    @Test
    void one_that_is_cut_off_ends_with_its_last_whole_picture_and_nonsense_is_named() throws Exception {
        Path file = animation(new Part(0, 0, 100, 0), new Part(0, 0, 100, 0), new Part(0, 0, 100, 0));
        byte[] whole = Files.readAllBytes(file);
        Files.write(file, Arrays.copyOf(whole, whole.length - 20));
        assertThat(FilmInfo.of(file).footage().frames()).isEqualTo(2);
        byte[] broken = whole.clone();
        Arrays.fill(broken, 80, broken.length, (byte) 0x55);
        Path bad = Files.write(folder.resolve("bad.webp"), broken);
        assertThat(AnimatedWebp.is(bad)).isFalse();
        assertThatThrownBy(() -> AnimatedWebp.of(Files.write(folder.resolve("none.webp"), new byte[40])))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("none.webp");
        byte[] huge = whole.clone();
        Arrays.fill(huge, 24, 30, (byte) 0xFF);
        Path large = Files.write(folder.resolve("large.webp"), huge);
        try (Film film = Film.open(large, Rows.ALONE)) {
            assertThatThrownBy(() -> film.frame(0)).isInstanceOf(FileProblem.class);
        }
    }
}
