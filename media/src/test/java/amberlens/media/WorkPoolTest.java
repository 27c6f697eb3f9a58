package amberlens.media;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.atomic.AtomicIntegerArray;
import org.junit.jupiter.api.Test;

class WorkPoolTest {
    private static AtomicIntegerArray visits(WorkPool pool, int height) {
        var visits = new AtomicIntegerArray(height);
        pool.inBands(height, (first, last) -> {
            for (int row = first; row < last; row++) {
                visits.incrementAndGet(row);
            }
        });
        return visits;
    }

    @Test
    void every_row_is_done_once_also_after_the_pool_was_closed() {
        var pool = WorkPool.of(3);
        for (int height : new int[] {1, 2, 7, 1080}) {
            var open = visits(pool, height);
            for (int row = 0; row < height; row++) {
                assertThat(open.get(row)).isEqualTo(1);
            }
        }
        pool.close();
        var closed = visits(pool, 100);
        for (int row = 0; row < 100; row++) {
            assertThat(closed.get(row)).isEqualTo(1);
        }
    }

    @Test
    void a_failure_in_a_band_reaches_the_caller() {
        try (var pool = WorkPool.of(2)) {
            assertThatThrownBy(() -> pool.inBands(10, (first, _) -> {
                        if (first > 0) {
                            throw new IllegalArgumentException("row " + first);
                        }
                    }))
                    .hasRootCauseInstanceOf(IllegalArgumentException.class);
        }
    }
}
