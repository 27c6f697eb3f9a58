package amberlens.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.google.common.jimfs.Configuration;
import com.google.common.jimfs.Jimfs;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFileTest {
    @TempDir
    private Path folder;

    private List<String> names() throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    @Test
    void until_it_is_put_in_place_the_old_file_is_there_and_closing_leaves_nothing() throws IOException {
        Path file = Files.writeString(folder.resolve("film.amber"), "old");
        try (WholeFile whole = WholeFile.beside(file)) {
            whole.put("new".getBytes(java.nio.charset.StandardCharsets.UTF_8));
            assertThat(file).hasContent("old");
        }
        assertThat(file).hasContent("old");
        assertThat(names()).containsExactly("film.amber");
    }

    @Test
    void two_at_once_never_meet() throws IOException {
        Path file = folder.resolve("film.amber");
        try (WholeFile first = WholeFile.beside(file);
                WholeFile second = WholeFile.beside(file)) {
            assertThat(first.path()).isNotEqualTo(second.path());
            first.put(new byte[] {'1', '1'});
            second.put(new byte[] {'2'});
            first.intoPlace();
            assertThat(file).hasContent("11");
            second.intoPlace();
        }
        assertThat(file).hasContent("2");
        assertThat(names()).containsExactly("film.amber");
    }

    @Test
    void a_link_stays_one_and_its_target_is_replaced_also_when_it_leads_to_nothing_yet() throws IOException {
        Path real = Files.createDirectory(folder.resolve("real")).resolve("film.amber");
        Path link = Files.createSymbolicLink(folder.resolve("link.amber"), Path.of("real", "film.amber"));
        WholeFile.write(link, "one");
        assertThat(real).hasContent("one");
        WholeFile.write(link, "two");
        assertThat(link).isSymbolicLink();
        assertThat(real).hasContent("two").isRegularFile();
    }

    @Test
    void permissions_stay_as_they_were() throws IOException {
        Path file = Files.writeString(folder.resolve("film.amber"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        WholeFile.write(file, "new");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-rw-r--");
    }

    @Test
    void a_name_as_long_as_the_file_system_takes_can_be_written() throws IOException {
        Path file = folder.resolve("n".repeat(255));
        WholeFile.write(file, "all of it");
        assertThat(file).hasContent("all of it");
    }

    @Test
    void a_full_disk_keeps_the_old_file_and_leaves_nothing_beside_it() throws IOException {
        var small = Configuration.unix().toBuilder()
                .setBlockSize(1024)
                .setMaxSize(16 * 1024)
                .setAttributeViews("basic", "owner", "posix", "unix")
                .build();
        try (var disk = Jimfs.newFileSystem(small)) {
            Path file = disk.getPath("/film.amber");
            WholeFile.write(file, "old");
            assertThatThrownBy(() -> WholeFile.write(file, new byte[64 * 1024])).isInstanceOf(IOException.class);
            assertThat(file).hasContent("old");
            try (var files = Files.list(file.getParent())) {
                assertThat(files.filter(Files::isRegularFile)).containsExactly(file);
            }
        }
    }

    @Test
    void a_folder_in_the_way_and_a_circle_of_links_are_told() throws IOException {
        Path inTheWay = Files.createDirectory(folder.resolve("film.amber"));
        assertThatThrownBy(() -> WholeFile.beside(inTheWay)).hasMessageContaining("it is a folder");
        Path a = folder.resolve("a");
        Files.createSymbolicLink(a, folder.resolve("b"));
        Files.createSymbolicLink(folder.resolve("b"), a);
        assertThatThrownBy(() -> WholeFile.beside(a)).isInstanceOf(java.nio.file.FileSystemLoopException.class);
    }

    @Test
    void a_name_with_a_number_beyond_all_processes_stops_nobody() throws Exception {
        String odd = PartFiles.name("film.amber", 7)
                .replace("-" + ProcessHandle.current().pid() + "-", "-99999999999999999999-");
        Files.createFile(folder.resolve(odd));
        PartFiles.removeBeside(folder.resolve("film.amber"));
        assertThat(names()).containsExactly(odd);
    }

    @Test
    void only_what_ended_programs_left_is_removed() throws Exception {
        Path destination = folder.resolve("film.amber");
        String mine = PartFiles.name("film.amber", 7);
        long gone = endedProcess();
        String stray = mine.replace("-" + ProcessHandle.current().pid() + "-", "-" + gone + "-");
        String ofAnotherMachine = stray.replaceFirst("\\.amber-([0-9a-f]+)-[0-9a-f]+", ".amber-$1-0");
        for (String name : List.of(mine, stray, ofAnotherMachine, ".amber-notes.part", "film.mp4.part")) {
            Files.createFile(folder.resolve(name));
        }
        PartFiles.removeBeside(destination);
        assertThat(names()).containsExactlyInAnyOrder(mine, ofAnotherMachine, ".amber-notes.part", "film.mp4.part");
        Files.setLastModifiedTime(
                folder.resolve(ofAnotherMachine),
                java.nio.file.attribute.FileTime.from(java.time.Instant.now().minus(java.time.Duration.ofDays(8))));
        PartFiles.removeBeside(destination);
        assertThat(names()).containsExactlyInAnyOrder(mine, ".amber-notes.part", "film.mp4.part");
    }

    private static long endedProcess() throws Exception {
        Process process = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElse("java"), "-version")
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        process.waitFor();
        return process.pid();
    }
}
