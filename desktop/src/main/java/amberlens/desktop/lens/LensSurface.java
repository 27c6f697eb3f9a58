package amberlens.desktop.lens;

import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.SafeArea;
import amberlens.core.geometry.Size;
import amberlens.core.model.LineUp;
import amberlens.core.model.Shot;
import amberlens.core.render.LineUpFrame;
import amberlens.desktop.look.Brush;
import amberlens.desktop.look.Fonts;
import amberlens.desktop.look.Palette;
import amberlens.desktop.look.Pictures;
import amberlens.desktop.look.Surface;
import amberlens.desktop.path.PathGrip;
import amberlens.desktop.play.FramePictures;
import amberlens.desktop.services.Services;
import amberlens.desktop.store.Store;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import org.jspecify.annotations.Nullable;

/** Paints the output frame at the playhead, with guides and the marks of first and last frame. */
final class LensSurface extends Surface {
    private static final int FRAMES_PER_DOT = 4;

    private final Store store;
    private final Services services;
    private final FramePictures frames;
    private @Nullable Image picture;
    private boolean guides;
    private boolean path;

    LensSurface(Store store, Services services) {
        this.store = store;
        this.services = services;
        frames = services.frames();
        setAccessibleText("Lens: the output frame");
    }

    /** Asks for the frame at the playhead. */
    void refresh() {
        if (getWidth() < 2 || getHeight() < 2) {
            return;
        }
        Size size = shownSize();
        var layers = LineUpFrame.layers(store.project(), store.playhead(), size, services.ready());
        frames.layers(store.project(), layers, size, frame -> {
            picture = Pictures.image(frame);
            redraw();
        });
        redraw();
    }

    void setGuides(boolean shown) {
        guides = shown;
        redraw();
    }

    void setPath(boolean shown) {
        path = shown;
        redraw();
    }

    boolean showsPath() {
        return path;
    }

    /** Where a handle of the path lies, in the surface's pixels. */
    FramePoint place(Shot shot, PathGrip grip) {
        return toSurface(shot.camera().position().at(grip.frame()).plus(grip.offset()));
    }

    private FramePoint toSurface(FramePoint point) {
        return new FramePoint(left() + point.x() * zoom(), top() + point.y() * zoom());
    }

    /** The size of the frame on the screen. */
    Size shownSize() {
        return store.project().frameSize().fittedInto(getWidth(), getHeight());
    }

    private double left() {
        return Math.floor((getWidth() - shownSize().width()) / 2);
    }

    private double top() {
        return Math.floor((getHeight() - shownSize().height()) / 2);
    }

    /** Screen pixels per frame pixel. */
    double zoom() {
        return (double) shownSize().width() / store.project().frameSize().width();
    }

    /** From the surface's pixels to frame pixels. */
    FramePoint toFrame(double x, double y) {
        return new FramePoint((x - left()) / zoom(), (y - top()) / zoom());
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        if (picture == null || (int) picture.getWidth() != shownSize().width()) {
            refresh();
        }
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        Size size = shownSize();
        pen.setFill(Palette.GROUND);
        pen.fillRect(left(), top(), size.width(), size.height());
        if (picture != null) {
            pen.drawImage(picture, left(), top(), size.width(), size.height());
        }
        if (guides) {
            drawGuides(pen, size);
        }
        if (path) {
            store.selectedShot().ifPresent(shot -> drawPath(pen, shot));
        }
        drawNotice(pen, size);
        drawEnds(pen, size);
    }

    private void drawGuides(GraphicsContext pen, Size size) {
        pen.setLineWidth(1);
        pen.setStroke(Palette.faint(Palette.PALE, 0.55));
        for (int third = 1; third < 3; third++) {
            double x = left() + size.width() * third / 3.0;
            double y = top() + size.height() * third / 3.0;
            pen.strokeLine(x, top(), x, top() + size.height());
            pen.strokeLine(left(), y, left() + size.width(), y);
        }
        for (SafeArea area : SafeArea.values()) {
            double x = area.insetX(size);
            double y = area.insetY(size);
            pen.strokeRect(left() + x, top() + y, size.width() - 2 * x, size.height() - 2 * y);
        }
        double cx = left() + size.width() / 2.0;
        double cy = top() + size.height() / 2.0;
        pen.strokeLine(cx - 8, cy, cx + 8, cy);
        pen.strokeLine(cx, cy - 8, cx, cy + 8);
    }

    /** The way of the anchor through the frame, a dot every few frames, and the handles of the selected framings. */
    private void drawPath(GraphicsContext pen, Shot shot) {
        pen.setStroke(Palette.AMBER);
        pen.setLineWidth(1.6);
        pen.beginPath();
        for (int frame = 0; frame < shot.length(); frame++) {
            FramePoint point = toSurface(shot.camera().at(frame).position());
            if (frame == 0) {
                pen.moveTo(point.x(), point.y());
            } else {
                pen.lineTo(point.x(), point.y());
            }
        }
        pen.stroke();
        pen.setFill(Palette.PALE);
        for (int frame = 0; frame < shot.length(); frame += FRAMES_PER_DOT) {
            FramePoint point = toSurface(shot.camera().at(frame).position());
            pen.fillOval(point.x() - 1.5, point.y() - 1.5, 3, 3);
        }
        for (PathGrip grip : PathGrip.of(store, shot)) {
            PathGrip.paint(pen, toSurface(shot.camera().position().at(grip.frame())), place(shot, grip));
        }
    }

    private void drawNotice(GraphicsContext pen, Size size) {
        Optional<Shot> shot = LineUp.topAt(store.project(), store.playhead());
        String notice = shot.map(found -> store.project().mediaOf(found))
                .filter(media -> services.ready().of(media) == null)
                .map(media -> services.ready().problem(media).isPresent()
                        ? "Picture missing: " + media.fileName()
                        : "Reading " + media.fileName() + " …")
                .orElse("");
        if (!notice.isEmpty()) {
            Brush.aligned(
                    pen,
                    Fonts.text(13),
                    Palette.MUTED,
                    notice,
                    left() + size.width() / 2.0,
                    top() + size.height() / 2.0,
                    javafx.scene.text.TextAlignment.CENTER);
        }
    }

    private void drawEnds(GraphicsContext pen, Size size) {
        Optional<Shot> shot = store.selectedShot().filter(_ -> store.insideShot());
        if (shot.isEmpty()) {
            return;
        }
        int frame = store.shotFrame();
        if (frame == 0) {
            endMark(pen, left(), 1, "first frame", size);
        }
        if (frame == shot.get().lastFrame()) {
            endMark(pen, left() + size.width(), -1, "last frame", size);
        }
    }

    /** A bracket along the side of the frame, with words. */
    private void endMark(GraphicsContext pen, double x, int inward, String words, Size size) {
        double bottom = top() + size.height();
        pen.setStroke(Palette.AMBER);
        pen.setLineWidth(3);
        pen.strokePolyline(
                new double[] {x + 16 * inward, x + 1.5 * inward, x + 1.5 * inward, x + 16 * inward},
                new double[] {top() + 1.5, top() + 1.5, bottom - 1.5, bottom - 1.5},
                4);
        double width = Brush.width(Fonts.strong(11), words) + 12;
        double boxX = inward > 0 ? x + 10 : x - 10 - width;
        pen.setFill(Palette.AMBER);
        pen.fillRoundRect(boxX, bottom - 26, width, 17, 4, 4);
        Brush.text(pen, Fonts.strong(11), Palette.GROUND, words, boxX + 6, bottom - 17.5);
    }
}
