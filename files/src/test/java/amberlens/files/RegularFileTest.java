package amberlens.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import amberlens.core.model.project.FileProblem;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RegularFileTest {
    @TempDir
    private Path folder;

    @Test
    void a_file_is_read_and_one_that_is_too_large_or_not_there_is_not() throws Exception {
        Path file = Files.writeString(folder.resolve("a"), "fern");
        assertThat(RegularFile.read(file, 4, "a note")).isEqualTo("fern".getBytes(StandardCharsets.US_ASCII));
        assertThatThrownBy(() -> RegularFile.read(file, 3, "a note"))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("is far too large to be a note");
        assertThatThrownBy(() -> RegularFile.read(folder.resolve("b"), 3, "a note"))
                .isInstanceOf(NoSuchFileException.class);
        assertThatThrownBy(() -> RegularFile.read(folder, 3, "a note")).hasMessageContaining("is a folder");
    }

    /** One never ends, and as root the other would be replaced by a file. */
    @Test
    void devices_are_neither_read_nor_replaced() {
        Path zero = Path.of("/dev/zero");
        Path full = Path.of("/dev/full");
        assumeTrue(Files.exists(zero) && Files.exists(full));
        assertThatThrownBy(() -> RegularFile.read(zero, 1000, "a project"))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("is a pipe or a device; a project is read from a file");
        assertThatThrownBy(() -> WholeFile.write(full, "text"))
                .isInstanceOf(FileAlreadyExistsException.class)
                .hasMessageContaining("it is a pipe or a device");
    }
}
