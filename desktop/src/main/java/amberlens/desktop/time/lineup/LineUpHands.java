package amberlens.desktop.time.lineup;

import amberlens.core.edit.edits.MarkerEdits;
import amberlens.core.model.project.Marker;
import amberlens.core.model.project.Shot;
import amberlens.desktop.desk.commands.ShotLength;
import amberlens.desktop.desk.menu.MenuTarget;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.kit.style.Gesture;
import amberlens.desktop.kit.style.Gestures;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.input.ZoomEvent;

/**
 * Selecting, moving and trimming shots, slipping footage, moving markers; a press beside them moves the playhead, the wheel comes
 * closer.
 */
final class LineUpHands {
    private static final double TRIM_REACH = 6;

    /** So near to where it was, a marker does not catch: it would on itself. */
    private static final double OWN = 8;

    private final Desk desk;
    private final LineUpSurface surface;
    private final ShotLength lengths;
    private final SoundHands sounds;

    LineUpHands(Desk desk, LineUpSurface surface, ShotLength lengths) {
        this.desk = desk;
        this.surface = surface;
        this.lengths = lengths;
        sounds = new SoundHands(desk, surface);
        new Gestures(surface, this::choose);
        surface.addEventHandler(
                MouseEvent.MOUSE_MOVED, event -> surface.setCursor(pointer(event.getX(), event.getY())));
        surface.addEventHandler(ScrollEvent.SCROLL, this::wheel);
        surface.addEventHandler(ZoomEvent.ZOOM, this::pinch);
    }

    private Cursor pointer(double x, double y) {
        if (surface.heads().at(surface.plan(), x, y).isPresent()) {
            return Cursor.HAND;
        }
        Optional<Cursor> onSound = sounds.point(x, y);
        return onSound.orElse(endAt(x, y).isPresent() ? Cursor.E_RESIZE : Cursor.DEFAULT);
    }

    /** Two fingers that spread look closer, about the place between them. */
    private void pinch(ZoomEvent event) {
        surface.view().zoom(surface.plan(), event.getX(), 1 / event.getZoomFactor());
        surface.redraw();
        event.consume();
    }

    private void wheel(ScrollEvent event) {
        double along = event.isShiftDown() || event.getDeltaX() != 0 ? event.getDeltaX() + event.getDeltaY() : 0;
        if (along != 0) {
            surface.view().scroll(surface.plan(), along);
        } else if (event.getDeltaY() != 0) {
            surface.view().zoom(surface.plan(), event.getX(), Math.pow(0.998, event.getDeltaY()));
        }
        surface.redraw();
        event.consume();
    }

    /** Selects what is at a place, unless it is selected already: a shot or a clip of sound. */
    Optional<MenuTarget> pointAt(double x, double y) {
        if (sounds.serve(y)) {
            return sounds.pointAt(x, y) ? Optional.of(MenuTarget.SOUND) : Optional.empty();
        }
        Optional<Shot> shot = surface.plan().shotAt(x, y);
        shot.filter(found -> !desk.cursor().selection().includes(found.id()))
                .ifPresent(found -> desk.cursor().select(Selection.shot(found.id())));
        return shot.map(_ -> MenuTarget.SHOT);
    }

    private Optional<? extends Gesture> choose(MouseEvent press) {
        OptionalInt head = surface.heads().at(surface.plan(), press.getX(), press.getY());
        if (head.isPresent()) {
            surface.heads().press(head.getAsInt(), press.isShiftDown());
            return Optional.empty();
        }
        if (press.getX() < LineUpLayout.LEFT - 4) {
            return Optional.empty();
        }
        Optional<Marker> marker = markerAt(press.getX(), press.getY());
        if (marker.isPresent()) {
            desk.cursor().select(new Selection.MarkerAt(marker.get().at(), true));
            return Optional.of(new MarkerMove(marker.get().at()));
        }
        if (sounds.serve(press.getY())) {
            Optional<Gesture> onSound = sounds.choose(press);
            return onSound.isPresent() || press.isShiftDown() || press.isShortcutDown()
                    ? onSound
                    : Optional.of(new Scrub(press));
        }
        Optional<End> end = endAt(press.getX(), press.getY());
        Optional<Shot> shot = end.map(End::shot).or(() -> surface.plan().shotAt(press.getX(), press.getY()));
        if (shot.isEmpty()) {
            return Optional.of(new Scrub(press));
        }
        if (press.isShiftDown() || press.isShortcutDown()) {
            desk.cursor().select(desk.cursor().selection().toggled(shot.get().id()));
            return Optional.empty();
        }
        if (!desk.cursor().selection().includes(shot.get().id()) || end.isPresent()) {
            desk.cursor().select(Selection.shot(shot.get().id()));
        }
        boolean slips = press.isAltDown()
                && desk.document().project().mediaOf(shot.get()).moves();
        if (slips) {
            return Optional.of(
                    new SlipDrag(desk, shot.get(), press.getX(), surface.plan().perFrame()));
        }
        return Optional.of(
                end.isPresent()
                        ? new TrimDrag(
                                desk, surface, lengths, shot.get(), end.get().atStart(), press.getX())
                        : new ShotsDrag(desk, surface, shot.get(), press.getX()));
    }

    /** An end of a shot under the pointer. */
    private record End(Shot shot, boolean atStart) {}

    private Optional<Marker> markerAt(double x, double y) {
        return y > LineUpSurface.MARKER + 3
                ? Optional.empty()
                : desk.document().project().markers().stream()
                        .filter(marker -> Math.abs(surface.plan().x(marker.at()) - x) <= TRIM_REACH)
                        .findFirst();
    }

    private Optional<End> endAt(double x, double y) {
        LineUpLayout plan = surface.plan();
        for (Shot shot : desk.document().project().shots()) {
            if (y >= plan.top(shot) && y < plan.top(shot) + plan.rowHeight(shot.track())) {
                double end = plan.x(shot.start() + (double) shot.length()) - 2;
                double start = plan.x(shot.start()) + 2;
                if (end - start < 3 * TRIM_REACH) {
                    continue;
                }
                if (x > end - TRIM_REACH && x < end + 2) {
                    return Optional.of(new End(shot, false));
                }
                if (x > start - 2 && x < start + TRIM_REACH) {
                    return Optional.of(new End(shot, true));
                }
            }
        }
        return Optional.empty();
    }

    /** The playhead follows the pointer. */
    private final class Scrub implements Gesture {
        Scrub(MouseEvent press) {
            drag(press);
        }

        @Override
        public void drag(MouseEvent event) {
            desk.cursor().transport().setPlaying(false);
            desk.cursor().seek(surface.plan().frame(event.getX()));
        }
    }

    /** A marker of the line-up dragged in time; a click goes to it. */
    private final class MarkerMove extends SnapDrag {
        private final int frame;

        MarkerMove(int frame) {
            super(LineUpHands.this.desk, LineUpHands.this.surface, Set.of());
            this.frame = frame;
        }

        @Override
        public void drag(MouseEvent event) {
            int pointed = Math.max(0, plan.frame(event.getX()));
            int to = Math.abs(pointed - frame) * plan.perFrame() < OWN ? pointed : pointed + caught(pointed);
            desk.cursor().show(MarkerEdits.move(Optional.empty(), frame, to), new Selection.MarkerAt(to, true));
        }

        @Override
        public void click(MouseEvent event) {
            desk.cursor().seek(frame);
        }
    }
}
