package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.FramePoint;
import java.util.List;
import java.util.Objects;
import javafx.scene.canvas.GraphicsContext;

/** Closed lines through corners. */
final class CornerLines {
    private CornerLines() {}

    static void stroke(GraphicsContext pen, List<FramePoint> corners) {
        pen.beginPath();
        trace(pen, corners);
        pen.stroke();
    }

    static void trace(GraphicsContext pen, List<FramePoint> corners) {
        for (int i = 0; i < corners.size(); i++) {
            FramePoint corner = Objects.requireNonNull(corners.get(i));
            if (i == 0) {
                pen.moveTo(corner.x(), corner.y());
            } else {
                pen.lineTo(corner.x(), corner.y());
            }
        }
        pen.closePath();
    }
}
