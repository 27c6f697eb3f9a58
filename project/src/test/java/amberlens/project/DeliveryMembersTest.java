package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Delivery;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DeliveryMembersTest {
    private static final Size PICTURE = new Size(3000, 2000);
    private static final Size FRAME = new Size(1920, 1080);

    @TempDir
    private Path folder;

    private Path saved() throws FileProblem {
        var camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME));
        var upright =
                CameraTrack.still(Pose.neutral(PICTURE, new Size(1080, 1920)).withPosition(new FramePoint(300, 870.5)));
        Shot shot = new Shot("s1", "Sheet", "m1", 1, 0, 50, true, camera, Extras.NONE);
        Project project = Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", folder.resolve("sheet.png").toString(), PICTURE)))
                .withDeliveries(List.of(
                        Delivery.of("d1", new Size(1080, 1920)),
                        new Delivery("d2", "Hall screen", new Size(3000, 1000), Extras.NONE)))
                .withShots(List.of(shot.withSettings(shot.settings().withDelivery("d1", Optional.of(upright)))));
        Path file = folder.resolve("film.amber");
        ProjectFile.save(project, file);
        assertThat(ProjectFile.open(file)).isEqualTo(project);
        return file;
    }

    private Path changed(String what, String to) throws IOException, FileProblem {
        Path file = saved();
        String text = Files.readString(file);
        assertThat(text).contains(what);
        Files.writeString(file, text.replace(what, to));
        return file;
    }

    /** An older program shows the project's own frame as ever, and keeps the members. */
    @Test
    void deliveries_and_framings_of_their_own_come_back_and_raise_no_version() throws IOException, FileProblem {
        assertThat(Files.readString(saved())).contains("\"version\": 1").contains("\"name\": \"9x16\"");
    }

    @Test
    void what_a_newer_program_wrote_beside_them_is_kept() throws IOException, FileProblem {
        Path file = changed("\"delivery\": \"d1\",", "\"delivery\": \"d1\", \"mood\": \"calm\",");
        Files.writeString(
                file, Files.readString(file).replace("\"id\": \"d2\",", "\"id\": \"d2\", \"place\": \"hall\","));
        ProjectFile.save(ProjectFile.open(file), file);
        assertThat(Files.readString(file)).contains("\"mood\": \"calm\"").contains("\"place\": \"hall\"");
    }

    @Test
    void what_cannot_be_a_delivery_is_named_with_its_place() throws Exception {
        Path twice = changed("\"Hall screen\"", "\"9X16\"");
        assertThatThrownBy(() -> ProjectFile.open(twice))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("/deliveries/1")
                .hasMessageContaining("9X16");
        Path path = changed("\"Hall screen\"", "\"../Hall\"");
        assertThatThrownBy(() -> ProjectFile.open(path))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("/deliveries/1");
        Path huge = changed("\"width\": 1080", "\"width\": 99999");
        assertThatThrownBy(() -> ProjectFile.open(huge))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("/deliveries/0/width");
    }
}
