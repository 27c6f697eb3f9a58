package amberlens.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.shake.ShakeLayer;
import amberlens.core.material.shake.StockShake;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A shot with a shake is handed on as it is seen. */
class ShakenMoveTest {
    private static final Size PICTURE = new Size(4000, 3000);
    private static final Size FRAME = new Size(1920, 1080);

    @TempDir
    private Path folder;

    private Project shaken() {
        CameraTrack still =
                CameraTrack.still(new Pose(Scale.uniform(60), FRAME.centre(), 0, new PicturePoint(2000, 1500)));
        Shot shot = new Shot("s1", "Sheet", "m1", 1, 0, 50, true, still, Extras.NONE);
        return Project.empty("Film")
                .with(
                        List.of(Media.photo("m1", folder.resolve("sheet.jpg").toString(), PICTURE)),
                        List.of(shot.withSettings(shot.settings()
                                .withShake(Optional.of(new ShakeLayer(StockShake.WALKING.shake(), 100, 0))))));
    }

    @Test
    void a_table_has_the_position_and_the_turn_that_are_seen() throws Exception {
        Project project = shaken();
        Shot shot = project.shots().getFirst();
        Path file = folder.resolve("move.csv");
        MoveOut.write(project, shot, MoveFormat.CSV, file);
        List<String> lines = Files.readAllLines(file);
        List<String> heads = Arrays.asList(lines.getFirst().split(","));
        assertThat(lines).hasSize(51);
        for (int at = 0; at < 50; at++) {
            String[] row = lines.get(at + 1).split(",");
            Pose seen = project.take(shot).pose(at);
            double x = Double.parseDouble(row[heads.indexOf("position_x")]);
            assertThat(x).isCloseTo(seen.position().x(), Offset.offset(1e-6));
            assertThat(Double.parseDouble(row[heads.indexOf("rotation")]))
                    .isCloseTo(seen.degrees(), Offset.offset(1e-6));
        }
    }

    @ParameterizedTest
    @EnumSource
    void every_format_takes_it(MoveFormat format) throws Exception {
        Project project = shaken();
        Path file = folder.resolve("move" + format.ending());
        MoveOut.write(project, project.shots().getFirst(), format, file);
        assertThat(Files.size(file)).isPositive();
    }
}
