package amberlens.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class NotedTextTest {
    @TempDir
    private Path folder;

    private final List<Runnable> waiting = new ArrayList<>();

    @Test
    void whoever_changes_it_does_not_wait_and_all_changes_are_written_in_order() {
        Path file = folder.resolve("settings").resolve("notes");
        try (var text = new NotedText(file, waiting::add)) {
            text.change(before -> before + "one ");
            text.change(before -> before + "two");
            assertThat(file).doesNotExist();
            waiting.removeFirst().run();
            assertThat(file).hasContent("one two");
            waiting.removeFirst().run();
            assertThat(file).hasContent("one two");
        }
    }

    @Test
    void the_end_writes_what_was_not_written() {
        Path file = folder.resolve("notes");
        try (var text = new NotedText(file, _ -> {})) {
            text.change(_ -> "kept");
        }
        assertThat(file).hasContent("kept");
    }

    /** Another program may have written meanwhile. */
    @Test
    void a_change_begins_from_what_the_file_holds_by_then() throws IOException {
        Path file = Files.writeString(folder.resolve("notes"), "mine");
        try (var text = new NotedText(file, waiting::add)) {
            text.change(before -> before + ", and mine again");
            Files.writeString(file, "theirs");
        }
        assertThat(file).hasContent("theirs, and mine again");
    }

    @Test
    void what_cannot_be_read_or_written_is_no_harm() throws IOException {
        Path inTheWay =
                Files.writeString(folder.resolve("settings"), "no folder").resolve("notes");
        try (var text = new NotedText(inTheWay, Runnable::run)) {
            text.change(_ -> "lost");
            assertThat(text.read()).isEmpty();
        }
        Path notText = Files.write(folder.resolve("bytes"), new byte[] {(byte) 0xC3, (byte) 0x28});
        try (var text = new NotedText(notText, Runnable::run)) {
            assertThat(text.read()).isEmpty();
        }
    }
}
