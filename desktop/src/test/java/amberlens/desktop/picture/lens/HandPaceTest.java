package amberlens.desktop.picture.lens;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

class HandPaceTest {
    private static final Size LARGE = new Size(2560, 1440);
    private static final Size SMALL = new Size(960, 540);

    private final AtomicLong millis = new AtomicLong(5000);
    private final HandPace pace = new HandPace(() -> 1_000_000 * millis.get());

    @Test
    void a_single_step_is_made_whole_at_once() {
        assertThat(pace.asked(LARGE)).isEqualTo(1);
        millis.addAndGet(150);
        assertThat(pace.asked(LARGE)).isEqualTo(1);
    }

    @Test
    void while_the_hand_moves_large_pictures_are_half_as_large_and_whole_when_it_rests() {
        pace.asked(LARGE);
        for (int move = 0; move < 5; move++) {
            millis.addAndGet(30);
            assertThat(pace.asked(LARGE)).isEqualTo(2);
            assertThat(pace.asked(SMALL)).isEqualTo(1);
        }
        millis.addAndGet(HandPace.REST.toMillis());
        assertThat(pace.asked(LARGE)).isEqualTo(1);
    }
}
