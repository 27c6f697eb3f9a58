package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.edit.edits.MarkerEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.keys.Rest;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.picture.table.TableProbe;
import amberlens.desktop.time.lineup.LineUpProbe;
import amberlens.desktop.time.score.ScoreProbe;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** One action each: the start kept, the whole picture, a rest, a zoom about a point, insets and how they arrive, a shake. */
class HeartSceneTest extends ThreeShotsInteraction {
    private void scale(double factor) {
        onFx(() -> {
            Shot shot = shot("s1");
            int frame = bench.desk().cursor().shotFrame();
            Pose pose = shot.camera().at(frame).zoomedAbout(FRAME.centre(), factor);
            bench.desk().document().apply(bench.desk().setFraming("zoom", "s1", frame, pose));
        });
    }

    /** Two framings: all of the sheet, and closer at the end. */
    private void pushIn() {
        select("s1");
        seek(99);
        scale(1.3);
    }

    @Test
    void a_change_at_a_later_frame_keeps_the_start_and_says_so_before() {
        select("s1");
        seek(60);
        assertThat(text("#will-do")).isEqualTo("keeps the start, adds framing 2 at 2:10");
        Pose start = shot("s1").camera().at(0);
        enter("#camera-scale", String.valueOf(1.5 * start.scale().x()));
        assertThat(Framings.of(shot("s1").camera())).containsExactly(0, 60);
        assertThat(shot("s1").camera().at(0)).isEqualTo(start);
        undo();
        assertThat(shot("s1").camera().keyFrames()).isEmpty();
        onFx(() -> bench.desk().prefer(to -> to.setKeepsStart(false)));
        assertThat(text("#will-do")).isEqualTo("changes the constant");
    }

    @Test
    void the_scale_is_shown_in_per_cent_of_the_fill_unless_somebody_chooses() {
        select("s1");
        onFx(() -> bench.desk().prefer(to -> to.setUnit(Properties.SCALE, Properties.SCALE.usualUnit())));
        enter("#camera-scale", "110");
        double fill = Refit.FILL.pose(SHEET, FRAME).scale().x();
        assertThat(shot("s1").camera().at(0).scale().x() / fill).isCloseTo(1.1, within(1e-9));
    }

    @Test
    void the_whole_picture_comes_back_with_one_key_and_a_reset_asks_before_keys_go() {
        pushIn();
        seek(50);
        type(KeyCode.DIGIT0);
        assertThat(shot("s1").camera().at(50)).isEqualTo(Refit.FILL.pose(SHEET, FRAME));
        assertThat(Framings.of(shot("s1").camera())).containsExactly(0, 50, 99);
        onFx(() -> bench.actions().run("shot.one_to_one"));
        clickOn("Keep the move");
        assertThat(shot("s1").camera().at(0).scale().x()).isEqualTo(100);
        assertThat(Framings.of(shot("s1").camera())).hasSize(3);
        undo();
        onFx(() -> bench.actions().run("shot.fit"));
        clickOn("Delete its keys");
        assertThat(shot("s1").camera().keyFrames()).isEmpty();
    }

    @Test
    void a_rest_is_drawn_out_of_a_card_or_typed() {
        pushIn();
        seek(0);
        Point2D grip = at(() -> ScoreProbe.restGrip(bench.scene(), 0));
        double perFrame = at(() -> ScoreProbe.perFrame(bench.scene()));
        dragTo(grip, grip.add(20 * perFrame, 0));
        int frames = Rest.at(shot("s1").camera(), 0).was();
        assertThat(frames).isBetween(18, 22);
        assertThat(shot("s1").length()).isEqualTo(100 + frames);
        assertThat(text("#status")).startsWith("Rest of 0.");
        undo();
        assertThat(shot("s1").length()).isEqualTo(100);
        keys(KeyCode.R, KeyCode.ALT);
        enter("#rest-seconds", "0.4");
        clickOn("#rest-squeeze");
        clickOn("Rest");
        assertThat(Rest.at(shot("s1").camera(), 0).was()).isEqualTo(10);
        assertThat(shot("s1").length()).isEqualTo(100);
    }

