package amberlens.desktop.table;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.Media;
import amberlens.core.model.Shot;
import amberlens.core.motion.Framings;
import amberlens.core.motion.Pose;
import amberlens.core.render.LineUpFrame;
import amberlens.core.render.Pyramid;
import amberlens.core.time.Timecode;
import amberlens.desktop.look.Brush;
import amberlens.desktop.look.Fonts;
import amberlens.desktop.look.Palette;
import amberlens.desktop.look.Pictures;
import amberlens.desktop.look.Surface;
import amberlens.desktop.play.FramePictures;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Store;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.shape.FillRule;
import org.jspecify.annotations.Nullable;

/** Paints the picture, what the gate takes of it, the other framings and the path. */
final class TableSurface extends Surface {
    private static final double AIR = 26;
    private static final double HANDLE = 4.5;
    private static final int FRAMES_PER_DOT = 4;
    private static final double FAR = 20_000;

    /** What the picture was painted for: it is made anew only when this changes. */
    private record Ground(Media media, TableView view, Size size, boolean ready) {}

    private final Store store;
    private final Services services;
    private final FramePictures frames;
    private @Nullable Ground asked;
    private @Nullable Ground shownFor;
    private @Nullable Image picture;

    TableSurface(Store store, Services services) {
        this.store = store;
        this.services = services;
        frames = services.frames();
        setAccessibleText("Table: the whole picture with the gate");
    }

    Optional<TableView> view() {
        return store.selectedShot()
                .map(shot -> TableView.fitting(store.project().mediaOf(shot).size(), getWidth(), getHeight(), AIR));
    }

    Optional<GateShape> gate() {
        return view().flatMap(view -> store.pose().map(pose -> GateShape.of(pose, frame(), view)));
    }

    private Size frame() {
        return store.project().frameSize();
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        var shot = store.selectedShot();
        if (shot.isEmpty()) {
            return;
        }
        TableView view = view().orElseThrow();
        Media media = store.project().mediaOf(shot.get());
        drawPicture(pen, media, view, width, height);
        Pose pose = shot.get().camera().at(store.shotFrame());
        GateShape gate = GateShape.of(pose, frame(), view);
        dimOutside(pen, gate, view, media.size());
        hatchOpen(pen, gate, view, media.size());
        drawFramings(pen, shot.get(), view);
        drawPath(pen, shot.get(), view);
        drawGate(pen, gate);
        drawAnchor(pen, view.toScreen(pose.anchor()));
        label(pen, gate);
    }

    private void drawPicture(GraphicsContext pen, Media media, TableView view, double width, double height) {
        var size = new Size((int) Math.max(1, width), (int) Math.max(1, height));
        Pyramid pixels = services.ready().of(media);
        var ground = new Ground(media, view, size, pixels != null);
        if (pixels != null && !ground.equals(asked)) {
            asked = ground;
            ask(ground, pixels);
        }
        double w = view.scale() * media.size().width();
        double h = view.scale() * media.size().height();
        if (picture != null && shownFor != null && shownFor.media().equals(media)) {
            if (shownFor.view().equals(view)) {
                pen.drawImage(picture, 0, 0);
            } else {
                TableView old = shownFor.view();
                double factor = old.scale();
                pen.drawImage(
                        picture,
                        old.left(),
                        old.top(),
                        factor * media.size().width(),
                        factor * media.size().height(),
                        view.left(),
                        view.top(),
                        w,
                        h);
            }
        } else {
            pen.setFill(Palette.RAISED);
            pen.fillRect(view.left(), view.top(), w, h);
        }
    }

    private void ask(Ground ground, Pyramid pixels) {
        var screen = new Pose(
                amberlens.core.motion.Scale.uniform(100 * ground.view().scale()),
                new FramePoint(ground.view().left(), ground.view().top()),
                0,
                new amberlens.core.geometry.PicturePoint(0, 0));
        var layer = LineUpFrame.layer(pixels, screen, ground.size(), ground.size());
        var onGround = store.project()
                .withFrame(new amberlens.core.model.FrameFormat(
                        ground.size(), store.project().frame().rate(), new amberlens.core.model.Colour(0x12100E)));
        frames.layers(onGround, List.of(layer), ground.size(), raster -> {
            picture = Pictures.image(raster);
            shownFor = ground;
            redraw();
        });
    }

    private static void dimOutside(GraphicsContext pen, GateShape gate, TableView view, Size picture) {
        double width = view.scale() * picture.width();
        double height = view.scale() * picture.height();
        pen.save();
        pen.beginPath();
        pen.rect(view.left(), view.top(), width, height);
        pen.clip();
        pen.setFill(Color.rgb(18, 15, 12, 0.55));
        pen.setFillRule(FillRule.EVEN_ODD);
        pen.beginPath();
        pen.rect(-FAR, -FAR, 3 * FAR, 3 * FAR);
        trace(pen, gate.corners());
        pen.fill();
        pen.restore();
    }

    private static void hatchOpen(GraphicsContext pen, GateShape gate, TableView view, Size picture) {
        for (List<FramePoint> part : gate.beyond(view, picture)) {
            pen.save();
            pen.beginPath();
            trace(pen, part);
            pen.clip();
            double left = part.stream().mapToDouble(FramePoint::x).min().orElse(0);
            double top = part.stream().mapToDouble(FramePoint::y).min().orElse(0);
            double right = part.stream().mapToDouble(FramePoint::x).max().orElse(0);
            double bottom = part.stream().mapToDouble(FramePoint::y).max().orElse(0);
            pen.setFill(Palette.faint(Palette.VERMILION, 0.3));
            pen.fillRect(left, top, right - left, bottom - top);
            Brush.hatch(pen, left, top, right - left, bottom - top);
            pen.restore();
            pen.setStroke(Palette.VERMILION);
            pen.setLineWidth(2);
            outline(pen, part);
        }
    }

