package amberlens.desktop.shell.app;

import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.property.Properties;
import amberlens.files.Folders;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import javafx.geometry.Point2D;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxRobotException;
import org.testfx.robot.Motion;
import org.testfx.service.query.EmptyNodeQueryException;
import org.testfx.util.WaitForAsyncUtils;

/** The real bench in a real window, and the hands to use it. */
abstract class BenchInteraction extends Hands {
    /** Long enough for a machine that does much else: what comes at once costs nothing of it. */
    private static final int PATIENCE_SECONDS = 120;

    private static final double RIBBON_MARGIN = 7;

    @TempDir
    static Path folder;

    final AnsweredFiles files = new AnsweredFiles();
    Bench bench;

    @Override
    public void start(Stage stage) {
        AmberLens.dress();
        System.setProperty("amber.sound", System.getProperty("amber.sound", "none"));
        bench = new Bench(files, Folders.below(folder.resolve("settings")), 1280, 800);
        bench.desk()
                .prefer(to ->
                        to.setUnit(Properties.SCALE, Properties.SCALE.units().getFirst()));
        watchArrivals();
        stage.setScene(bench.scene());
        stage.setX(0);
        stage.setY(0);
        stage.show();
        stage.toFront();
    }

    /** Clicks where a thing stands by then: it may just have been built anew. */
    @Override
    public FxRobot clickOn(String query, Motion motion, MouseButton... buttons) {
        Point2D[] place = new Point2D[1];
        waitUntil(query, () -> {
            try {
                place[0] = point(query).query();
                return true;
            } catch (NullPointerException | EmptyNodeQueryException | FxRobotException e) {
                return false;
            }
        });
        return clickOn(place[0], motion, buttons);
    }

    @AfterEach
    void closeBench() {
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE_SECONDS * 1000L, () -> {
            leaveArrivals();
            bench.close();
        });
    }

    Project project() {
        return bench.desk().document().project();
    }

    Shot shot() {
        return bench.desk().cursor().selectedShot().orElseThrow();
    }

    String text(String query) {
        return ((Labeled) bench.scene().lookup(query)).getText();
    }

    /** Something asked of the bench on its own thread, mostly a place. */
    static <T> T at(Callable<T> what) {
        return WaitForAsyncUtils.waitForAsyncFx(PATIENCE_SECONDS * 1000L, what);
    }

    /** Something done on the bench's own thread, and what follows from it. */
    static void onFx(Runnable what) {
        WaitForAsyncUtils.waitForAsyncFx(PATIENCE_SECONDS * 1000L, what);
        settle();
    }

    void dragTo(Point2D from, Point2D to) {
        moveTo(from)
                .press(MouseButton.PRIMARY)
                .moveTo(from.midpoint(to))
                .moveTo(to)
                .release(MouseButton.PRIMARY);
        settle();
    }

    static void waitUntil(String what, BooleanSupplier condition) {
        try {
            WaitForAsyncUtils.waitFor(
                    PATIENCE_SECONDS, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(condition::getAsBoolean)
                            .get());
        } catch (TimeoutException e) {
            throw new AssertionError("waited in vain for " + what, e);
        }
        settle();
    }

    /** Where a frame of the selected shot stands on the ribbon of a lane. */
    Point2D onRibbon(String lane, int frame) {
        return at(() -> {
            Region ribbon = lookup("#ribbon-" + lane).query();
            double x = RIBBON_MARGIN + (ribbon.getWidth() - 2 * RIBBON_MARGIN) * frame / shot().lastFrame();
            return ribbon.localToScreen(x, ribbon.getHeight() / 2);
        });
    }

    /** Sets or takes the key of a lane at the playhead. */
    void toggleKey(String lane) {
        clickOn(onRibbon(lane, bench.desk().cursor().shotFrame()));
        settle();
    }

    /** Presses a key with others held down. */
    void keys(KeyCode key, KeyCode... held) {
        press(held).type(key).release(held);
        settle();
    }

    /** Chooses an item of a menu inside a menu. */
    void fromMenu(String menu, String inner, String item) {
        clickOn("#menu-" + menu).moveTo("#inner-" + inner).clickOn("#item-" + item, Motion.HORIZONTAL_FIRST);
        settle();
    }

    /** A drag with a key held down. */
    void dragWith(KeyCode held, Point2D from, Point2D to) {
        moveTo(from)
                .press(held)
                .press(MouseButton.PRIMARY)
                .moveTo(from.midpoint(to))
                .moveTo(to);
        release(MouseButton.PRIMARY).release(held);
        settle();
    }

    /** Clicks a card of the ready moves, which are scrolled to it. */
    void card(String id) {
        onFx(() -> {
            ScrollPane scroll = lookup("#ready-scroll").query();
            var node = lookup(id).query();
            double over = scroll.getContent().getBoundsInLocal().getHeight()
                    - scroll.getViewportBounds().getHeight();
            scroll.setVvalue(
                    over <= 0 ? 0 : Math.min(1, node.getBoundsInParent().getMinY() / over));
        });
        clickOn(id);
    }
}