    @Test
    void a_click_makes_a_point_what_is_zoomed_about_and_the_way_can_be_kept() {
        pushIn();
        seek(0);
        keys(KeyCode.Z, KeyCode.ALT);
        clickOn(at(() -> TableProbe.centre(bench.scene())).add(30, 10));
        assertThat(shot("s1").camera().position().animated()).isFalse();
        PicturePoint about = shot("s1").camera().anchor().at(0);
        assertThat(about).isNotEqualTo(new PicturePoint(450, 300));
        FramePoint first = shot("s1").camera().at(0).toFrame(about);
        assertThat(shot("s1").camera().at(99).toFrame(about).distance(first)).isLessThan(1e-9);
        onFx(() -> {
            Shot shot = shot("s1");
            bench.desk()
                    .document()
                    .apply(CameraEdits.setValue(
                            "turn",
                            shot,
                            Properties.ROTATION,
                            99,
                            shot.camera().rotation().at(99)));
            bench.desk().document().apply(CameraEdits.animate("s1", Lane.of(Properties.ROTATION), 0));
            bench.desk().document().apply(CameraEdits.setValue("turn", shot("s1"), Properties.ROTATION, 99, 20.0));
        });
        enter("#camera-anchor-x", "100");
        waitUntil(
                "what changed",
                () -> text("#status-next").equals("Keep the way too")
                        || text("#status-action").equals("Keep the way too"));
        int keys = shot("s1").camera().position().keys().size();
        clickOn(text("#status-next").equals("Keep the way too") ? "#status-next" : "#status-action");
        waitUntil("the keys", () -> shot("s1").camera().position().keys().size() > keys);
    }

    @Test
    void a_gate_that_is_kept_inside_can_be_made_an_inset_from_the_status_line() {
        select("s1");
        seek(0);
        enter("#camera-scale", "20");
        assertThat(shot("s1").camera().at(0).scale().x()).isGreaterThan(50);
        assertThat(text("#status")).startsWith("Kept inside: scale stops");
        clickOn("#status-action");
        assertThat(shot("s1").fillsFrame()).isFalse();
        enter("#camera-scale", "20");
        assertThat(shot("s1").camera().at(0).scale().x()).isEqualTo(20);
    }

    @Test
    void a_drop_above_the_first_track_lays_in_an_inset_at_the_pointers_time() {
        Point2D first = middle("s1");
        drag("#media-m2").moveTo(first).moveTo(first.add(frames(5), -10));
        Point2D above = at(() -> LineUpProbe.openRow(bench.scene(), 30));
        moveTo(above).moveTo(above.add(1, 0)).drop();
        waitUntil("the inset", () -> project().shots().size() == 4);
        Shot inset = project().shots().getLast();
        assertThat(inset.track()).isEqualTo(2);
        assertThat(inset.start()).isBetween(28, 33);
        assertThat(inset.fillsFrame()).isFalse();
        assertThat(inset.camera().at(0).scale().x() / 100 * TALL.height())
                .as("half as high as the frame")
                .isCloseTo(180, within(1e-9));
        assertThat(bench.desk().cursor().selection().shotId()).contains(inset.id());
    }

    @Test
    void several_are_laid_in_as_insets_side_by_side_and_one_after_the_other() {
        onFx(() -> bench.actions().run("shelf.inset_side_by_side"));
        assertThat(project().shots().stream().filter(shot -> !shot.fillsFrame()))
                .hasSize(3)
                .extracting(Shot::track)
                .containsExactly(2, 3, 4);
        undo();
        onFx(() -> bench.actions().run("shelf.inset_one_after_another"));
        assertThat(project().shots().stream().filter(shot -> !shot.fillsFrame()))
                .extracting(Shot::track)
                .containsExactly(2, 2, 2);
    }

