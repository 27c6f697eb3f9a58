package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.shake.Shake;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.material.shake.StockShake;
import amberlens.core.material.trace.Stand;
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

/** Shakes under shots, and in files of their own. */
class ShakeMembersTest {
    private static final Size PICTURE = new Size(3000, 2000);

    @TempDir
    private Path folder;

    private Path file;

    private Project shaken(ShakeLayer layer) throws FileProblem {
        file = folder.resolve("film.amber");
        Shot shot = new Shot(
                "s1",
                "Sheet",
                "m1",
                1,
                0,
                50,
                true,
                CameraTrack.still(Pose.neutral(PICTURE, new Size(1920, 1080))),
                Extras.NONE);
        Project project = Project.empty("Film")
                .with(
                        List.of(Media.photo("m1", folder.resolve("sheet.jpg").toString(), PICTURE)),
                        List.of(shot.withSettings(shot.settings().withShake(Optional.of(layer)))));
        ProjectFile.save(project, file);
        return project;
    }

    private String written() throws IOException {
        return Files.readString(file);
    }

    @Test
    void every_shake_comes_back_as_it_was_in_a_file_that_older_programs_refuse() throws Exception {
        for (StockShake stock : StockShake.values()) {
            Project project = shaken(new ShakeLayer(stock.shake(), 62.5, -1.48));
            assertThat(ProjectFile.open(file)).isEqualTo(project);
            assertThat(written()).contains("\"version\": 9", "\"amount\": 62.5", "\"from\": -1.48");
        }
    }

    @Test
    void what_is_not_known_of_a_shake_is_kept() throws Exception {
        shaken(new ShakeLayer(StockShake.WALKING.shake(), 100, 0));
        Files.writeString(
                file, written().replace("\"name\": \"Walking\"", "\"name\": \"Walking\", \"shoes\": \"boots\""));
        ProjectFile.save(ProjectFile.open(file), file);
        assertThat(written()).contains("\"shoes\": \"boots\"");
    }

    @Test
    void rows_of_different_lengths_and_amounts_out_of_range_are_refused_with_their_place() throws Exception {
        var one = new Shake("One", FrameRate.of(25), List.of(Stand.STILL, new Stand(0.25, 0, 1, 0, 1)));
        shaken(new ShakeLayer(one, 100, 0));
        String whole = written();
        Files.writeString(file, whole.replaceAll("\"turn\": \\[[^]]*]", "\"turn\": [0, 0, 0]"));
        assertThatThrownBy(() -> ProjectFile.open(file))
                .hasMessageContaining("/shots/0/shake")
                .hasMessageContaining("as many numbers");
        Files.writeString(file, whole.replace("\"amount\": 100", "\"amount\": 301"));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("/shots/0/shake/amount");
        Files.writeString(file, whole.replaceAll("\"scale\": \\[[^]]*]", "\"scale\": [0, 100]"));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("/shots/0/shake");
    }

    @Test
    void a_kept_shake_is_a_file_of_its_own() throws Exception {
        Path kept = folder.resolve("walk" + ShakeFile.ENDING);
        ShakeFile.save(StockShake.WALKING.shake(), kept);
        assertThat(ShakeFile.open(kept)).isEqualTo(StockShake.WALKING.shake());
        Files.writeString(kept, "{\"format\": \"other\"}");
        assertThatThrownBy(() -> ShakeFile.open(kept)).hasMessageContaining("is not a kept shake");
        Files.writeString(
                kept, "{\"format\": \"amber-lens/shake\", \"name\": \"One\", \"rate\": \"25/1\", \"x\": [0]}");
        assertThatThrownBy(() -> ShakeFile.open(kept))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("as many numbers");
        Files.writeString(kept, "no JSON");
        assertThatThrownBy(() -> ShakeFile.open(kept)).isInstanceOf(FileProblem.class);
    }
}
