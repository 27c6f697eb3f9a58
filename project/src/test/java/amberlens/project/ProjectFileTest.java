package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Project;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.pose.Pose;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProjectFileTest {
    private static final String EXAMPLE = """
            { "format": "amber-lens/project", "version": 1, "name": "Fernhollow film", "mood": {"quiet": [1, null, 2.50]},
              "frame": { "width": 1920, "height": 1080, "rate": "25/1", "background": "#000000", "pixel": "square" },
              "media": [ { "id": "m1", "kind": "photo", "path": "pictures/plan.jpg", "width": 6000, "height": 4000, "note": "ä" } ],
              "shots": [ { "id": "s1", "name": "Plan", "media": "m1", "track": 1, "start": 0, "length": 125, "fillsFrame": true,
                "colour": "sepia",
                "camera": {
                  "glow": { "value": 100 },
                  "scale": { "keys": [
                     { "at": 0, "value": [40, 40], "by": "hand",
                       "leg": { "kind": "curve", "handles": [0.42, 0, 0.58, 1], "wobble": true } },
                     { "at": 124, "value": [60, 60] } ] },
                  "position": { "tint": false, "keys": [
                     { "at": 0, "value": [960, 540], "leg": { "kind": "linear" } },
                     { "at": 124, "value": [820.5, 600], "in": [-40, 0] } ] },
                  "rotation": { "value": 0 },
                  "anchor": { "value": [3000, 2000] } } } ] }
            """;

    @TempDir
    private Path folder;

    private Path written(String text) throws IOException {
        return Files.writeString(folder.resolve("film.amber"), text);
    }

    @Test
    void the_example_of_the_format_is_read() throws IOException, FileProblem {
        Project project = ProjectFile.open(written(EXAMPLE));
        var shot = project.shots().getFirst();
        assertThat(project.name()).isEqualTo("Fernhollow film");
        assertThat(project.media().getFirst().path())
                .isEqualTo(folder.resolve("pictures/plan.jpg").toString());
        Pose end = shot.camera().at(124);
        assertThat(end.scale().x()).isEqualTo(60);
        assertThat(end.position().x()).isEqualTo(820.5);
        assertThat(shot.camera().scale().keys().getFirst().leg()).isInstanceOf(Leg.Curve.class);
    }

    /** Half of a leaf, as a damaged text may hold it: a file in UTF-8 would have a question mark there. */
    @Test
    void half_a_character_survives() throws IOException, FileProblem {
        Path file = folder.resolve("half.amber");
        for (String name : new String[] {"half \uD83C", "\uDF3F half", "\uD83C\uD83C\uDF3F", "whole \uD83C\uDF3F"}) {
            ProjectFile.save(Project.empty(name), file);
            assertThat(ProjectFile.open(file).name()).isEqualTo(name);
        }
    }

    @Test
    void nothing_is_lost_on_a_round_trip_not_even_what_is_unknown() throws IOException, FileProblem {
        Path file = written(EXAMPLE);
        Project project = ProjectFile.open(file);
        ProjectFile.save(project, file);
        var json = new ObjectMapper();
        JsonNode before = json.readTree(EXAMPLE);
        JsonNode after = json.readTree(Files.readString(file));
        assertThat(after).isEqualTo(before);
        assertThat(ProjectFile.open(file)).isEqualTo(project);
    }

    @Test
    void saving_twice_gives_the_same_text_and_leaves_no_other_file() throws IOException, FileProblem {
        Path file = written(EXAMPLE);
        ProjectFile.save(ProjectFile.open(file), file);
        String once = Files.readString(file);
        ProjectFile.save(ProjectFile.open(file), file);
        assertThat(Files.readString(file)).isEqualTo(once);
        assertThat(once).contains("[ 820.5, 600 ]").doesNotContain("600.0");
        try (var files = Files.list(folder)) {
            assertThat(files).hasSize(1);
        }
    }

    @Test
    void saved_elsewhere_the_pictures_are_still_found() throws IOException, FileProblem {
        Project project = ProjectFile.open(written(EXAMPLE));
        Path elsewhere = Files.createDirectory(folder.resolve("copy")).resolve("film.amber");
        ProjectFile.save(project, elsewhere);
        assertThat(Files.readString(elsewhere)).contains("../pictures/plan.jpg");
        assertThat(ProjectFile.open(elsewhere)).isEqualTo(project);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "\"version\": 1; \"version\": 10; newer version of Amber Lens",
                "\"version\": 1; \"version\": \"one\"; /version",
                "amber-lens/project; another/format; /format",
                "\"width\": 1920; \"width\": 0; /frame/width",
                "\"25/1\"; \"fast\"; /frame/rate",
                "\"length\": 125; \"length\": -3; /shots/0/length",
                "\"media\": \"m1\"; \"media\": \"m9\"; /shots/0/media",
                "[40, 40]; [0, 40]; /shots/0/camera/scale/keys/0/value/0",
                "[960, 540]; [960]; /shots/0/camera/position/keys/0/value",
                "\"kind\": \"curve\"; \"kind\": \"bouncy\"; /shots/0/camera/scale/keys/0/leg/kind",
                "[0.42, 0, 0.58, 1]; [1.42, 0, 0.58, 1]; /shots/0/camera/scale/keys/0/leg/handles/0",
                "\"at\": 124, \"value\": [60, 60]; \"at\": 0, \"value\": [60, 60]; /shots/0/camera/scale/keys/1/at",
                "\"rotation\": { \"value\": 0 },; ; /shots/0/camera/rotation",
                "\"id\": \"s1\",; ; /shots/0/id",
                "\"kind\": \"photo\"; \"kind\": \"hologram\"; /media/0/kind"
            })
    void a_wrong_member_is_named_with_the_file(String right, String wrong, String pointer) throws IOException {
        assertThat(EXAMPLE).contains(right);
        Path file = written(EXAMPLE.replace(right, wrong == null ? "" : wrong));
        assertThatThrownBy(() -> ProjectFile.open(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("film.amber")
                .hasMessageContaining(pointer);
    }

    @Test
    void what_is_no_project_at_all_says_so() throws IOException {
        assertThatThrownBy(() -> ProjectFile.open(written("{ \"format\": ")))
                .hasMessageContaining("not valid JSON")
                .hasMessageContaining("line 1");
        assertThatThrownBy(() -> ProjectFile.open(written(""))).hasMessageContaining("empty");
        assertThatThrownBy(() -> ProjectFile.open(written("[1, 2]"))).hasMessageContaining("/format");
        assertThatThrownBy(() -> ProjectFile.open(written(EXAMPLE + "{}"))).hasMessageContaining("not valid JSON");
        assertThatThrownBy(() -> ProjectFile.open(folder.resolve("gone.amber"))).hasMessageContaining("is not there");
        assertThatThrownBy(() -> ProjectFile.open(folder)).hasMessageContaining("folder");
    }

    @Test
    void a_failed_save_keeps_the_old_file() throws IOException, FileProblem {
        Project project = ProjectFile.open(written(EXAMPLE));
        Path nowhere = folder.resolve("missing/film.amber");
        assertThatThrownBy(() -> ProjectFile.save(project, nowhere))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("its folder is not there");
        assertThat(Files.readString(folder.resolve("film.amber"))).isEqualTo(EXAMPLE);
    }
}
