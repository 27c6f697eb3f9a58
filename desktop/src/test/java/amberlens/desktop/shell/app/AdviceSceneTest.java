package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.desktop.desk.state.Transport;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Advice by key and mouse in a real window: a slide that begins on the cut. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class AdviceSceneTest extends ThreeShotsInteraction {
    @Test
    void what_is_found_is_looked_at_slowly_and_mended() {
        onFx(() -> bench.desk()
                .document()
                .load(
                        project()
                                .mapShot(
                                        "s1",
                                        shot -> shot.withCamera(shot.camera()
                                                .withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(110)))
                                                .withPosition(Channel.keyed(
                                                        ValueKinds.POSITION,
                                                        List.of(
                                                                Key.of(0, new FramePoint(300, 180), Leg.LINEAR),
                                                                Key.of(99, new FramePoint(370, 180), Leg.LINEAR)))))),
                        Optional.empty()));
        Transport transport = bench.desk().cursor().transport();
        Optional<FrameSpan> before = transport.range();
        keys(KeyCode.J, KeyCode.SHIFT);
        waitUntil("what was found", () -> text("#advice-note").startsWith("2 things"));
        clickOn("#advice-slow-0");
        assertThat(transport.playing()).isTrue();
        assertThat(transport.speed()).isEqualTo(0.25);
        assertThat(transport.range()).contains(new FrameSpan(0, 12));
        type(KeyCode.SPACE);
        assertThat(transport.playing()).isFalse();
        assertThat(transport.range()).isEqualTo(before);
        keys(KeyCode.J, KeyCode.SHIFT);
        waitUntil("what was found", () -> text("#advice-note").startsWith("2 things"));
        clickOn("#advice-mend-0");
        waitUntil("less", () -> text("#advice-note").startsWith("1 thing"));
        assertThat(shot("s1").camera().position().keys().getFirst().leg()).isInstanceOf(Leg.Curve.class);
        clickOn("#advice-close");
    }
}
