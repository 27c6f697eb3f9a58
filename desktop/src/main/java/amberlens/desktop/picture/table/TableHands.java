package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.keys.KeySet;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.Tools.Tool;
import amberlens.desktop.inspector.looks.LookGrip;
import amberlens.desktop.inspector.looks.LookGripDrag;
import amberlens.desktop.inspector.looks.LookMarks;
import amberlens.desktop.inspector.looks.LookShapes;
import amberlens.desktop.inspector.planes.CutDrag;
import amberlens.desktop.inspector.planes.OutlineDrag;
import amberlens.desktop.inspector.planes.PlaneCuts;
import amberlens.desktop.inspector.planes.PlanePen;
import amberlens.desktop.kit.style.Gesture;
import amberlens.desktop.kit.style.Gestures;
import amberlens.desktop.picture.handling.FramingsDrag;
import amberlens.desktop.picture.handling.GateGesture;
import amberlens.desktop.picture.handling.PoseDrag;
import amberlens.desktop.picture.handling.ToolDrag;
import amberlens.desktop.picture.handling.ViewPan;
import amberlens.desktop.picture.handling.WheelZoom;
import amberlens.desktop.picture.marks.MarkDesk;
import amberlens.desktop.picture.marks.MarkDrag;
import amberlens.desktop.picture.path.PathGrip;
import amberlens.desktop.picture.path.PathGripDrag;
import amberlens.desktop.work.services.Services;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.Function;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;

/** Finds out what a press on the Table means. */
final class TableHands {
    private static final double REACH = 9;
    private static final double NEAR_PATH = 5;

    private final Desk desk;
    private final TableSurface surface;
    private final PlanePen planes;
    private final WheelZoom zooming;
    private final MarkDesk marks;
    private final Services services;

    TableHands(Desk desk, Services services, TableSurface surface, PlanePen planes, MarkDesk marks) {
        this.services = services;
        this.marks = marks;
        this.desk = desk;
        this.surface = surface;
        this.planes = planes;
        new Gestures(surface, this::choose);
        zooming = new WheelZoom(desk);
        surface.addEventHandler(MouseEvent.MOUSE_MOVED, event -> {
            surface.setCursor(cursor(event));
            surface.view().ifPresent(view -> desk.tools()
                    .marks()
                    .point(surface.marks(view).at(event.getX(), event.getY()).flatMap(marks::named)));
            if (desk.tools().tool() == Tool.PLANE) {
                surface.view()
                        .ifPresent(view -> planes.hover(view.toPicture(event.getX(), event.getY()), 1 / view.scale()));
            }
        });
        surface.addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
        surface.addEventHandler(ScrollEvent.SCROLL, this::scrolled);
        surface.addEventHandler(
                ZoomEvent.ZOOM, event -> surface.zoomAbout(event.getX(), event.getY(), event.getZoomFactor()));
    }

    private Optional<? extends Gesture> choose(MouseEvent press) {
        zooming.rest();
        if (surface.gate().isEmpty()) {
            return Optional.empty();
        }
        Shot shot = desk.cursor().selectedShot().orElseThrow();
        TableView view = surface.view().orElseThrow();
        double x = press.getX();
        double y = press.getY();
        if (desk.tools().tool() == Tool.PLANE) {
            return Optional.of(
                    planes.begin(view.toPicture(x, y), 1 / view.scale(), press.getClickCount() == 2, on(view)));
        }
        if (desk.tools().tool() == Tool.CUT) {
            return Optional.of(new CutDrag(desk, services, view.toPicture(x, y), on(view)));
        }
        if (desk.tools().tool() != Tool.HAND) {
            return Optional.of(new ToolDrag(desk, view.toPicture(x, y), on(view), marks::draw));
        }
        desk.tools().marks().select(Optional.empty());
        Pose pose = desk.document().project().pose(shot, desk.cursor().shotFrame());
        Optional<LookGrip> look = LookMarks.at(LookShapes.shown(desk, shot), surface.looks(view, pose), press);
        if (look.isPresent()) {
            return Optional.of(new LookGripDrag(
                    desk, look.get(), event -> pose.toFrame(view.toPicture(event.getX(), event.getY())), press));
        }
        if (PlaneCuts.atHand(desk)) {
            Optional<Gesture> plane = OutlineDrag.choose(desk, surface.planes(view), press, on(view));
            if (plane.isPresent()) {
                return plane;
            }
        }
        Optional<GateGesture> handle = handleAt(x, y);
        if (handle.isPresent()) {
            return handle.map(found -> poseDrag(found, Optional.empty(), view));
        }
        return pathGrip(shot, view, x, y)
                .or(() -> framing(shot, view, press))
                .or(() -> MarkDrag.choose(desk, marks, surface.marks(view), press, on(view)))
                .or(() -> press.getClickCount() == 2 && addOnPath(shot, view, x, y)
                        ? Optional.empty()
                        : insideGate(x, y).map(found -> poseDrag(found, Optional.empty(), view)))
                .or(() -> Optional.of(new ViewPan(surface::pan, press)));
    }

