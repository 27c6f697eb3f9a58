package amberlens.desktop.table;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.Shot;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Pose;
import amberlens.desktop.look.Brush;
import amberlens.desktop.look.Fonts;
import amberlens.desktop.look.Palette;
import amberlens.desktop.path.PathGrip;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** Paints the other framings and the way of the gate through them, with a dot every few frames and the path's handles. */
final class MovePainter {
    private static final int FRAMES_PER_DOT = 4;
    private static final double GRIP = 4;

    private final Store store;
    private final Shot shot;
    private final TableView view;
    private final Size frame;

    MovePainter(Store store, Shot shot, TableView view) {
        this.store = store;
        this.shot = shot;
        this.view = view;
        frame = store.project().frameSize();
    }

    void framings(GraphicsContext pen) {
        List<Integer> framings = Framings.of(shot.camera());
        Pose shown = shot.camera().at(store.shotFrame());
        for (int i = 0; i < framings.size(); i++) {
            Pose pose = shot.camera().at(framings.get(i));
            GateShape gate = GateShape.of(pose, frame, view);
            if (!pose.equals(shown)) {
                pen.setStroke(Palette.faint(Palette.GROUND, 0.8));
                pen.setLineWidth(2.5);
                Outline.stroke(pen, gate.corners());
                pen.setStroke(Palette.PALE);
                pen.setLineWidth(1.4);
                pen.setLineDashes(6, 4);
                Outline.stroke(pen, gate.corners());
                pen.setLineDashes();
            }
            boolean selected = store.selection().part().equals(new Selection.Framing(framings.get(i)));
            FramingTag tag = FramingTag.of(shot, framings, i, frame, view);
            pen.setFill(selected ? Palette.AMBER : Palette.PALE);
            pen.fillRoundRect(tag.x(), tag.y(), FramingTag.WIDTH, FramingTag.HEIGHT, 4, 4);
            Brush.aligned(
                    pen,
                    Fonts.strong(10.5),
                    Palette.GROUND,
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
        for (int pass = 0; pass < 2; pass++) {
            pen.setStroke(pass == 0 ? Palette.faint(Palette.GROUND, 0.7) : Palette.AMBER);
            pen.setLineWidth(pass == 0 ? 3.2 : 1.6);
            pen.beginPath();
            for (int at = first; at <= last; at++) {
                FramePoint point = centreAt(at);
                if (at == first) {
                    pen.moveTo(point.x(), point.y());
                } else {
                    pen.lineTo(point.x(), point.y());
                }
            }
            pen.stroke();
        }
        pen.setFill(Palette.PALE);
        for (int at = first; at <= last; at += FRAMES_PER_DOT) {
            FramePoint point = centreAt(at);
            pen.fillOval(point.x() - 1.5, point.y() - 1.5, 3, 3);
        }
        for (int at : Framings.of(shot.camera())) {
            FramePoint point = centreAt(at);
            Brush.bead(pen, point.x(), point.y(), 3.5, false, false);
        }
        grips(pen);
    }

    private void grips(GraphicsContext pen) {
        for (PathGrip grip : PathGrip.of(store, shot)) {
            FramePoint root = centreAt(grip.frame());
            FramePoint at = place(shot, grip, frame, view);
            pen.setStroke(Palette.PALE);
            pen.setLineWidth(1.2);
            pen.strokeLine(root.x(), root.y(), at.x(), at.y());
            pen.setFill(Palette.PALE);
            pen.fillOval(at.x() - GRIP, at.y() - GRIP, 2 * GRIP, 2 * GRIP);
            pen.setStroke(Palette.GROUND);
            pen.setLineWidth(1);
            pen.strokeOval(at.x() - GRIP, at.y() - GRIP, 2 * GRIP, 2 * GRIP);
        }
    }

    /** Where a handle of the path lies on the Table: where the gate's centre would be with the position moved by it. */
    static FramePoint place(Shot shot, PathGrip grip, Size frame, TableView view) {
        Pose pose = shot.camera().at(grip.frame());
        return view.toScreen(
                pose.withPosition(pose.position().plus(grip.offset())).gateCentre(frame));
    }

    private FramePoint centreAt(int at) {
        return view.toScreen(shot.camera().at(at).gateCentre(frame));
    }
}
