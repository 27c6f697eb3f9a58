package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.time.Shutter;
import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.picture.lens.LensProbe;
import javafx.geometry.Point2D;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Depth, corners, mirror and shutter, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class DepthSceneTest extends ThreeShotsInteraction {
    private void type(String field, String number) {
        doubleClickOn(field);
        keys(KeyCode.A, KeyCode.CONTROL);
        write(number + "\n");
    }

    private void showDepth() {
        keys(KeyCode.D, KeyCode.SHIFT);
        waitUntil("the rows", () -> lookup("#group-depth").<ToggleButton>query().isSelected());
    }

    /** The sheet smaller than the frame, so that all its corners are seen, and free at its edges. */
    private void inset() {
        onFx(() -> {
            bench.desk().document().apply(InsetEdits.set(java.util.Set.of("s1"), true));
            CameraTrack small = CameraTrack.still(shot("s1").camera().at(0).withScale(Scale.uniform(40)));
            bench.desk()
                    .document()
                    .load(project().mapShot("s1", shot -> shot.withCamera(small)), java.util.Optional.empty());
        });
        select("s1");
        seek(0);
    }

    @Test
    void a_picture_is_pitched_by_number_and_what_could_not_be_seen_is_refused() {
        inset();
        showDepth();
        type("#camera-pitch", "18");
        waitUntil("the pitch", () -> shot("s1").camera().get(Properties.PITCH).at(0) == 18);
        type("#camera-yaw", "90");
        assertThat(shot("s1").camera().has(Properties.YAW)).isFalse();
        type("#camera-viewing-distance", "0.2");
        assertThat(shot("s1").camera().has(Properties.VIEWING_DISTANCE)).isFalse();
        undo();
        assertThat(shot("s1").camera().hasDepth()).isFalse();
    }

    @Test
    void a_corner_is_pulled_by_its_grip_in_the_lens() {
        inset();
        showDepth();
        double zoom = at(() -> new Point2D(LensProbe.zoom(bench.scene()), 0)).getX();
        Point2D grip = at(() -> LensProbe.pictureCorner(bench.scene(), bench.desk(), Corner.LOWER_RIGHT));
        dragTo(grip, grip.add(-30, 20));
        var pulled = shot("s1").camera().get(Properties.CORNERS.get(2)).at(0);
        assertThat(pulled.x()).isCloseTo(-30 / zoom, within(2 / zoom));
        assertThat(pulled.y()).isCloseTo(20 / zoom, within(2 / zoom));
    }

    @Test
    void a_yaw_is_keyed_and_seals_with_the_rest() {
        select("s1");
        seek(0);
        showDepth();
        onFx(() -> bench.desk().document().apply(SettingsEdits.setKeepInside("s1", false)));
        toggleKey("yaw");
        seek(60);
        type("#camera-yaw", "14");
        var yaw = shot("s1").camera().get(Properties.YAW);
        assertThat(yaw.keys()).hasSize(2);
        assertThat(yaw.at(30)).isBetween(5.0, 9.0);
        assertThat(EdgeReport.of(project().take(shot("s1"))).isSealed()).isFalse();
    }

    @Test
    void a_picture_arrives_turned_over_and_is_mirrored_and_exposed() {
        select("s1");
        clickOn("#rail-ready");
        onFx(() -> {
            ScrollPane scroll = lookup("#ready-scroll").query();
            var node = lookup("#ready-arrival-turned-over").query();
            double over = scroll.getContent().getBoundsInLocal().getHeight()
                    - scroll.getViewportBounds().getHeight();
            scroll.setVvalue(
                    over <= 0 ? 0 : Math.min(1, node.getBoundsInParent().getMinY() / over));
        });
        clickOn("#ready-arrival-turned-over");
        var yaw = shot("s1").camera().get(Properties.YAW);
        assertThat(Math.abs(yaw.at(0))).isEqualTo(180);
        assertThat(yaw.at(99)).isZero();
        onFx(() -> bench.actions().run("shot.mirror"));
        clickOn("#mirror-across");
        fill("#shot-shutter", "180");
        clickOn("Set");
        assertThat(shot("s1").settings().mirror()).isEqualTo(Mirror.HORIZONTAL);
        assertThat(shot("s1").settings().shutter()).contains(new Shutter(180));
    }
}
