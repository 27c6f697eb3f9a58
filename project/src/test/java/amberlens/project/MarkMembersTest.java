package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.material.mark.Mark;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class MarkMembersTest {
    @TempDir
    private Path folder;

    private Path saved() throws Exception {
        Media group = Media.photo("m1", folder.resolve("group.jpg").toString(), new Size(6000, 4000))
                .withMarks(List.of(
                        new Mark(
                                "k1",
                                Mark.Kind.FACE,
                                new PictureBox(120.5, 80, 300, 400),
                                0.93,
                                Mark.Keep.ALWAYS,
                                Mark.By.FOUND,
                                Extras.NONE),
                        Mark.drawn("k2", new PictureBox(-10, 0, 50, 60))));
        Path file = folder.resolve("marks.amber");
        ProjectFile.save(MediaEdits.add(group).apply(Project.empty("Marks")), file);
        return file;
    }

    @Test
    void marks_come_back_and_are_written_as_the_contract_says_in_no_higher_version() throws Exception {
        Path file = saved();
        Media media = ProjectFile.open(file).media().getFirst();
        assertThat(media.marks()).extracting(Mark::kind).containsExactly(Mark.Kind.FACE, Mark.Kind.AREA);
        assertThat(media.mark("k1").orElseThrow())
                .isEqualTo(new Mark(
                        "k1",
                        Mark.Kind.FACE,
                        new PictureBox(120.5, 80, 300, 400),
                        0.93,
                        Mark.Keep.ALWAYS,
                        Mark.By.FOUND,
                        Extras.NONE));
        assertThat(Files.readString(file).replaceAll("\\s+", ""))
                .contains("\"version\":1,")
                .contains(
                        "{\"id\":\"k1\",\"kind\":\"face\",\"box\":[120.5,80,300,400],\"sure\":0.93,\"keep\":\"always\",\"by\":\"found\"}");
    }

    @Test
    void what_is_left_out_is_as_usual_and_what_is_beyond_is_kept() throws Exception {
        Path file = saved();
        String written = Files.readString(file)
                .replaceAll(
                        "\"sure\" *: *0.93,\\s*\"keep\" *: *\"always\",\\s*\"by\" *: *\"found\"",
                        "\"name\": \"the gardener\"");
        Files.writeString(file, written);
        Mark mark = ProjectFile.open(file).media().getFirst().mark("k1").orElseThrow();
        assertThat(mark.sure()).isEqualTo(1);
        assertThat(mark.keep()).isEqualTo(Mark.Keep.RESTS);
        ProjectFile.save(ProjectFile.open(file), file);
        assertThat(Files.readString(file)).contains("the gardener");
    }

    @Test
    void a_box_without_a_width_is_refused_at_its_place() throws Exception {
        Path file = saved();
        Files.writeString(file, Files.readString(file).replaceFirst("300", "0"));
        assertThatThrownBy(() -> ProjectFile.open(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("/media/0/marks/0")
                .hasMessageContaining("a box has a width and a height");
    }
}
