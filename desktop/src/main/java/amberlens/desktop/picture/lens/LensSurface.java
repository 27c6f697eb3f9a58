package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Shutter;
import amberlens.core.model.lineup.ShotAlone;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.core.render.frame.FrameRaster;
import amberlens.core.render.frame.FrameSight;
import amberlens.core.render.frame.LineUpFrame;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools.LensShow;
import amberlens.desktop.desk.state.Tools.LensZoom;
import amberlens.desktop.inspector.looks.LookMarks;
import amberlens.desktop.inspector.looks.LookShapes;
import amberlens.desktop.inspector.looks.LookView;
import amberlens.desktop.inspector.titles.TitleWriting;
import amberlens.desktop.kit.style.Brush;
import amberlens.desktop.kit.style.Palette;
import amberlens.desktop.kit.style.Pictures;
import amberlens.desktop.kit.style.Surface;
import amberlens.desktop.picture.path.PathGrip;
import amberlens.desktop.work.pictures.FramePictures;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.util.Duration;
import org.jspecify.annotations.Nullable;

/** Paints the output frame at the playhead, or several frames at once, with guides and marks. */
final class LensSurface extends Surface {
    /**
     * A finished picture and where on the screen it was made for.
     *
     * @param pixels how many of the screen's it stands for; itself it may have fewer
     */
    private record Shown(Image image, Size pixels, int frame, double x, double y, LensView view, double scale) {}

    private static final int MOST_INSTANTS_PLAYING = 8;

    private final Desk desk;
    private final Services services;
    private final FramePictures frames;
    private final LensStills stills;
    private @Nullable Shown shown;
    private final HandPace pace = new HandPace(System::nanoTime);
    private final PauseTransition atRest = new PauseTransition(Duration.millis(HandPace.REST.toMillis()));
    private int wished;
    private int settled;

    /** Width, height and scale that the stills were asked for. */
    private List<Double> stillsFor = List.of();

    private FramePoint middle = FramePoint.ZERO;
    private LensZoom zoomed = LensZoom.FIT;
    private boolean path;
    private boolean handles;

    LensSurface(Desk desk, Services services) {
        super(true);
        this.desk = desk;
        this.services = services;
        frames = services.frames();
        stills = new LensStills(desk, services, this::redraw);
        atRest.setOnFinished(_ -> refresh());
        setAccessibleText("Lens: the output frame");
    }

    /** Whether one frame is shown, not several at once. */
    boolean isSingle() {
        return desk.tools().lensShow() == LensShow.NOW;
    }

    private boolean difference() {
        return desk.tools().lensShow() == LensShow.DIFFERENCE;
    }

    /** The line-up frame that is shown: the playhead's, or while a key is held the first or last of the shot. */
    private int frame() {
        int peek = desk.tools().peek();
        return peek == 0
                ? desk.cursor().playhead()
                : desk.cursor()
                        .selectedShot()
                        .map(shot -> peek < 0 ? shot.start() : shot.onLineUp().to())
                        .orElse(desk.cursor().playhead());
    }

    /** Asks for the frame at the playhead. */
    void refresh() {
        if (getWidth() < 2 || getHeight() < 2) {
            return;
        }
        if (isSingle()) {
            ask(view());
        } else {
            stillsFor = List.of(getWidth(), getHeight(), deviceScale());
            stills.refresh(difference(), getWidth(), getHeight(), deviceScale());
        }
        redraw();
    }

    /** The project, or the selected shot by itself while one of its ends is looked at and that is wanted. */
    private Project looked() {
        Project project = desk.document().project();
        return desk.tools().peek() == 0 || !desk.tools().endsAlone()
                ? project
                : desk.cursor()
                        .selectedShot()
                        .map(shot -> ShotAlone.of(project, shot))
                        .orElse(project);
    }

    private void ask(LensView view) {
        Size whole = view.shown();
        double x = Math.max(0, view.left());
        double y = Math.max(0, view.top());
        var part = new Size((int) Math.max(1, Math.min(getWidth(), view.left() + whole.width()) - x), (int)
                Math.max(1, Math.min(getHeight(), view.top() + whole.height()) - y));
        double scale = deviceScale();
        var port = new FrameSight.Port(
                Pictures.onDevice(whole, scale),
                (x - view.left()) * scale,
                (y - view.top()) * scale,
                Pictures.onDevice(part, scale));
        Project looked = looked();
        int frame = frame();
        int wish = ++wished;
        Optional<FrameRaster> made = services.made().of(looked, frame, port);
        if (made.isPresent()) {
            settled = wish; // nothing that was asked for before is shown after it
            atRest.stop();
            shown = new Shown(Pictures.image(made.get()), port.part(), frame, x, y, view, scale);
            return;
        }
        services.made().shownAt(port, desk.document().project());
        boolean playing = desk.cursor().transport().playing();
        int smaller = playing ? 1 : pace.asked(port.part());
        atRest.stop();
        if (smaller > 1) {
            atRest.playFromStart();
        }
        var layers = LineUpFrame.layers(
                looked,
                frame,
                smaller(port.whole(), smaller),
                playing ? MOST_INSTANTS_PLAYING : Shutter.MOST,
                port.left() / smaller,
                port.top() / smaller,
                services.ready());
        frames.layers(looked, layers, smaller(port.part(), smaller), raster -> {
            if (wish > settled) {
                shown = new Shown(Pictures.image(raster), port.part(), frame, x, y, view, scale);
                redraw();
            }
        });
    }

