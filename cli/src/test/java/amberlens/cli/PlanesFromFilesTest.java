package amberlens.cli;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
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
import amberlens.core.render.frame.FrameRaster;
import amberlens.media.film.StillFile;
import amberlens.project.ProjectFile;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A red post before a grey wall, checked, sealed and rendered from the command line. */
class PlanesFromFilesTest extends CommandTrial {
    private static final Size SIZE = new Size(800, 450);
    private static final Size FRAME = new Size(640, 360);

    private Path file;

    @BeforeEach
    void files() throws Exception {
        int[] pixels = new int[SIZE.width() * SIZE.height()];
        for (int i = 0; i < pixels.length; i++) {
            int x = i % SIZE.width();
            pixels[i] = x >= 380 && x < 420 ? 0xFFC02010 : 0xFF808080;
        }
        Files.write(folder.resolve("post.png"), StillFile.png(new FrameRaster(SIZE, pixels)));
        file = folder.resolve("post.amber");
        ProjectFile.save(project(Fill.whole(Fill.Kind.CONTINUE).withReach(5)), file);
    }

    /** From left to right by 80 px of the ground: at half the distance the post goes by 80 px more, with nothing behind its 5 px. */
    private Project project(Fill fill) {
        var outline = List.of(
                new PicturePoint(380, 0),
                new PicturePoint(420, 0),
                new PicturePoint(420, 450),
                new PicturePoint(380, 450));
        Media photo = Media.photo("m1", folder.resolve("post.png").toString(), SIZE)
                .withPlanes(List.of(new Plane("p1", "Post", outline, 0.5, 0, fill, Extras.NONE)));
        CameraTrack camera = CameraTrack.still(Pose.neutral(SIZE, FRAME).withScale(Scale.uniform(100)))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(280, 180), Leg.LINEAR),
                                Key.of(10, new FramePoint(360, 180), Leg.LINEAR))));
        Project empty = Project.empty("Post");
        return empty.withFrame(empty.frame().withSize(FRAME))
                .withMedia(List.of(photo))
                .withShots(List.of(new Shot("s1", "Post", "m1", 1, 0, 11, true, camera, Extras.NONE)));
    }

    @Test
    void the_check_names_what_is_seen_behind_it() throws Exception {
        assertThat(run("check", file.toString())).isEqualTo(ExitCode.OPEN_EDGE);
        assertThat(out).contains("planes       OPEN").contains("ground behind \"Post\"");
        run("check", "--json", file.toString());
        JsonNode shot = new ObjectMapper().readTree(out).at("/shots/0");
        assertThat(shot.at("/sealed").asBoolean()).isFalse();
        assertThat(shot.at("/planes/open/0/plane").asText()).isEqualTo("p1");
        assertThat(shot.at("/planes/depths/p1/px").asDouble()).isGreaterThan(15);
    }

    @Test
    void the_seal_fills_deeper_and_what_is_rendered_shows_no_second_post() throws Exception {
        Path sealed = folder.resolve("sealed.amber");
        assertThat(run("seal", file.toString(), "-o", sealed.toString())).isZero();
        assertThat(out).contains("planes: filled").contains("behind \"Post\"");
        Project after = ProjectFile.open(sealed);
        assertThat(after.media().getFirst().planes().getFirst().fill().reach()).isGreaterThan(15);
        assertThat(ShotCheck.of(after, after.shots().getFirst()).sealed()).isTrue();
        Path frame = folder.resolve("frame.png");
        assertThat(run("frame", sealed.toString(), "--at", "0", "-o", frame.toString()))
                .isZero();
        BufferedImage image = ImageIO.read(frame.toFile());
        // by hand: 100 % is a fifth of the way in from 80 %, which fills the frame; the camera stands 40 px to the
        // right, and the post is seen
        // at 0.8 / (0.5 − 0.2) times that from the frame's middle: 320 − 107, from 187 to 240. Its place in the ground
        // is seen at 280.
        assertThat(red(image, 195)).isTrue();
        assertThat(red(image, 232)).isTrue();
        assertThat(red(image, 250)).isFalse();
        assertThat(red(image, 280)).as("where it was in the picture").isFalse();
    }

    private static boolean red(BufferedImage image, int x) {
        int rgb = image.getRGB(x, 180);
        return (rgb >> 16 & 0xFF) - (rgb & 0xFF) > 60;
    }

    @Test
    void without_filling_less_parallax_seals() throws Exception {
        ProjectFile.save(project(Fill.NONE), file);
        assertThat(run("seal", file.toString())).isZero();
        Project after = ProjectFile.open(file);
        assertThat(after.shots().getFirst().camera().get(Properties.PARALLAX).constant())
                .isLessThan(100);
        assertThat(run("check", file.toString())).isZero();
    }

    @Test
    void a_move_written_elsewhere_says_that_it_is_flat_there() {
        assertThat(run("move", file.toString(), "--shot", "s1", "--as", "css", "-o", "@m.html"))
                .isZero();
        assertThat(out + err).contains("\"Post\" is in planes here");
    }
}
