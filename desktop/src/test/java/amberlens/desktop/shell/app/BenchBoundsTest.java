package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.Seconds;
import amberlens.core.edit.delivery.DeliveryEdits;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.FramingEdits;
import amberlens.core.edit.edits.MarkerEdits;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Group;
import amberlens.desktop.desk.actions.Action;
import amberlens.desktop.desk.state.Selection;
import amberlens.desktop.desk.state.WindowLayout;
import amberlens.files.Folders;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Region;
import javafx.scene.text.Text;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.util.WaitForAsyncUtils;

/** At every size of the window and in every arrangement, controls lie inside their view, beside each other, with their words uncut. */
class BenchBoundsTest {
    private static final Set<String> VIEWS = Set.of(
            "top-bar",
            "shelf-rail",
            "shelf-pane",
            "table-view-pane",
            "lens-pane",
            "camera-pane",
            "seal-pane",
            "score-pane",
            "lineup-pane",
            "status-line",
            "first-move",
            "dialog-panel");

    /** What ends in "…" and asks for a file of the system, or shows what only a bench with a past has. */
    private static final Set<String> ELSEWHERE = Set.of(
            "look.open",
            "move.open",
            "move.in",
            "project.open",
            "project.save-as",
            "project.take",
            "project.proof",
            "project.exports",
            "beats.edit",
            "project.versions",
            "project.kept",
            "lineup.timeline",
            "media.add",
            "media.find",
            "edges.seal");

    /** What a control may stick out, and two may share, because of borders and rounding. */
    private static final double TOLERANCE = 2;

    @TempDir
    static Path folder;

    /** Styles and lays out all of a scene, and paints next to nothing. */
    private static final SnapshotParameters ONE_PIXEL = new SnapshotParameters();

    static {
        ONE_PIXEL.setViewport(new Rectangle2D(0, 0, 1, 1));
    }

    private record Placed(Control control, Region view, Bounds bounds) {
        String words() {
            String text = control instanceof Labeled labeled ? labeled.getText() : "";
            return control.getClass().getSimpleName() + "#" + control.getId() + " \"" + text + "\"";
        }
    }

    @BeforeAll
    static void startToolkit() {
        Toolkit.start();
    }

    private static <T> T onInterface(Callable<T> work) {
        return WaitForAsyncUtils.waitForAsyncFx(120_000, work);
    }

    private static Project project() {
        Media plan = Media.photo("m1", folder.resolve("not-there.png").toString(), new Size(6000, 4000));
        Project project = DeliveryEdits.add("", new Size(1080, 1920))
                .apply(MediaEdits.add(plan).apply(Project.empty("Fernhollow")));
        Project two = ShotEdits.add(plan, Refit.FILL, 0)
                .apply(ShotEdits.add(plan, Refit.FILL, 0).apply(project));
        Project one = two.mapShot("s1", BenchBoundsTest::turned);
        return FramingEdits.add("s1", 60).apply(FramingEdits.add("s1", 0).apply(one));
    }

    /** So that an edge is open, which the top bar and the status line say. */
    private static Shot turned(Shot shot) {
        return shot.withCamera(shot.camera().withRotation(Channel.constant(ValueKinds.NUMBER, 5.0)));
    }

    private static Bench opened(int width, int height, WindowLayout arrangement, boolean shelf, int text) {
        Bench bench = onInterface(() -> {
            var files = new AnsweredFiles();
            files.folder = Optional.of(folder);
            var made = new Bench(files, Folders.below(folder), width, height);
            made.desk().prefer(to -> {
                to.setArrangement(arrangement);
                to.setShelfOpen(shelf);
                to.setTextPercent(text);
            });
            made.desk().document().load(project(), Optional.empty());
            made.desk().cursor().seek(30);
            return made;
        });
        settle(bench);
        return bench;
    }

