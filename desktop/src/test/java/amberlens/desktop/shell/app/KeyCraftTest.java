package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.PathEdits;
import amberlens.core.edit.edits.ShotEdits.Timing;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Axis;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKind;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.Neighbours;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Lane;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import amberlens.core.motion.property.Property;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.desktop.picture.lens.LensProbe;
import amberlens.desktop.picture.table.TableProbe;
import amberlens.desktop.time.lineup.LineUpProbe;
import amberlens.desktop.time.score.ScoreProbe;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Everything a hand does to keys, by mouse and keyboard in the real bench. */
@EnabledIfSystemProperty(
        named = "amber.window",
        matches = "true",
        disabledReason = "needs a real window with modifier keys; run ./amber test")
class KeyCraftTest extends BenchInteraction {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size PLAN = new Size(6000, 4000);
    private static final Lane SCALE = Lane.of(Properties.SCALE);
    private static final Lane POSITION = Lane.of(Properties.POSITION);

    /** Two shots of two pictures; the first moves through three framings, its scale and position keyed at 10, 50 and 100. */
    @BeforeEach
    void openTwoShots() throws Exception {
        String plan = DrawnPictures.quarters(folder, "plan.png", 600, 400).toString();
        List<Media> media = List.of(Media.photo("m1", plan, PLAN), Media.photo("m2", plan, new Size(3000, 3000)));
        Pose start = Pose.neutral(PLAN, FRAME).withScale(Scale.uniform(40));
        CameraTrack camera = CameraTrack.still(start)
                .withScale(keyed(ValueKinds.SCALE, Scale.uniform(40), Scale.uniform(60), Scale.uniform(50)))
                .withPosition(keyed(
                        ValueKinds.POSITION,
                        new FramePoint(960, 540),
                        new FramePoint(1300, 700),
                        new FramePoint(700, 400)));
        Project project = Project.empty("Fernhollow")
                .withMedia(media)
                .withShots(List.of(
                        new Shot("s1", "Plan", "m1", 1, 0, 125, true, camera, Extras.NONE),
                        new Shot(
                                "s2",
                                "Sheet",
                                "m2",
                                1,
                                125,
                                100,
                                true,
                                CameraTrack.still(Pose.neutral(new Size(3000, 3000), FRAME)),
                                Extras.NONE)));
        onFx(() -> {
            bench.desk().prefer(to -> {
                to.setNeighbours(Neighbours.STOP);
                to.setSnapping(false);
                to.setToNearKeys(false);
                to.setLengthTiming(Optional.of(Timing.KEEP));
            });
            bench.desk().document().load(project, Optional.empty());
        });
        settle();
    }

    private static <V> Channel<V> keyed(ValueKind<V> kind, V first, V second, V third) {
        return Channel.keyed(
                kind,
                List.of(Key.of(10, first, Leg.LINEAR), Key.of(50, second, Leg.LINEAR), Key.of(100, third, Leg.LINEAR)));
    }

    private Point2D bead(Lane lane, int frame) {
        return at(() -> ScoreProbe.bead(bench.scene(), bench.desk(), lane, frame, 0));
    }

    private List<Integer> frames(Property<?> property) {
        return shot().camera().get(property).keys().stream().map(Key::at).toList();
    }

    private double perFrame() {
        return ScoreProbe.perFrame(bench.scene());
    }

    private void undo() {
        keys(KeyCode.Z, KeyCode.CONTROL);
    }

    private void seek(int frame) {
        onFx(() -> bench.desk().cursor().seekInShot(frame));
        settle();
    }

    @Test
    void an_accidental_second_key_is_offered_the_first_one_instead() {
        seek(52);
        assertThat(text("#will-do")).isEqualTo("adds a framing or key at 2:02");
        assertThat(text("#go-to-key")).isEqualTo("go to key at 2:00");
        clickOn("#go-to-key");
        assertThat(bench.desk().cursor().shotFrame()).isEqualTo(50);
        seek(52);
        keys(KeyCode.I, KeyCode.CONTROL);
        clickOn("#tab-settings-keys").clickOn("#setting-near-keys");
        type(KeyCode.ESCAPE);
        assertThat(text("#will-do")).isEqualTo("goes to the key at 2:00 and sets it");
        doubleClickOn("#camera-scale");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("70\n");
        assertThat(frames(Properties.SCALE)).containsExactly(10, 50, 100);
        assertThat(shot().camera().at(50).scale().x()).isEqualTo(70);
    }

