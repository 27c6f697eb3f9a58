package amberlens.desktop.dialogs.arrange;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Project;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Surface;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;

/** The picture of a card with the start gate, the end gate and the way between; or the gate on its way, while it plays. */
final class CardPicture extends Surface {
    private static final double DOT = 1.8;

    private final Services services;
    private final Project project;
    private Optional<Arranged.Card> card = Optional.empty();
    private double at = -1;

    CardPicture(Services services, Project project) {
        super(true);
        this.services = services;
        this.project = project;
        setFocusTraversable(false);
        setMouseTransparent(true);
    }

    void show(Arranged.Card now) {
        card = Optional.of(now);
        redraw();
    }

    /** Plays: 0 … 1 of the way; below 0 both ends. */
    void play(double part) {
        at = part;
        redraw();
    }

    /** From the picture to the surface. */
    private record View(double scale, double left, double top) {
        FramePoint of(PicturePoint point) {
            return new FramePoint(left + point.x() * scale, top + point.y() * scale);
        }
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(0, 0, width, height);
        if (card.isEmpty()) {
            return;
        }
        Arranged.Card shown = card.get();
        var media = project.mediaOf(shown.shot());
        Size fitted = media.size().fittedInto((int) width, (int) height);
        var view = new View(
                (double) fitted.width() / media.size().width(),
                (width - fitted.width()) / 2,
                (height - fitted.height()) / 2);
        Optional<Image> image = services.thumbnails().whole(media, fitted);
        boolean mirrored = shown.shot().settings().mirror().across();
        image.ifPresent(found -> pen.drawImage(
                found,
                mirrored ? view.left + fitted.width() : view.left,
                view.top,
                mirrored ? -fitted.width() : fitted.width(),
                fitted.height()));
        if (shown.poses().isEmpty()) {
            Brush.text(pen, Fonts.text(12), Palette.MUTED.colour(), "no move", 8, height - 12);
            return;
        }
        Size frame = project.frameSize();
        if (at >= 0) {
            Pose now = shown.poses().get((int) Math.round(at * (shown.poses().size() - 1)));
            dim(pen, now, frame, view, width, height);
            gate(pen, now, frame, view, Palette.AMBER.colour(), false);
            return;
        }
        marks(pen, shown, view);
        Pose first = shown.poses().getFirst();
        Pose last = shown.poses().getLast();
        gate(pen, first, frame, view, Palette.PALE.colour(), true);
        way(pen, shown.poses(), frame, view);
        gate(pen, last, frame, view, Palette.AMBER.colour(), false);
    }

    private void marks(GraphicsContext pen, Arranged.Card shown, View view) {
        pen.setStroke(Palette.SEA.colour());
        pen.setLineWidth(1.2);
        pen.setLineDashes(2, 2);
        Arranged.marks(project, shown.shot()).forEach(mark -> {
            FramePoint from =
                    view.of(new PicturePoint(mark.box().left(), mark.box().top()));
            pen.strokeRect(
                    from.x(),
                    from.y(),
                    mark.box().width() * view.scale,
                    mark.box().height() * view.scale);
        });
        pen.setLineDashes();
    }

    private static void way(GraphicsContext pen, List<Pose> poses, Size frame, View view) {
        pen.setFill(Palette.AMBER.colour());
        FramePoint before = new FramePoint(-100, -100);
        for (Pose pose : poses) {
            FramePoint middle = view.of(pose.gateCentre(frame));
            if (middle.distance(before) > 3 * DOT) {
                pen.fillOval(middle.x() - DOT, middle.y() - DOT, 2 * DOT, 2 * DOT);
                before = middle;
            }
        }
    }

    private static double[][] corners(Pose pose, Size frame, View view) {
        double[][] corners = new double[2][4];
        for (Corner corner : Corner.values()) {
            FramePoint at = view.of(pose.toPicture(corner.of(frame)));
            corners[0][corner.ordinal()] = at.x();
            corners[1][corner.ordinal()] = at.y();
        }
        return corners;
    }

    private static void gate(GraphicsContext pen, Pose pose, Size frame, View view, Color colour, boolean dashed) {
        double[][] corners = corners(pose, frame, view);
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

    private static void dim(GraphicsContext pen, Pose pose, Size frame, View view, double width, double height) {
        double[][] corners = corners(pose, frame, view);
        pen.setFill(Palette.faint(Palette.GROUND.colour(), 0.55));
        pen.beginPath();
        pen.rect(0, 0, width, height);
        pen.moveTo(corners[0][0], corners[1][0]);
        for (int i = 3; i >= 0; i--) {
            pen.lineTo(corners[0][i], corners[1][i]);
        }
        pen.closePath();
        pen.setFillRule(javafx.scene.shape.FillRule.EVEN_ODD);
        pen.fill();
        pen.setFillRule(javafx.scene.shape.FillRule.NON_ZERO);
    }
}