    /** Seams place their dividers in the pulse after the first layout. */
    private static void settle(Bench bench) {
        for (int i = 0; i < 3; i++) {
            onInterface(() -> bench.scene().getRoot().snapshot(ONE_PIXEL, null));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "1024, 700, TABLE, false, 100",
        "1024, 700, BOTH, false, 100",
        "1024, 700, LENS, false, 100",
        "1280, 800, TABLE, true, 100",
        "1280, 800, BOTH, true, 100",
        "1280, 800, LENS, true, 100",
        "1280, 800, BOTH, false, 90",
        "1920, 1080, BOTH, true, 100",
        "1920, 1080, TABLE, false, 100",
        "2560, 1440, LENS, true, 125",
        "3840, 2160, BOTH, true, 150",
        "1024, 700, BOTH, false, 150",
        "1024, 700, TABLE, false, 150",
        "1024, 700, LENS, false, 150",
        "1280, 800, BOTH, false, 150",
        "1280, 800, LENS, true, 150",
        "1920, 1080, BOTH, true, 150",
        "1920, 1080, TABLE, true, 150"
    })
    void nothing_overlaps_sticks_out_or_is_cut(
            int width, int height, WindowLayout arrangement, boolean shelf, int text) {
        Bench bench = opened(width, height, arrangement, shelf, text);
        onInterface(() -> {
            bench.actions().run("help.first-move");
            return null;
        });
        settle(bench);
        assertWellPlaced(bench, "the pose");
        onInterface(() -> {
            bench.desk().cursor().select(new Selection.LegFrom(0));
            return null;
        });
        settle(bench);
        assertWellPlaced(bench, "a leg");
        onInterface(() -> {
            bench.desk().tools().showDepth(true);
            return null;
        });
        settle(bench);
        assertWellPlaced(bench, "depth");
        onInterface(() -> {
            bench.desk().tools().show(Group.LOOK);
            bench.actions().run("look.add-tone");
            bench.actions().run("look.add-mask");
            return null;
        });
        settle(bench);
        assertWellPlaced(bench, "looks");
        onInterface(() -> {
            bench.close();
            return null;
        });
    }

    /** What is opened before a dialog can be: stills, footage with a tracked subject, a sound beside them. */
    private enum Opened {
        STILLS {
            @Override
            void on(Bench bench) {
                for (Shot shot : bench.desk().document().project().shots()) {
                    bench.desk().document().apply(FramingEdits.add(shot.id(), 10));
                    Pose closer = shot.camera().at(90).zoomedAbout(new FramePoint(10, 10), 1.2);
                    bench.desk().document().apply(CameraEdits.setFraming("closer", shot.id(), 90, closer));
                }
                bench.desk().document().apply(MarkerEdits.set(Optional.empty(), 10));
                bench.desk().cursor().seek(10);
                bench.actions().run("lineup.select-all");
            }
        },
        FOOTAGE {
            @Override
            void on(Bench bench) {
                bench.desk().document().load(TrackedPond.project(folder), Optional.empty());
                bench.desk().cursor().seek(10);
            }
        },
        SOUND {
            @Override
            void on(Bench bench) {
                Media tune = Media.sound("a1", folder.resolve("not-there.flac").toString());
                Project silent = project();
                List<Media> media = new ArrayList<>(silent.media());
                media.add(tune);
                Seconds five = Seconds.parse("5/1");
                bench.desk()
                        .document()
                        .load(
                                silent.withMedia(media)
                                        .withSounds(List.of(
                                                SoundClip.of("c1", "a1", 1, Seconds.parse("0/1"), five, five),
                                                SoundClip.of("c2", "a1", 2, Seconds.parse("0/1"), five, five))),
                                Optional.empty());
                bench.desk().cursor().select(new Selection.Sounds(Set.of("c1")));
            }
        };

        abstract void on(Bench bench);
    }

    /** Dialogs are found by doing every action whose name ends in an ellipsis, as the names of those that ask something do. */
    @ParameterizedTest
    @CsvSource({"1024, 700, 100", "1024, 700, 150", "1920, 1080, 150"})
    void dialogs_have_room_for_all_they_say(int width, int height, int text) {
        Set<String> seen = new TreeSet<>();
        Set<String> asking = new TreeSet<>();
        for (Opened opened : Opened.values()) {
            Bench bench = opened(width, height, WindowLayout.BOTH, false, text);
            onInterface(() -> {
                opened.on(bench);
                return null;
            });
            List<Action> actions = onInterface(() -> bench.actions().all());
            for (Action action : actions) {
                if (!action.name().endsWith("…") && !action.id().equals("help.guide")
                        || ELSEWHERE.contains(action.id())) {
                    continue;
                }
                asking.add(action.id());
                if (onInterface(action::isPossible)) {
                    look(bench, action.id(), seen);
                }
            }
            onInterface(() -> {
                bench.close();
                return null;
            });
        }
        assertThat(seen).as("dialogs that were seen").containsAll(asking).hasSizeGreaterThan(30);
    }

    private static void look(Bench bench, String action, Set<String> seen) {
        onInterface(() -> {
            bench.actions().run(action);
            return null;
        });
        settle(bench);
        boolean there = onInterface(() ->
                bench.scene().lookup(".dialog-panel") != null || bench.scene().lookup("#follow-panel") != null);
        if (there) {
            seen.add(action);
            assertWellPlaced(bench, action);
        }
        onInterface(() -> {
            bench.dialogs().close();
            bench.desk().document().cancel(); // what a dialog shows beforehand
            return null;
        });
    }