    @Test
    void ribbons_set_and_take_keys_at_the_playhead_and_go_from_key_to_key() {
        toggleKey("rotation");
        assertThat(frames(Properties.ROTATION)).containsExactly(0);
        toggleKey("rotation");
        assertThat(shot().camera().rotation().animated()).isFalse();
        clickOn(onRibbon("scale", 100));
        assertThat(bench.desk().cursor().shotFrame()).isEqualTo(100);
        type(KeyCode.LEFT);
        assertThat(bench.desk().cursor().shotFrame()).isEqualTo(50);
        type(KeyCode.ENTER);
        assertThat(frames(Properties.SCALE)).containsExactly(10, 100);
        assertThat(bench.desk().document().undoName()).contains("delete key of scale");
        type(KeyCode.ENTER);
        assertThat(frames(Properties.SCALE)).containsExactly(10, 50, 100);
        type(KeyCode.RIGHT);
        assertThat(bench.desk().cursor().shotFrame()).isEqualTo(100);
    }

    @Test
    void a_property_is_made_constant_from_its_menu_which_says_what_remains() {
        seek(50);
        clickOn("#more-scale").clickOn("#constant-scale");
        clickOn("The value at the playhead");
        assertThat(shot().camera().scale().animated()).isFalse();
        assertThat(shot().camera().at(0).scale().x()).isEqualTo(60);
        assertThat(bench.desk().document().undoName()).contains("stop animating scale");
        undo();
        assertThat(frames(Properties.SCALE)).containsExactly(10, 50, 100);
    }

    @Test
    void axes_are_unlinked_muted_and_shown_in_other_units() {
        clickOn("#more-position").clickOn("#link-position");
        assertThat(shot().camera().lanes()).contains(new Lane(Properties.POSITION, Axis.X));
        seek(30);
        toggleKey("position-y");
        assertThat(shot().camera().position().axes().orElseThrow().y().keyAt(30))
                .isPresent();
        assertThat(shot().camera().position().axes().orElseThrow().x().keyAt(30))
                .isEmpty();
        assertThat(shot().camera().at(50).position()).isEqualTo(new FramePoint(1300, 700));
        clickOn("#more-position").clickOn("#mute-position");
        assertThat(shot().camera().at(50).position().x()).isCloseTo(1130, within(1e-9));
        assertThat(shot().camera().position().keys()).isNotEmpty();
        clickOn("#more-position").clickOn("#unit-position-percent");
        TextField x = lookup("#camera-position-x").query();
        assertThat(Double.parseDouble(x.getText())).isCloseTo(1130 / 19.2, within(0.01));
        doubleClickOn("#camera-position-x");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("50\n");
        assertThat(shot().camera().at(30).position().x()).isEqualTo(960);
        clickOn("#more-position").clickOn("#unit-position-own");
    }

