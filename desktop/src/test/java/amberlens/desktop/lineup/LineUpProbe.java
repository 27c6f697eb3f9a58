package amberlens.desktop.lineup;

import amberlens.desktop.desk.Desk;
import javafx.geometry.Point2D;
import javafx.scene.Scene;

/** Tells tests where shots are on the screen. */
public final class LineUpProbe {
    private LineUpProbe() {}

    public static Point2D middle(Scene scene, Desk desk, String id) {
        return at(scene, desk, id, 0.5);
    }

    /** The end that is dragged to trim. */
    public static Point2D end(Scene scene, Desk desk, String id) {
        return at(scene, desk, id, 1).subtract(2, 0);
    }

    /** The beginning that is dragged to trim. */
    public static Point2D start(Scene scene, Desk desk, String id) {
        return at(scene, desk, id, 0).add(2, 0);
    }

    /** How wide a frame is on the screen. */
    public static double perFrame(Scene scene) {
        return ((LineUpSurface) scene.lookup("#lineup-surface")).plan().perFrame();
    }

    private static Point2D at(Scene scene, Desk desk, String id, double part) {
        LineUpSurface surface = (LineUpSurface) scene.lookup("#lineup-surface");
        LineUpLayout plan = surface.plan();
        var shot = desk.document().project().shot(id).orElseThrow();
        return surface.localToScreen(
                plan.x(shot.start() + part * shot.length()), plan.top(shot) + 0.7 * plan.rowHeight());
    }
}
