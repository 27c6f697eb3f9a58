package amberlens.media.frames;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.FrameSight;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MadeFramesTest {
    private static final Size SIZE = new Size(20, 10);
    private static final long FRAME = 4L * 20 * 10;

    @TempDir
    private Path folder;

    private static FrameSight sight(int number) {
        var format = new FrameFormat(new Size(100 + number, 50), FrameRate.of(25), Colour.BLACK);
        return new FrameSight(format, FrameSight.Port.of(SIZE), List.of());
    }

    private static FrameRaster frame(Size size, int number) {
        FrameRaster frame = FrameRaster.blank(size);
        Arrays.setAll(frame.argb(), i -> 0xFF000000 | 31 * number + i);
        return frame;
    }

    private static void fill(MadeFrames frames, int count) {
        for (int i = 0; i < count; i++) {
            frames.put(sight(i), frame(SIZE, i));
        }
    }

    private static void holds(MadeFrames frames, int number) {
        assertThat(frames.has(sight(number))).isTrue();
        assertThat(frames.get(sight(number), FrameRaster::blank).orElseThrow().argb())
                .isEqualTo(frame(SIZE, number).argb());
    }

    private long files() throws IOException {
        try (var listed = Files.list(folder)) {
            return listed.count();
        }
    }

    @Test
    void what_does_not_fit_into_memory_is_read_from_a_file_that_is_gone_afterwards() throws IOException {
        var opened = new AtomicInteger();
        OverflowFile.Opener opener = pixels -> {
            opened.incrementAndGet();
            return OverflowFile.in(folder).open(pixels);
        };
        try (var frames = new MadeFrames(3 * FRAME, 100 * FRAME, opener)) {
            fill(frames, 3);
            assertThat(opened).hasValue(0);
            fill(frames, 40);
            assertThat(opened).hasValue(1);
            for (int i = 39; i >= 0; i--) {
                holds(frames, i);
            }
        }
        assertThat(files()).isZero();
    }

    @Test
    void the_oldest_are_given_up() {
        try (var frames = new MadeFrames(2 * FRAME, 5 * FRAME, OverflowFile.in(folder))) {
            fill(frames, 30);
            for (int i = 0; i < 23; i++) {
                assertThat(frames.has(sight(i))).isFalse();
                assertThat(frames.get(sight(i), FrameRaster::blank)).isEmpty();
            }
            for (int i = 23; i < 30; i++) {
                holds(frames, i);
            }
        }
    }

    @Test
    void frames_of_another_size_take_the_place_of_all() {
        try (var frames = new MadeFrames(2 * FRAME, 50 * FRAME, OverflowFile.in(folder))) {
            fill(frames, 10);
            var larger = new Size(30, 20);
            frames.put(sight(100), frame(larger, 100));
            assertThat(frames.has(sight(9))).isFalse();
            assertThat(frames.get(sight(100), FrameRaster::blank).orElseThrow().size())
                    .isEqualTo(larger);
            frames.clear();
            assertThat(frames.isEmpty()).isTrue();
        }
    }

    @Test
    void where_no_file_can_be_made_only_memory_is_used() {
        try (var frames = new MadeFrames(3 * FRAME, 100 * FRAME, _ -> {
            throw new IOException("no room");
        })) {
            fill(frames, 8);
            for (int i = 0; i < 5; i++) {
                assertThat(frames.has(sight(i))).isFalse();
            }
            for (int i = 5; i < 8; i++) {
                holds(frames, i);
            }
        }
    }
}
