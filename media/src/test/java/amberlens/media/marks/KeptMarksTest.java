package amberlens.media.marks;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.material.mark.FoundMark;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.intake.FilmGuard;
import amberlens.media.intake.MediaProbe;
import amberlens.media.pixels.PixelCache;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeptMarksTest {
    @TempDir
    private Path folder;

    private final AtomicInteger looked = new AtomicInteger();
    private final PixelCache pictures = new PixelCache(1 << 26, Runnable::run, Rows.ALONE);

    private KeptMarks kept() {
        return new KeptMarks(folder.resolve("cache"), () -> picture -> {
            looked.incrementAndGet();
            return List.of(new FoundMark(Mark.Kind.FACE, new PictureBox(3, 4, 10, 12), 0.87));
        });
    }

    private Media picture(String name, int shade) throws Exception {
        Path file = folder.resolve(name);
        var image = new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB);
        image.setRGB(5, 5, shade);
        ImageIO.write(image, "png", file.toFile());
        return MediaProbe.file(file, FilmGuard.NONE).media();
    }

    @Test
    void what_was_looked_at_once_is_known_under_another_name_too() throws Exception {
        Media one = picture("beds.png", 7);
        assertThat(kept().known(one)).isEmpty();
        List<FoundMark> found = kept().find(one, pictures);
        assertThat(kept().known(one)).contains(found);
        assertThat(kept().find(picture("same.png", 7), pictures)).isEqualTo(found);
        assertThat(looked).hasValue(1);
        kept().find(picture("other.png", 8), pictures);
        assertThat(looked).hasValue(2);
    }

    @Test
    void what_is_damaged_is_found_again() throws Exception {
        Media one = picture("beds.png", 7);
        List<FoundMark> found = kept().find(one, pictures);
        try (Stream<Path> files = Files.walk(folder.resolve("cache"))) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Files.writeString(file, "face 3 x");
            }
        }
        assertThat(kept().known(one)).isEmpty();
        assertThat(kept().find(one, pictures)).isEqualTo(found);
    }
}
