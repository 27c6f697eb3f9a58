package amberlens.desktop.table;

import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import javafx.geometry.Point2D;
import javafx.scene.Scene;

/** Tells tests where the gate's handles are on the screen. */
public final class TableProbe {
    private TableProbe() {}

    public static Point2D corner(Scene scene, Corner corner) {
        return onScreen(scene, surface(scene).gate().orElseThrow().corners().get(corner.ordinal()));
    }

    public static Point2D centre(Scene scene) {
        return onScreen(scene, surface(scene).gate().orElseThrow().centre());
    }

    public static Point2D turnHandle(Scene scene) {
        return onScreen(scene, surface(scene).gate().orElseThrow().turnHandle());
    }

    private static TableSurface surface(Scene scene) {
        return (TableSurface) scene.lookup("#table-surface");
    }

    private static Point2D onScreen(Scene scene, FramePoint point) {
        return surface(scene).localToScreen(point.x(), point.y());
    }
}
