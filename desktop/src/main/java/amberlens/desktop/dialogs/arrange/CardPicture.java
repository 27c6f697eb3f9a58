package amberlens.desktop.dialogs.arrange;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.Project;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Fonts;
import amberlens.desktop.kit.style.GateSketch;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Surface;
import amberlens.desktop.work.services.Services;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;

/** The picture of a card with the start gate, the end gate and the way between; or the gate on its way, while it plays. */
final class CardPicture extends Surface {
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
        var view = GateSketch.fitted(pen, media.size(), width, height);
        Optional<Image> image = services.thumbnails().whole(media, fitted);
        boolean mirrored = shown.shot().settings().mirror().across();
        image.ifPresent(found -> pen.drawImage(
                found,
                mirrored ? view.left() + fitted.width() : view.left(),
                view.top(),
                mirrored ? -fitted.width() : fitted.width(),
                fitted.height()));
        if (shown.poses().isEmpty()) {
            Brush.text(pen, Fonts.text(12), Palette.MUTED.colour(), "no move", 8, height - 12);
            return;
        }
        Size frame = project.frameSize();
        if (at >= 0) {
            Pose now = shown.poses().get((int) Math.round(at * (shown.poses().size() - 1)));
            view.dim(now, frame);
            view.gate(now, frame, Palette.AMBER.colour(), false);
            return;
        }
        marks(pen, shown, view);
        Pose first = shown.poses().getFirst();
        Pose last = shown.poses().getLast();
        view.gate(first, frame, Palette.PALE.colour(), true);
        view.way(shown.poses(), frame);
        view.gate(last, frame, Palette.AMBER.colour(), false);
    }

    private void marks(GraphicsContext pen, Arranged.Card shown, GateSketch view) {
        pen.setStroke(Palette.SEA.colour());
        pen.setLineWidth(1.2);
        pen.setLineDashes(2, 2);
        Arranged.marks(project, shown.shot()).forEach(mark -> {
            FramePoint from =
                    view.of(new PicturePoint(mark.box().left(), mark.box().top()));
            pen.strokeRect(
                    from.x(),
                    from.y(),
                    mark.box().width() * view.scale(),
                    mark.box().height() * view.scale());
        });
        pen.setLineDashes();
    }
}
