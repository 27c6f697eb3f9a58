package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.LinearRaster;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class SettingsEditsTest {
    private static final Size SIZE = new Size(40, 30);
    private static final CameraTrack STILL = CameraTrack.still(Pose.neutral(SIZE, SIZE));
    private static final Project PROJECT = Project.empty("Fernhollow")
            .withMedia(List.of(Media.photo("m1", "/sheet.png", SIZE)))
            .withShots(List.of(new Shot("s1", "Sheet", "m1", 1, 0, 9, true, STILL, Extras.NONE)));

    private static Shot shot(Project project) {
        return project.shots().getFirst();
    }

    private static Project turned(Project project, double degrees) {
        return project.mapShot(
                "s1",
                shot -> shot.withCamera(
                        CameraTrack.still(Pose.neutral(SIZE, SIZE).withDegrees(degrees))));
    }

    @Test
    void each_setting_is_changed_alone_and_named() {
        Project project = InsetEdits.set(java.util.Set.of("s1"), true).apply(PROJECT);
        project = SettingsEdits.setBackdrop("s1", Backdrop.BLURRED).apply(project);
        project = SettingsEdits.setSubject("s1", Optional.of(new PicturePoint(3, 4)))
                .apply(project);
        project = SettingsEdits.setLocked("s1", 8, true).apply(project);
        assertThat(shot(project).fillsFrame()).isFalse();
        assertThat(shot(project).settings().backdrop()).isEqualTo(Backdrop.BLURRED);
        assertThat(shot(project).settings().subject()).contains(new PicturePoint(3, 4));
        assertThat(shot(project).settings().locked()).containsExactly(8);
        assertThat(shot(project).settings().keepInside()).isTrue();
        assertThat(shot(SettingsEdits.setLocked("s1", 8, false).apply(project))
                        .settings()
                        .locked())
                .isEmpty();
        assertThat(SettingsEdits.setLocked("s1", 8, true).name()).isEqualTo("lock framing");
    }

    @Test
    void opaque_bounds_are_measured_from_the_pixels_and_kept_with_the_media() {
        long[] pixels = new long[40 * 30];
        for (int y = 5; y < 20; y++) {
            for (int x = 10; x < 38; x++) {
                pixels[40 * y + x] = LinearRaster.pixel(100, 100, 100, 65535);
            }
        }
        pixels[0] = LinearRaster.pixel(10, 10, 10, 32000);
        PictureArea bounds =
                new LinearRaster(SIZE, pixels, false).opaqueBounds().orElseThrow();
        assertThat(bounds).isEqualTo(new PictureArea(10, 5, new Size(28, 15)));
        assertThat(new LinearRaster(SIZE, new long[40 * 30], false).opaqueBounds())
                .isEmpty();
        Project project = SettingsEdits.judgeOpaque("s1", bounds).apply(PROJECT);
        assertThat(project.judged(shot(project)).area()).isEqualTo(bounds);
        Project whole = SettingsEdits.judgeWhole("s1").apply(project);
        assertThat(whole.judged(shot(whole)).area()).isEqualTo(PictureArea.whole(SIZE));
    }

    @Test
    void versions_of_a_move_come_round_with_nothing_lost() {
        Project project = turned(VersionEdits.keep("s1").apply(turned(PROJECT, 1)), 2);
        project = turned(VersionEdits.keep("s1").apply(project), 3);
        assertThat(shot(project).settings().alternatives()).extracting("name").containsExactly("C", "B");
        List<Double> seen = new java.util.ArrayList<>();
        for (int i = 0; i < 4; i++) {
            seen.add(shot(project).camera().at(0).degrees());
            project = VersionEdits.next("s1").apply(project);
        }
        assertThat(seen.subList(0, 3)).containsExactlyInAnyOrder(1.0, 2.0, 3.0);
        assertThat(seen.get(3)).isEqualTo(3.0);
        assertThat(shot(VersionEdits.forget("s1").apply(project)).settings().alternatives())
                .hasSize(1);
        assertThat(VersionEdits.next("s1").apply(PROJECT)).isSameAs(PROJECT);
    }
}
