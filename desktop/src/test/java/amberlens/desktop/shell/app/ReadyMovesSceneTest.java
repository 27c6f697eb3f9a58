package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.picture.table.TableProbe;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Ready moves, a rig, carrying and arranging, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class ReadyMovesSceneTest extends ThreeShotsInteraction {
    @Test
    void a_rig_takes_a_ready_move_and_rides_on_all_below_it() {
        onFx(() -> bench.desk()
                .document()
                .load(project().withMarkers(List.of(Marker.at(40, ""), Marker.at(90, ""))), Optional.empty()));
        keys(KeyCode.A, KeyCode.CONTROL, KeyCode.SHIFT);
        keys(KeyCode.G, KeyCode.CONTROL);
        Shot rig = shot();
        assertThat(project().isRig(rig)).isTrue();
        assertThat(rig.length()).isEqualTo(210);
        clickOn("#rail-ready");
        scrollTo("#ready-pulse");
        clickOn("#ready-pulse");
        Pose ridden = project().take(shot("s1")).pose(40);
        assertThat(ridden.scale().x() / shot("s1").camera().at(40).scale().x()).isCloseTo(1.03, within(1e-6));
        assertThat(EdgeReport.of(project().take(shot("s1"))).isSealed()).isTrue();
    }

    private void scrollTo(String query) {
        onFx(() -> {
            ScrollPane scroll = lookup("#ready-scroll").query();
            var node = lookup(query).query();
            double y = node.getBoundsInParent().getMinY();
            double over = scroll.getContent().getBoundsInLocal().getHeight()
                    - scroll.getViewportBounds().getHeight();
            scroll.setVvalue(over <= 0 ? 0 : Math.min(1, y / over));
        });
    }

    @Test
    void ready_moves_are_given_kept_and_arranged() {
        select("s1");
        clickOn("#rail-ready");
        doubleClickOn("#ready-amount");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("200\n");
        clickOn("#ready-push-in");
        assertThat(shot("s1").camera().at(99).scale().x()
                        / shot("s1").camera().at(0).scale().x())
                .isCloseTo(1.24, within(1e-6));
        assertThat(bench.desk().document().undoName()).contains("push-in");
        clickOn("#ready-keep");
        waitUntil(
                "the kept move",
                () -> lookup("#ready-own-sheet-move").tryQuery().isPresent());
        select("s2");
        scrollTo("#ready-own-sheet-move");
        clickOn("#ready-own-sheet-move");
        assertThat(shot("s2").camera().keyFrames()).containsExactly(0, 49);
        select("s1", "s2", "s3");
        keys(KeyCode.A, KeyCode.CONTROL, KeyCode.ALT);
        worked();
        String locked = text("#arrange-card-s2 .strong");
        clickOn("#arrange-lock-s2");
        clickOn("#arrange-another");
        worked();
        assertThat(text("#arrange-card-s2 .strong")).isEqualTo(locked);
        String before = text("#arrange-card-s1 .strong");
        clickOn("#arrange-other-s1");
        worked();
        assertThat(text("#arrange-card-s1 .strong")).isNotEqualTo(before);
        int steps = bench.desk().document().step();
        clickOn("#arrange-take");
        assertThat(bench.desk().document().step()).isEqualTo(steps + 1);
        assertThat(bench.desk().document().undoName()).contains("arrange moves of 3 shots");
        for (Shot shot : project().shots()) {
            assertThat(EdgeReport.of(project().take(shot)).isSealed()).isTrue();
        }
        assertThat(text("#status")).startsWith("3 shots arranged.");
    }

    /** The sheet works the moves out in the background. */
    private void worked() {
        waitUntil("the arranged moves", () -> !lookup("#arrange-take").query().isDisabled());
    }

    @Test
    void a_move_is_carried_and_followed_but_for_what_is_changed() {
        select("s1");
        clickOn("#rail-ready").clickOn("#ready-push-in");
        clickOn("#rail-shelf");
        select("s1", "s2");
        keys(KeyCode.C, KeyCode.SHIFT);
        clickOn("#carry-linked");
        type(KeyCode.ENTER);
        double before = shot("s2").camera().at(49).scale().x();
        select("s1");
        seek(99);
        doubleClickOn("#camera-scale");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("120\n");
        waitUntil("the follower", () -> shot("s2").camera().at(49).scale().x() > before * 1.05);
        select("s2");
        fromMenu("move", "from-another-shot", "move-free");
        assertThat(shot("s2").settings().carried()).isEmpty();
    }

    @Test
    void a_pan_and_zoom_goes_between_two_places_drawn_on_the_table() {
        select("s1");
        clickOn("#rail-ready");
        scrollTo("#ready-pan-and-zoom");
        clickOn("#ready-pan-and-zoom-other");
        assertThat(bench.desk().document().steps()).isEmpty();
        assertThat(text("#status")).startsWith("Where does the move begin?");
        dragTo(onTable(90, 120), onTable(410, 300));
        assertThat(text("#status")).startsWith("Now click");
        clickOn(onTable(600, 400));
        assertThat(bench.desk().document().undoName()).contains("pan and zoom");
        Pose first = shot("s1").camera().at(0);
        assertThat(first.gateCentre(FRAME).x()).isCloseTo(250, within(4.0));
        assertThat(first.gateCentre(FRAME).y()).isCloseTo(210, within(4.0));
        assertThat(first.scale().x()).isCloseTo(200, within(4.0)); // 320 × 180 of the picture fill 640 × 360
        assertThat(shot("s1").camera().at(99).gateCentre(FRAME).x()).isCloseTo(600, within(4.0));
        assertThat(EdgeReport.of(project().take(shot("s1"))).isSealed()).isTrue();
        type(KeyCode.J);
        assertThat(bench.desk().tools().tool()).isEqualTo(Tool.PLACES);
        type(KeyCode.ESCAPE);
        assertThat(bench.desk().tools().tool()).isEqualTo(Tool.HAND);
    }

    private Point2D onTable(double x, double y) {
        return at(() -> TableProbe.point(bench.scene(), x, y));
    }
}
