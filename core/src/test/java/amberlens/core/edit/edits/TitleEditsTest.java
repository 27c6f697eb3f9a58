package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.title.Align;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class TitleEditsTest {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Title POND = Title.of("The mill pond");

    private static Project garden() {
        Project empty = Project.empty("Fernhollow");
        Media plan = Media.photo("m1", "/plan.jpg", new Size(6000, 4000));
        return empty.withMedia(List.of(plan))
                .withShots(List.of(new Shot(
                        "s1",
                        "Plan",
                        "m1",
                        1,
                        0,
                        250,
                        true,
                        CameraTrack.still(Pose.neutral(plan.size(), FRAME)),
                        Extras.NONE)));
    }

    private static Shot shot(Project project, String id) {
        return project.shot(id).orElseThrow();
    }

    @Test
    void titles_lie_on_a_track_of_their_own_and_share_it_while_they_do_not_meet() {
        Project one = TitleEdits.add(POND, 0).apply(garden());
        assertThat(shot(one, "s2").track()).isEqualTo(2);
        assertThat(shot(one, "s2").length()).isEqualTo(125);
        Project two = TitleEdits.add(Title.of("In June"), 125).apply(one);
        assertThat(shot(two, "s3").track()).isEqualTo(2);
        Project over = TitleEdits.add(Title.of("Again"), 200).apply(two);
        assertThat(shot(over, "s4").track()).isEqualTo(3);
        assertThat(shot(over, "s4").name()).isEqualTo("Again");
        assertThat(over.shots()).hasSize(4);
    }

    @Test
    void other_words_grow_from_where_the_lines_are_aligned() {
        for (Align align : Align.values()) {
            Project before = TitleEdits.add(POND.withAlign(align), 0).apply(garden());
            Project after = TitleEdits.change(
                            "text", "s2", POND.withAlign(align).withText("The mill pond in June"))
                    .apply(before);
            double part = align.part();
            FramePoint was = seen(before, part);
            FramePoint is = seen(after, part);
            assertThat(is.distance(was)).as(align.name()).isLessThan(1e-9);
            assertThat(shot(after, "s2").name()).isEqualTo("The mill pond in June");
        }
    }

    /** Where a place of the text box is seen. */
    private static FramePoint seen(Project project, double part) {
        Size box = project.mediaOf(shot(project, "s2")).size();
        return shot(project, "s2").camera().at(0).toFrame(new PicturePoint(part * box.width(), box.height() / 2.0));
    }

    @Test
    void a_title_that_another_shot_shows_too_is_changed_for_one_of_them() {
        Project one = TitleEdits.add(POND, 0).apply(garden());
        Shot again = shot(one, "s2").withId("s9").withStart(300);
        Project two = one.withShots(List.of(shot(one, "s1"), shot(one, "s2"), again));
        Project changed =
                TitleEdits.change("text", "s9", POND.withText("In June")).apply(two);
        assertThat(changed.mediaOf(shot(changed, "s2")).title().orElseThrow().text())
                .isEqualTo("The mill pond");
        assertThat(changed.mediaOf(shot(changed, "s9")).title().orElseThrow().text())
                .isEqualTo("In June");
        assertThat(changed.media()).hasSize(3);
    }

    @Test
    void a_picture_is_no_title_and_the_same_words_are_no_change() {
        Project project = TitleEdits.add(POND, 0).apply(garden());
        assertThat(TitleEdits.change("text", "s1", POND).apply(project)).isSameAs(project);
        assertThat(TitleEdits.change("text", "s2", POND).apply(project)).isSameAs(project);
    }

    @ParameterizedTest
    @EnumSource(names = {"DRIFT_APART", "TYPE_SETTLE", "PUSH_IN"})
    void moves_of_titles_end_where_the_title_stands(ReadyMove move) {
        Project project = TitleEdits.add(POND, 0).apply(garden());
        project = project.mapShot(
                "s2",
                shot -> shot.withCamera(CameraTrack.still(shot.camera().at(0).withPosition(new FramePoint(500, 900)))));
        Project moved = ReadyEdits.plan(project, Set.of("s2"), move, MoveWish.USUAL, 110)
                .edit()
                .apply(project);
        Shot shot = shot(moved, "s2");
        FramePoint rests = shot.camera().at(shot.lastFrame()).position();
        assertThat(rests.distance(new FramePoint(500, 900))).isLessThan(1e-6);
        assertThat(shot.fillsFrame()).isFalse();
        assertThat(moved.judges(shot)).isFalse();
    }

    @Test
    void drifting_and_settling_key_the_letters_and_take_each_others_place() {
        Project project = TitleEdits.add(POND, 0).apply(garden());
        Project drifting = ReadyEdits.plan(project, Set.of("s2"), ReadyMove.DRIFT_APART, MoveWish.USUAL, 110)
                .edit()
                .apply(project);
        Shot shot = shot(drifting, "s2");
        var spacing = shot.looks().getFirst().own(LookKinds.LETTER_SPACING);
        assertThat(shot.camera().get(spacing).at(0)).isZero();
        assertThat(shot.camera().get(spacing).at(shot.lastFrame())).isCloseTo(8, within(1e-9));
        assertThat(shot.layering().enter()).isPresent();
        Project settling = ReadyEdits.plan(drifting, Set.of("s2"), ReadyMove.TYPE_SETTLE, MoveWish.USUAL, 110)
                .edit()
                .apply(drifting);
        Shot settled = shot(settling, "s2");
        assertThat(settled.looks()).hasSize(1);
        var size = settled.looks().getFirst().own(LookKinds.LETTER_SIZE);
        assertThat(settled.camera().get(size).at(0)).isCloseTo(118, within(1e-9));
        assertThat(settled.camera().get(size).at(settled.lastFrame())).isEqualTo(100.0);
        assertThat(settled.camera()
                        .get(settled.looks().getFirst().own(LookKinds.LETTER_SPACING))
                        .keys())
                .isEmpty();
        assertThat(settled.camera().get(Properties.OPACITY).keys()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource(names = {"DRIFT_APART", "TYPE_SETTLE", "PUSH_IN"})
    void a_title_that_leans_leans_after_its_move(ReadyMove move) {
        Project project = TitleEdits.add(POND, 0).apply(garden());
        project = project.mapShot(
                "s2",
                shot -> shot.withCamera(
                        shot.camera().with(Properties.PITCH, Channel.constant(Properties.PITCH.kind(), 25.0))));
        Project moved = ReadyEdits.plan(project, Set.of("s2"), move, MoveWish.USUAL, 110)
                .edit()
                .apply(project);
        Shot shot = shot(moved, "s2");
        assertThat(shot.camera().at(shot.lastFrame()).depth().pitch()).isEqualTo(25);
    }

    @Test
    void arranging_leaves_titles_alone() {
        Project project = TitleEdits.add(POND, 0).apply(garden());
        ReadyEdits.Plan plan = ReadyEdits.arrange(project, Set.of("s1", "s2"), 3, 100, 110);
        assertThat(plan.cameras()).containsOnlyKeys("s1");
    }
}
