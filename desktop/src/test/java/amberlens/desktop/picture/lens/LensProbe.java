package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.edit.edits.PathEdits;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.inspector.looks.LookProbe;
import amberlens.desktop.picture.path.PathGrip;
import javafx.geometry.Point2D;
import javafx.scene.Scene;

/** Tells tests where things are in the Lens on the screen. */
public final class LensProbe {
    private LensProbe() {}

    /** The handle at the lower right corner of the output. */
    public static Point2D corner(Scene scene) {
        LensSurface surface = (LensSurface) scene.lookup("#lens-surface");
        LensView view = surface.view();
        FramePoint at =
                view.toScreen(new FramePoint(view.frame().width(), view.frame().height()));
        return surface.localToScreen(at.x() - 2, at.y() - 2);
    }

    /** A corner of the selected shot's picture, as it is seen. */
    public static Point2D pictureCorner(Scene scene, Desk desk, Corner corner) {
        LensSurface surface = (LensSurface) scene.lookup("#lens-surface");
        var shot = desk.cursor().selectedShot().orElseThrow();
        FramePoint of = corner.of(desk.document().project().mediaOf(shot).size());
        FramePoint at =
                surface.view().toScreen(desk.cursor().pose().orElseThrow().toFrame(new PicturePoint(of.x(), of.y())));
        return surface.localToScreen(at.x(), at.y());
    }

    /** The place by which something of a look is changed. */
    public static Point2D lookGrip(Scene scene, Desk desk, String what) {
        LensSurface surface = (LensSurface) scene.lookup("#lens-surface");
        FramePoint at = surface.looks().grip(LookProbe.grip(desk, what));
        return surface.localToScreen(at.x(), at.y());
    }

    /** Screen pixels per frame pixel. */
    public static double zoom(Scene scene) {
        return ((LensSurface) scene.lookup("#lens-surface")).view().zoom();
    }

    /** The middle of the output. */
    public static Point2D centre(Scene scene) {
        LensSurface surface = (LensSurface) scene.lookup("#lens-surface");
        FramePoint at = surface.view().toScreen(surface.view().frame().centre());
        return surface.localToScreen(at.x(), at.y());
    }

    /** A handle of the path at a selected framing. */
    public static Point2D grip(Scene scene, Desk desk, int frame, PathEdits.End end) {
        LensSurface surface = (LensSurface) scene.lookup("#lens-surface");
        var shot = desk.cursor().selectedShot().orElseThrow();
        FramePoint place = PathGrip.of(desk, shot).stream()
                .filter(grip -> grip.frame() == frame && grip.end() == end)
                .findFirst()
                .map(grip -> surface.place(shot, grip))
                .orElseThrow();
        return surface.localToScreen(place.x(), place.y());
    }
}
