package amberlens.media.pixels;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.planes.Cutouts;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.render.frame.PictureRef;
import amberlens.media.export.FrameSource;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PixelCacheTest {
    @TempDir
    private Path folder;

    private Path picture(String name) throws IOException {
        Path file = folder.resolve(name);
        ImageIO.write(new BufferedImage(100, 100, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        return file;
    }

    private static PictureRef whole(Path file) {
        return new PictureRef.Whole(Media.photo("m1", file.toString(), new Size(100, 100)));
    }

    /** How often a file is read. */
    private static final class Reads implements ReadingWatch {
        private int count;

        @Override
        public Optional<FileProblem> refusal(PixelKey key) {
            return Optional.empty();
        }

        @Override
        public void begins(Path file) {
            count++;
        }

        @Override
        public void ends(Path file) {}
    }

    private static Media inPlanes(Path file) {
        var left = List.of(new PicturePoint(10, 20), new PicturePoint(40, 20), new PicturePoint(20, 70));
        var right = List.of(new PicturePoint(60, 20), new PicturePoint(90, 20), new PicturePoint(70, 70));
        return Media.photo("m1", file.toString(), new Size(100, 100))
                .withPlanes(List.of(
                        new Plane("p1", "Gate", left, 0.5, 0, Fill.NONE, Extras.NONE),
                        new Plane("p2", "Post", right, 0.7, 0, Fill.NONE, Extras.NONE)));
    }

    @Test
    void all_that_a_picture_is_cut_into_comes_from_reading_it_once() throws IOException, FileProblem {
        var reads = new Reads();
        var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE, reads);
        for (PictureRef part : PictureRef.cutOuts(inPlanes(picture("gate.png")))) {
            assertThat(cache.await(part, () -> true)).isTrue();
        }
        assertThat(reads.count).isEqualTo(1);
    }

    @Test
    void what_is_needed_together_stays_however_small_the_budget() throws IOException, FileProblem {
        var reads = new Reads();
        var cache = new PixelCache(10, Runnable::run, Rows.ALONE, reads);
        List<PictureRef> parts = PictureRef.cutOuts(inPlanes(picture("gate.png")));
        var frame = new Object();
        cache.pin(frame, parts);
        for (int round = 0; round < 3; round++) {
            for (PictureRef part : parts) {
                cache.await(part, () -> true);
            }
        }
        assertThat(reads.count).isEqualTo(1);
        cache.pin(frame, List.of(whole(picture("b.png"))));
        cache.await(whole(picture("b.png")), () -> true);
        assertThat(cache.ready(parts.getFirst())).as("nobody needs it any more").isEmpty();
    }

    @Test
    void many_passing_looks_leave_memory_alone_and_what_is_looked_at_stays() throws Exception {
        var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE);
        PictureRef seen = whole(picture("seen.png"));
        cache.pin(this, List.of(seen));
        cache.await(seen, () -> true);
        long one = cache.bytes();
        for (int i = 0; i < 30; i++) {
            cache.glance(whole(picture("p" + i + ".png"))).get();
            assertThat(cache.bytes()).isLessThanOrEqualTo((1 << 20) / 4);
        }
        assertThat(cache.bytes()).as("as many as fit").isGreaterThan((1 << 20) / 4 - one);
        assertThat(cache.ready(seen)).isPresent();
        assertThat(cache.ready(whole(folder.resolve("p29.png"))))
                .as("the newest")
                .isPresent();
        assertThat(new PixelCache(10, Runnable::run, Rows.ALONE).glance(seen).get())
                .as("larger than all, and not kept")
                .isNotNull();
        for (int i = 0; i < 10; i++) {
            cache.await(whole(folder.resolve("p" + i + ".png")), () -> true);
        }
        assertThat(cache.bytes()).as("what is asked for may fill the budget").isGreaterThan((1 << 20) / 4);
    }

    @Test
    void what_was_glanced_at_and_then_asked_for_is_read_once() throws Exception {
        var reads = new Reads();
        var waiting = new java.util.ArrayDeque<Runnable>();
        var cache = new PixelCache(10, waiting::add, Rows.ALONE, reads);
        PictureRef seen = whole(picture("seen.png"));
        var glance = cache.glance(seen);
        var wanted = cache.request(seen);
        waiting.remove().run();
        assertThat(wanted).isSameAs(glance).isCompleted();
        assertThat(cache.ready(seen)).as("somebody asked for it").isPresent();
        assertThat(reads.count).isEqualTo(1);
    }

    @Test
    void a_check_keeps_what_it_read_while_half_of_the_budget_is_free_and_reads_the_rest_all_the_same()
            throws Exception {
        PictureRef first = whole(picture("first.png"));
        PictureRef second = whole(picture("second.png"));
        PictureRef third = whole(picture("third.png"));
        long one = new PixelCache(1 << 20, Runnable::run, Rows.ALONE)
                .request(first)
                .get()
                .bytes();
        var reads = new Reads();
        var cache = new PixelCache(3 * one, Runnable::run, Rows.ALONE, reads);
        for (PictureRef ref : List.of(first, second, third, first)) {
            assertThat(cache.check(ref, () -> true)).isTrue();
        }
        assertThat(reads.count).isEqualTo(3);
        assertThat(cache.ready(first)).isPresent();
        assertThat(cache.ready(second)).isPresent();
        assertThat(cache.ready(third)).as("it can be read").isEmpty();
        Path text = Files.writeString(folder.resolve("text.png"), "no picture");
        assertThatThrownBy(() -> cache.check(whole(text), () -> true))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("text.png");
        assertThat(cache.check(third, () -> false)).isFalse();
    }

    @Test
    void the_frames_of_a_picture_in_planes_read_it_once_and_never_as_a_whole() throws IOException, FileProblem {
        var reads = new Reads();
        var cache = new PixelCache(10, Runnable::run, Rows.ALONE, reads);
        Media gate = inPlanes(picture("gate.png"));
        Project empty =
                Project.empty("Gate").withFrame(new FrameFormat(new Size(64, 36), FrameRate.of(25), Colour.BLACK));
        CameraTrack camera = CameraTrack.still(Refit.FILL.pose(gate.size(), empty.frameSize()));
        Project project = empty.withMedia(List.of(gate))
                .withShots(List.of(new Shot("s1", "Gate", "m1", 1, 0, 6, true, camera, Extras.NONE)));
        var source = new FrameSource(project, cache, Rows.ALONE);
        for (int frame = 0; frame < 6; frame++) {
            source.frame(frame, empty.frameSize());
        }
        assertThat(reads.count).isEqualTo(1);
        assertThat(cache.ready(new PictureRef.Whole(gate))).isEmpty();
    }

    /** A machine that has no memory, or no time, for so many readings. */
    private static ReadingWatch failing(Supplier<Throwable> failure, AtomicInteger times) {
        return new ReadingWatch() {
            @Override
            public Optional<FileProblem> refusal(PixelKey key) {
                if (times.getAndDecrement() > 0) {
                    Throwable thrown = failure.get();
                    if (thrown instanceof Error error) {
                        throw error;
                    }
                    return Optional.of((FileProblem) thrown);
                }
                return Optional.empty();
            }

            @Override
            public void begins(Path file) {}

            @Override
            public void ends(Path file) {}
        };
    }

    static Stream<Supplier<Throwable>> failuresOfTheMachine() {
        return Stream.of(() -> new OutOfMemoryError("as if"), () -> FileProblem.tooSlow("large.png"));
    }

    @ParameterizedTest
    @MethodSource("failuresOfTheMachine")
    void what_the_machine_could_not_do_is_tried_again_after_longer_and_longer(Supplier<Throwable> failure)
            throws IOException, FileProblem {
        var seconds = new AtomicLong(1000);
        var cache = new PixelCache(
                1 << 20,
                Runnable::run,
                Rows.ALONE,
                failing(failure, new AtomicInteger(2)),
                () -> TimeUnit.SECONDS.toNanos(seconds.get()));
        PictureRef large = whole(picture("large.png"));
        assertThatThrownBy(() -> cache.await(large, () -> true)).isInstanceOf(FileProblem.class);
        assertThat(cache.problem(large.media()))
                .hasValueSatisfying(problem -> assertThat(problem.mayPass()).isTrue());
        assertThat(cache.triesAgainIn(Path.of(large.media().path()))).contains(Duration.ofSeconds(10));
        seconds.addAndGet(9);
        assertThatThrownBy(() -> cache.await(large, () -> true)).isInstanceOf(FileProblem.class);
        seconds.addAndGet(1);
        assertThat(cache.problem(large.media())).isEmpty();
        assertThatThrownBy(() -> cache.await(large, () -> true)).isInstanceOf(FileProblem.class);
        assertThat(cache.triesAgainIn(Path.of(large.media().path()))).contains(Duration.ofSeconds(20));
        seconds.addAndGet(20);
        assertThat(cache.await(large, () -> true)).isTrue();
        assertThat(cache.triesAgainIn(Path.of(large.media().path()))).isEmpty();
    }

    @Test
    void a_damaged_file_is_not_read_again_until_it_changes() throws IOException {
        Path file = Files.writeString(folder.resolve("torn.png"), "no picture");
        var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE);
        assertThatThrownBy(() -> cache.await(whole(file), () -> true)).isInstanceOf(FileProblem.class);
        assertThat(cache.triesAgainIn(file)).isEmpty();
        assertThat(cache.problem(file)).isPresent();
    }

    @Test
    void the_least_recently_used_picture_goes_when_the_budget_is_spent() throws IOException, FileProblem {
        Path a = picture("a.png");
        Path b = picture("b.png");
        Path c = picture("c.png");
        long one = 4 * 100 * 100 + 4 * 50 * 50 + 4 * 25 * 25 + 4 * 13 * 13;
        var cache = new PixelCache(2 * one, Runnable::run, Rows.ALONE);
        cache.await(whole(a), () -> true);
        cache.await(whole(b), () -> true);
        cache.await(whole(a), () -> true);
        assertThat(cache.bytes()).isEqualTo(2 * one);
        cache.await(whole(c), () -> true);
        assertThat(cache.ready(whole(b))).isEmpty();
        assertThat(cache.ready(whole(a))).isPresent();
        assertThat(cache.bytes()).isLessThanOrEqualTo(2 * one);
    }

    @Test
    void a_picture_larger_than_the_budget_is_kept_while_it_is_the_newest() throws IOException, FileProblem {
        var cache = new PixelCache(10, Runnable::run, Rows.ALONE);
        Path a = picture("a.png");
        cache.await(whole(a), () -> true);
        assertThat(cache.ready(whole(a))).isPresent();
        cache.await(whole(picture("b.png")), () -> true);
        assertThat(cache.ready(whole(a))).isEmpty();
    }

    @Test
    void what_fails_to_be_cut_out_of_a_picture_leaves_the_picture_as_it_is() throws IOException, FileProblem {
        var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE);
        Path file = picture("gate.png");
        var outline = List.of(new PicturePoint(20, 20), new PicturePoint(60, 20), new PicturePoint(40, 70));
        Media gate = Media.photo("m1", file.toString(), new Size(100, 100))
                .withPlanes(List.of(new Plane("p1", "Gate", outline, 0.5, 0, Fill.NONE, Extras.NONE)));
        cache.await(new PictureRef.Whole(gate), () -> true);
        Files.writeString(file, "no picture any more");
        var ground = new PictureRef.CutOut(gate, Cutouts.GROUND);
        assertThatThrownBy(() -> cache.await(ground, () -> true)).isInstanceOf(FileProblem.class);
        assertThat(cache.problem(ground))
                .hasValueSatisfying(why -> assertThat(why).hasMessageContaining("gate.png"));
        assertThat(cache.problem(gate)).isEmpty();
        assertThat(cache.ready(new PictureRef.Whole(gate))).isPresent();
        picture("gate.png");
        cache.forget(file);
        assertThat(cache.await(ground, () -> true)).isTrue();
    }

    @Test
    void a_problem_is_remembered_until_the_file_is_forgotten() throws IOException, FileProblem {
        var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE);
        Path late = folder.resolve("late.png");
        assertThatThrownBy(() -> cache.await(whole(late), () -> true))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("late.png");
        assertThat(cache.problem(late)).isPresent();
        picture("late.png");
        cache.forget(late);
        assertThat(cache.request(whole(late)).join().size().width()).isEqualTo(100);
    }
}