    @Test
    void an_inset_arrives_where_it_stands_and_leaves_from_there() {
        onFx(() -> bench.desk()
                .document()
                .apply(InsetEdits.lay(
                        List.of(project().media("m2").orElseThrow()), 0, 2, InsetEdits.Order.ONE_AFTER_ANOTHER)));
        String id = project().shots().getLast().id();
        select(id);
        Pose place = shot(id).camera().at(0);
        clickOn("#rail-ready");
        card("#ready-arrival-side");
        assertThat(shot(id).camera().at(0)).isNotEqualTo(place);
        assertThat(shot(id).camera().at(20)).isEqualTo(place);
        clickOn("#arrival-leaves");
        enter("#arrival-turns", "2");
        enter("#arrival-seconds", "1");
        card("#ready-arrival-grown");
        assertThat(shot(id).camera().at(99)).isEqualTo(place);
        assertThat(Math.abs(shot(id).camera().at(124).degrees())).isCloseTo(720, within(1e-6));
        undo();
        assertThat(shot(id).camera().at(124)).isEqualTo(place);
    }

    @Test
    void a_shot_is_hit_at_its_marker_and_stays_sealed() {
        pushIn();
        onFx(() -> bench.desk().document().apply(MarkerEdits.set(Optional.of("s1"), 40)));
        fromMenu("move", "from-a-film-or-a-hand", "move-jolts");
        clickOn("Jolt");
        assertThat(shot("s1").camera().position().keys().size()).isGreaterThan(4);
        assertThat(EdgeReport.of(project().take(shot("s1"))).isSealed()).isTrue();
    }

    @Test
    void backspace_deletes_and_a_part_of_the_shot_is_a_time() {
        pushIn();
        type(KeyCode.T);
        write("3/4\n");
        assertThat(bench.desk().cursor().playhead()).isEqualTo(74);
        onFx(() -> bench.desk().document().apply(FramingEdits.add("s1", 74)));
        keys(KeyCode.A, KeyCode.SHIFT);
        type(KeyCode.BACK_SPACE);
        assertThat(Framings.of(shot("s1").camera())).containsExactly(0, 99);
    }

    @Test
    void what_was_just_added_is_selected_on_the_shelf() throws Exception {
        var added = Media.photo(
                "m9", DrawnPictures.quarters(folder, "new.png", 90, 60).toString(), new Size(90, 60));
        onFx(() -> bench.desk().document().apply(MediaEdits.add(added)));
        keys(KeyCode.ENTER, KeyCode.CONTROL);
        assertThat(project().shots()).hasSize(4);
        assertThat(project().shots().getLast().media()).isEqualTo("m9");
    }

    /** A handle's height is the speed at its end of the leg: pulled down to nothing, the leg leaves at rest. */
    @Test
    void an_ease_is_dragged_where_its_speed_is_shown() {
        pushIn();
        Lane scale = Lane.of(Properties.SCALE);
        onFx(() -> bench.desk()
                .cursor()
                .select(new Selection.Keys(KeySet.of(shot("s1").camera(), scale))));
        type(KeyCode.ENTER);
        clickOn("#curve-speed");
        Point2D handle = at(() -> ScoreProbe.handle(bench.scene(), bench.desk(), scale, 0, true));
        dragTo(handle, handle.add(0, 200));
        Leg leg = shot("s1").camera().scale().keyAt(0).orElseThrow().leg();
        assertThat(leg).isInstanceOf(Leg.Curve.class);
        assertThat(((Leg.Curve) leg).timing().y1()).isLessThan(0.2);
        assertThat(((Leg.Curve) leg).timing().x1()).isCloseTo(1 / 3.0, within(0.05));
    }

    @Test
    void every_selected_shot_becomes_an_inset() {
        select("s1", "s2");
        keys(KeyCode.I, KeyCode.SHIFT);
        assertThat(project().shots())
                .filteredOn(shot -> Set.of("s1", "s2").contains(shot.id()))
                .noneMatch(Shot::fillsFrame);
        keys(KeyCode.I, KeyCode.SHIFT);
        assertThat(project().shots()).allMatch(Shot::fillsFrame);
    }
}
