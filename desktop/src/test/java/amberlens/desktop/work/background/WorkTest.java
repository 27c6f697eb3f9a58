package amberlens.desktop.work.background;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.model.project.FileProblem;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What comes of work in the background, whatever happens meanwhile; both threads are queues here. */
class WorkTest {
    private final Queue<Runnable> threads = new ArrayDeque<>();
    private final Queue<Runnable> interfaceThread = new ArrayDeque<>();
    private final List<String> heard = new ArrayList<>();
    private Object open = "this project";
    private final Background background =
            Background.on(threads::add, interfaceThread::add, () -> open, words -> heard.add("said: " + words));

    private static void run(Queue<Runnable> queue) {
        while (!queue.isEmpty()) {
            queue.remove().run();
        }
    }

    private Work<String> started() {
        Work<String> work = Work.of(() -> "found", heard::add).atEnd(() -> heard.add("end"));
        return background.start(work);
    }

    @Test
    void a_result_comes_on_the_interface_thread_and_then_the_end() {
        started();
        assertThat(heard).isEmpty();
        run(threads);
        assertThat(heard).isEmpty();
        run(interfaceThread);
        assertThat(heard).containsExactly("found", "end");
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void a_result_for_another_project_is_dropped_but_the_end_comes(boolean computed) {
        started();
        if (computed) {
            run(threads);
        }
        open = "another project";
        run(threads);
        run(interfaceThread);
        assertThat(heard).containsExactly("end");
    }

    @Test
    void what_is_for_every_project_comes_all_the_same() {
        background.start(Work.of(() -> "found", heard::add).forEveryProject());
        open = "another project";
        run(threads);
        run(interfaceThread);
        assertThat(heard).containsExactly("found");
    }

    @Test
    void nothing_comes_of_what_is_cancelled_but_its_end() {
        Work<String> before = started();
        before.cancel();
        run(threads);
        run(interfaceThread);
        assertThat(heard).containsExactly("end");
        Work<String> after = started();
        run(threads);
        after.cancel();
        run(interfaceThread);
        assertThat(heard).containsExactly("end", "end");
    }

    @Test
    void whatever_is_thrown_ends_in_words() {
        List<Throwable> thrown = List.of(
                new FileProblem("bed.jpg is not there; check its name and folder."),
                new IllegalArgumentException("the amount is out of range"),
                new IllegalStateException("odd", new FileProblem("The disk is full.")),
                new OutOfMemoryError("Java heap space"),
                new StackOverflowError(),
                new NullPointerException());
        for (Throwable one : thrown) {
            background.start(Work.of(() -> sneaky(one), heard::add, heard::add).atEnd(() -> heard.add("end")));
        }
        run(threads);
        run(interfaceThread);
        assertThat(heard).hasSize(2 * thrown.size()).doesNotContainNull();
        assertThat(heard)
                .startsWith(
                        "bed.jpg is not there; check its name and folder.",
                        "end",
                        "the amount is out of range",
                        "end",
                        "The disk is full.",
                        "end",
                        "This needs more memory than the program may use. Try less at once.",
                        "end");
        assertThat(heard.get(10)).startsWith("Something went wrong: NullPointerException");
    }

    @SuppressWarnings("unchecked")
    private static <E extends Throwable> String sneaky(Throwable thrown) throws E {
        throw (E) thrown;
    }

    @Test
    void words_are_said_in_the_status_line_where_nobody_takes_them() {
        background.start(Work.of(
                () -> {
                    throw new FileProblem("No.");
                },
                _ -> heard.add("found")));
        run(threads);
        run(interfaceThread);
        assertThat(heard).containsExactly("said: No.");
    }

    @Test
    void a_result_that_cannot_be_shown_ends_too() {
        background.start(Work.of(() -> "found", (String _) -> {
                    throw new IllegalStateException("shown badly");
                })
                .atEnd(() -> heard.add("end")));
        run(threads);
        try {
            run(interfaceThread);
        } catch (IllegalStateException shown) {
            heard.add(shown.getMessage());
        }
        assertThat(heard).containsExactly("end", "shown badly");
    }

    @Test
    void progress_is_shown_while_it_is_wanted() {
        var work = background.start(Work.<Integer>watched(
                own -> {
                    int count = 0;
                    while (own.isWanted()) {
                        int now = ++count;
                        own.tell(() -> heard.add("at " + now));
                        if (now == 2) {
                            own.cancel();
                        }
                    }
                    return count;
                },
                found -> heard.add("found " + found),
                heard::add));
        run(threads);
        run(interfaceThread);
        assertThat(work.isWanted()).isFalse();
        assertThat(heard).as("nothing of what is cancelled is shown").isEmpty();
    }

    @Test
    void a_new_round_drops_the_one_before() {
        var round = new Round(background);
        round.start(Work.of(() -> "first", heard::add));
        round.start(Work.of(() -> "second", heard::add));
        round.startOnly(Work.of(() -> "third", heard::add));
        round.start(Work.of(() -> "fourth", heard::add));
        run(threads);
        run(interfaceThread);
        assertThat(heard).containsExactly("third", "fourth");
    }
}
