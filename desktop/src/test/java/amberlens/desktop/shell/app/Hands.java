package amberlens.desktop.shell.app;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Window;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationTest;
import org.testfx.robot.BaseRobot;
import org.testfx.robot.Motion;
import org.testfx.service.query.PointQuery;

/**
 * Hands that use a window as fast as it answers. The pointer jumps, and goes step by step only while a button is held; what was done has
 * arrived and one pulse has passed before the next thing is done. (The robots of the library move pixel by pixel and wait 50 ms after
 * everything.)
 */
abstract class Hands extends ApplicationTest {
    /** How long something is waited for that should come, and something that may have nowhere to go. */
    private static final int SURE_MS = 2000;

    private static final int MAYBE_MS = 150;
    private static final int STEPS = 5;
    private static final int PULSE_SECONDS = 120;

    /** Two clicks at one place are two, not a double click, when they are this far apart. */
    private static final long TWO_CLICKS_NANOS = 600_000_000L;

    private Point2D clicked = new Point2D(Double.NaN, Double.NaN);
    private long clickedAt;

    private final Arrivals arrivals = new Arrivals();
    private final Set<KeyCode> keysHeld = new LinkedHashSet<>();
    private final Set<MouseButton> buttonsHeld = new LinkedHashSet<>();

    /** Watches all windows that will open. On the interface thread. */
    void watchArrivals() {
        arrivals.watch();
    }

    /** On the interface thread. */
    void leaveArrivals() {
        arrivals.close();
    }

    private BaseRobot robot() {
        return robotContext().getBaseRobot();
    }

