package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.footage.Source;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.Fingerprint;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class LayerMembersTest {
    @TempDir
    private Path folder;

    private Project project() {
        Media pond = Media.footage(
                        "m1",
                        Media.Kind.FILM,
                        folder.resolve("pond.mp4").toString(),
                        new Size(1920, 1080),
                        new Footage(new FrameRate(24000, 1001), 240))
                .withFingerprint(Optional.of(new Fingerprint(4711, "00ff00ff00ff00ff")));
        CameraTrack camera = CameraTrack.still(Pose.neutral(pond.size(), pond.size()))
                .with(
                        Properties.OPACITY,
                        Channel.keyed(
                                ValueKinds.NUMBER,
                                List.of(Key.of(0, 0.0, Ease.GENTLE_BOTH.leg()), Key.of(20, 100.0, Ease.LINEAR.leg()))))
                .with(Properties.SPEED, Channel.constant(ValueKinds.NUMBER, -50.0));
        Shot shot = new Shot("s1", "Pond", "m1", 2, 0, 100, false, camera, Extras.NONE)
                .withSource(new Source(12.5, Source.Conversion.BLEND, true))
                .withLayering(new Layering(
                        BlendMode.SOFT_LIGHT,
                        Optional.of(Fade.over(12).withLeg(Ease.GENTLE_BOTH.leg())),
                        Optional.of(Fade.through(new Colour(0x102030), 25))));
        return Project.empty("Pond").withMedia(List.of(pond)).withShots(List.of(shot));
    }

    @Test
    void everything_about_footage_and_layers_comes_back_as_it_was() throws FileProblem {
        Path file = folder.resolve("pond.amber");
        ProjectFile.save(project(), file);
        assertThat(ProjectFile.open(file)).isEqualTo(project());
    }

    @Test
    void what_is_wrong_is_named_with_its_place() throws IOException, FileProblem {
        Path file = folder.resolve("pond.amber");
        ProjectFile.save(project(), file);
        String text = Files.readString(file);
        Files.writeString(file, text.replace("\"soft-light\"", "\"glow\""));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("/shots/0/blend");
        Files.writeString(file, text.replace("\"frames\": 240", "\"frames\": 0"));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("/media/0/frames");
        Files.writeString(file, text.replace("\"kind\": \"film\"", "\"kind\": \"photo\""));
        assertThatThrownBy(() -> ProjectFile.open(file)).hasMessageContaining("/media/0");
    }
}
