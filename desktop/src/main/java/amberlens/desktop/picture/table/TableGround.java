package amberlens.desktop.picture.table;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.core.render.frame.Picture;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Pictures;
import amberlens.desktop.work.pictures.FramePictures;
import amberlens.desktop.work.services.Services;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import org.jspecify.annotations.Nullable;

/** The picture under the gate, rendered for the place it has on the Table. */
final class TableGround {
    /** What the picture was painted for: it is made anew only when this changes. */
    private record Ground(
            Media media,
            Mirror mirror,
            TableView view,
            Size size,
            double scale,
            @Nullable Picture shown) {}

    private final Desk desk;
    private final Services services;
    private final FramePictures frames;
    private final Runnable redraw;
    private @Nullable Ground asked;
    private @Nullable Ground shownFor;
    private @Nullable Image picture;
    private @Nullable Below below;
    private @Nullable Image belowPicture;

    TableGround(Desk desk, Services services, Runnable redraw) {
        this.desk = desk;
        this.services = services;
        this.redraw = redraw;
        frames = services.frames();
    }

    /** Paints the picture, and asks for it anew when it lies differently. */
    void draw(
            GraphicsContext pen,
            Media media,
            Mirror mirror,
            int frame,
            TableView view,
            double width,
            double height,
            double scale) {
        var size = new Size((int) Math.max(1, width), (int) Math.max(1, height));
        Picture shown = services.ready().of(PictureRef.of(media, frame));
        var ground = new Ground(media, mirror, view, Pictures.onDevice(size, scale), scale, shown);
        if (shown != null && !ground.equals(asked)) {
            asked = ground;
            ask(ground, shown);
        }
        double w = view.scale() * media.size().width();
        double h = view.scale() * media.size().height();
        if (picture != null && shownFor != null && shownFor.media().equals(media) && shownFor.mirror() == mirror) {
            if (shownFor.view().equals(view)) {
                pen.drawImage(
                        picture, 0, 0, picture.getWidth() / shownFor.scale(), picture.getHeight() / shownFor.scale());
            } else {
                TableView old = shownFor.view();
                double factor = old.scale() * shownFor.scale();
                pen.drawImage(
                        picture,
                        old.left() * shownFor.scale(),
                        old.top() * shownFor.scale(),
                        factor * media.size().width(),
                        factor * media.size().height(),
                        view.left(),
                        view.top(),
                        w,
                        h);
            }
        } else {
            pen.setFill(Palette.RAISED.colour());
            pen.fillRect(view.left(), view.top(), w, h);
        }
    }

    /** What lies below a rig, as it was made for the Table last. */
    private record Below(Project project, int frame, Size size) {}

    /** Paints the frame as it is below a rig: what the rig moves at a frame of the line-up. */
    void drawBelow(GraphicsContext pen, Shot rig, int at, TableView view) {
        Project project = desk.document().project();
        Size frame = project.frameSize();
        double w = view.scale() * frame.width();
        double h = view.scale() * frame.height();
        var wanted = new Below(project, at, frame.fittedInto(Math.min(w, frame.width()), Math.min(h, frame.height())));
        if (!wanted.equals(below)) {
            Project without = project.withShots(project.shots().stream()
                    .filter(shot -> shot.track() < rig.track())
                    .toList());
            below = wanted;
            var layers = LineUpFrame.layers(without, at, wanted.size(), services.ready());
            frames.layers(without, layers, wanted.size(), raster -> {
                belowPicture = Pictures.image(raster);
                redraw.run();
            });
        }
        pen.setFill(Palette.RAISED.colour());
        pen.fillRect(view.left(), view.top(), w, h);
        if (belowPicture != null) {
            pen.drawImage(belowPicture, view.left(), view.top(), w, h);
        }
    }

    /** A picture has arrived, which may lie below a rig. */
    void forgetBelow() {
        below = null;
    }

    private void ask(Ground ground, Picture shown) {
        var screen = new Pose(
                Scale.uniform(100 * ground.view().scale() * ground.scale()),
                new FramePoint(
                        ground.view().left() * ground.scale(), ground.view().top() * ground.scale()),
                0,
                new PicturePoint(0, 0));
        var seen = LineUpFrame.placed(shown, screen, ground.mirror(), ground.size(), ground.size());
        var onGround = desk.document()
                .project()
                .withFrame(new FrameFormat(
                        ground.size(), desk.document().project().frame().rate(), new Colour(0x12100E)));
        frames.layers(onGround, List.of(seen), ground.size(), raster -> {
            picture = Pictures.image(raster);
            shownFor = ground;
            redraw.run();
        });
    }
}
