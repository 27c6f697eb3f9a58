package amberlens.media.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.model.project.FileProblem;
import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;

class BudgetTest {
    private static final Path PICTURE = Path.of("picture.png");
    private static final Duration SHORT = Duration.ofMillis(200);

    /** A thread that is kept waiting, here by its own sleep, for three times what it may work. */
    @Test
    void whoever_gets_no_processor_is_not_given_up_for_that() throws Exception {
        String read = Budget.read(PICTURE, SHORT, _ -> {
            sleep(3 * SHORT.toMillis());
            return "read";
        });
        assertThat(read).isEqualTo("read");
    }

    @Test
    void whoever_works_without_an_end_is_given_up_and_what_it_reads_from_is_closed() throws Exception {
        var closed = new CountDownLatch(1);
        var stop = new AtomicBoolean();
        assertThatThrownBy(() -> Budget.read(PICTURE, SHORT, budget -> {
                    budget.closing((AutoCloseable) closed::countDown);
                    while (!stop.get()) {
                        Thread.onSpinWait();
                    }
                    return "";
                }))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("takes too long to read");
        assertThat(closed.await(120, TimeUnit.SECONDS)).isTrue();
        stop.set(true);
    }

    @Test
    void a_disk_that_never_answers_is_given_up_by_the_clock() {
        assertThatThrownBy(() -> Budget.read(PICTURE, SHORT, _ -> {
                    sleep(60_000);
                    return "";
                }))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("its disk does not answer");
    }

    private static void sleep(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
