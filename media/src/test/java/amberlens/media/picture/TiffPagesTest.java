package amberlens.media.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import amberlens.core.render.frame.Compositor;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.media.intake.FilmGuard;
import amberlens.media.intake.MediaProbe;
import amberlens.media.pixels.PixelKey;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** TIFF files with several directories, laid out byte by byte as TIFF 6.0 (1992) says. */
class TiffPagesTest {
    @TempDir
    private Path folder;

    /**
     * A directory.
     *
     * @param grey of all its pixels
     * @param more short tags beside those that every picture has
     */
    private record Page(int width, int height, int grey, Map<Integer, Integer> more) {}

    private Path tiff(Page... pages) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(1 << 20).order(ByteOrder.LITTLE_ENDIAN);
        bytes.put((byte) 'I').put((byte) 'I').putShort((short) 42);
        int link = bytes.position();
        bytes.putInt(0);
        for (Page page : pages) {
            int pixels = bytes.position();
            for (int i = 0; i < page.width * page.height; i++) {
                bytes.put((byte) page.grey);
            }
            if (bytes.position() % 2 == 1) {
                bytes.put((byte) 0);
            }
            var tags = new TreeMap<Integer, Integer>(page.more);
            tags.putAll(Map.of(
                    256, page.width, 257, page.height, 258, 8, 259, 1, 262, 1, 273, pixels, 277, 1, 278, page.height));
            tags.put(279, page.width * page.height);
            bytes.putInt(link, bytes.position());
            bytes.putShort((short) tags.size());
            tags.forEach((tag, value) -> bytes.putShort(tag.shortValue())
                    .putShort((short) 4)
                    .putInt(1)
                    .putInt(value));
            link = bytes.position();
            bytes.putInt(0);
        }
        Path file = folder.resolve("scans.tif");
        byte[] written = new byte[bytes.position()];
        bytes.flip().get(written);
        return Files.write(file, written);
    }

    private static Page plain(int width, int height, int grey) {
        return new Page(width, height, grey, Map.of());
    }

    private static int grey(Path file, int page) throws FileProblem {
        Pyramid picture =
                Pyramid.of(PictureReader.picture(file, page, Rows.ALONE).pixels(), Rows.ALONE);
        Size size = picture.size();
        var layer = LineUpFrame.layer(picture, Pose.neutral(size, size), size, size);
        return Compositor.compose(List.of(layer), Colour.BLACK, size, Rows.ALONE)
                        .argb()[1]
                & 0xFF;
    }

    @Test
    void each_page_is_a_picture_of_its_own_and_a_smaller_copy_is_none() throws Exception {
        Path file = tiff(
                plain(8, 6, 10),
                new Page(4, 3, 90, Map.of(254, 1)),
                plain(9, 5, 120),
                new Page(8, 6, 0, Map.of(254, 4)),
                plain(7, 7, 250));
        assertThat(PictureReader.pages(file)).isEqualTo(3);
        List<Media> media = MediaProbe.all(file, FilmGuard.NONE).stream()
                .map(MediaProbe.Found::media)
                .toList();
        assertThat(media).extracting(Media::size).containsExactly(new Size(8, 6), new Size(9, 5), new Size(7, 7));
        assertThat(media).extracting(Media::name).containsExactly("Scans", "Scans, page 2", "Scans, page 3");
        assertThat(media).extracting(item -> PixelKey.of(item, 0).frame()).containsExactly(0, 1, 2);
        assertThat(List.of(grey(file, 1), grey(file, 2), grey(file, 3))).containsExactly(10, 120, 250);
    }

    @Test
    void a_page_stands_as_its_own_directory_says() throws Exception {
        Path file = tiff(plain(8, 6, 10), new Page(9, 5, 120, Map.of(274, 6)));
        assertThat(PictureReader.header(file, 1).size()).isEqualTo(new Size(8, 6));
        assertThat(PictureReader.header(file, 2).size()).isEqualTo(new Size(5, 9));
    }

    @Test
    void a_page_that_is_not_there_is_named_and_so_is_one_of_a_file_that_has_none() throws Exception {
        Path file = tiff(plain(8, 6, 10), plain(9, 5, 120));
        assertThatThrownBy(() -> PictureReader.header(file, 3))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("scans.tif has 2 pages, and no page 3");
        Path other =
                Files.write(folder.resolve("a.gif"), new byte[] {'G', 'I', 'F', '8', '9', 'a', 1, 0, 1, 0, 0, 0, 0});
        assertThatThrownBy(() -> PictureReader.header(other, 2))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("no page 2");
        assertThat(PictureReader.pages(other)).isEqualTo(1);
    }

    /** The chain of directories leads back to the first. */
    @Test
    void a_file_whose_directories_go_round_in_a_circle_is_read_in_time() throws Exception {
        Path file = tiff(plain(8, 6, 10), plain(9, 5, 120));
        byte[] bytes = Files.readAllBytes(file);
        ByteBuffer.wrap(bytes)
                .order(ByteOrder.LITTLE_ENDIAN)
                .putInt(
                        bytes.length - 4,
                        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).getInt(4));
        Files.write(file, bytes);
        assertThat(PictureReader.pages(file)).isBetween(1, Media.MOST_PAGES);
        assertThat(grey(file, 1)).isEqualTo(10);
    }
}
