package amberlens.desktop.lineup;

import amberlens.core.edit.MarkerEdits;
import amberlens.core.model.Marker;
import amberlens.core.model.Shot;
import amberlens.desktop.commands.ShotLength;
import amberlens.desktop.look.Gesture;
import amberlens.desktop.look.Gestures;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;

/** Selecting, reordering and trimming shots, moving markers; a press beside them moves the playhead. */
final class LineUpHands {
    private static final double TRIM_REACH = 6;

    private final Store store;
    private final LineUpSurface surface;
    private final ShotLength lengths;

    LineUpHands(Store store, LineUpSurface surface, ShotLength lengths) {
        this.store = store;
        this.surface = surface;
        this.lengths = lengths;
        new Gestures(surface, this::choose);
        surface.addEventHandler(
                MouseEvent.MOUSE_MOVED,
                event -> surface.setCursor(
                        endAt(event.getX(), event.getY()).isPresent() ? Cursor.E_RESIZE : Cursor.DEFAULT));
    }

    private Optional<? extends Gesture> choose(MouseEvent press) {
        if (press.getX() < LineUpLayout.LEFT - 4) {
            return Optional.empty();
        }
        Optional<Marker> marker = markerAt(press.getX(), press.getY());
        if (marker.isPresent()) {
            store.select(new Selection.MarkerAt(marker.get().at(), true));
            return Optional.of(new MarkerMove(marker.get().at()));
        }
        Optional<Shot> end = endAt(press.getX(), press.getY());
        Optional<Shot> shot = end.or(() -> surface.plan().shotAt(press.getX(), press.getY()));
        if (shot.isEmpty()) {
            return Optional.of(new Scrub(press));
        }
        if (press.isShiftDown() || press.isShortcutDown()) {
            store.select(store.selection().toggled(shot.get().id()));
            return Optional.empty();
        }
        store.select(Selection.shot(shot.get().id()));
        return Optional.of(
                end.isPresent()
                        ? new TrimDrag(
                                store,
                                lengths,
                                shot.get(),
                                press.getX(),
                                surface.plan().perFrame())
                        : new ReorderDrag(store, surface, shot.get()));
    }

    private Optional<Marker> markerAt(double x, double y) {
        return y > LineUpSurface.MARKER + 3
                ? Optional.empty()
                : store.project().markers().stream()
                        .filter(marker -> Math.abs(surface.plan().x(marker.at()) - x) <= TRIM_REACH)
                        .findFirst();
    }

    private Optional<Shot> endAt(double x, double y) {
        LineUpLayout plan = surface.plan();
        return store.project().shots().stream()
                .filter(shot -> Math.abs(plan.x(shot.start() + shot.length()) - 2 - x) <= TRIM_REACH)
                .filter(shot -> y >= plan.top(shot) && y < plan.top(shot) + plan.rowHeight())
                .findFirst();
    }

    /** The playhead follows the pointer. */
    private final class Scrub implements Gesture {
        Scrub(MouseEvent press) {
            drag(press);
        }

        @Override
        public void drag(MouseEvent event) {
            store.transport().setPlaying(false);
            store.seek(surface.plan().frame(event.getX()));
        }
    }

    /** A marker of the line-up dragged in time; a click goes to it. */
    private final class MarkerMove implements Gesture {
        private final int frame;

        MarkerMove(int frame) {
            this.frame = frame;
        }

        @Override
        public void drag(MouseEvent event) {
            int to = Math.max(0, surface.plan().frame(event.getX()));
            store.show(MarkerEdits.move(Optional.empty(), frame, to), new Selection.MarkerAt(to, true));
        }

        @Override
        public void drop(MouseEvent event) {
            store.commit();
        }

        @Override
        public void click(MouseEvent event) {
            store.seek(frame);
        }

        @Override
        public void cancel() {
            store.cancel();
        }
    }
}
