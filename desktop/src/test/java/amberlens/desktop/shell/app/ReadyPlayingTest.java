package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** What is going to be played is made ready, in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class ReadyPlayingTest extends ThreeShotsInteraction {
    private static Shot moving(Shot shot, double middle) {
        FramePoint at = shot.camera().position().at(0);
        return shot.withCamera(shot.camera()
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, at, Leg.LINEAR),
                                Key.of(30, at.plus(new FramePoint(0, middle)), Leg.LINEAR),
                                Key.of(60, at.plus(new FramePoint(0, 9)), Leg.LINEAR),
                                Key.of(99, at, Leg.LINEAR)))));
    }

    private List<FrameSpan> spans() {
        return bench.services().made().spans();
    }

    private void isReady(String why, FrameSpan... wanted) {
        waitUntil(why, () -> spans().equals(List.of(wanted)));
    }

    @BeforeEach
    void makeReady() {
        onFx(() -> bench.desk().document().load(project().mapShot("s1", shot -> moving(shot, 5)), Optional.empty()));
        select("s1");
        onFx(() -> bench.desk().cursor().seek(12));
        keys(KeyCode.SPACE, KeyCode.SHIFT);
        isReady("the selected shot made ready", new FrameSpan(0, 99));
    }

    @Test
    void an_edit_drops_the_frames_that_it_changes_and_undo_brings_them_back() {
        waitUntil("it is said", () -> text("#status").startsWith("Ready"));
        onFx(() -> bench.desk()
                .document()
                .apply(ShotEdits.setCamera(
                        "Move", "s1", moving(shot("s1"), -7.77).camera())));
        isReady("the two legs of the moved key are dropped", new FrameSpan(0, 0), new FrameSpan(60, 99));
        keys(KeyCode.Z, KeyCode.CONTROL);
        isReady("undone", new FrameSpan(0, 99));
        onFx(() -> bench.desk()
                .document()
                .apply(ShotEdits.setCamera(
                        "Move", "s1", moving(shot("s1"), -7.77).camera())));
        keys(KeyCode.SPACE, KeyCode.SHIFT);
        isReady("made ready again", new FrameSpan(0, 99));
    }

    @Test
    void what_is_ready_is_played_and_counted() {
        onFx(() -> {
            bench.desk().cursor().transport().setRange(Optional.of(new FrameSpan(0, 99)));
            bench.desk().cursor().transport().setLooping(false);
            bench.desk().cursor().seek(0);
        });
        type(KeyCode.SPACE);
        var transport = bench.desk().cursor().transport();
        waitUntil(
                "it is played to its end",
                () -> !transport.playing() && transport.tally().wanted() > 0);
        assertThat(transport.tally().wanted()).isEqualTo(100);
        assertThat(bench.scene().lookup(".status-line").getAccessibleHelp()).contains("of 100 frames within 20 ms");
        assertThat(transport.tally().inTime())
                .as("how many depends on what else the machine does")
                .isPositive();
    }
}
