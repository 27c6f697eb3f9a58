package amberlens.desktop.table;

import amberlens.core.edit.FramingEdits;
import amberlens.core.geometry.Corner;
import amberlens.core.geometry.FramePoint;
import amberlens.core.geometry.PicturePoint;
import amberlens.core.geometry.Size;
import amberlens.core.model.Shot;
import amberlens.core.motion.Pose;
import amberlens.desktop.look.Gesture;
import amberlens.desktop.look.Gestures;
import amberlens.desktop.path.PathGrip;
import amberlens.desktop.path.PathGripDrag;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;

/** Finds out what a press on the Table means. */
final class TableHands {
    private static final double REACH = 9;
    private static final double NEAR_PATH = 5;

    private final Store store;
    private final TableSurface surface;

    TableHands(Store store, TableSurface surface) {
        this.store = store;
        this.surface = surface;
        new Gestures(surface, this::choose);
        surface.addEventHandler(MouseEvent.MOUSE_MOVED, event -> surface.setCursor(cursor(event)));
    }

    private Optional<? extends Gesture> choose(MouseEvent press) {
        if (surface.gate().isEmpty()) {
            return Optional.empty();
        }
        Shot shot = store.selectedShot().orElseThrow();
        TableView view = surface.view().orElseThrow();
        Size frame = store.project().frameSize();
        double x = press.getX();
        double y = press.getY();
        Optional<GateGesture> handle = handleAt(x, y);
        if (handle.isPresent()) {
            return handle.map(found -> new PoseDrag(store, surface, found, Optional.empty()));
        }
        Optional<PathGrip> grip = PathGrip.of(store, shot).stream()
                .filter(found -> near(MovePainter.place(shot, found, frame, view), x, y))
                .findFirst();
        if (grip.isPresent()) {
            Pose pose = shot.camera().at(grip.get().frame());
            return Optional.of(new PathGripDrag(
                    store, shot, grip.get(), event -> offset(pose, frame, view.toPicture(event.getX(), event.getY()))));
        }
        Optional<Integer> framing = FramingTag.framingAt(
                shot, frame, view, surface.gate().orElseThrow().centre(), x, y);
        if (framing.isPresent()) {
            store.select(new Selection.Framing(framing.get()));
            var move = new GateGesture.Move(shot.camera().at(framing.get()), view.toPicture(x, y));
            return Optional.of(new PoseDrag(store, surface, move, framing));
        }
        if (press.getClickCount() == 2 && addOnPath(shot, view, x, y)) {
            return Optional.empty();
        }
        return insideGate(x, y).map(found -> new PoseDrag(store, surface, found, Optional.empty()));
    }

    /** Where the position would have to be, from where it is, for the gate's centre to lie at a point of the picture. */
    private static FramePoint offset(Pose pose, Size frame, PicturePoint centre) {
        return frame.centre().minus(pose.toFrame(centre));
    }

    /** A double-click on the path puts a framing there, without changing the way. */
    private boolean addOnPath(Shot shot, TableView view, double x, double y) {
        Size frame = store.project().frameSize();
        int nearest = -1;
        double least = NEAR_PATH;
        for (int at = 0; at <= shot.lastFrame(); at++) {
            FramePoint point = view.toScreen(shot.camera().at(at).gateCentre(frame));
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
        store.apply(FramingEdits.add(shot.id(), nearest));
        store.select(new Selection.Framing(nearest));
        store.seekInShot(nearest);
        return true;
    }

    private Optional<GateGesture> handleAt(double x, double y) {
        GateShape gate = surface.gate().orElseThrow();
        Pose pose = store.pose().orElseThrow();
        Size frame = store.project().frameSize();
        if (near(gate.turnHandle(), x, y)) {
            return Optional.of(GateGesture.Turn.from(
                    pose, frame, surface.view().orElseThrow().toPicture(x, y)));
        }
        for (Corner corner : Corner.values()) {
            if (near(gate.corners().get(corner.ordinal()), x, y)) {
                return Optional.of(new GateGesture.Resize(pose, frame, corner));
            }
        }
        return Optional.empty();
    }

    private Optional<GateGesture> insideGate(double x, double y) {
        return surface.gate().orElseThrow().contains(x, y)
                ? Optional.of(new GateGesture.Move(
                        store.pose().orElseThrow(), surface.view().orElseThrow().toPicture(x, y)))
                : Optional.empty();
    }

    private Cursor cursor(MouseEvent event) {
        if (surface.gate().isEmpty()) {
            return Cursor.DEFAULT;
        }
        double x = event.getX();
        double y = event.getY();
        return handleAt(x, y)
                .or(() -> insideGate(x, y))
                .map(found -> switch (found) {
                    case GateGesture.Move _ -> Cursor.MOVE;
                    case GateGesture.Resize _ -> Cursor.CROSSHAIR;
                    case GateGesture.Turn _ -> Cursor.HAND;
                })
                .orElse(Cursor.DEFAULT);
    }

    private static boolean near(FramePoint point, double x, double y) {
        return Math.hypot(point.x() - x, point.y() - y) <= REACH;
    }
}
