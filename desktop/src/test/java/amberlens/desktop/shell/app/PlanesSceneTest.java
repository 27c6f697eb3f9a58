package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.edits.PlaneEdits;
import amberlens.core.edit.edits.ReadyEdits;
import amberlens.core.edit.ready.MoveWish;
import amberlens.core.edit.ready.ReadyMove;
import amberlens.core.material.planes.Fill;
import amberlens.core.material.planes.Plane;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import amberlens.core.render.frame.FrameRaster;
import amberlens.desktop.picture.table.TableProbe;
import amberlens.media.film.StillFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** A moon over a dark sky, cut out and moved by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class PlanesSceneTest extends ThreeShotsInteraction {
    private static final Size PICTURE = new Size(1200, 800);
    private static final int RADIUS = 150;
    private static final PicturePoint MOON = new PicturePoint(600, 380);

    private static Path night() throws Exception {
        Path file = folder.resolve("night.png");
        int[] pixels = new int[PICTURE.width() * PICTURE.height()];
        for (int i = 0; i < pixels.length; i++) {
            double away = Math.hypot(i % PICTURE.width() - MOON.x(), i / PICTURE.width() - MOON.y());
            int grey = away < RADIUS ? 220 : 40;
            pixels[i] = 0xFF000000 | grey * 0x010101;
        }
        return Files.write(file, StillFile.png(new FrameRaster(PICTURE, pixels)));
    }

    @BeforeEach
    void openNight() throws Exception {
        Media night = Media.photo("m1", night().toString(), PICTURE);
        Pose pose = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(60));
        CameraTrack slide = CameraTrack.still(pose)
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(285, 180), Leg.LINEAR),
                                Key.of(49, new FramePoint(355, 180), Leg.LINEAR))));
        Project empty = Project.empty("Night");
        Project laid = empty.withFrame(empty.frame().withSize(FRAME))
                .withMedia(List.of(night))
                .withShots(List.of(new Shot("s1", "Night", "m1", 1, 0, 50, true, slide, Extras.NONE)));
        onFx(() -> bench.desk().document().load(laid, Optional.empty()));
        select("s1");
        onFx(() -> bench.actions().run("arrange.table"));
    }

    private List<Plane> planes() {
        return project().media("m1").orElseThrow().planes();
    }

    private Point2D onTable(double x, double y) {
        return at(() -> TableProbe.point(bench.scene(), x, y));
    }

    @Test
    void one_drag_around_it_cuts_the_moon_out_and_another_cuts_it_better() {
        keys(KeyCode.C, KeyCode.ALT);
        dragTo(onTable(430, 210), onTable(770, 550));
        waitUntil("the plane", () -> planes().size() == 1);
        double worst = planes().getFirst().outline().stream()
                .mapToDouble(point -> Math.abs(Math.hypot(point.x() - MOON.x(), point.y() - MOON.y()) - RADIUS))
                .max()
                .orElseThrow();
        assertThat(worst).as("furthest from the circle").isLessThan(2.5);
        assertThat(planes().getFirst().outline()).hasSizeLessThan(160);
        onFx(() -> bench.desk()
                .document()
                .apply(PlaneEdits.set(
                        "rough",
                        "m1",
                        List.of(planes().getFirst()
                                .withOutline(List.of(
                                        new PicturePoint(450, 230),
                                        new PicturePoint(750, 230),
                                        new PicturePoint(750, 530),
                                        new PicturePoint(450, 530)))))));
        keys(KeyCode.C, KeyCode.ALT);
        dragTo(onTable(430, 210), onTable(770, 550));
        waitUntil("the new outline", () -> planes().getFirst().outline().size() > 8);
        assertThat(planes()).as("the same plane").hasSize(1);
    }

    private Point2D onMoon(double degrees, double radius) {
        double turn = Math.toRadians(degrees);
        return onTable(MOON.x() + radius * Math.cos(turn), MOON.y() + radius * Math.sin(turn));
    }

    /** Drags around the moon, a little outside of it. */
    private void lasso() {
        keys(KeyCode.P, KeyCode.ALT);
        waitUntil("the pen", () -> bench.desk().tools().planes().shown());
        moveTo(onMoon(0, RADIUS + 8));
        press(MouseButton.PRIMARY);
        for (int degrees = 40; degrees < 360; degrees += 40) {
            moveTo(onMoon(degrees, RADIUS + 8));
        }
        release(MouseButton.PRIMARY);
        waitUntil("a plane", () -> planes().size() == 1);
    }

    private static double mean(List<PicturePoint> outline) {
        return outline.stream()
                .mapToDouble(point -> Math.hypot(point.x() - MOON.x(), point.y() - MOON.y()))
                .average()
                .orElseThrow();
    }

    @Test
    void a_plane_is_drawn_around_and_lies_where_its_distance_says_and_goes_again() {
        lasso();
        assertThat(mean(planes().getFirst().outline())).isBetween(RADIUS - 5.0, RADIUS + 16.0);
        assertThat(planes().getFirst().fill().kind()).isEqualTo(Fill.Kind.CONTINUE);
        waitUntil("the proof", () -> text("#planes-found").startsWith("Sealed"));
        clickOn("#plane-distance-p1").type(KeyCode.A, KeyCode.BACK_SPACE);
        fill("#plane-distance-p1", "50");
        type(KeyCode.ENTER);
        assertThat(planes().getFirst().distance()).isEqualTo(0.5);
        waitUntil("deeper", () -> text("#planes-found").contains("behind"));
        onFx(() -> bench.actions().run("planes.away"));
        assertThat(planes()).isEmpty();
        undo();
        assertThat(planes()).hasSize(1);
        undo();
        undo();
        assertThat(planes()).isEmpty();
    }

    @Test
    void clicks_go_along_the_contour_and_enter_closes() {
        keys(KeyCode.P, KeyCode.ALT);
        for (int degrees : new int[] {0, 90, 180, 270}) {
            clickOn(onMoon(degrees, RADIUS + 1));
            waitUntil("the contours", () -> !bench.desk().tools().planes().looking());
        }
        clickOn(onMoon(10, RADIUS + 90));
        waitUntil("five ways", () -> bench.desk().tools().planes().drawn().size() > 20);
        int all = bench.desk().tools().planes().drawn().size();
        type(KeyCode.BACK_SPACE);
        assertThat(bench.desk().tools().planes().drawn().size()).isLessThan(all);
        type(KeyCode.ENTER);
        waitUntil("a plane", () -> planes().size() == 1);
        List<PicturePoint> outline = planes().getFirst().outline();
        long on = outline.stream()
                .filter(point -> Math.abs(Math.hypot(point.x() - MOON.x(), point.y() - MOON.y()) - RADIUS) < 5)
                .count();
        assertThat(on).isGreaterThan(outline.size() * 8L / 10);
        assertThat(outline).hasSizeGreaterThan(12);
    }

    @Test
    void what_a_move_would_show_behind_it_is_said_and_mended() {
        lasso();
        ComboBox<Fill.Kind> behind = lookup("#plane-fill").query();
        onFx(() -> behind.setValue(Fill.Kind.NONE));
        waitUntil("what is open", () -> text("#planes-found").startsWith("Open"));
        waitUntil("the words", () -> text("#status").contains("deeper than filled"));
        clickOn("#status-action");
        waitUntil("sealed", () -> shot().camera().has(Properties.PARALLAX));
        assertThat(ShotCheck.of(project(), shot()).sealed()).isTrue();
        undo();
        onFx(() -> behind.setValue(Fill.Kind.SPREAD));
        waitUntil("sealed by filling", () -> text("#planes-found").startsWith("Sealed"));
    }

    @Test
    void a_point_of_the_outline_is_dragged_added_and_taken_away() {
        lasso();
        Plane before = planes().getFirst();
        PicturePoint point = before.outline().get(3);
        dragTo(onTable(point.x(), point.y()), onTable(MOON.x(), MOON.y()));
        waitUntil("another outline", () -> !planes().getFirst().outline().equals(before.outline()));
        assertThat(planes().getFirst().outline()).hasSameSizeAs(before.outline());
        PicturePoint moved = planes().getFirst().outline().get(3);
        assertThat(Math.hypot(moved.x() - MOON.x(), moved.y() - MOON.y())).isLessThan(12);
        doubleClickOn(onTable(moved.x(), moved.y()));
        waitUntil(
                "a point less",
                () -> planes().getFirst().outline().size() == before.outline().size() - 1);
        List<PicturePoint> outline = planes().getFirst().outline();
        int longest = 0;
        for (int i = 0; i + 1 < outline.size(); i++) {
            longest = apart(outline, i) > apart(outline, longest) ? i : longest;
        }
        double x = (outline.get(longest).x() + outline.get(longest + 1).x()) / 2;
        double y = (outline.get(longest).y() + outline.get(longest + 1).y()) / 2;
        dragTo(onTable(x, y), onTable(x + 40, y + 40));
        waitUntil(
                "a point more",
                () -> planes().getFirst().outline().size() == before.outline().size());
    }

    private static double apart(List<PicturePoint> outline, int from) {
        PicturePoint one = outline.get(from);
        PicturePoint next = outline.get(from + 1);
        return Math.hypot(next.x() - one.x(), next.y() - one.y());
    }

    @Test
    void what_cannot_be_cut_is_said_and_changes_nothing() {
        keys(KeyCode.P, KeyCode.ALT);
        clickOn(onTable(300, 300));
        type(KeyCode.ENTER);
        waitUntil("the words", () -> text("#status").contains("Outline something"));
        keys(KeyCode.P, KeyCode.ALT);
        dragTo(onTable(200, 200), onTable(260, 200));
        waitUntil("the words", () -> text("#status").startsWith("Not"));
        assertThat(planes()).isEmpty();
        keys(KeyCode.P, KeyCode.ALT);
        clickOn(onTable(300, 300));
        type(KeyCode.ESCAPE);
        assertThat(bench.desk().tools().planes().drawn()).isEmpty();
    }

    @Test
    void ready_moves_past_and_through_it_are_sealed() {
        lasso();
        for (ReadyMove move : new ReadyMove[] {ReadyMove.SLIDE_PAST, ReadyMove.PUSH_THROUGH}) {
            Project moved = ReadyEdits.plan(project(), Set.of("s1"), move, MoveWish.USUAL, 200)
                    .edit()
                    .apply(project());
            ShotCheck check = ShotCheck.of(moved, moved.shot("s1").orElseThrow());
            assertThat(check.sealed()).as(move.words()).isTrue();
            assertThat(check.planes().depths()).as(move.words()).containsKey("p1");
        }
    }
}
