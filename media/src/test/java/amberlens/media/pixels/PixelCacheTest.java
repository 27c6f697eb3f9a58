package amberlens.media.pixels;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.model.FileProblem;
import amberlens.core.raster.Rows;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
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
