package amberlens.desktop.lineup;

import amberlens.core.edit.ShotEdits;
import amberlens.core.model.Shot;
import amberlens.desktop.store.Selection;
import amberlens.desktop.store.Store;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.Cursor;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.jspecify.annotations.Nullable;

/** Selecting, reordering and trimming shots; a press beside them moves the playhead, a double-click goes to the shot. */
final class ShotDragging {
    private static final double THRESHOLD = 4;
    private static final double TRIM_REACH = 6;

    private enum State {
        IDLE,
        SCRUBBING,
        PRESSED,
        REORDERING,
        TRIMMING
    }

    private final Store store;
    private final LineUpSurface surface;
    private State state = State.IDLE;
    private @Nullable Shot grabbed;
    private double pressX;
    private double trimPerFrame;

    ShotDragging(Store store, LineUpSurface surface) {
        this.store = store;
        this.surface = surface;
        surface.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        surface.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        surface.addEventHandler(MouseEvent.MOUSE_RELEASED, this::released);
        surface.addEventHandler(
                MouseEvent.MOUSE_MOVED,
                event -> surface.setCursor(
                        endAt(event.getX(), event.getY()).isPresent() ? Cursor.E_RESIZE : Cursor.DEFAULT));
        surface.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    private void pressed(MouseEvent event) {
        surface.requestFocus();
        if (event.getButton() != MouseButton.PRIMARY || event.getX() < LineUpLayout.LEFT - 4) {
            return;
        }
        pressX = event.getX();
        Optional<Shot> end = endAt(event.getX(), event.getY());
        Optional<Shot> shot = end.or(() -> surface.plan().shotAt(event.getX(), event.getY()));
        grabbed = shot.orElse(null);
        if (shot.isEmpty()) {
            state = State.SCRUBBING;
            scrub(event);
            return;
        }
        store.select(Selection.shot(shot.get().id()));
        if (end.isPresent()) {
            state = State.TRIMMING;
            trimPerFrame = surface.plan().perFrame();
        } else {
            state = State.PRESSED;
            if (event.getClickCount() == 2) {
                store.seek(shot.get().start());
            }
        }
    }

    private void dragged(MouseEvent event) {
        switch (state) {
            case SCRUBBING -> scrub(event);
            case TRIMMING -> trim(event);
            case PRESSED -> {
                if (Math.abs(event.getX() - pressX) >= THRESHOLD) {
                    state = State.REORDERING;
                    surface.showDrop(OptionalDouble.of(event.getX()));
                }
            }
            case REORDERING -> surface.showDrop(OptionalDouble.of(event.getX()));
            case IDLE -> {}
        }
    }

    private void trim(MouseEvent event) {
        if (grabbed != null) {
            int length = grabbed.length() + (int) Math.round((event.getX() - pressX) / trimPerFrame);
            store.show(ShotEdits.setLength(grabbed.id(), Math.clamp(length, 1, Shot.LONGEST)));
        }
    }

    private void released(MouseEvent event) {
        if (state == State.REORDERING && grabbed != null) {
            int place = surface.plan().place(event.getX(), grabbed.track(), Optional.of(grabbed.id()));
            store.apply(ShotEdits.reorder(grabbed.id(), place));
        } else if (state == State.TRIMMING) {
            store.commit();
        }
        surface.showDrop(OptionalDouble.empty());
        state = State.IDLE;
    }

    private void key(KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE && state != State.IDLE) {
            state = State.IDLE;
            surface.showDrop(OptionalDouble.empty());
            store.cancel();
            event.consume();
        }
    }

    private void scrub(MouseEvent event) {
        store.setPlaying(false);
        store.seek(surface.plan().frame(event.getX()));
    }

    private Optional<Shot> endAt(double x, double y) {
        LineUpLayout plan = surface.plan();
        return store.project().shots().stream()
                .filter(shot -> Math.abs(plan.x(shot.start() + shot.length()) - 2 - x) <= TRIM_REACH)
                .filter(shot -> y >= plan.top(shot) && y < plan.top(shot) + plan.rowHeight())
                .findFirst();
    }
}