    @Test
    void keys_are_lassoed_dragged_nudged_copied_and_pushed() {
        Point2D from = at(() -> ScoreProbe.inLane(bench.scene(), SCALE, 30, 0.05));
        Point2D to = at(() -> ScoreProbe.inLane(bench.scene(), POSITION, 110, 0.95));
        dragTo(from, to);
        assertThat(bench.desk().cursor().selectedKeys().size()).isEqualTo(4);
        keys(KeyCode.RIGHT, KeyCode.ALT);
        assertThat(frames(Properties.SCALE)).containsExactly(10, 51, 101);
        keys(KeyCode.LEFT, KeyCode.ALT, KeyCode.SHIFT);
        assertThat(frames(Properties.POSITION)).containsExactly(10, 41, 91);
        assertThat(bench.desk().document().undoName()).contains("move 4 keys");
        Point2D lead = bead(SCALE, 41);
        dragTo(lead, lead.add(9 * perFrame(), 0));
        assertThat(frames(Properties.SCALE)).containsExactly(10, 50, 100);
        assertThat(frames(Properties.POSITION)).containsExactly(10, 50, 100);
        clickOn(bead(SCALE, 10));
        Point2D first = bead(SCALE, 10);
        dragTo(first, first.add(60 * perFrame(), 0));
        assertThat(frames(Properties.SCALE)).containsExactly(49, 50, 100);
        undo();
        clickOn("#neighbours-push");
        dragTo(first, first.add(60 * perFrame(), 0));
        assertThat(frames(Properties.SCALE)).containsExactly(70, 71, 100);
        undo();
        dragWith(KeyCode.ALT, first, first.add(20 * perFrame(), 0));
        assertThat(frames(Properties.SCALE)).containsExactly(10, 30, 50, 100);
        assertThat(shot().camera().scale().keyAt(30).orElseThrow().value().x()).isEqualTo(40);
    }

    /** Four properties at three frames are twelve keys. */
    @Test
    void twelve_keys_are_retimed_by_stretch_and_undone() {
        for (int frame : new int[] {10, 50, 100}) {
            seek(frame);
            type(KeyCode.A);
        }
        settle();
        keys(KeyCode.A, KeyCode.CONTROL);
        assertThat(bench.desk().cursor().selectedKeys().size()).isEqualTo(12);
        CameraTrack before = shot().camera();
        Point2D grip = at(() -> ScoreProbe.grip(bench.scene(), 100, false));
        dragTo(grip, grip.add(-45 * perFrame(), 0));
        for (PoseProperty<?> property : Properties.OF_POSE) {
            assertThat(frames(property)).containsExactly(10, 30, 55);
        }
        assertThat(bench.desk().document().undoName()).contains("stretch 12 keys");
        undo();
        assertThat(shot().camera()).isEqualTo(before);
        assertThat(bench.desk().cursor().selectedKeys().size()).isEqualTo(12);
    }

    @Test
    void keys_are_aligned_reversed_and_put_at_exact_times() {
        clickOn(at(() -> ScoreProbe.head(bench.scene(), SCALE, false)));
        assertThat(bench.desk().cursor().selectedKeys().size()).isEqualTo(3);
        keys(KeyCode.R, KeyCode.SHIFT);
        assertThat(frames(Properties.SCALE)).containsExactly(10, 60, 100);
        keys(KeyCode.END, KeyCode.SHIFT);
        assertThat(frames(Properties.SCALE)).containsExactly(34, 84, 124);
        seek(5);
        keys(KeyCode.A, KeyCode.CONTROL);
        type(KeyCode.P);
        assertThat(frames(Properties.SCALE).getFirst()).isEqualTo(5);
        assertThat(frames(Properties.POSITION).getFirst()).isEqualTo(5);
        TextField time = lookup("#key-time").query();
        clickOn("#key-time");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("9:00\n");
        assertThat(time.getText()).isEqualTo("9:00");
        assertThat(text("#status-told")).contains("can stand from 0:00 to");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("+10\n");
        assertThat(frames(Properties.POSITION).getFirst()).isEqualTo(15);
    }

    @Test
    void keys_snap_to_the_playhead() {
        clickOn("#snapping");
        seek(70);
        Point2D key = bead(SCALE, 50);
        dragTo(key, key.add(20 * perFrame() + 5, 0));
        assertThat(frames(Properties.SCALE)).containsExactly(10, 70, 100);
    }

