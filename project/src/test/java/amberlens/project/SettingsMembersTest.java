package amberlens.project;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Shutter;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.model.project.Alternative;
import amberlens.core.model.project.Carried;
import amberlens.core.model.project.FileProblem;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.model.project.ShotSettings;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SettingsMembersTest {
    private static final Size PICTURE = new Size(3000, 2000);

    @TempDir
    private Path folder;

    private Project project(ShotSettings settings) {
        Media media = Media.photo("m1", folder.resolve("sheet.png").toString(), PICTURE)
                .withOpaque(new PictureArea(100, 80, new Size(2700, 1800)));
        var camera = CameraTrack.still(Pose.neutral(PICTURE, new Size(1920, 1080)));
        return Project.empty("Fernhollow")
                .withFrame(new FrameFormat(new Size(1920, 1080), FrameRate.of(25), new Colour(0x102030), true))
                .withMedia(List.of(media))
                .withShots(List.of(
                        new Shot("s1", "Sheet", "m1", 1, 0, 50, true, camera, Extras.NONE).withSettings(settings)));
    }

    private Project roundTrip(Project project) throws FileProblem {
        Path file = folder.resolve("film.amber");
        ProjectFile.save(project, file);
        return ProjectFile.open(file);
    }

    @Test
    void all_settings_of_a_shot_come_back_as_they_were() throws IOException, FileProblem {
        var still =
                CameraTrack.still(Pose.neutral(PICTURE, new Size(1920, 1080)).withDegrees(3));
        var settings = new ShotSettings(
                false,
                false,
                true,
                new TreeSet<>(List.of(0, 49)),
                Optional.of(new PicturePoint(1200.5, 640)),
                new Backdrop.Plain(new Colour(0xC0FFEE)),
                List.of(new Alternative("B", still)),
                Optional.of(new Carried("s9", Set.of(Properties.SCALE, Properties.SPEED))),
                Mirror.VERTICAL,
                Optional.of(new Shutter(90)),
                false,
                Optional.empty(),
                new TreeMap<>());
        Project project = project(settings);
        project = project.withFrame(project.frame().withShutter(Shutter.USUAL));
        assertThat(roundTrip(project)).isEqualTo(project);
        assertThat(Files.readString(folder.resolve("film.amber"))).contains("\"version\": 2");
        var blurred = ShotSettings.USUAL.withBackdrop(Backdrop.BLURRED);
        assertThat(roundTrip(project(blurred))).isEqualTo(project(blurred));
    }

    @Test
    void usual_settings_are_not_written() throws IOException, FileProblem {
        roundTrip(project(ShotSettings.USUAL));
        assertThat(Files.readString(folder.resolve("film.amber")))
                .contains("fillsFrame")
                .contains("\"version\": 1")
                .doesNotContain(
                        "mirror",
                        "shutter",
                        "keepInside",
                        "opaqueOnly",
                        "locked",
                        "subject",
                        "backdrop",
                        "alternatives",
                        "deliveries");
    }

    @Test
    void opaque_bounds_narrow_the_room_only_when_they_are_asked_for() {
        Project whole = project(ShotSettings.USUAL);
        Project narrow = project(ShotSettings.USUAL.withOpaqueOnly(true));
        double margin =
                EdgeReport.of(whole.take(whole.shots().getFirst())).worst().framePx();
        double narrower =
                EdgeReport.of(narrow.take(narrow.shots().getFirst())).worst().framePx();
        assertThat(margin).isEqualTo(460);
        assertThat(narrower).isEqualTo(340);
    }
}
