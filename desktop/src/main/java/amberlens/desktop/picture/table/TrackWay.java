package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.material.track.Spot;
import amberlens.core.model.project.Shot;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.work.tracking.SubjectTracks;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/** Paints the way of a tracked subject over the footage: a line where it is sure, dots where it is a guess. */
final class TrackWay {
    private TrackWay() {}

    static void paint(GraphicsContext pen, SubjectTracks tracks, Shot shot, TableView view) {
        List<Spot> spots = tracks.spots(shot);
        for (boolean shade : new boolean[] {true, false}) {
            pen.setStroke(shade ? Palette.faint(Palette.GROUND.colour(), 0.6) : Palette.SEA.colour());
            pen.setFill(shade ? Palette.faint(Palette.GROUND.colour(), 0.6) : Palette.SEA.colour());
            pen.setLineWidth(shade ? 3.2 : 1.4);
            for (int i = 1; i < spots.size(); i++) {
                FramePoint from = view.toScreen(spots.get(i - 1).at());
                FramePoint to = view.toScreen(spots.get(i).at());
                if (!spots.get(i).weak() && !spots.get(i - 1).weak()) {
                    pen.strokeLine(from.x(), from.y(), to.x(), to.y());
                } else if (i % 3 == 0) {
                    double radius = shade ? 2 : 1.2;
                    pen.fillOval(to.x() - radius, to.y() - radius, 2 * radius, 2 * radius);
                }
            }
        }
    }
}