    @Test
    void keys_are_copied_cut_and_pasted_onto_a_picture_of_another_size() {
        keys(KeyCode.C, KeyCode.CONTROL, KeyCode.SHIFT);
        String text = clipboard();
        assertThat(text).contains("\"format\" : \"amber-lens/keys\"").contains("\"what\" : \"move\"");
        onFx(() -> {
            bench.desk().cursor().select(Selection.shot("s2"));
            bench.desk().cursor().seek(125);
        });
        keys(KeyCode.V, KeyCode.CONTROL);
        clickOn("Same look");
        assertThat(shot().id()).isEqualTo("s2");
        assertThat(frames(Properties.SCALE)).containsExactly(0, 40, 90);
        assertThat(shot().camera().at(0).scale().x()).isCloseTo(40 * (1920 / 3000.0) / (1920 / 6000.0), within(1e-9));
        assertThat(bench.desk().document().undoName()).contains("paste");
        onFx(() -> Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, "a recipe for soup")));
        Project before = project();
        keys(KeyCode.V, KeyCode.CONTROL);
        assertThat(project()).isEqualTo(before);
        assertThat(text("#status")).contains("Keys copied in Amber Lens were expected");
    }

    private static String clipboard() {
        return at(() -> Clipboard.getSystemClipboard().getString());
    }

    @Test
    void a_cut_key_is_pasted_at_the_playhead() {
        clickOn(bead(SCALE, 50));
        keys(KeyCode.X, KeyCode.CONTROL);
        assertThat(frames(Properties.SCALE)).containsExactly(10, 100);
        seek(77);
        keys(KeyCode.V, KeyCode.CONTROL);
        assertThat(frames(Properties.SCALE)).containsExactly(10, 77, 100);
        assertThat(shot().camera().at(77).scale().x()).isEqualTo(60);
    }

    @Test
    void a_leg_is_eased_per_end_made_even_smooth_and_curved() {
        clickOn(at(() -> ScoreProbe.leg(bench.scene(), 40)));
        assertThat(bench.desk().cursor().selection().part()).isEqualTo(new Selection.LegFrom(10));
        clickOn("#leave-strength");
        Leg leg = shot().camera().scale().keyAt(10).orElseThrow().leg();
        assertThat(leg).isInstanceOf(Leg.Curve.class);
        assertThat(((Leg.Curve) leg).timing().y1()).isZero();
        assertThat(((Leg.Curve) leg).timing().x2()).isEqualTo(1);
        clickOn("#even-zoom");
        assertThat(shot().camera().scale().keyAt(10).orElseThrow().even()).isTrue();
        clickOn("#ease-smooth");
        assertThat(shot().camera().position().keyAt(10).orElseThrow().leg()).isEqualTo(Leg.SMOOTH);
        clickOn("#curved-path");
        assertThat(PathEdits.curved(shot().camera().position(), 10)).isTrue();
        keys(KeyCode.A, KeyCode.CONTROL);
        type(KeyCode.G);
        assertThat(shot().camera().scale().keys()).extracting(Key::leg).containsOnly(Ease.GENTLE_BOTH.leg());
        keys(KeyCode.G, KeyCode.SHIFT);
        assertThat(shot().camera().scale().keys().getFirst().leg()).isEqualTo(Ease.GENTLE_LEAVE.leg());
        assertThat(bench.desk().document().undoName()).contains("one glide");
    }

    @Test
    void a_tall_lane_is_a_curve_editor() {
        clickOn(at(() -> ScoreProbe.head(bench.scene(), SCALE, true)));
        Point2D key = bead(SCALE, 50);
        dragWith(KeyCode.SHIFT, key, key.add(2, 30));
        assertThat(frames(Properties.SCALE)).containsExactly(10, 50, 100);
        assertThat(shot().camera().at(50).scale().x()).isLessThan(60);
        assertThat(shot().camera().at(50).scale().y())
                .isEqualTo(shot().camera().at(50).scale().x());
        undo();
        dragTo(key, key.add(10 * perFrame(), 0));
        assertThat(frames(Properties.SCALE)).containsExactly(10, 60, 100);
        undo();
        clickOn(bead(SCALE, 10));
        Point2D handle = at(() -> ScoreProbe.handle(bench.scene(), bench.desk(), SCALE, 10, true));
        dragWith(KeyCode.SHIFT, handle, handle.add(8 * perFrame(), 3));
        Leg leg = shot().camera().scale().keyAt(10).orElseThrow().leg();
        assertThat(((Leg.Curve) leg).timing().y1()).isZero();
        assertThat(((Leg.Curve) leg).timing().x1()).isBetween(0.45, 0.62);
        clickOn("#curve-speed");
        clickOn("#fit-visible");
        clickOn("#show-all");
        clickOn("#curve-speed");
    }

    @Test
    void the_wheel_zooms_time_with_control_and_values_with_alt() {
        double before = perFrame();
        moveTo(at(() -> ScoreProbe.inLane(bench.scene(), SCALE, 60, 0.5)));
        press(KeyCode.CONTROL).scroll(5, VerticalDirection.DOWN).release(KeyCode.CONTROL);
        press(KeyCode.CONTROL).scroll(9, VerticalDirection.UP).release(KeyCode.CONTROL);
        settle();
        assertThat(perFrame()).isGreaterThan(before);
        clickOn("#show-all");
        assertThat(perFrame()).isEqualTo(before);
        clickOn(at(() -> ScoreProbe.head(bench.scene(), SCALE, true)));
        double height = bead(SCALE, 10).getY() - bead(SCALE, 50).getY();
        moveTo(at(() -> ScoreProbe.inLane(bench.scene(), SCALE, 60, 0.5)));
        press(KeyCode.ALT).scroll(2, VerticalDirection.UP).release(KeyCode.ALT);
        settle();
        assertThat(bead(SCALE, 10).getY() - bead(SCALE, 50).getY()).isNotCloseTo(height, within(0.5));
    }

    @Test
    void the_path_has_handles_in_the_lens_too() {
        clickOn(at(() -> ScoreProbe.leg(bench.scene(), 70)));
        clickOn("#curved-path");
        clickOn("#lens-path");
        FramePoint before = shot().camera().at(75).position();
        Point2D grip = at(() -> LensProbe.grip(bench.scene(), bench.desk(), 50, PathEdits.End.OUT));
        dragTo(grip, grip.add(-14, 8));
        assertThat(bench.desk().document().undoName()).contains("reshape path");
        assertThat(shot().camera().at(75).position()).isNotEqualTo(before);
    }

    @Test
    void the_path_is_bent_divided_and_its_framings_are_dragged_wherever_the_playhead_is() {
        clickOn(at(() -> ScoreProbe.leg(bench.scene(), 40)));
        clickOn("#curved-path");
        Point2D grip = at(() -> TableProbe.grip(bench.scene(), bench.desk(), 10, PathEdits.End.OUT));
        FramePoint straight = shot().camera().at(30).position();
        dragTo(grip, grip.add(10, 25));
        assertThat(bench.desk().document().undoName()).contains("reshape path");
        assertThat(shot().camera().at(30).position()).isNotEqualTo(straight);
        CameraTrack whole = shot().camera();
        Point2D onPath = at(() -> TableProbe.way(bench.scene(), bench.desk(), 30));
        doubleClickOn(onPath);
        assertThat(Framings.of(shot().camera())).hasSize(4);
        for (int frame = 0; frame < 125; frame++) {
            assertThat(shot().camera()
                            .at(frame)
                            .position()
                            .distance(whole.at(frame).position()))
                    .isLessThan(0.02);
        }
        seek(0);
        Point2D tag = at(() -> TableProbe.tag(bench.scene(), bench.desk(), 100));
        FramePoint before = shot().camera().at(100).position();
        dragTo(tag, tag.add(-12, 0));
        assertThat(bench.desk().cursor().shotFrame()).isZero();
        assertThat(shot().camera().at(100).position()).isNotEqualTo(before);
        assertThat(bench.desk().document().undoName()).contains("move framing");
    }

    @Test
    void markers_are_set_while_playing_named_moved_and_gone_to() {
        seek(0);
        type(KeyCode.SPACE);
        waitUntil("playing", () -> bench.desk().cursor().playhead() > 3);
        type(KeyCode.M);
        waitUntil("a marker", () -> shot().markers().size() == 1);
        assertThat(bench.desk().cursor().transport().playing()).isTrue();
        type(KeyCode.SPACE);
        int at = shot().markers().getFirst().at();
        clickOn(at(() -> ScoreProbe.marker(bench.scene(), at)));
        type(KeyCode.N);
        clickOn("#marker-name");
        write("door opens\n");
        assertThat(shot().markers()).containsExactly(Marker.at(at, "door opens"));
        Point2D mark = at(() -> ScoreProbe.marker(bench.scene(), at));
        dragTo(mark, mark.add(30 * perFrame(), 0));
        int moved = shot().markers().getFirst().at();
        assertThat(moved).isEqualTo(at + 30);
        seek(0);
        keys(KeyCode.PAGE_DOWN, KeyCode.CONTROL);
        assertThat(bench.desk().cursor().playhead()).isEqualTo(moved);
        keys(KeyCode.M, KeyCode.SHIFT);
        assertThat(project().markers()).containsExactly(Marker.at(moved, ""));
    }

    @Test
    void time_is_typed_shuttled_and_looped() {
        type(KeyCode.T);
        write("2:06\n");
        assertThat(bench.desk().cursor().playhead()).isEqualTo(56);
        type(KeyCode.T);
        write("+12\n");
        assertThat(bench.desk().cursor().playhead()).isEqualTo(68);
        type(KeyCode.T);
        write("1:00:00\n");
        assertThat(bench.desk().cursor().playhead()).isEqualTo(68);
        assertThat(text("#status")).contains("the line-up runs from 0:00 to");
        type(KeyCode.ESCAPE);
        type(KeyCode.COMMA).type(KeyCode.COMMA);
        assertThat(bench.desk().cursor().transport().speed()).isEqualTo(-2);
        waitUntil("going back", () -> bench.desk().cursor().playhead() < 60);
        type(KeyCode.SPACE);
        // However far it has gone back until then, round the beginning too.
        onFx(() -> bench.desk().cursor().select(Selection.shot("s1")));
        seek(70);
        clickOn(at(() -> ScoreProbe.leg(bench.scene(), 70)));
        keys(KeyCode.O, KeyCode.SHIFT);
        assertThat(bench.desk().cursor().transport().range().orElseThrow().from())
                .isEqualTo(50);
        assertThat(bench.desk().cursor().transport().range().orElseThrow().to()).isEqualTo(100);
        keys(KeyCode.O, KeyCode.SHIFT);
        assertThat(bench.desk().cursor().transport().range()).isEmpty();
    }

    @Test
    void a_length_can_keep_the_timing_or_stretch_the_move() {
        fromMenu("shot", "length", "shot-length-stretch");
        TextField length = lookup("#shot-length").query();
        clickOn(length);
        keys(KeyCode.A, KeyCode.CONTROL);
        write("9:24\n");
        assertThat(shot().length()).isEqualTo(249);
        assertThat(frames(Properties.SCALE)).containsExactly(20, 100, 200);
        undo();
        keys(KeyCode.PERIOD, KeyCode.SHIFT);
        assertThat(shot().length()).isEqualTo(126);
        assertThat(frames(Properties.SCALE)).as("as it was chosen last").containsExactly(10, 50, 101);
    }

    @Test
    void the_first_change_of_a_length_asks_about_the_move_and_the_next_does_not() throws Exception {
        keys(KeyCode.I, KeyCode.CONTROL);
        clickOn("#tab-settings-handling").clickOn("#setting-length-timing");
        type(KeyCode.HOME, KeyCode.ENTER);
        assertThat(bench.desk().preferences().lengthTiming()).isEmpty();
        type(KeyCode.ESCAPE);
        keys(KeyCode.PERIOD, KeyCode.SHIFT);
        assertThat(shot().length()).isEqualTo(125);
        clickOn("Stretch the move");
        assertThat(shot().length()).isEqualTo(126);
        assertThat(frames(Properties.SCALE)).containsExactly(10, 50, 101);
        Point2D end = at(() -> LineUpProbe.end(bench.scene(), bench.desk(), "s1"));
        dragTo(end, end.add(60, 0));
        assertThat(shot().length()).isGreaterThan(126);
        assertThat(frames(Properties.SCALE).getLast()).isGreaterThan(101);
        assertThat(bench.desk().document().undoName()).contains("change shot length");
    }

    @Test
    void a_move_is_pasted_onto_several_shots_at_once() {
        keys(KeyCode.C, KeyCode.CONTROL, KeyCode.SHIFT);
        Point2D other = at(() -> LineUpProbe.middle(bench.scene(), bench.desk(), "s2"));
        press(KeyCode.SHIFT).clickOn(other).release(KeyCode.SHIFT);
        assertThat(bench.desk().cursor().selection().shots()).containsExactlyInAnyOrder("s1", "s2");
        seek(20);
        keys(KeyCode.V, KeyCode.CONTROL);
        clickOn("Same numbers");
        assertThat(frames(Properties.SCALE)).containsExactly(20, 60, 110);
        assertThat(project().shot("s2").orElseThrow().camera().scale().keys())
                .extracting(Key::at)
                .containsExactly(10, 50, 100);
        undo();
        assertThat(project().shot("s2").orElseThrow().camera().scale().animated())
                .isFalse();
    }

    @Test
    void the_history_lists_every_step_and_brings_back_where_it_was_made() {
        clickOn(bead(SCALE, 50));
        keys(KeyCode.RIGHT, KeyCode.ALT);
        keys(KeyCode.RIGHT, KeyCode.ALT);
        seek(0);
        toggleKey("rotation");
        keys(KeyCode.H, KeyCode.CONTROL);
        clickOn("#step-1");
        clickOn("Close");
        assertThat(bench.desk().document().steps()).hasSize(3);
        assertThat(frames(Properties.SCALE)).containsExactly(10, 51, 100);
        assertThat(shot().camera().rotation().animated()).isFalse();
        assertThat(bench.desk().cursor().shotFrame()).isEqualTo(50);
        assertThat(bench.desk().cursor().selection().part()).isInstanceOf(Selection.Keys.class);
        keys(KeyCode.Z, KeyCode.CONTROL, KeyCode.SHIFT);
        keys(KeyCode.Z, KeyCode.CONTROL, KeyCode.SHIFT);
        assertThat(shot().camera().rotation().animated()).isTrue();
    }

    @Test
    void the_key_map_is_searched_and_changed_and_the_change_is_kept() {
        type(KeyCode.F1);
        clickOn("#key-search");
        write("glide");
        clickOn("#keys-move-glide");
        keys(KeyCode.L, KeyCode.SHIFT);
        assertThat(bench.actions().get("move.glide").nameWithKeys()).contains("Shift+L");
        clickOn("#keys-usual");
        assertThat(bench.actions().get("move.glide").nameWithKeys()).contains("Shift+G");
        clickOn("Close");
        List<String> ids = new ArrayList<>();
        bench.actions().all().forEach(action -> ids.add(action.id()));
        assertThat(ids).contains("help.keys").doesNotHaveDuplicates();
    }

    @Test
    void an_action_is_found_by_its_words_and_done() {
        type(KeyCode.F1);
        write("lens arrangement");
        type(KeyCode.ENTER);
        waitUntil("the arrangement", () -> bench.desk().preferences().arrangement() == WindowLayout.LENS);
        type(KeyCode.F1);
        write("table arr");
        clickOn("#do-arrange-table");
        waitUntil("the other one", () -> bench.desk().preferences().arrangement() == WindowLayout.TABLE);
        keys(KeyCode.DIGIT2, KeyCode.ALT);
    }

    @Test
    void a_camera_without_keys_takes_them_and_gives_them_back() {
        seek(20);
        keys(KeyCode.U, KeyCode.SHIFT);
        assertThat(shot().camera().channels().all())
                .filteredOn(Channel::animated)
                .allMatch(Channel::muted);
        keys(KeyCode.U, KeyCode.SHIFT);
        fromMenu("move", "whole-move", "move-reset");
        assertThat(shot().camera()).isEqualTo(CameraTrack.still(Refit.FILL.pose(PLAN, FRAME)));
        undo();
        type(KeyCode.DIGIT0);
        assertThat(shot().camera().at(20)).isEqualTo(Refit.FILL.pose(PLAN, FRAME));
    }
}
