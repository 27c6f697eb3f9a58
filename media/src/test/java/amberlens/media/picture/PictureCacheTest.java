package amberlens.media.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.model.FileProblem;
import amberlens.core.render.Rows;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PictureCacheTest {
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
        long one = 8 * 100 * 100 + 8 * 50 * 50 + 8 * 25 * 25 + 8 * 13 * 13;
        var cache = new PictureCache(2 * one, Runnable::run, Rows.ALONE);
        cache.await(a);
        cache.await(b);
        cache.await(a);
        assertThat(cache.bytes()).isEqualTo(2 * one);
        cache.await(c);
        assertThat(cache.ready(b)).isEmpty();
        assertThat(cache.ready(a)).isPresent();
        assertThat(cache.bytes()).isLessThanOrEqualTo(2 * one);
    }

    @Test
    void a_picture_larger_than_the_budget_is_kept_while_it_is_the_newest() throws IOException, FileProblem {
        var cache = new PictureCache(10, Runnable::run, Rows.ALONE);
        Path a = picture("a.png");
        cache.await(a);
        assertThat(cache.ready(a)).isPresent();
        cache.await(picture("b.png"));
        assertThat(cache.ready(a)).isEmpty();
    }

    @Test
    void a_problem_is_remembered_until_the_file_is_forgotten() throws IOException, FileProblem {
        var cache = new PictureCache(1 << 20, Runnable::run, Rows.ALONE);
        Path late = folder.resolve("late.png");
        assertThatThrownBy(() -> cache.await(late))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("late.png");
        assertThat(cache.problem(late)).isPresent();
        picture("late.png");
        cache.forget(late);
        assertThat(cache.await(late).size().width()).isEqualTo(100);
    }
}
