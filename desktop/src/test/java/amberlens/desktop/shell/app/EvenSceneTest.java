package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.edit.edits.MoveSummary;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** A set of moves made alike, by key and mouse in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class EvenSceneTest extends ThreeShotsInteraction {
    private static Shot sliding(Shot shot, double px) {
        FramePoint middle = shot.camera().position().at(0);
        return shot.withCamera(shot.camera()
                .withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(160)))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, middle, Leg.LINEAR),
                                Key.of(shot.lastFrame(), middle.plus(new FramePoint(px, 0)), Leg.LINEAR)))));
    }

    @Test
    void all_moves_of_the_line_up_are_made_alike_and_it_is_one_step() {
        onFx(() -> bench.desk()
                .document()
                .load(
                        project()
                                .mapShot("s1", shot -> sliding(shot, 60))
                                .mapShot("s2", shot -> sliding(shot, 20))
                                .mapShot("s3", shot -> sliding(shot, -30)),
                        Optional.empty()));
        select("s1");
        keys(KeyCode.E, KeyCode.SHIFT, KeyCode.ALT);
        clickOn("#even-match").clickOn("strength: all go equally far");
        clickOn("#even-course").clickOn("all like the first");
        waitUntil("what would come of it", () -> text("#even-note").startsWith("3 moves would match"));
        clickOn("Even out");
        double first = MoveSummary.of(project(), shot("s1")).across();
        for (String id : List.of("s1", "s2", "s3")) {
            assertThat(MoveSummary.of(project(), shot(id)).across()).isBetween(first - 1e-6, first + 1e-6);
            assertThat(EdgeReport.of(project().take(shot(id))).isSealed()).isTrue();
        }
        keys(KeyCode.Z, KeyCode.CONTROL);
        assertThat(MoveSummary.of(project(), shot("s3")).across()).isPositive();
    }
}