    /** Enter closes what is drawn around, and Backspace takes a point back. */
    private void pressed(KeyEvent event) {
        if (surface.uses(event)) {
            event.consume();
            if (event.getCode() == KeyCode.ENTER) {
                planes.finish(surface.view().map(view -> 1 / view.scale()).orElse(1.0));
            } else {
                planes.takeBack();
            }
        }
    }

    private PoseDrag poseDrag(GateGesture change, Optional<Integer> framing, TableView view) {
        return new PoseDrag(desk, change, framing, on(view), 1 / view.scale());
    }

    private static Function<MouseEvent, PicturePoint> on(TableView view) {
        return event -> view.toPicture(event.getX(), event.getY());
    }

    private Optional<Gesture> pathGrip(Shot shot, TableView view, double x, double y) {
        Size frame = desk.document().project().frameSize();
        return PathGrip.of(desk, shot).stream()
                .filter(found -> near(MovePainter.place(desk.document().project(), shot, found, view), x, y))
                .findFirst()
                .map(grip -> {
                    Pose pose = desk.document().project().pose(shot, grip.frame());
                    return new PathGripDrag(
                            desk, shot, grip, event -> offset(pose, frame, view.toPicture(event.getX(), event.getY())));
                });
    }

    /** A press on the number of a framing selects it, with shift adds it; then it is dragged, alone or with the others. */
    private Optional<Gesture> framing(Shot shot, TableView view, MouseEvent press) {
        double x = press.getX();
        double y = press.getY();
        Optional<Integer> found = FramingTag.framingAt(
                desk.document().project(),
                shot,
                view,
                surface.gate().orElseThrow().centre(),
                x,
                y);
        return found.map(frame -> {
            List<Integer> selected = selectedFramings(shot);
            if (press.isShiftDown() || (selected.size() > 1 && selected.contains(frame))) {
                var together = new TreeSet<>(selected);
                together.add(frame);
                desk.cursor()
                        .select(new Selection.Keys(KeySet.where(shot.camera(), key -> together.contains(key.at()))));
                return new FramingsDrag(desk, List.copyOf(together), frame, view.toPicture(x, y), on(view));
            }
            desk.cursor().select(new Selection.Framing(frame));
            var move = new GateGesture.Move(desk.document().project().pose(shot, frame), view.toPicture(x, y));
            return poseDrag(move, Optional.of(frame), view);
        });
    }

    private List<Integer> selectedFramings(Shot shot) {
        KeySet keys = desk.cursor().selectedKeys();
        return Framings.of(shot.camera()).stream()
                .filter(frame -> keys.stream().anyMatch(key -> key.at() == frame))
                .toList();
    }

