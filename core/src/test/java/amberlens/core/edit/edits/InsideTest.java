package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureArea;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Judged;
import amberlens.core.judge.edges.Margin;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class InsideTest {
    private static final Size FRAME = new Size(1920, 1080);

    private static Project project(CameraTrack camera) {
        return Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", "/bed.png", FRAME)))
                .withShots(List.of(new Shot("s1", "Bed", "m1", 1, 0, 51, true, camera, Extras.NONE)));
    }

    private static Pose pose(double percent, double x) {
        return Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(percent)).withPosition(new FramePoint(x, 540));
    }

    private static Shot shot(Project project) {
        return project.shots().getFirst();
    }

    @Test
    void a_pose_set_with_keep_inside_on_stops_at_the_side_and_without_goes_on() {
        Project project = project(CameraTrack.still(pose(110, 960)));
        Project kept = CameraEdits.setPose("drag", "s1", 0, pose(110, 2000)).apply(project);
        assertThat(shot(kept).camera().at(0).position().x()).isCloseTo(1056, within(1e-9));
        Project free =
                project.mapShot("s1", shot -> shot.withSettings(shot.settings().withKeepInside(false)));
        Project open = CameraEdits.setPose("drag", "s1", 0, pose(110, 2000)).apply(free);
        assertThat(shot(open).camera().at(0).position().x()).isEqualTo(2000);
        Project inset =
                project.mapShot("s1", shot -> shot.withSettings(shot.settings().withFillsFrame(false)));
        assertThat(shot(CameraEdits.setPose("drag", "s1", 0, pose(20, 2000)).apply(inset))
                        .camera()
                        .at(0))
                .isEqualTo(pose(20, 2000));
    }

    @Test
    void a_whole_move_is_kept_inside_at_its_keys_without_new_keys() {
        var camera = CameraTrack.still(pose(110, 960))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(100, 540), Leg.LINEAR),
                                Key.of(50, new FramePoint(1000, 900), Leg.LINEAR))));
        Project project = project(CameraTrack.still(pose(110, 960)));
        CameraTrack kept = Inside.kept(project, shot(project), camera);
        assertThat(kept.position().keys()).hasSize(2);
        for (int frame : new int[] {0, 50}) {
            assertThat(Margin.of(kept.at(frame), FRAME, FRAME).isSealed()).isTrue();
        }
        assertThat(kept.at(50).position()).isEqualTo(new FramePoint(1000, 594));
    }

    @Test
    void a_delivery_guide_is_judged_like_a_frame_of_its_own() {
        var wide = Judged.whole(FRAME, FRAME).withDelivery(new Size(1920, 804));
        var take = wide.take(CameraTrack.still(pose(100, 960).withPosition(new FramePoint(960, 540 + 138))), 3);
        assertThat(EdgeReport.of(take).worst().framePx()).isCloseTo(0, within(1e-9));
        assertThat(wide.back(wide.of(pose(80, 700)))).isEqualTo(pose(80, 700));
        var inner = new Judged(
                new PictureArea(100, 50, new Size(900, 700)), new Size(1100, 800), new Size(800, 600), FRAME);
        assertThat(inner.back(inner.of(pose(80, 700)))).isEqualTo(pose(80, 700));
    }

    @Test
    void a_seal_of_a_shot_respects_its_locked_framings_and_leaves_insets_alone() {
        var camera = CameraTrack.still(pose(110, 960))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(960, 540), Leg.LINEAR),
                                Key.of(50, new FramePoint(1200, 540), Leg.LINEAR))));
        Project project = project(camera);
        Shot locked = shot(project).withSettings(shot(project).settings().withLocked(new TreeSet<>(List.of(50))));
        var refused = (SealResult.Refused) SealEdits.seal(project, locked, SealWay.LEAST, SealTerms.free());
        assertThat(refused.reason()).contains("no locked framing");
        assertThat(refused.frame()).isEqualTo(50);
        Shot inset = locked.withSettings(locked.settings().withFillsFrame(false));
        assertThat(SealEdits.seal(project, inset, SealWay.LEAST, SealTerms.free()))
                .isInstanceOf(SealResult.AlreadySealed.class);
        assertThat(SealEdits.seal(project, shot(project), SealWay.LEAST, SealTerms.free()))
                .isInstanceOf(SealResult.Sealed.class);
    }
}
