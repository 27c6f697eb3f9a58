package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.picture.path.PathGrip;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** Paints the other framings and the way of the gate through them, with a dot every few frames and the path's handles. */
final class MovePainter {
    private static final int FRAMES_PER_DOT = 4;

    /** So many framings about the playhead are drawn; more would be a thicket. */
    private static final int MOST_FRAMINGS = 40;

    private static final int MOST_POINTS = 600;

    private final Desk desk;
    private final Shot shot;
    private final TableView view;
    private final Size frame;

    MovePainter(Desk desk, Shot shot, TableView view) {
        this.desk = desk;
        this.shot = shot;
        this.view = view;
        frame = desk.document().project().frameSize();
    }

    void framings(GraphicsContext pen) {
        List<Integer> framings = Framings.of(shot.camera());
        Pose shown = desk.document().project().pose(shot, desk.cursor().shotFrame());
        int nearest = (int)
                framings.stream().filter(at -> at < desk.cursor().shotFrame()).count();
        int first = Math.clamp(nearest - MOST_FRAMINGS / 2, 0, Math.max(0, framings.size() - MOST_FRAMINGS));
        for (int i = first; i < Math.min(framings.size(), first + MOST_FRAMINGS); i++) {
            Pose pose = desk.document().project().pose(shot, framings.get(i));
            GateShape gate = GateShape.of(pose, frame, view);
            if (!pose.equals(shown)) {
                pen.setStroke(Palette.faint(Palette.GROUND.colour(), 0.8));
                pen.setLineWidth(2.5);
                CornerLines.stroke(pen, gate.corners());
                pen.setStroke(Palette.PALE.colour());
                pen.setLineWidth(1.4);
                pen.setLineDashes(6, 4);
                CornerLines.stroke(pen, gate.corners());
                pen.setLineDashes();
            }
            boolean selected = desk.cursor().selection().part().equals(new Selection.Framing(framings.get(i)));
            FramingTag tag = FramingTag.of(desk.document().project(), shot, framings, i, view);
            pen.setFill(selected ? Palette.AMBER.colour() : Palette.PALE.colour());
            pen.fillRoundRect(tag.x(), tag.y(), FramingTag.WIDTH, FramingTag.HEIGHT, 4, 4);
            Brush.aligned(
                    pen,
                    Fonts.strong(10.5),
                    Palette.GROUND.colour(),
                    String.valueOf(i + 1),
                    tag.x() + FramingTag.WIDTH / 2,
                    tag.y() + FramingTag.HEIGHT / 2,
                    TextAlignment.CENTER);
        }
    }

    void path(GraphicsContext pen) {
        var keys = shot.camera().keyFrames();
        if (keys.size() < 2) {
            return;
        }
        int first = Math.max(0, keys.first());
        int last = Math.min(shot.lastFrame(), keys.last());
        int step = 1 + (last - first) / MOST_POINTS;
        List<FramePoint> points = new ArrayList<>();
        for (int at = first; at < last; at += step) {
            points.add(centreAt(at));
        }
        points.add(centreAt(last));
        double[] xs = points.stream().mapToDouble(FramePoint::x).toArray();
        double[] ys = points.stream().mapToDouble(FramePoint::y).toArray();
        pen.setStroke(Palette.faint(Palette.GROUND.colour(), 0.7));
        pen.setLineWidth(3.2);
        pen.strokePolyline(xs, ys, xs.length);
        pen.setStroke(Palette.AMBER.colour());
        pen.setLineWidth(1.6);
        pen.strokePolyline(xs, ys, xs.length);
        pen.setFill(Palette.PALE.colour());
        for (int i = 0; i < xs.length; i += FRAMES_PER_DOT) {
            pen.fillOval(xs[i] - 1.5, ys[i] - 1.5, 3, 3);
        }
        List<Integer> framings = Framings.of(shot.camera());
        for (int at : framings.size() > MOST_FRAMINGS ? List.<Integer>of() : framings) {
            FramePoint point = centreAt(at);
            Brush.bead(pen, point.x(), point.y(), 3.5, false, false);
        }
        grips(pen);
    }

    private void grips(GraphicsContext pen) {
        for (PathGrip grip : PathGrip.of(desk, shot)) {
            PathGrip.paint(pen, centreAt(grip.frame()), place(desk.document().project(), shot, grip, view));
        }
    }

    /** Where a handle of the path lies on the Table: where the gate's centre would be with the position moved by it. */
    static FramePoint place(Project project, Shot shot, PathGrip grip, TableView view) {
        Pose pose = project.pose(shot, grip.frame());
        return view.toScreen(
                pose.withPosition(pose.position().plus(grip.offset())).gateCentre(project.frameSize()));
    }

    private FramePoint centreAt(int at) {
        return view.toScreen(desk.document().project().pose(shot, at).gateCentre(frame));
    }
}
