package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.edit.edits.TitleEdits;
import amberlens.core.material.title.Align;
import amberlens.core.material.title.Plate;
import amberlens.core.material.title.Title;
import amberlens.core.material.title.TitleOutline;
import amberlens.core.material.title.Weight;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.media.title.JavaTypesetter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TitleMembersTest {
    private static final String PROJECT = """
            { "format": "amber-lens/project", "version": 4, "name": "Fernhollow",
              "frame": { "width": 1920, "height": 1080, "rate": "25/1" },
              "media": [ { "id": "t1", "kind": "title", "title": %s } ],
              "shots": [ { "id": "s1", "media": "t1", "start": 0, "length": 100,
                "camera": { "scale": { "value": [100, 100] }, "position": { "value": [960, 540] },
                            "rotation": { "value": 0 }, "anchor": { "value": [200, 50] } } } ] }
            """;

    @TempDir
    private Path folder;

    private Project opened(String title) throws IOException, FileProblem {
        Path file = folder.resolve("titles.amber");
        Files.writeString(file, PROJECT.formatted(title));
        return ProjectFile.open(file);
    }

    private static Title first(Project project) {
        return project.media().getFirst().title().orElseThrow();
    }

    @Test
    void what_is_left_out_is_as_usual_and_the_size_is_that_of_the_text_box() throws Exception {
        Project project = opened("{ \"text\": \"The mill pond\" }");
        assertThat(first(project)).isEqualTo(Title.of("The mill pond"));
        Media media = project.media().getFirst();
        assertThat(media.kind()).isEqualTo(Media.Kind.TITLE);
        assertThat(media.size())
                .isEqualTo(new JavaTypesetter().set(Title.of("The mill pond")).box());
        assertThat(media.name()).isEqualTo("The mill pond");
    }

    @Test
    void the_members_of_the_contract_are_read() throws Exception {
        Title title = first(opened("""
                { "text": "The mill pond", "font": "EB Garamond", "size": 96, "colour": "#FFFFFF", "align": "centre",
                  "weight": "regular", "italic": false, "lineSpacing": 1.2, "letterSpacing": 0 }"""));
        assertThat(title).isEqualTo(Title.of("The mill pond"));
        Title other = first(opened("""
                { "text": "a\\nb", "font": "Barlow", "size": 40.5, "colour": "#102030", "align": "right",
                  "weight": "semibold", "italic": true, "lineSpacing": 2, "letterSpacing": -3,
                  "outline": { "width": 4, "colour": "#FF0000" },
                  "box": { "colour": "#00FF00", "opacity": 25, "padding": 10, "radius": 6 } }"""));
        assertThat(other.align()).isEqualTo(Align.RIGHT);
        assertThat(other.weight()).isEqualTo(Weight.SEMIBOLD);
        assertThat(other.italic()).isTrue();
        assertThat(other.outline()).contains(new TitleOutline(4, new Colour(0xFF0000)));
        assertThat(other.box()).contains(new Plate(new Colour(0x00FF00), 25, 10, 6));
        assertThat(other.letterSpacing()).isEqualTo(-3);
    }

    @RepeatedTest(20)
    void titles_come_back_as_they_were(RepetitionInfo info) throws Exception {
        var chance = new Random(info.getCurrentRepetition());
        Title title = new Title(
                "Line " + chance.nextInt() + "\nὨ 池 \u0001\"{}",
                chance.nextBoolean() ? "Caveat" : "No such family",
                1 + chance.nextDouble() * 500,
                new Colour(chance.nextInt(0x1000000)),
                Align.values()[chance.nextInt(3)],
                Weight.values()[chance.nextInt(4)],
                chance.nextBoolean(),
                0.3 + chance.nextDouble() * 9,
                -50 + chance.nextDouble() * 1000,
                chance.nextBoolean()
                        ? Optional.empty()
                        : Optional.of(
                                new TitleOutline(chance.nextDouble() * 200, new Colour(chance.nextInt(0x1000000)))),
                chance.nextBoolean()
                        ? Optional.empty()
                        : Optional.of(new Plate(
                                new Colour(chance.nextInt(0x1000000)),
                                chance.nextDouble() * 100,
                                chance.nextDouble() * 1000,
                                chance.nextDouble() * 1000)),
                Extras.NONE);
        Project project = TitleEdits.add(title, 10).apply(Project.empty("Fernhollow"));
        Path file = folder.resolve("film.amber");
        ProjectFile.save(project, file);
        assertThat(ProjectFile.open(file)).isEqualTo(project);
        assertThat(Files.readString(file)).contains("\"version\": 4").doesNotContain("\"path\"");
    }

    @Test
    void members_of_a_newer_version_are_kept() throws Exception {
        Project project = opened("""
                { "text": "pond", "glow": 3, "outline": { "width": 2, "dashes": [1, 2] }, "box": { "tail": true } }""");
        Path file = folder.resolve("again.amber");
        ProjectFile.save(project, file);
        assertThat(Files.readString(file)).contains("glow").contains("dashes").contains("tail");
        assertThat(ProjectFile.open(file)).isEqualTo(project);
    }

    @Test
    void a_title_of_100_000_letters_loses_none() throws Exception {
        Project project = TitleEdits.add(Title.of("m".repeat(100_000)), 0).apply(Project.empty("Fernhollow"));
        Path file = folder.resolve("long.amber");
        ProjectFile.save(project, file);
        assertThat(first(ProjectFile.open(file)).text()).hasSize(100_000);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{ } | /media/0/title",
                "{ 'text': 3 } | /media/0/title/text",
                "{ 'text': 'a', 'size': 0 } | /media/0/title/size",
                "{ 'text': 'a', 'align': 'center' } | /media/0/title/align",
                "{ 'text': 'a', 'weight': 700 } | /media/0/title/weight",
                "{ 'text': 'a', 'font': ' ' } | /media/0/title/font",
                "{ 'text': 'a', 'colour': 'white' } | /media/0/title/colour",
                "{ 'text': 'a', 'outline': { 'width': 900 } } | /media/0/title/outline/width"
            })
    void what_cannot_be_is_named_by_its_member(String title, String pointer) {
        assertThatThrownBy(() -> opened(title.replace('\'', '"')))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining(pointer);
    }

    @Test
    void a_title_without_words_and_a_picture_without_a_path_are_refused() throws Exception {
        Path file = folder.resolve("titles.amber");
        String whole = PROJECT.formatted("{ \"text\": \"a\" }");
        Files.writeString(file, whole.replace("\"kind\": \"title\", \"title\"", "\"kind\": \"title\", \"other\""));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("/media/0");
        Files.writeString(file, whole.replace("\"kind\": \"title\"", "\"kind\": \"photo\""));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("/media/0");
    }
}