    private void scrolled(ScrollEvent event) {
        if (event.getDeltaY() == 0 || surface.gate().isEmpty()) {
            return;
        }
        if (event.isShortcutDown()) {
            TableView view = surface.view().orElseThrow();
            desk.cursor()
                    .pose()
                    .ifPresent(pose -> zooming.by(
                            WheelZoom.factor(event),
                            pose.toFrame(view.toPicture(event.getX(), event.getY())),
                            "zoom gate"));
        } else {
            surface.zoomAbout(event.getX(), event.getY(), WheelZoom.factor(event));
        }
        event.consume();
    }

    /** Where the position would have to be, from where it is, for the gate's centre to lie at a point of the picture. */
    private static FramePoint offset(Pose pose, Size frame, PicturePoint centre) {
        return frame.centre().minus(pose.toFrame(centre));
    }

    /** A double-click on the path puts a framing there, without changing the way. */
    private boolean addOnPath(Shot shot, TableView view, double x, double y) {
        Size frame = desk.document().project().frameSize();
        int nearest = -1;
        double least = NEAR_PATH;
        for (int at = 0; at <= shot.lastFrame(); at++) {
            FramePoint point =
                    view.toScreen(desk.document().project().pose(shot, at).gateCentre(frame));
            double distance = Math.hypot(point.x() - x, point.y() - y);
            if (distance < least) {
                least = distance;
                nearest = at;
            }
        }
        boolean moving = shot.camera().keyFrames().size() > 1;
        if (nearest < 0 || !moving) {
            return false;
        }
        desk.document().apply(FramingEdits.add(shot.id(), nearest));
        desk.cursor().select(new Selection.Framing(nearest));
        desk.cursor().seekInShot(nearest);
        return true;
    }

    private Optional<GateGesture> handleAt(double x, double y) {
        GateShape gate = surface.gate().orElseThrow();
        Pose pose = desk.cursor().pose().orElseThrow();
        Size frame = desk.document().project().frameSize();
        TableView view = surface.view().orElseThrow();
        if (near(gate.turnHandle(), x, y)) {
            return Optional.of(GateGesture.Turn.from(pose, frame, view.toPicture(x, y)));
        }
        for (Corner corner : Corner.values()) {
            if (near(gate.corners().get(corner.ordinal()), x, y)) {
                return Optional.of(new GateGesture.Resize(pose, frame, corner));
            }
        }
        boolean linked = desk.cursor()
                .selectedShot()
                .map(shot -> shot.camera().scale().axes().isEmpty())
                .orElse(true);
        for (Side side : Side.values()) {
            if (near(gate.side(side), x, y)) {
                return Optional.of(new GateGesture.ResizeSide(pose, frame, side, linked));
            }
        }
        return near(gate.anchorGrip(view.toScreen(pose.anchor())), x, y)
                ? Optional.of(new GateGesture.MoveAnchor(pose, view.toPicture(x, y)))
                : Optional.empty();
    }

    private Optional<GateGesture> insideGate(double x, double y) {
        return surface.gate().orElseThrow().contains(x, y)
                ? Optional.of(new GateGesture.Move(
                        desk.cursor().pose().orElseThrow(),
                        surface.view().orElseThrow().toPicture(x, y)))
                : Optional.empty();
    }

    private Cursor cursor(MouseEvent event) {
        if (surface.gate().isEmpty()) {
            return Cursor.DEFAULT;
        }
        if (desk.tools().tool() != Tool.HAND) {
            return Cursor.CROSSHAIR;
        }
        double x = event.getX();
        double y = event.getY();
        return handleAt(x, y)
                .or(() -> insideGate(x, y))
                .map(found -> switch (found) {
                    case GateGesture.Move _ -> Cursor.MOVE;
                    case GateGesture.Resize _, GateGesture.ResizeSide _ -> Cursor.CROSSHAIR;
                    case GateGesture.Turn _, GateGesture.MoveAnchor _ -> Cursor.HAND;
                })
                .orElse(Cursor.OPEN_HAND);
    }

    private static boolean near(FramePoint point, double x, double y) {
        return Math.hypot(point.x() - x, point.y() - y) <= REACH;
    }
}