    private void drawFramings(GraphicsContext pen, Shot shot, TableView view) {
        List<Integer> framings = Framings.of(shot.camera());
        Pose shown = shot.camera().at(store.shotFrame());
        for (int i = 0; i < framings.size(); i++) {
            Pose pose = shot.camera().at(framings.get(i));
            GateShape gate = GateShape.of(pose, frame(), view);
            if (!pose.equals(shown)) {
                pen.setStroke(Palette.faint(Palette.GROUND, 0.8));
                pen.setLineWidth(2.5);
                outline(pen, gate.corners());
                pen.setStroke(Palette.PALE);
                pen.setLineWidth(1.4);
                pen.setLineDashes(6, 4);
                outline(pen, gate.corners());
                pen.setLineDashes();
            }
            boolean sameAsBefore = i > 0 && pose.equals(shot.camera().at(framings.get(i - 1)));
            tag(pen, gate.corners().getFirst(), String.valueOf(i + 1), sameAsBefore ? 1 : 0);
        }
    }

    private static void tag(GraphicsContext pen, FramePoint corner, String text, int place) {
        double x = corner.x() + 18 * place;
        double y = corner.y() - 15;
        pen.setFill(Palette.PALE);
        pen.fillRoundRect(x, y, 16, 14, 4, 4);
        Brush.aligned(
                pen, Fonts.strong(10.5), Palette.GROUND, text, x + 8, y + 7, javafx.scene.text.TextAlignment.CENTER);
    }

    private void drawPath(GraphicsContext pen, Shot shot, TableView view) {
        var keys = shot.camera().keyFrames();
        if (keys.size() < 2) {
            return;
        }
        int first = Math.max(0, keys.first());
        int last = Math.min(shot.lastFrame(), keys.last());
        pen.setStroke(Palette.AMBER);
        pen.setLineWidth(1.6);
        pen.beginPath();
        for (int frame = first; frame <= last; frame++) {
            FramePoint point = centreAt(shot, frame, view);
            if (frame == first) {
                pen.moveTo(point.x(), point.y());
            } else {
                pen.lineTo(point.x(), point.y());
            }
        }
        pen.stroke();
        pen.setFill(Palette.PALE);
        for (int frame = first; frame <= last; frame += FRAMES_PER_DOT) {
            FramePoint point = centreAt(shot, frame, view);
            pen.fillOval(point.x() - 1.5, point.y() - 1.5, 3, 3);
        }
    }

    private FramePoint centreAt(Shot shot, int frame, TableView view) {
        return view.toScreen(shot.camera().at(frame).gateCentre(frame()));
    }

    private static void drawGate(GraphicsContext pen, GateShape gate) {
        pen.setStroke(Palette.faint(Palette.GROUND, 0.7));
        pen.setLineWidth(3.5);
        outline(pen, gate.corners());
        pen.setStroke(Palette.AMBER);
        pen.setLineWidth(2);
        outline(pen, gate.corners());
        FramePoint top = gate.corners().get(0).plus(gate.corners().get(1)).times(0.5);
        pen.strokeLine(
                top.x(), top.y(), gate.turnHandle().x(), gate.turnHandle().y());
        Brush.bead(pen, gate.turnHandle().x(), gate.turnHandle().y(), HANDLE, false, false);
        for (FramePoint corner : gate.corners()) {
            pen.setFill(Palette.GROUND);
            pen.fillRect(corner.x() - HANDLE, corner.y() - HANDLE, 2 * HANDLE, 2 * HANDLE);
            pen.setStroke(Palette.AMBER);
            pen.strokeRect(corner.x() - HANDLE, corner.y() - HANDLE, 2 * HANDLE, 2 * HANDLE);
        }
    }

    private static void drawAnchor(GraphicsContext pen, FramePoint at) {
        pen.setStroke(Palette.faint(Palette.GROUND, 0.8));
        pen.setLineWidth(3);
        cross(pen, at);
        pen.setStroke(Palette.PALE);
        pen.setLineWidth(1.4);
        cross(pen, at);
    }

    private static void cross(GraphicsContext pen, FramePoint at) {
        pen.strokeLine(at.x() - 6, at.y(), at.x() + 6, at.y());
        pen.strokeLine(at.x(), at.y() - 6, at.x(), at.y() + 6);
    }

    private void label(GraphicsContext pen, GateShape gate) {
        String text = Timecode.of(store.shotFrame(), store.project().frame().rate());
        FramePoint corner = gate.corners().getFirst();
        double x = Math.clamp(corner.x() + 40, 2, Math.max(2, getWidth() - 90));
        double y = Math.clamp(corner.y() - 16, 2, Math.max(2, getHeight() - 18));
        pen.setFill(Palette.AMBER);
        pen.fillRoundRect(x, y, 80, 15, 4, 4);
        Brush.text(pen, Fonts.numbers(11), Palette.GROUND, text, x + 5, y + 7.5);
    }

    private static void outline(GraphicsContext pen, List<FramePoint> corners) {
        pen.beginPath();
        trace(pen, corners);
        pen.stroke();
    }

    private static void trace(GraphicsContext pen, List<FramePoint> corners) {
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
