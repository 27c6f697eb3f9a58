package amberlens.desktop.work.services;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.model.project.FileProblem;
import amberlens.desktop.work.background.Background;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeptHereTest {
    @TempDir
    private Path folder;

    private final Deque<Runnable> waiting = new ArrayDeque<>();
    private final Deque<Runnable> shown = new ArrayDeque<>();
    private final List<String> said = new ArrayList<>();
    private final AtomicInteger changes = new AtomicInteger();
    private final Object project = new Object();
    private final Background background = Background.on(waiting::add, shown::add, () -> project, said::add);

    private KeptHere<String> words() {
        var format = new KeptFiles.Format<>(".word", word -> word, KeptHereTest::open, KeptHereTest::save);
        return new KeptHere<>(
                new KeptFiles<>(folder.resolve("words"), format), background, said::add, changes::incrementAndGet);
    }

    private static String open(Path file) throws FileProblem {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be read.", e);
        }
    }

    private static void save(String word, Path file) throws FileProblem {
        try {
            Files.writeString(file, word);
        } catch (IOException e) {
            throw new FileProblem(file + " cannot be written.", e);
        }
    }

    private void work() {
        while (!waiting.isEmpty()) {
            waiting.remove().run();
        }
    }

    private void show() {
        while (!shown.isEmpty()) {
            shown.remove().run();
        }
    }

    @Test
    void nobody_waits_for_the_files() {
        KeptHere<String> words = words();
        words.keep("ferry", "Kept.");
        assertThat(words.all()).isEmpty();
        assertThat(said).isEmpty();
        work();
        show();
        assertThat(words.all()).extracting(KeptFiles.Kept::what).containsExactly("ferry");
        assertThat(said).containsExactly("Kept.");
        assertThat(changes).hasValue(1);

        KeptHere<String> again = words();
        work();
        show();
        again.remove(again.all().getFirst());
        assertThat(again.all()).hasSize(1);
        work();
        show();
        assertThat(again.all()).isEmpty();
        assertThat(folder.resolve("words")).isEmptyDirectory();
    }

    @Test
    void what_was_found_before_does_not_hide_what_was_kept_since() {
        KeptHere<String> words = words();
        work();
        Runnable before = shown.remove();
        words.keep("ferry", "");
        work();
        show();
        before.run();
        assertThat(words.all()).extracting(KeptFiles.Kept::what).containsExactly("ferry");
    }

    @Test
    void what_cannot_be_kept_is_said_and_changes_nothing() throws IOException {
        Files.writeString(folder.resolve("words"), "in the way");
        KeptHere<String> words = words();
        words.keep("ferry", "Kept.");
        work();
        show();
        assertThat(said).hasSize(1);
        assertThat(said.getFirst()).contains("words").doesNotContain("Kept.");
        assertThat(words.all()).isEmpty();
        assertThat(changes).hasValue(0);
    }
}
