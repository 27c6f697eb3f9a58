package amberlens.core.base.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class FrameSpanTest {
    @Test
    void both_ends_belong_to_it() {
        var span = new FrameSpan(-2, 3);
        assertThat(IntStream.range(-10, 10).filter(span::contains).boxed()).containsExactly(-2, -1, 0, 1, 2, 3);
        assertThat(span.length()).isEqualTo(6);
        assertThat(new FrameSpan(4, 4).length()).isEqualTo(1);
        assertThat(new int[] {span.clamp(-9), span.clamp(1), span.clamp(9)}).containsExactly(-2, 1, 3);
        assertThatThrownBy(() -> new FrameSpan(3, 2)).hasMessageContaining("3 to 2");
    }

    @Test
    void a_rate_counts_frames_of_a_second_and_has_ends() {
        assertThat(new FrameRate(30000, 1001).seconds(30000)).isEqualTo(1001.0);
        assertThat(FrameRate.of(25).seconds(1)).isEqualTo(0.04);
        assertThatThrownBy(() -> FrameRate.of(0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void runs_are_as_long_as_something_holds() {
        assertThat(FrameSpan.runs(5, 12, frame -> frame % 4 != 3))
                .containsExactly(new FrameSpan(5, 6), new FrameSpan(8, 10), new FrameSpan(12, 12));
        assertThat(FrameSpan.runs(0, 3, _ -> false)).isEmpty();
        assertThat(FrameSpan.runs(0, 3, _ -> true)).containsExactly(new FrameSpan(0, 3));
        assertThat(FrameSpan.runs(4, 3, _ -> true)).isEmpty();
    }
}
