package amberlens.media.pixels;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.planes.Cutouts;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.pixels.raster.Rows;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PixelCacheTest {
    @TempDir
    private Path folder;

    private Path picture(String name) throws IOException {
        Path file = folder.resolve(name);
        ImageIO.write(new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        return file;
    }

    @Test
    void the_least_recently_used_picture_goes_when_the_budget_is_spent() throws IOException, FileProblem {
        Path a = picture("a.png");
        Path b = picture("b.png");
        Path c = picture("c.png");
        long one = 4 * 100 * 100 + 4 * 50 * 50 + 4 * 25 * 25 + 4 * 13 * 13;
        var cache = new PixelCache(2 * one, Runnable::run, Rows.ALONE);
        cache.await(PixelKey.photo(a), () -> true);
        cache.await(PixelKey.photo(b), () -> true);
        cache.await(PixelKey.photo(a), () -> true);
        assertThat(cache.bytes()).isEqualTo(2 * one);
        cache.await(PixelKey.photo(c), () -> true);
        assertThat(cache.ready(PixelKey.photo(b))).isEmpty();
        assertThat(cache.ready(PixelKey.photo(a))).isPresent();
        assertThat(cache.bytes()).isLessThanOrEqualTo(2 * one);
    }

    @Test
    void a_picture_larger_than_the_budget_is_kept_while_it_is_the_newest() throws IOException, FileProblem {
        var cache = new PixelCache(10, Runnable::run, Rows.ALONE);
        Path a = picture("a.png");
        cache.await(PixelKey.photo(a), () -> true);
        assertThat(cache.ready(PixelKey.photo(a))).isPresent();
        cache.await(PixelKey.photo(picture("b.png")), () -> true);
        assertThat(cache.ready(PixelKey.photo(a))).isEmpty();
    }

    @Test
    void what_fails_to_be_cut_out_of_a_picture_leaves_the_picture_as_it_is() throws IOException, FileProblem {
        var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE);
        Path file = picture("gate.png");
        var outline = List.of(new PicturePoint(20, 20), new PicturePoint(60, 20), new PicturePoint(40, 70));
        Media gate = Media.photo("m1", file.toString(), new Size(100, 100))
                .withPlanes(List.of(new Plane("p1", "Gate", outline, 0.5, 0, Fill.NONE, Extras.NONE)));
        cache.await(PixelKey.of(gate, Cutouts.WHOLE), () -> true);
        Files.writeString(file, "no picture any more");
        PixelKey ground = PixelKey.of(gate, Cutouts.GROUND);
        assertThatThrownBy(() -> cache.await(ground, () -> true)).isInstanceOf(FileProblem.class);
        assertThat(cache.problem(ground))
                .hasValueSatisfying(why -> assertThat(why).hasMessageContaining("gate.png"));
        assertThat(cache.problem(gate)).isEmpty();
        assertThat(cache.ready(PixelKey.of(gate, Cutouts.WHOLE))).isPresent();
        picture("gate.png");
        cache.forget(file);
        assertThat(cache.await(ground, () -> true)).isTrue();
    }

    @Test
    void a_problem_is_remembered_until_the_file_is_forgotten() throws IOException, FileProblem {
        var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE);
        Path late = folder.resolve("late.png");
        assertThatThrownBy(() -> cache.await(PixelKey.photo(late), () -> true))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("late.png");
        assertThat(cache.problem(late)).isPresent();
        picture("late.png");
        cache.forget(late);
        assertThat(cache.request(PixelKey.photo(late)).join().size().width()).isEqualTo(100);
    }
}
