package amberlens.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;

class LowPriorityTest {
    /** Where proc(5) has the nice value, counted from the state of the thread, which follows its name in brackets. */
    private static final int NICE = 16;

    private static int niceness() throws IOException {
        String stat = Files.readString(Path.of("/proc/thread-self/stat"));
        return Integer.parseInt(stat.substring(stat.lastIndexOf(')') + 2).split(" ", -1)[NICE]);
    }

    @Test
    @EnabledOnOs(OS.LINUX)
    void its_threads_and_those_that_they_start_give_way_and_no_other_does() throws Exception {
        try (ExecutorService threads = Executors.newFixedThreadPool(1, LowPriority.threads("low"))) {
            assertThat(threads.submit(LowPriorityTest::niceness).get()).isEqualTo(LowPriority.NICE);
            int[] started = new int[1];
            threads.submit(() -> {
                        Thread own = Thread.ofPlatform().start(() -> {
                            try {
                                started[0] = niceness();
                            } catch (IOException e) {
                                throw new IllegalStateException(e);
                            }
                        });
                        own.join();
                        return "";
                    })
                    .get();
            assertThat(started[0]).isEqualTo(LowPriority.NICE);
        }
        assertThat(niceness()).isLessThan(LowPriority.NICE);
    }

    @Test
    void they_do_not_keep_the_program_from_ending() {
        Thread first = LowPriority.threads("low").newThread(() -> {});
        assertThat(first.isDaemon()).isTrue();
        assertThat(first.getName()).isEqualTo("low-0");
        assertThat(first.getPriority()).isEqualTo(Thread.MIN_PRIORITY);
    }
}
