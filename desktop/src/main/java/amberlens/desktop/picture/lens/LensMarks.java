package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.LineUp;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.picture.path.PathGrip;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/** Paints what the Lens says over the output: path, handles, notices, and the marks of first and last frame. */
final class LensMarks {
    private static final int FRAMES_PER_DOT = 4;

    private final Desk desk;
    private final Services services;
    private final LensView view;

    LensMarks(Desk desk, Services services, LensView view) {
        this.desk = desk;
        this.services = services;
        this.view = view;
    }

    /** The way of the anchor through the frame, a dot every few frames, and the handles of the selected framings. */
    void path(GraphicsContext pen, Shot shot) {
        pen.setStroke(Palette.AMBER.colour());
        pen.setLineWidth(1.6);
        pen.beginPath();
        for (int frame = 0; frame < shot.length(); frame++) {
            FramePoint point = view.toScreen(shot.camera().at(frame).position());
            if (frame == 0) {
                pen.moveTo(point.x(), point.y());
            } else {
                pen.lineTo(point.x(), point.y());
            }
        }
        pen.stroke();
        pen.setFill(Palette.PALE.colour());
        for (int frame = 0; frame < shot.length(); frame += FRAMES_PER_DOT) {
            FramePoint point = view.toScreen(shot.camera().at(frame).position());
            pen.fillOval(point.x() - 1.5, point.y() - 1.5, 3, 3);
        }
        for (PathGrip grip : PathGrip.of(desk, shot)) {
            PathGrip.paint(
                    pen,
                    view.toScreen(shot.camera().position().at(grip.frame())),
                    view.toScreen(shot.camera().position().at(grip.frame()).plus(grip.offset())));
        }
    }

    /** The handles by which the picture is zoomed and turned, its anchor and its subject. */
    void handles(GraphicsContext pen, Shot shot, Pose pose) {
        for (LensHandle handle : LensHandle.values()) {
            FramePoint at = view.toScreen(handle.place(pose, view.frame()));
            pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.8));
            pen.setStroke(Palette.AMBER.colour());
            pen.setLineWidth(1.6);
            if (handle == LensHandle.TURN) {
                Brush.bead(pen, at.x(), at.y() + LensHandle.TURN_INSET, 4.5, false, false);
            } else if (handle == LensHandle.ANCHOR) {
                anchor(pen, at);
            } else {
                pen.fillRect(at.x() - 4, at.y() - 4, 8, 8);
                pen.strokeRect(at.x() - 4, at.y() - 4, 8, 8);
            }
        }
        services.tracks()
                .subject(shot, desk.cursor().shotFrame())
                .ifPresent(point -> subject(pen, view.toScreen(pose.toFrame(point))));
    }

    private static void anchor(GraphicsContext pen, FramePoint at) {
        for (boolean shade : new boolean[] {true, false}) {
            pen.setStroke(shade ? Palette.faint(Palette.GROUND.colour(), 0.8) : Palette.PALE.colour());
            pen.setLineWidth(shade ? 3 : 1.4);
            pen.strokeLine(at.x() - 6, at.y(), at.x() + 6, at.y());
            pen.strokeLine(at.x(), at.y() - 6, at.x(), at.y() + 6);
            pen.strokeOval(at.x() - 4, at.y() - 4, 8, 8);
        }
    }

    private static void subject(GraphicsContext pen, FramePoint at) {
        pen.setStroke(Palette.SEA.colour());
        pen.setLineWidth(1.8);
        pen.strokeOval(at.x() - 7, at.y() - 7, 14, 14);
        pen.setFill(Palette.SEA.colour());
        pen.fillOval(at.x() - 2, at.y() - 2, 4, 4);
    }

    /** What helps a hand: the lines of the picture that something snaps to, and the line or box being drawn on it. */
    void aids(GraphicsContext pen, Pose pose, Size picture) {
        pen.setStroke(Palette.SEA.colour());
        for (Tools.Line line : desk.tools().snapLines()) {
            pen.setLineWidth(1);
            boolean column = line.vertical();
            line(
                    pen,
                    pose,
                    new PicturePoint(column ? line.at() : 0, column ? 0 : line.at()),
                    new PicturePoint(column ? line.at() : picture.width(), column ? picture.height() : line.at()));
        }
        desk.tools().drawn().ifPresent(drawn -> {
            pen.setLineWidth(1.8);
            PicturePoint from = drawn.from();
            PicturePoint to = drawn.to();
            if (drawn.box()) {
                var right = new PicturePoint(to.x(), from.y());
                var left = new PicturePoint(from.x(), to.y());
                line(pen, pose, from, right);
                line(pen, pose, right, to);
                line(pen, pose, to, left);
                line(pen, pose, left, from);
            } else {
                line(pen, pose, from, to);
            }
        });
    }

    private void line(GraphicsContext pen, Pose pose, PicturePoint from, PicturePoint to) {
        FramePoint a = view.toScreen(pose.toFrame(from));
        FramePoint b = view.toScreen(pose.toFrame(to));
        pen.strokeLine(a.x(), a.y(), b.x(), b.y());
    }

    /** Whether something that the shot shows now has not been read yet. */
    private boolean isAwaited(Shot shot) {
        return LineUpFrame.reads(desk.document().project(), desk.cursor().playhead())
                .getOrDefault(shot, List.of())
                .stream()
                .anyMatch(ref -> services.ready().of(ref) == null);
    }

    void notice(GraphicsContext pen) {
        Optional<Shot> shot =
                LineUp.topAt(desk.document().project(), desk.cursor().playhead());
        String notice = shot.filter(this::isAwaited)
                .map(desk.document().project()::mediaOf)
                .map(media -> services.ready().problem(media).isPresent()
                        ? "Picture missing: " + media.fileName()
                        : "Reading " + media.fileName() + " …")
                .orElse("");
        if (!notice.isEmpty()) {
            Size size = view.shown();
            Brush.aligned(
                    pen,
                    Fonts.text(13),
                    Palette.MUTED.colour(),
                    notice,
                    view.left() + size.width() / 2.0,
                    view.top() + size.height() / 2.0,
                    TextAlignment.CENTER);
        }
    }
}
