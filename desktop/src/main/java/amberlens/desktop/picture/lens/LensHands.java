package amberlens.desktop.picture.lens;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.inspector.looks.LookGrip;
import amberlens.desktop.inspector.looks.LookGripDrag;
import amberlens.desktop.inspector.looks.LookMarks;
import amberlens.desktop.inspector.looks.LookShapes;
import amberlens.desktop.inspector.titles.TitleEditor;
import amberlens.desktop.kit.style.Gesture;
import amberlens.desktop.kit.style.Gestures;
import amberlens.desktop.picture.handling.ToolDrag;
import amberlens.desktop.picture.handling.ViewPan;
import amberlens.desktop.picture.handling.WheelZoom;
import amberlens.desktop.picture.path.PathGrip;
import amberlens.desktop.picture.path.PathGripDrag;
import java.util.Arrays;
import java.util.Optional;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;

/**
 * Dragging the picture or a handle of its path in the Lens, and zooming it with the wheel about the pointer. A run of wheel
 * turns is one step of the history: it ends when the wheel rests.
 */
final class LensHands {
    private static final double REACH = 8;

    private final Desk desk;
    private final LensSurface surface;
    private final WheelZoom zooming;
    private final TitleEditor title;

    LensHands(Desk desk, LensSurface surface, TitleEditor title) {
        this.title = title;
        this.desk = desk;
        this.surface = surface;
        zooming = new WheelZoom(desk);
        new Gestures(surface, this::choose);
        surface.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        surface.addEventHandler(ZoomEvent.ZOOM, event -> zoom(event.getZoomFactor(), event.getX(), event.getY()));
    }

    private Optional<? extends Gesture> choose(MouseEvent press) {
        zooming.rest();
        Optional<Shot> written = press.getClickCount() == 2 && surface.isSingle()
                ? TitleEditor.at(desk, surface.toFrame(press.getX(), press.getY()))
                : Optional.empty();
        if (written.isPresent()) {
            return Optional.of(new TitleClick(written.get()));
        }
        Optional<Shot> shot = desk.cursor().selectedShot();
        if (shot.isEmpty()) {
            return Optional.empty();
        }
        Pose pose = desk.document().project().pose(shot.get(), desk.cursor().shotFrame());
        if (surface.isClose() && (desk.tools().tool() == Tool.HAND || !surface.isSingle())) {
            return Optional.of(new ViewPan(surface::pan, press));
        }
        if (desk.tools().tool().isOfTable()) {
            desk.say("Draw it on the Table, where the whole picture is visible.");
            return Optional.empty();
        }
        if (desk.tools().tool() != Tool.HAND) {
            return Optional.of(new ToolDrag(desk, onPicture(pose, press), event -> onPicture(pose, event)));
        }
        Optional<LookGrip> look = surface.isSingle()
                ? LookMarks.at(LookShapes.shown(desk, shot.get()), surface.looks(), press)
                : Optional.empty();
        if (look.isPresent()) {
            return Optional.of(
                    new LookGripDrag(desk, look.get(), event -> surface.toFrame(event.getX(), event.getY()), press));
        }
        Optional<PathGrip> grip = surface.showsPath()
                ? PathGrip.of(desk, shot.get()).stream()
                        .filter(found -> near(surface.place(shot.get(), found), press))
                        .findFirst()
                : Optional.empty();
        if (grip.isPresent()) {
            FramePoint key = shot.get().camera().position().at(grip.get().frame());
            return Optional.of(
                    new PathGripDrag(desk, shot.get(), grip.get(), event -> surface.toFrame(event.getX(), event.getY())
                            .minus(key)));
        }
        Optional<Corner> corner =
                surface.isSingle() ? CornerGrips.at(desk, shot.get(), pose, surface.view(), press) : Optional.empty();
        if (corner.isPresent()) {
            return Optional.of(new CornerGrips.Drag(desk, surface, corner.get(), press));
        }
        Optional<LensHandle> handle = surface.showsHandles() ? handleAt(press) : Optional.empty();
        return Optional.of(
                handle.isPresent()
                        ? new HandleDrag(desk, surface, handle.get(), press)
                        : new PictureDrag(desk, surface, press));
    }

    /** A second click on a title lets it be written. */
    private final class TitleClick implements Gesture {
        private final Shot shot;

        private TitleClick(Shot shot) {
            this.shot = shot;
        }

        @Override
        public void drag(MouseEvent event) {
            // what is dragged by its second click is only being written
        }

        @Override
        public void drop(MouseEvent event) {
            title.begin(shot);
        }

        @Override
        public void click(MouseEvent event) {
            title.begin(shot);
        }
    }

    private PicturePoint onPicture(Pose pose, MouseEvent event) {
        return pose.toPicture(surface.toFrame(event.getX(), event.getY()));
    }

    private Optional<LensHandle> handleAt(MouseEvent press) {
        Pose pose = desk.cursor().pose().orElseThrow();
        LensView view = surface.view();
        return Arrays.stream(LensHandle.values())
                .filter(handle -> {
                    FramePoint at = view.toScreen(handle.place(pose, view.frame()));
                    double inset = handle == LensHandle.TURN ? LensHandle.TURN_INSET : 0;
                    return near(at.plus(new FramePoint(0, inset)), press);
                })
                .findFirst();
    }

    private static boolean near(FramePoint point, MouseEvent press) {
        return Math.hypot(point.x() - press.getX(), point.y() - press.getY()) <= REACH;
    }

    private void scrolled(ScrollEvent event) {
        if (event.getDeltaY() != 0 && desk.cursor().pose().isPresent()) {
            zoom(WheelZoom.factor(event), event.getX(), event.getY());
            event.consume();
        }
    }

    private void zoom(double factor, double x, double y) {
        if (desk.cursor().pose().isPresent()) {
            zooming.by(factor, surface.toFrame(x, y), "zoom picture");
        }
    }
}
