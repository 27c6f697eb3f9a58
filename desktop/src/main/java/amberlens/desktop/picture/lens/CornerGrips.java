package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.DepthProperty;
import amberlens.core.motion.property.Properties;
import amberlens.desktop.desk.commands.EditDrag;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Palette;
import java.util.Arrays;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.MouseEvent;

/** The corners of the picture as they are seen in the Lens, by which they are pulled. */
final class CornerGrips {
    private static final double REACH = 9;
    private static final double SIZE = 5.5;

    private CornerGrips() {}

    /** Whether they are available. */
    static boolean areShown(Desk desk, Pose pose) {
        return desk.tools().depth() && pose.isSeen();
    }

    private static FramePoint place(Desk desk, Shot shot, Pose pose, Corner corner) {
        Size picture = desk.document().project().mediaOf(shot).size();
        FramePoint at = corner.of(picture);
        return pose.toFrame(new PicturePoint(at.x(), at.y()));
    }

    /** Paints them as small slanted squares, which no other handle is. */
    static void paint(GraphicsContext pen, Desk desk, Shot shot, Pose pose, LensView view) {
        pen.setLineWidth(1.6);
        for (Corner corner : Corner.values()) {
            FramePoint at = view.toScreen(place(desk, shot, pose, corner));
            double[] x = {at.x(), at.x() + SIZE, at.x(), at.x() - SIZE};
            double[] y = {at.y() - SIZE, at.y(), at.y() + SIZE, at.y()};
            pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.8));
            pen.fillPolygon(x, y, x.length);
            pen.setStroke(Palette.SEA.colour());
            pen.strokePolygon(x, y, x.length);
        }
    }

    /** The corner at a place of the screen. */
    static Optional<Corner> at(Desk desk, Shot shot, Pose pose, LensView view, MouseEvent press) {
        return areShown(desk, pose)
                ? Arrays.stream(Corner.values())
                        .filter(corner -> {
                            FramePoint at = view.toScreen(place(desk, shot, pose, corner));
                            return Math.hypot(at.x() - press.getX(), at.y() - press.getY()) <= REACH;
                        })
                        .findFirst()
                : Optional.empty();
    }

    /** Pulls a corner; where the picture could not be seen, it stays where it was last. */
    static final class Drag extends EditDrag {
        private final LensSurface surface;
        private final DepthProperty<FramePoint> property;
        private final FramePoint start;
        private final FramePoint grabbed;

        Drag(Desk desk, LensSurface surface, Corner corner, MouseEvent press) {
            super(desk);
            this.surface = surface;
            property = Properties.CORNERS.get(corner.ordinal());
            start = desk.cursor().pose().map(property::of).orElseThrow();
            grabbed = surface.toFrame(press.getX(), press.getY());
        }

        @Override
        public void drag(MouseEvent event) {
            desk.cursor().enterShot();
            FramePoint offset =
                    start.plus(surface.toFrame(event.getX(), event.getY()).minus(grabbed));
            desk.cursor().selectedShot().ifPresent(shot -> {
                int frame = desk.cursor().shotFrame();
                if (CameraEdits.refusal(desk.document().project(), shot, property, frame, offset)
                        .isEmpty()) {
                    desk.document().show(desk.setValue("pull corner", shot, property, frame, offset));
                }
            });
        }
    }
}
