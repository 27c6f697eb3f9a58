package amberlens.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PathsAndStampsTest {
    @TempDir
    private Path folder;

    private Path file(String content) throws IOException {
        return Files.writeString(folder.resolve("film.amber"), content);
    }

    private static FileStamp stamp(Path file, String content) throws IOException {
        return FileStamp.of(file, content.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void dots_behind_a_link_lead_where_the_system_goes() throws IOException {
        Path deep = Files.createDirectories(folder.resolve("elsewhere/deep"));
        Path link = Files.createSymbolicLink(folder.resolve("link"), deep);
        Files.writeString(folder.resolve("elsewhere/plan.jpg"), "found by the system");
        Path asWritten = link.resolve("../plan.jpg");
        assertThat(asWritten).hasContent("found by the system"); // POSIX.1-2017, 4.13 Pathname Resolution
        assertThat(ResolvedPaths.resolved(asWritten)).hasContent("found by the system");
        assertThat(ResolvedPaths.resolved(folder.resolve("a/./b/../c"))).isEqualTo(folder.resolve("a/c"));
        assertThat(ResolvedPaths.resolved(Path.of("/../..")).toString()).isEqualTo("/");
    }

    @Test
    void a_file_that_was_only_touched_still_holds_the_same() throws IOException {
        Path file = file("one");
        FileStamp stamp = stamp(file, "one");
        Files.setLastModifiedTime(file, FileTime.fromMillis(5_000));
        assertThat(stamp.stillHolds(file)).isTrue();
    }

    @Test
    void another_content_of_the_same_length_is_seen_and_so_is_a_file_that_is_gone() throws IOException {
        Path file = file("one");
        FileStamp stamp = stamp(file, "one");
        Files.writeString(file, "two");
        Files.setLastModifiedTime(file, FileTime.fromMillis(5_000));
        assertThat(stamp.stillHolds(file)).isFalse();
        Files.delete(file);
        assertThat(stamp.stillHolds(file)).isFalse();
    }

    @Test
    void settings_and_data_have_folders_of_this_program() {
        Folders folders = Folders.usual();
        assertThat(folders.settings().toString()).contains("amber-lens");
        assertThat(folders.data().toString()).contains("amber-lens");
        assertThat(folders.data()).isNotEqualTo(folders.settings());
    }
}
