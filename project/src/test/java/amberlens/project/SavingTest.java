package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Fingerprint;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.files.FileStamp;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SavingTest {
    private static final Size SIZE = new Size(60, 40);

    @TempDir
    private Path folder;

    private Project with(Path picture) {
        return Project.empty("Fernhollow").withMedia(List.of(Media.photo("m1", picture.toString(), SIZE)));
    }

    private String written(Path file) throws IOException {
        return new com.fasterxml.jackson.databind.ObjectMapper()
                .readTree(Files.readString(file))
                .at("/media/0/path")
                .asText();
    }

    @Test
    void a_picture_that_is_the_project_s_own_folder_can_be_saved_and_opened_again() throws FileProblem, IOException {
        Path file = folder.resolve("film.amber");
        ProjectFile.save(with(folder), file);
        assertThat(written(file)).isEqualTo(".");
        assertThat(ProjectFile.open(file)).isEqualTo(with(folder));
    }

    @Test
    void a_backslash_in_a_name_stays_one() throws FileProblem, IOException {
        Path picture = folder.resolve("bed\\north.png");
        Path file = folder.resolve("film.amber");
        ProjectFile.save(with(picture), file);
        assertThat(written(file)).isEqualTo("bed\\north.png");
        Media media = ProjectFile.open(file).media().getFirst();
        assertThat(media.path()).isEqualTo(picture.toString());
        assertThat(media.fileName()).isEqualTo("bed\\north.png");
    }

    @Test
    void a_project_in_a_linked_folder_finds_its_pictures_as_the_system_would() throws FileProblem, IOException {
        Path real = Files.createDirectories(folder.resolve("far/away"));
        Path pictures = Files.createDirectories(folder.resolve("pictures"));
        Path linked = Files.createSymbolicLink(folder.resolve("linked"), real);
        Path picture = Files.writeString(pictures.resolve("plan.png"), "plan");
        Path file = linked.resolve("film.amber");
        ProjectFile.save(with(picture), file);
        assertThat(linked.resolve(written(file))).hasContent("plan");
        assertThat(Path.of(ProjectFile.open(file).media().getFirst().path())).hasContent("plan");
    }

    @Test
    void several_saves_at_once_leave_one_whole_project() throws Exception {
        Path file = folder.resolve("film.amber");
        List<Callable<FileStamp>> saves = java.util.stream.IntStream.range(0, 24)
                .<Callable<FileStamp>>mapToObj(i -> () -> ProjectFile.save(with(folder.resolve(i + ".png")), file))
                .toList();
        try (var threads = Executors.newFixedThreadPool(6)) {
            for (var saved : threads.invokeAll(saves)) {
                saved.get();
            }
        }
        assertThat(ProjectFile.open(file).media()).hasSize(1);
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(file);
        }
    }

    @Test
    void what_could_not_be_opened_again_is_not_put_in_the_place_of_the_file() throws FileProblem, IOException {
        Path file = folder.resolve("film.amber");
        ProjectFile.save(with(folder.resolve("plan.png")), file);
        String before = Files.readString(file);
        var impossible = Optional.of(new Fingerprint(Long.MAX_VALUE, "deadbeef"));
        Media media = with(folder.resolve("other.png")).media().getFirst().withFingerprint(impossible);
        Project broken = Project.empty("Broken").withMedia(List.of(media));
        assertThatThrownBy(() -> ProjectFile.save(broken, file)).hasMessageContaining("/media/0/fingerprint/bytes");
        assertThat(file).hasContent(before.strip());
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(file);
        }
    }

    @Test
    void the_stamp_of_a_save_tells_when_somebody_else_has_changed_the_file() throws FileProblem, IOException {
        Path file = folder.resolve("film.amber");
        FileStamp stamp = ProjectFile.save(with(folder.resolve("plan.png")), file);
        assertThat(stamp.stillHolds(file)).isTrue();
        assertThat(ProjectFile.openWithStamp(file).stamp()).isEqualTo(stamp);
        ProjectFile.save(with(folder.resolve("other.png")), file);
        assertThat(stamp.stillHolds(file)).isFalse();
    }
}
