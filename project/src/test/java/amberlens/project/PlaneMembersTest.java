package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlaneMembersTest {
    private static final Size SIZE = new Size(1600, 1200);

    @TempDir
    private Path folder;

    private static List<PicturePoint> box(double left, double top, double right, double bottom) {
        return List.of(
                new PicturePoint(left, top),
                new PicturePoint(right, top),
                new PicturePoint(right, bottom),
                new PicturePoint(left, bottom));
    }

    private Path saved() throws FileProblem {
        Fill beside = new Fill(Fill.Kind.BESIDE, 64.5, -120, 8);
        Media photo = Media.photo("m1", folder.resolve("gate.jpg").toString(), SIZE)
                .withPlanes(List.of(
                        new Plane("p1", "Gate post", box(300, 200.5, 500, 1200), 0.55, 3.5, beside, Extras.NONE),
                        new Plane("p2", "Lantern", box(900, 100, 1000, 300), 0.8, 0, Fill.NONE, Extras.NONE)));
        CameraTrack camera = CameraTrack.still(Pose.neutral(SIZE, new Size(1920, 1080)))
                .with(
                        Properties.PARALLAX,
                        Channel.keyed(
                                ValueKinds.NUMBER, List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(20, 150.0, Leg.LINEAR))));
        Project project = Project.empty("Fernhollow")
                .withMedia(List.of(photo))
                .withShots(List.of(new Shot("s1", "Gate", "m1", 1, 0, 40, true, camera, Extras.NONE)));
        Path file = folder.resolve("film.amber");
        ProjectFile.save(project, file);
        assertThat(ProjectFile.open(file)).isEqualTo(project);
        return file;
    }

    /** An older program would show the picture flat: it has to say that it is too old. */
    @Test
    void planes_come_back_as_they_were_in_a_file_of_the_version_that_knows_them() throws IOException, FileProblem {
        assertThat(Files.readString(saved())).contains("\"version\": 7").contains("\"Gate post\"");
    }

    @Test
    void what_a_newer_program_wrote_beside_a_plane_is_kept() throws IOException, FileProblem {
        Path file = saved();
        String more = Files.readString(file)
                .replace("\"name\": \"Lantern\",", "\"name\": \"Lantern\", \"lit\": true,")
                .replace("\"kind\": \"beside\",", "\"kind\": \"beside\", \"grain\": 2,");
        Files.writeString(file, more);
        ProjectFile.save(ProjectFile.open(file), file);
        assertThat(Files.readString(file)).contains("\"lit\": true").contains("\"grain\": 2");
    }

    @ParameterizedTest
    @CsvSource({
        "'\"distance\": 0.55', '\"distance\": 1.2', '/media/0/planes/0/distance'",
        "'\"soft\": 3.5', '\"soft\": -1', '/media/0/planes/0/soft'",
        "'\"kind\": \"beside\"', '\"kind\": \"magic\"', '/media/0/planes/0/fill/kind'",
        "'300,\\s+200.5,', '300,', 'an x and a y'",
        "'200.5', '1700', 'reaches beyond the picture'",
        "'\"id\": \"p2\"', '\"id\": \"p1\"', 'an id of its own'",
    })
    void planes_that_cannot_be_are_refused_in_words(String what, String to, String words)
            throws IOException, FileProblem {
        Path file = saved();
        String text = Files.readString(file);
        assertThat(text).containsPattern(what);
        Files.writeString(file, text.replaceFirst(what, to));
        assertThatThrownBy(() -> ProjectFile.open(file))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining(words);
    }

    @Test
    void planes_that_leave_no_ground_or_enclose_nothing_are_refused() throws IOException, FileProblem {
        Path file = saved();
        String text = Files.readString(file);
        Files.writeString(
                file,
                text.replaceFirst("\"outline\": \\[[^]]*\\]", "\"outline\": [0, 0, 1600, 0, 1600, 1200, 0, 1200]"));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("cover the whole picture");
        Files.writeString(file, text.replaceFirst("\"outline\": \\[[^]]*\\]", "\"outline\": [10, 10, 20, 10, 30, 10]"));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("\"Gate post\" encloses nothing");
    }
}