    private static Size smaller(Size size, int times) {
        return new Size(Math.ceilDiv(size.width(), times), Math.ceilDiv(size.height(), times));
    }

    /** Whether a title is being dragged or written: then the safe areas show where it can be read everywhere. */
    private boolean settingTitle() {
        return desk.document().showing() && TitleWriting.title(desk).isPresent();
    }

    void setPath(boolean on) {
        path = on;
        redraw();
    }

    void setHandles(boolean on) {
        handles = on;
        redraw();
    }

    boolean showsPath() {
        return path && isSingle();
    }

    boolean showsHandles() {
        return handles && isSingle();
    }

    /** Whether the output is looked at closely, so that a drag looks around instead of moving the picture. */
    boolean isClose() {
        return desk.tools().lensZoom() != LensZoom.FIT || !isSingle();
    }

    /** How looks lie in it. */
    LookView looks() {
        return new LookView(view()::toScreen, getWidth(), getHeight());
    }

    /** How the output lies here now. */
    LensView view() {
        LensZoom zoom = desk.tools().lensZoom();
        Size frame = desk.document().project().frameSize();
        if (zoom != zoomed) {
            middle = zoomed == LensZoom.FIT ? frame.centre() : middle;
            zoomed = zoom;
        }
        return zoom == LensZoom.FIT
                ? LensView.fitting(frame, getWidth(), getHeight())
                : LensView.close(frame, zoom.screenPerFramePx() / deviceScale(), middle, getWidth(), getHeight());
    }

    /** Looks at another part of the output, as far as it reaches. */
    void pan(double dx, double dy) {
        LensView view = view();
        FramePoint centre = view.toFrame(getWidth() / 2, getHeight() / 2);
        FramePoint to = centre.minus(new FramePoint(dx / view.zoom(), dy / view.zoom()));
        Size frame = view.frame();
        middle = new FramePoint(Math.clamp(to.x(), 0, frame.width()), Math.clamp(to.y(), 0, frame.height()));
        refresh();
    }

    /** Where a handle of the path lies, in the surface's pixels. */
    FramePoint place(Shot shot, PathGrip grip) {
        return view().toScreen(shot.camera().position().at(grip.frame()).plus(grip.offset()));
    }

    /** Screen pixels per frame pixel. */
    double zoom() {
        return view().zoom();
    }

    /** From the surface's pixels to frame pixels. */
    FramePoint toFrame(double x, double y) {
        return view().toFrame(x, y);
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        boolean fits = shown != null && shown.view().shown().equals(view().shown()) && shown.scale() == deviceScale();
        boolean stillsFit = stillsFor.equals(List.of(getWidth(), getHeight(), deviceScale()));
        if (isSingle() ? !fits : !stillsFit) {
            Platform.runLater(this::refresh); // what is asked for during a layout would not be painted
        }
    }

    @Override
    protected void draw(GraphicsContext pen, double width, double height) {
        if (!isSingle()) {
            stills.draw(pen, difference(), width, height);
            return;
        }
        LensView view = view();
        pen.save();
        Brush.clip(pen, 0, 0, width, height);
        pen.setFill(Palette.GROUND.colour());
        pen.fillRect(view.left(), view.top(), view.shown().width(), view.shown().height());
        if (shown != null) {
            double zoom = view.zoom() / shown.view().zoom() / shown.scale();
            FramePoint at = view.toScreen(shown.view().toFrame(shown.x(), shown.y()));
            pen.drawImage(
                    shown.image(),
                    at.x(),
                    at.y(),
                    zoom * shown.pixels().width(),
                    zoom * shown.pixels().height());
            desk.cursor().transport().tally().shown(shown.frame(), System.nanoTime());
        }
        GuidePainter.paint(pen, desk.tools(), settingTitle(), view);
        var marks = new LensMarks(desk, services, view);
        desk.cursor().selectedShot().ifPresent(shot -> {
            if (path) {
                marks.path(pen, shot);
            }
            if (handles && desk.cursor().insideShot()) {
                marks.handles(
                        pen,
                        shot,
                        desk.document().project().pose(shot, desk.cursor().shotFrame()));
            }
            Pose pose = desk.document().project().pose(shot, desk.cursor().shotFrame());
            if (desk.cursor().insideShot() && CornerGrips.areShown(desk, pose)) {
                CornerGrips.paint(pen, desk, shot, pose, view);
            }
            LookMarks.paint(pen, LookShapes.shown(desk, shot), looks());
            marks.aids(pen, pose, desk.document().project().mediaOf(shot).size());
        });
        marks.notice(pen);
        pen.restore();
    }
}