    /** Waits until what the interface thread has to do is done, and what it shows is laid out. */
    static void settle() {
        var passed = new CountDownLatch(1);
        Platform.runLater(() -> new AnimationTimer() {
            @Override
            public void handle(long now) {
                stop();
                Platform.runLater(passed::countDown);
            }
        }.start());
        try {
            if (!passed.await(PULSE_SECONDS, TimeUnit.SECONDS)) {
                throw new AssertionError("no pulse came in " + PULSE_SECONDS + " s");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public FxRobot moveTo(PointQuery place, Motion motion) {
        Point2D target = place.query();
        Point2D from = robot().retrieveMouse();
        int steps = buttonsHeld.isEmpty() ? 1 : STEPS;
        if (motion == Motion.HORIZONTAL_FIRST && buttonsHeld.isEmpty()) {
            jump(new Point2D(target.getX(), from.getY()));
        }
        for (int step = 1; step <= steps; step++) {
            jump(from.interpolate(target, (double) step / steps));
        }
        settle();
        Point2D now = place.query();
        if (now.distance(target) > 0.5) { // it went elsewhere, as menus do that open under the pointer
            jump(now);
            settle();
        }
        return this;
    }

    private void jump(Point2D place) {
        Point2D pixel = new Point2D(Math.rint(place.getX()), Math.rint(place.getY()));
        arrivals.afterMove(() -> robot().moveMouse(place), pixel, MAYBE_MS);
    }

    @Override
    public FxRobot press(MouseButton... buttons) {
        for (MouseButton button : orPrimary(buttons)) {
            down(button);
        }
        settle();
        return this;
    }

    @Override
    public FxRobot release(MouseButton... buttons) {
        for (MouseButton button : buttons.length == 0 ? List.copyOf(buttonsHeld) : List.of(buttons)) {
            up(button);
        }
        settle();
        return this;
    }

    private static List<MouseButton> orPrimary(MouseButton... buttons) {
        return buttons.length == 0 ? List.of(MouseButton.PRIMARY) : List.of(buttons);
    }

    private void down(MouseButton button) {
        if (buttonsHeld.add(button)) {
            arrivals.after(() -> robot().pressMouse(button), Arrivals.Kind.BUTTON_DOWN, SURE_MS);
        }
    }

    private void up(MouseButton button) {
        if (buttonsHeld.remove(button)) {
            arrivals.after(() -> robot().releaseMouse(button), Arrivals.Kind.BUTTON_UP, MAYBE_MS);
        }
    }

    @Override
    public FxRobot clickOn(MouseButton... buttons) {
        Point2D place = robot().retrieveMouse();
        long since = System.nanoTime() - clickedAt;
        if (place.distance(clicked) < 20 && since < TWO_CLICKS_NANOS) {
            LockSupport.parkNanos(TWO_CLICKS_NANOS - since);
        }
        clicked = place;
        clickedAt = System.nanoTime();
        orPrimary(buttons).forEach(this::down);
        orPrimary(buttons).forEach(this::up);
        settle();
        return this;
    }

    @Override
    public FxRobot clickOn(PointQuery place, Motion motion, MouseButton... buttons) {
        moveTo(place, motion);
        return clickOn(buttons);
    }

    @Override
    public FxRobot doubleClickOn(MouseButton... buttons) {
        for (int click = 0; click < 2; click++) {
            orPrimary(buttons).forEach(this::down);
            orPrimary(buttons).forEach(this::up);
        }
        settle();
        return this;
    }

    @Override
    public FxRobot doubleClickOn(PointQuery place, Motion motion, MouseButton... buttons) {
        moveTo(place, motion);
        return doubleClickOn(buttons);
    }

    @Override
    public FxRobot drag(PointQuery place, MouseButton... buttons) {
        moveTo(place, Motion.DEFAULT);
        return press(buttons);
    }

    @Override
    public FxRobot drop() {
        return release(new MouseButton[0]);
    }

    @Override
    public FxRobot dropTo(PointQuery place) {
        moveTo(place, Motion.DEFAULT);
        return drop();
    }

    @Override
    public FxRobot scroll(int amount) {
        for (int tick = 0; tick < Math.abs(amount); tick++) {
            arrivals.after(() -> robot().scrollMouse(Integer.signum(amount)), Arrivals.Kind.WHEEL, MAYBE_MS);
        }
        settle();
        return this;
    }

    @Override
    public FxRobot scroll(int amount, javafx.geometry.VerticalDirection direction) {
        return scroll(direction == javafx.geometry.VerticalDirection.UP ? -amount : amount);
    }

    @Override
    public FxRobot press(KeyCode... codes) {
        for (KeyCode code : codes) {
            if (keysHeld.add(code)) {
                arrivals.after(() -> robot().pressKeyboard(code), Arrivals.Kind.KEY_DOWN, SURE_MS);
            }
        }
        settle();
        return this;
    }

    @Override
    public FxRobot release(KeyCode... codes) {
        for (KeyCode code : codes.length == 0 ? List.copyOf(keysHeld) : List.of(codes)) {
            if (keysHeld.remove(code)) {
                arrivals.after(() -> robot().releaseKeyboard(code), Arrivals.Kind.KEY_UP, MAYBE_MS);
            }
        }
        settle();
        return this;
    }

    @Override
    public FxRobot type(KeyCode... codes) {
        for (KeyCode code : codes) {
            arrivals.after(() -> robot().pressKeyboard(code), Arrivals.Kind.KEY_DOWN, SURE_MS);
            arrivals.after(() -> robot().releaseKeyboard(code), Arrivals.Kind.KEY_UP, MAYBE_MS);
            settle();
        }
        return this;
    }

    @Override
    public FxRobot type(KeyCode code, int times) {
        for (int time = 0; time < times; time++) {
            type(code);
        }
        return this;
    }

    @Override
    public FxRobot write(String words) {
        Scene scene = writtenTo().getScene();
        for (char letter : words.toCharArray()) {
            KeyCode key = letter == '\n' ? KeyCode.ENTER : letter == '\t' ? KeyCode.TAB : KeyCode.UNDEFINED;
            robot().typeKeyboard(scene, key, Character.toString(letter));
        }
        settle();
        return this;
    }

    private Window writtenTo() {
        return listWindows().stream()
                .filter(Window::isFocused)
                .findFirst()
                .orElseGet(() ->
                        targetWindow() != null ? targetWindow() : listWindows().getFirst());
    }
}
