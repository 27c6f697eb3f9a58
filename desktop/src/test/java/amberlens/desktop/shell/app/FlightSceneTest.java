package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.motion.curve.FlightPath;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Selection;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Flights by key and by hand in a real window: a sheet of 900 × 600 in a frame of 640 × 360, seen near at its left and at its right. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class FlightSceneTest extends ThreeShotsInteraction {
    private void frame(int at, double x) {
        Pose near = shot("s1").camera().at(0).withScale(Scale.uniform(220)).withPosition(new FramePoint(x, 180));
        onFx(() -> {
            bench.desk().document().apply(FramingEdits.add("s1", at));
            bench.desk().document().apply(CameraEdits.setFraming("framing", "s1", at, near));
        });
    }

    private double rho() {
        return shot("s1").camera().scale().keyAt(0).map(key -> key.leg()).orElse(Leg.LINEAR)
                        instanceof Leg.Flight flight
                ? flight.rho()
                : Double.NaN;
    }

    @Test
    void a_run_of_framings_flies_stays_in_the_picture_and_is_flown_lower_by_hand() {
        frame(0, 900);
        frame(90, -250);
        select("s1");
        onFx(() -> bench.desk().cursor().select(Selection.shot("s1")));
        type(KeyCode.DIGIT7);
        assertThat(shot("s1").camera().flies()).isTrue();
        assertThat(shot("s1").camera().at(45).scale().x()).isLessThan(200);
        assertThat(EdgeReport.of(project().take(shot("s1"))).isSealed()).isTrue();
        onFx(() -> bench.desk().cursor().select(new Selection.LegFrom(0)));
        waitUntil("the leg", () -> lookup("#ease-flight").tryQuery().isPresent());
        assertThat(lookup("#ease-flight").<ToggleButton>query().isSelected()).isTrue();
        double before = rho();
        assertThat(before).isLessThanOrEqualTo(FlightPath.USUAL_RHO);
        Slider height = lookup("#flight-height").query();
        onFx(() -> {
            height.setValue(0.3);
            bench.desk().document().commit();
        });
        assertThat(rho()).isEqualTo(0.3);
        assertThat(shot("s1").camera().at(45).scale().x()).isGreaterThan(200);
        keys(KeyCode.Z, KeyCode.CONTROL);
        assertThat(rho()).isEqualTo(before);
        clickOn("#ease-linear");
        assertThat(shot("s1").camera().flies()).isFalse();
    }
}
