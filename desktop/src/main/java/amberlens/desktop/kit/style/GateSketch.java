package amberlens.desktop.kit.style;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.FillRule;

/**
 * Gates and their way on a small picture.
 *
 * @param pen of the surface
 * @param width of the surface
 * @param height of the surface
 * @param scale pixels of the surface per source pixel
 * @param left where the picture begins
 * @param top likewise
 */
public record GateSketch(GraphicsContext pen, double width, double height, double scale, double left, double top) {
    private static final double DOT = 1.8;

    /** With all of a picture as large as it fits. */
    public static GateSketch fitted(GraphicsContext pen, Size picture, double width, double height) {
        Size fitted = picture.fittedInto((int) width, (int) height);
        return new GateSketch(
                pen,
                width,
                height,
                (double) fitted.width() / picture.width(),
                (width - fitted.width()) / 2,
                (height - fitted.height()) / 2);
    }

    /** From the picture to the surface. */
    public FramePoint of(PicturePoint point) {
        return new FramePoint(left + point.x() * scale, top + point.y() * scale);
    }

    /** Dots along the way of the gate's middle. */
    public void way(List<Pose> poses, Size frame) {
        pen.setFill(Palette.AMBER.colour());
        FramePoint before = new FramePoint(-100, -100);
        for (Pose pose : poses) {
            FramePoint middle = of(pose.gateCentre(frame));
            if (middle.distance(before) > 3 * DOT) {
                pen.fillOval(middle.x() - DOT, middle.y() - DOT, 2 * DOT, 2 * DOT);
                before = middle;
            }
        }
    }

    public void gate(Pose pose, Size frame, Color colour, boolean dashed) {
        double[][] corners = corners(pose, frame);
        pen.setStroke(Palette.faint(Palette.GROUND.colour(), 0.7));
        pen.setLineWidth(3.4);
        pen.strokePolygon(corners[0], corners[1], 4);
        pen.setStroke(colour);
        pen.setLineWidth(1.7);
        if (dashed) {
            pen.setLineDashes(5, 4);
        }
        pen.strokePolygon(corners[0], corners[1], 4);
        pen.setLineDashes();
    }

    /** Darkens what is outside a gate. */
    public void dim(Pose pose, Size frame) {
        double[][] corners = corners(pose, frame);
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.55));
        pen.beginPath();
        pen.rect(0, 0, width, height);
        pen.moveTo(corners[0][0], corners[1][0]);
        for (int i = 3; i >= 0; i--) {
            pen.lineTo(corners[0][i], corners[1][i]);
        }
        pen.closePath();
        pen.setFillRule(FillRule.EVEN_ODD);
        pen.fill();
        pen.setFillRule(FillRule.NON_ZERO);
    }

    private double[][] corners(Pose pose, Size frame) {
        double[][] corners = new double[2][4];
        for (Corner corner : Corner.values()) {
            FramePoint at = of(pose.toPicture(corner.of(frame)));
            corners[0][corner.ordinal()] = at.x();
            corners[1][corner.ordinal()] = at.y();
        }
        return corners;
    }
}
