package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.pose.Pose;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The start of a shot that is kept, the whole picture, and a move that is laid in anew. */
class StartKeptTest {
    private static final Media PLAN = Media.photo("m1", "/archive/plan.jpg", new Size(6000, 4000));

    private static Project laid() {
        return ShotEdits.add(PLAN, Refit.FILL, 0).apply(MediaEdits.add(PLAN).apply(Project.empty("Start")));
    }

    private static Shot shot(Project project) {
        return project.shots().getFirst();
    }

    private static Edit closer(Project project, int frame) {
        Pose pose = shot(project).camera().at(frame).withScale(Scale.uniform(60));
        return CameraEdits.setFraming("closer", "s1", frame, pose);
    }

    @Test
    void a_change_at_a_later_frame_makes_two_framings_and_the_start_is_what_it_was() {
        Project before = laid();
        assertThat(StartKept.applies(before, shot(before), 60)).isTrue();
        Project after = StartKept.of(closer(before, 60), "s1", 60).apply(before);
        assertThat(Framings.of(shot(after).camera())).containsExactly(0, 60);
        assertThat(shot(after).camera().at(0)).isEqualTo(shot(before).camera().at(0));
        assertThat(shot(after).camera().at(60).scale()).isEqualTo(Scale.uniform(60));
        Pose aside = shot(after).camera().at(60).withPosition(new FramePoint(900, 500));
        Project again = StartKept.of(CameraEdits.setFraming("aside", "s1", 60, aside), "s1", 60)
                .apply(after);
        assertThat(shot(again).camera().at(0))
                .as("nor is it changed by the next")
                .isEqualTo(shot(before).camera().at(0));
    }

    @Test
    void at_the_first_frame_the_start_itself_is_changed() {
        Project before = laid();
        Project after = StartKept.of(closer(before, 0), "s1", 0).apply(before);
        assertThat(shot(after).camera().keyFrames()).isEmpty();
        assertThat(shot(after).camera().at(60).scale()).isEqualTo(Scale.uniform(60));
    }

    @Test
    void another_anchor_alone_moves_nothing_and_an_inset_is_placed() {
        Project before = laid();
        Pose about = shot(before).camera().at(60).withAnchorInPlace(new PicturePoint(100, 100));
        Edit anchor = CameraEdits.setPose("anchor", "s1", 60, about);
        assertThat(StartKept.of(anchor, "s1", 60).apply(before)).isEqualTo(anchor.apply(before));
        Project inset =
                before.mapShot("s1", shot -> shot.withSettings(shot.settings().withFillsFrame(false)));
        assertThat(StartKept.applies(inset, shot(inset), 60)).isFalse();
    }

    @Test
    void the_whole_picture_fills_the_frame_upright_as_a_framing() {
        Project moved = ReadyEdits.plan(laid(), Set.of("s1"), ReadyMove.ROLL, MoveWish.USUAL, 110)
                .edit()
                .apply(laid());
        Project whole = FramingEdits.wholePicture("s1", 50).apply(moved);
        Pose there = shot(whole).camera().at(50);
        assertThat(there.degrees()).isZero();
        assertThat(there.scale()).as("1920 of 6000").isEqualTo(Scale.uniform(32));
        assertThat(there.toFrame(new PicturePoint(3000, 2000)).distance(new FramePoint(960, 540)))
                .isLessThan(1e-9);
        assertThat(Framings.of(shot(whole).camera())).contains(50);
        assertThat(shot(whole).camera().at(0)).isEqualTo(shot(moved).camera().at(0));
    }

    /** Half a turn shows the picture turned over (2-MATH, Depth): what was left is right then. */
    @Test
    void turned_over_to_its_mirror_image_left_and_right_have_changed_sides() {
        Project inset = InsetEdits.set(Set.of("s1"), true).apply(laid());
        Project turned = MirrorTurn.over("s1", 20, 25).apply(inset);
        var left = new PicturePoint(1500, 2000);
        assertThat(turned.pose(shot(turned), 20).toFrame(left).x()).isLessThan(960);
        assertThat(turned.pose(shot(turned), 45).toFrame(left).x()).isGreaterThan(960);
        assertThat(turned.pose(shot(turned), 124)
                        .toFrame(left)
                        .distance(turned.pose(shot(turned), 45).toFrame(left)))
                .isLessThan(1e-9);
        assertThat(MirrorTurn.over("s1", 124, 25).apply(inset))
                .as("at the last frame")
                .isEqualTo(inset);
    }

    @Test
    void a_move_that_is_laid_in_anew_can_be_kept_as_a_whole() {
        Project moved = ReadyEdits.plan(laid(), Set.of("s1"), ReadyMove.PUSH_IN, MoveWish.USUAL, 110)
                .edit()
                .apply(laid());
        Project larger = ShotEdits.refit("s1", Refit.ONE_TO_ONE).apply(moved);
        assertThat(shot(larger).camera().at(0).scale().x()).isEqualTo(100);
        double before = shot(moved).camera().at(124).scale().x()
                / shot(moved).camera().at(0).scale().x();
        assertThat(shot(larger).camera().at(124).scale().x()).isEqualTo(100 * before);
        assertThat(EdgeReport.of(larger.take(shot(larger))).isSealed()).isTrue();
        assertThat(shot(ShotEdits.conform("s1", Refit.FILL).apply(moved))
                        .camera()
                        .keyFrames())
                .isEmpty();
    }
}
