package amberlens.desktop.app;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.collections.ListChangeListener;
import javafx.event.EventType;
import javafx.scene.input.InputEvent;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.stage.Window;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Waits until what the hands of a test did has come from the window system to a window: on a busy machine that is a good while later, and
 * what is looked at before is what was there before. What never comes, as when a window closed under the pointer, is not waited for long.
 */
final class Arrivals {
    private static final int PATIENCE_MS = 700;

    private final AtomicInteger keys = new AtomicInteger();
    private final AtomicInteger buttons = new AtomicInteger();
    private final ListChangeListener<Window> watching = change -> {
        while (change.next()) {
            change.getAddedSubList().forEach(this::watch);
        }
    };

    /** Watches all windows that will open. On the interface thread. */
    void watch() {
        Window.getWindows().addListener(watching);
    }

    private void watch(Window window) {
        count(window, KeyEvent.KEY_RELEASED, keys);
        count(window, MouseEvent.MOUSE_RELEASED, buttons);
    }

    private static <T extends InputEvent> void count(Window window, EventType<T> type, AtomicInteger seen) {
        window.addEventFilter(type, _ -> seen.incrementAndGet());
    }

    void afterKey(Runnable hands) {
        after(hands, keys);
    }

    void afterMouse(Runnable hands) {
        after(hands, buttons);
    }

    private static void after(Runnable hands, AtomicInteger seen) {
        int before = seen.get();
        hands.run();
        try {
            WaitForAsyncUtils.waitFor(PATIENCE_MS, TimeUnit.MILLISECONDS, () -> seen.get() > before);
        } catch (TimeoutException _) {
            // A window that is gone has nothing to tell.
        }
        WaitForAsyncUtils.waitForFxEvents();
    }
}
