package amberlens.desktop.shell.app;

import java.util.EnumMap;
import java.util.Map;
import java.util.function.BooleanSupplier;
import javafx.collections.ListChangeListener;
import javafx.geometry.Point2D;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.stage.Window;

/**
 * What has come from the window system to the windows: on a busy machine that is a good while after the hands of a test did it, and what
 * is looked at before is what was there before. What never comes, as when a window closed under the pointer, is not waited for long.
 */
final class Arrivals {
    /** What hands do and windows hear of. */
    enum Kind {
        KEY_DOWN,
        KEY_UP,
        BUTTON_DOWN,
        BUTTON_UP,
        WHEEL
    }

    private final Map<Kind, Integer> seen = new EnumMap<>(Kind.class);
    private Point2D pointer = new Point2D(Double.NaN, Double.NaN);

    private final ListChangeListener<Window> watching = change -> {
        while (change.next()) {
            change.getAddedSubList().forEach(this::watch);
        }
    };

    /** Watches all windows that will open. On the interface thread. */
    void watch() {
        Window.getWindows().addListener(watching);
    }

    /** On the interface thread. */
    void close() {
        Window.getWindows().removeListener(watching);
    }

    private void watch(Window window) {
        window.addEventFilter(InputEvent.ANY, this::note);
    }

    private synchronized void note(InputEvent event) {
        if (event instanceof MouseEvent mouse) {
            pointer = new Point2D(mouse.getScreenX(), mouse.getScreenY());
        }
        if (event.getEventType() == KeyEvent.KEY_PRESSED) {
            count(Kind.KEY_DOWN);
        } else if (event.getEventType() == KeyEvent.KEY_RELEASED) {
            count(Kind.KEY_UP);
        } else if (event.getEventType() == MouseEvent.MOUSE_PRESSED) {
            count(Kind.BUTTON_DOWN);
        } else if (event.getEventType() == MouseEvent.MOUSE_RELEASED) {
            count(Kind.BUTTON_UP);
        } else if (event.getEventType() == ScrollEvent.SCROLL) {
            count(Kind.WHEEL);
        }
        notifyAll();
    }

    private void count(Kind kind) {
        seen.merge(kind, 1, Integer::sum);
    }

    private synchronized int seen(Kind kind) {
        return seen.getOrDefault(kind, 0);
    }

    /** Does something with the hands, and waits until a window has heard of it. */
    void after(Runnable hands, Kind kind, int patienceMs) {
        int before = seen(kind);
        hands.run();
        await(() -> seen(kind) > before, patienceMs);
    }

    /** Moves the pointer, and waits until a window has it there. */
    void afterMove(Runnable hands, Point2D place, int patienceMs) {
        hands.run();
        await(() -> pointer.distance(place) < 1.5, patienceMs);
    }

    private synchronized void await(BooleanSupplier arrived, int patienceMs) {
        long end = System.nanoTime() + patienceMs * 1_000_000L;
        try {
            while (!arrived.getAsBoolean()) {
                long left = (end - System.nanoTime()) / 1_000_000L;
                if (left <= 0) {
                    return;
                }
                wait(left);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
