package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Side;
import amberlens.core.edit.edits.PathEdits;
import amberlens.core.motion.camera.Framings;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.inspector.looks.LookProbe;
import amberlens.desktop.inspector.looks.LookView;
import amberlens.desktop.picture.path.PathGrip;
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
    public static Point2D anchorGrip(Scene scene, Desk desk) {
        FramePoint anchor = surface(scene)
                .view()
                .orElseThrow()
                .toScreen(desk.cursor().pose().orElseThrow().anchor());
        return onScreen(scene, surface(scene).gate().orElseThrow().anchorGrip(anchor));
    }

    /** The place by which something of a look is changed. */
    public static Point2D lookGrip(Scene scene, Desk desk, String what) {
        LookView looks = surface(scene)
                .looks(surface(scene).view().orElseThrow(), desk.cursor().pose().orElseThrow());
        return onScreen(scene, looks.grip(LookProbe.grip(desk, what)));
    }

    /** A point of the picture. */
    public static Point2D point(Scene scene, double x, double y) {
        return onScreen(scene, surface(scene).view().orElseThrow().toScreen(new PicturePoint(x, y)));
    }

    /** The number of a framing, by which it is dragged. */
    public static Point2D tag(Scene scene, Desk desk, int frame) {
        var shot = desk.cursor().selectedShot().orElseThrow();
        var framings = Framings.of(shot.camera());
        FramingTag tag = FramingTag.of(
                desk.document().project(),
                shot,
                framings,
                framings.indexOf(frame),
                surface(scene).view().orElseThrow());
        return onScreen(scene, new FramePoint(tag.x() + 8, tag.y() + 7));
    }

    /** A handle of the path at a selected framing. */
    public static Point2D grip(Scene scene, Desk desk, int frame, PathEdits.End end) {
        var shot = desk.cursor().selectedShot().orElseThrow();
        return PathGrip.of(desk, shot).stream()
                .filter(grip -> grip.frame() == frame && grip.end() == end)
                .findFirst()
                .map(grip -> onScreen(
                        scene,
                        MovePainter.place(
                                desk.document().project(),
                                shot,
                                grip,
                                surface(scene).view().orElseThrow())))
                .orElseThrow();
    }

    /** Where the gate's centre is at a frame. */
    public static Point2D way(Scene scene, Desk desk, double frame) {
        var shot = desk.cursor().selectedShot().orElseThrow();
        return onScreen(
                scene,
                surface(scene)
                        .view()
                        .orElseThrow()
                        .toScreen(shot.camera()
                                .at(frame)
                                .gateCentre(desk.document().project().frameSize())));
    }

    private static TableSurface surface(Scene scene) {
        return (TableSurface) scene.lookup("#table-surface");
    }

    private static Point2D onScreen(Scene scene, FramePoint point) {
        return surface(scene).localToScreen(point.x(), point.y());
    }
}
