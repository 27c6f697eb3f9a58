package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Project;
import amberlens.core.motion.keys.KeyClip;
import amberlens.core.motion.property.Properties;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pitch, yaw and viewing distance were called tilt, swivel and distance in files before version 8. */
class OlderNamesTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    private static final String FLAT = """
            "scale": {"value": [50, 50]}, "position": {"value": [960, 540]}, "rotation": {"value": 0}, "anchor": {"value": [1500, 1000]}""";

    private static final String OLD = """
            {"format": "amber-lens/project", "version": 7, "name": "Beds",
             "frame": {"width": 1920, "height": 1080, "rate": "25/1", "background": "#000000"},
             "media": [{"id": "m1", "kind": "photo", "path": "bed.jpg", "width": 3000, "height": 2000,
                        "planes": [{"id": "p1", "name": "Post", "outline": [10, 10, 90, 10, 90, 90], "distance": 0.5}]}],
             "shots": [{"id": "s1", "name": "One", "media": "m1", "start": 0, "length": 50,
                        "camera": {%1$s, "tilt": {"keys": [{"at": 0, "value": 12, "leg": {"kind": "linear"}}, {"at": 40, "value": 0}]},
                                   "swivel": {"value": -8}, "distance": {"value": 3}},
                        "alternatives": [{"name": "Other", "camera": {%1$s, "swivel": {"value": 5}}}]},
                       {"id": "s2", "name": "Two", "media": "m1", "start": 50, "length": 50, "camera": {%1$s},
                        "follows": {"shot": "s1", "properties": ["scale", "tilt", "distance"]}}]}
            """.formatted(FLAT);

    @TempDir
    Path folder;

    @Test
    void older_files_are_read_and_written_anew() throws Exception {
        Path file = Files.writeString(folder.resolve("beds.amber"), OLD);
        Project project = ProjectFile.open(file);
        var camera = project.shots().getFirst().camera();
        assertThat(camera.get(Properties.PITCH).at(0)).isEqualTo(12);
        assertThat(camera.get(Properties.YAW).constant()).isEqualTo(-8);
        assertThat(camera.get(Properties.VIEWING_DISTANCE).constant()).isEqualTo(3);
        assertThat(project.shots().get(1).settings().carried().orElseThrow().properties())
                .isEqualTo(Set.of(Properties.SCALE, Properties.PITCH, Properties.VIEWING_DISTANCE));
        ProjectFile.save(project, file);
        JsonNode written = JSON.readTree(file.toFile());
        assertThat(written.path("version").asInt()).isEqualTo(8);
        assertThat(written.at("/shots/0/camera/pitch/keys")).hasSize(2);
        assertThat(written.at("/shots/0/camera/yaw/value").asDouble()).isEqualTo(-8);
        assertThat(written.at("/shots/0/camera/viewingDistance/value").asDouble())
                .isEqualTo(3);
        assertThat(written.at("/shots/0/alternatives/0/camera/yaw/value").asDouble())
                .isEqualTo(5);
        assertThat(written.at("/media/0/planes/0/distance").asDouble())
                .as("a plane's own")
                .isEqualTo(0.5);
        assertThat(written.toString()).doesNotContain("tilt", "swivel");
        assertThat(ProjectFile.open(file)).isEqualTo(project);
    }

    @Test
    void a_file_without_turns_in_depth_stays_of_the_lowest_version() throws Exception {
        String plain = OLD.replaceAll("(?s)\"tilt\".*?\"alternatives\": .*?}}]", "\"opacity\": {\"value\": 90}}")
                .replaceAll("(?s),\\s*\"follows\".*?]}", "");
        Path file = Files.writeString(folder.resolve("beds.amber"), plain);
        ProjectFile.save(ProjectFile.open(file), file);
        assertThat(JSON.readTree(file.toFile()).path("version").asInt()).isEqualTo(7);
    }

    @Test
    void keys_that_were_copied_before_are_pasted() throws Exception {
        KeyClip clip = ClipText.read("""
                {"format": "amber-lens/keys", "version": 1, "what": "keys", "origin": 0,
                 "picture": {"width": 3000, "height": 2000}, "frame": {"width": 1920, "height": 1080},
                 "camera": {"tilt": {"keys": [{"at": 0, "value": 12}]}, "distance": {"value": 4}}}
                """);
        assertThat(clip.picture()).isEqualTo(new Size(3000, 2000));
        assertThat(clip.camera().get(Properties.PITCH).at(0)).isEqualTo(12);
        JsonNode written = ClipText.tree(clip);
        assertThat(written.path("version").asInt()).isEqualTo(2);
        assertThat(written.at("/camera/pitch/keys")).hasSize(1);
    }
}