    private static void assertWellPlaced(Bench bench, String state) {
        List<String> faults = onInterface(() -> {
            bench.scene().getRoot().applyCss(); // what came from the background since
            bench.scene().getRoot().layout();
            List<Placed> controls = new ArrayList<>();
            collect(bench.scene().getRoot(), null, controls);
            List<String> found = new ArrayList<>();
            for (Placed one : controls) {
                outside(one).ifPresent(found::add);
                cut(one).ifPresent(found::add);
            }
            overlaps(controls, found);
            return found;
        });
        assertThat(faults).as(state).isEmpty();
    }

    /** The innermost controls that are seen, with the view they belong to. */
    private static void collect(Node node, Region view, List<Placed> into) {
        if (!node.isVisible() || node.getOpacity() == 0) {
            return;
        }
        Region here =
                node instanceof Region region && region.getStyleClass().stream().anyMatch(VIEWS::contains)
                        ? region
                        : view;
        boolean container = node instanceof ScrollPane || node instanceof SplitPane;
        if (node instanceof Control control && !container && here != null && control != here) {
            Bounds seen = seen(control);
            if (seen.getWidth() > 0 && seen.getHeight() > 0) {
                into.add(new Placed(control, here, seen));
            }
        } else if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, here, into));
        }
    }

    /** Of what is scrolled, the part that is in sight. */
    private static Bounds seen(Control control) {
        Bounds bounds = control.localToScene(control.getLayoutBounds());
        for (Node above = control.getParent(); above != null; above = above.getParent()) {
            if (above.getStyleClass().contains("viewport")) {
                Bounds view = above.localToScene(above.getLayoutBounds());
                double top = Math.max(bounds.getMinY(), view.getMinY());
                double bottom = Math.min(bounds.getMaxY(), view.getMaxY());
                bounds = new BoundingBox(bounds.getMinX(), top, bounds.getWidth(), Math.max(0, bottom - top));
            }
        }
        return bounds;
    }

    private static Optional<String> outside(Placed one) {
        Bounds view = one.view().localToScene(one.view().getLayoutBounds());
        Bounds bounds = one.bounds();
        boolean scrolls = isScrolled(one.control());
        if (view.getMinX() < -TOLERANCE
                || view.getMaxX() > one.view().getScene().getWidth() + TOLERANCE) {
            return Optional.of(one.view().getStyleClass() + " sticks out of the window");
        }
        boolean inside = bounds.getMinX() >= view.getMinX() - TOLERANCE
                && bounds.getMaxX() <= view.getMaxX() + TOLERANCE
                && (scrolls
                        || bounds.getMinY() >= view.getMinY() - TOLERANCE
                                && bounds.getMaxY() <= view.getMaxY() + TOLERANCE);
        return inside
                ? Optional.empty()
                : Optional.of(one.words() + " sticks out of " + one.view().getStyleClass());
    }

    private static boolean isScrolled(Node node) {
        Node above = node;
        while (above != null && !(above instanceof ScrollPane)) {
            above = above.getParent();
        }
        return above != null;
    }

    /** Words end in an ellipsis only where that is meant: on labels that may shrink to nothing. */
    private static Optional<String> cut(Placed one) {
        if (!(one.control() instanceof Labeled labeled)
                || labeled.getMinWidth() == 0
                || labeled.getText().isEmpty()) {
            return Optional.empty();
        }
        boolean cut = labeled.lookupAll(".text").stream()
                .filter(Text.class::isInstance)
                .map(text -> ((Text) text).getText())
                .anyMatch(text -> (text.endsWith("…") && !labeled.getText().endsWith("…")) || text.equals("..."));
        return cut ? Optional.of(one.words() + " is cut") : Optional.empty();
    }

    private static void overlaps(List<Placed> controls, List<String> found) {
        for (int i = 0; i < controls.size(); i++) {
            for (int j = i + 1; j < controls.size(); j++) {
                Placed one = controls.get(i);
                Placed other = controls.get(j);
                if (one.view() == other.view() && overlap(one.bounds(), other.bounds())) {
                    found.add(one.words() + " overlaps " + other.words());
                }
            }
        }
    }

    private static boolean overlap(Bounds one, Bounds other) {
        double across = Math.min(one.getMaxX(), other.getMaxX()) - Math.max(one.getMinX(), other.getMinX());
        double down = Math.min(one.getMaxY(), other.getMaxY()) - Math.max(one.getMinY(), other.getMinY());
        return across > TOLERANCE && down > TOLERANCE;
    }
}
