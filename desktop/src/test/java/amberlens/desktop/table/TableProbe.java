package amberlens.desktop.table;

import amberlens.core.edit.PathEdits;
import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Side;
import amberlens.core.motion.Framings;
import amberlens.desktop.path.PathGrip;
import amberlens.desktop.store.Store;
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

    /** The handle in the middle of a side. */
    public static Point2D side(Scene scene, Side side) {
        return onScreen(scene, surface(scene).gate().orElseThrow().side(side));
    }

    /** Where the anchor is taken hold of. */
    public static Point2D anchorGrip(Scene scene, Store store) {
        FramePoint anchor = surface(scene)
                .view()
                .orElseThrow()
                .toScreen(store.pose().orElseThrow().anchor());
        return onScreen(scene, surface(scene).gate().orElseThrow().anchorGrip(anchor));
    }

    /** A point of the picture. */
    public static Point2D point(Scene scene, double x, double y) {
        return onScreen(scene, surface(scene).view().orElseThrow().toScreen(new PicturePoint(x, y)));
    }

    /** The number of a framing, by which it is dragged. */
    public static Point2D tag(Scene scene, Store store, int frame) {
        var shot = store.selectedShot().orElseThrow();
        var framings = Framings.of(shot.camera());
        FramingTag tag = FramingTag.of(
                shot,
                framings,
                framings.indexOf(frame),
                store.project().frameSize(),
                surface(scene).view().orElseThrow());
        return onScreen(scene, new FramePoint(tag.x() + 8, tag.y() + 7));
    }

    /** A handle of the path at a selected framing. */
    public static Point2D grip(Scene scene, Store store, int frame, PathEdits.End end) {
        var shot = store.selectedShot().orElseThrow();
        return PathGrip.of(store, shot).stream()
                .filter(grip -> grip.frame() == frame && grip.end() == end)
                .findFirst()
                .map(grip -> onScreen(
                        scene,
                        MovePainter.place(
                                shot,
                                grip,
                                store.project().frameSize(),
                                surface(scene).view().orElseThrow())))
                .orElseThrow();
    }

    /** Where the gate's centre is at a frame. */
    public static Point2D way(Scene scene, Store store, double frame) {
        var shot = store.selectedShot().orElseThrow();
        return onScreen(
                scene,
                surface(scene)
                        .view()
                        .orElseThrow()
                        .toScreen(shot.camera()
                                .at(frame)
                                .gateCentre(store.project().frameSize())));
    }

    private static TableSurface surface(Scene scene) {
        return (TableSurface) scene.lookup("#table-surface");
    }

    private static Point2D onScreen(Scene scene, FramePoint point) {
        return surface(scene).localToScreen(point.x(), point.y());
    }
}
