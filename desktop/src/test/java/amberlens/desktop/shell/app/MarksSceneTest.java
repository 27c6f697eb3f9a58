package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.edit.check.ShotMarks;
import amberlens.core.edit.edits.MarkEdits;
import amberlens.core.material.mark.Mark;
import amberlens.desktop.picture.table.TableProbe;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Marks on the Table by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class MarksSceneTest extends ThreeShotsInteraction {
    @BeforeEach
    void table() {
        select("s1");
        onFx(() -> bench.actions().run("arrange.table"));
    }

    private List<Mark> marks() {
        return project().mediaOf(shot("s1")).marks();
    }

    private Point2D onTable(double x, double y) {
        return at(() -> TableProbe.point(bench.scene(), x, y));
    }

    private void mark(double left, double top, double side, Mark.Keep keep) {
        onFx(() -> bench.desk()
                .document()
                .apply(MarkEdits.put(
                        shot("s1").media(),
                        Mark.drawn("k1", new PictureBox(left, top, side, side)).withKeep(keep))));
    }

    @Test
    void an_area_is_drawn_moved_asked_for_and_taken_away() {
        keys(KeyCode.I, KeyCode.ALT, KeyCode.SHIFT);
        dragTo(onTable(200, 150), onTable(300, 250));
        assertThat(marks()).singleElement().satisfies(mark -> {
            assertThat(mark.kind()).isEqualTo(Mark.Kind.AREA);
            assertThat(mark.keep()).isEqualTo(Mark.Keep.RESTS);
            assertThat(mark.box().left()).isCloseTo(200, within(4.0));
            assertThat(mark.box().width()).isCloseTo(100, within(6.0));
        });
        dragTo(onTable(250, 150), onTable(280, 190));
        assertThat(marks().getFirst().box().left()).as("moved by its border").isCloseTo(230, within(5.0));
        assertThat(marks().getFirst().box().top()).isCloseTo(190, within(5.0));
        onFx(() -> bench.actions().run("marks.always"));
        assertThat(marks().getFirst().keep()).isEqualTo(Mark.Keep.ALWAYS);
        onFx(() -> bench.actions().run("marks.refuse"));
        assertThat(marks()).isEmpty();
        keys(KeyCode.Z, KeyCode.CONTROL);
        assertThat(marks()).hasSize(1);
    }

    @Test
    void the_best_of_them_becomes_the_subject_with_one_key() {
        mark(200, 150, 60, Mark.Keep.RESTS);
        keys(KeyCode.A, KeyCode.ALT);
        assertThat(shot("s1").settings().subject()).hasValueSatisfying(point -> {
            assertThat(point.x()).isEqualTo(230);
            assertThat(point.y()).isEqualTo(180);
        });
    }

    @Test
    void one_that_is_cut_is_said_and_moved_aside() {
        onFx(() -> bench.actions().run("shot.one_to_one"));
        var gate = at(() -> bench.desk().cursor().pose().orElseThrow().gateCentre(FRAME));
        mark(gate.x() + FRAME.width() / 2.0 - 20, gate.y() - 15, 30, Mark.Keep.RESTS);
        assertThat(ShotMarks.of(project(), shot("s1"))).isNotEmpty();
        waitUntil("the sentence", () -> text("#status").startsWith("Area cut"));
        clickOn("#status-action");
        waitUntil("no cut mark", () -> ShotMarks.of(project(), shot("s1")).isEmpty());
        assertThat(bench.desk().document().undoName()).contains("move aside");
    }
}
