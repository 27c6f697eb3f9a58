package amberlens.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.edges.Conform;
import amberlens.core.edges.EdgeReport;
import amberlens.core.edit.LayeringEdits;
import amberlens.core.extras.Extras;
import amberlens.core.footage.Footage;
import amberlens.core.footage.Source;
import amberlens.core.geometry.Size;
import amberlens.core.layering.BlendMode;
import amberlens.core.layering.Colour;
import amberlens.core.lineup.Laying;
import amberlens.core.model.FrameFormat;
import amberlens.core.model.LineUp;
import amberlens.core.model.Marker;
import amberlens.core.model.Media;
import amberlens.core.model.Project;
import amberlens.core.model.Shot;
import amberlens.core.motion.CameraTrack;
import amberlens.core.motion.Pose;
import amberlens.core.render.FrameRaster;
import amberlens.core.render.Rows;
import amberlens.core.time.FrameRate;
import amberlens.desktop.export.ExportQueue;
import amberlens.desktop.lineup.LineUpProbe;
import amberlens.desktop.store.Selection;
import amberlens.media.film.FilmCodec;
import amberlens.media.film.FilmFile;
import amberlens.media.film.Quality;
import amberlens.media.footage.FilmInfo;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.testfx.util.WaitForAsyncUtils;

/** Footage, the Line-up, layers, ready moves, carrying, checking and the export queue, by mouse and keyboard in a real window. */
@EnabledIfSystemProperty(named = "amber.window", matches = "true", disabledReason = "needs a real window: ./amber test")
class ManyShotsTest extends BenchInteraction {
    private static final Size FRAME = new Size(640, 360);
    private static final Size SHEET = new Size(900, 600);
    private static final Size TALL = new Size(600, 1400);
    private static final int FILM_FRAMES = 60;

    /** A sheet of 100 frames, a tall one of 50, a film of 60 in a row. */
    @BeforeEach
    void openThreeShots() throws Exception {
        List<Media> media = List.of(
                Media.photo(
                        "m1",
                        DrawnPictures.quarters(folder, "sheet.png", 900, 600).toString(),
                        SHEET),
                Media.photo(
                        "m2",
                        DrawnPictures.quarters(folder, "tall.png", 600, 1400).toString(),
                        TALL),
                Media.footage(
                        "m3", Media.Kind.FILM, film().toString(), FRAME, new Footage(FrameRate.of(25), FILM_FRAMES)));
        Project project = Project.empty("Fernhollow");
        Project laid = project.withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK))
                .withMedia(media)
                .withShots(List.of(
                        shot("s1", "Sheet", media.get(0), 0, 100),
                        shot("s2", "Tall", media.get(1), 100, 50),
                        shot("s3", "Film", media.get(2), 150, FILM_FRAMES)));
        onFx(() -> {
            bench.store().prefer(to -> {
                to.setLaying(Laying.RIPPLE);
                to.setSnapping(false);
                to.setToNearKeys(false);
                to.setLimitPercent(150);
            });
            bench.store().load(laid, Optional.empty());
        });
    }

    private static Shot shot(String id, String name, Media media, int start, int length) {
        CameraTrack camera = CameraTrack.still(Conform.FILL.pose(media.size(), FRAME));
        return new Shot(id, name, media.id(), 1, start, length, true, camera, Extras.NONE);
    }

    /** Grey frames that get lighter. */
    private static Path film() throws Exception {
        Path file = folder.resolve("lighter.mp4");
        if (!Files.exists(file)) {
            try (var film = new FilmFile(file, FilmCodec.H264, Quality.GOOD, FRAME, FrameRate.of(25), Rows.ALONE)) {
                for (int frame = 0; frame < FILM_FRAMES; frame++) {
                    int[] pixels = new int[Math.toIntExact(FRAME.area())];
                    int grey = 40 + 3 * frame;
                    Arrays.fill(pixels, 0xFF000000 | grey << 16 | grey << 8 | grey);
                    film.write(new FrameRaster(FRAME, pixels));
                }
                film.finish();
            }
        }
        return file;
    }

    private void onFx(Runnable work) {
        WaitForAsyncUtils.waitForAsyncFx(5_000, work);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Shot shot(String id) {
        return project().shot(id).orElseThrow();
    }

    private void select(String first, String... others) {
        onFx(() -> bench.store().select(new Selection(Optional.of(first), Set.of(others), new Selection.Nothing())));
    }

    private void seek(int frame) {
        onFx(() -> bench.store().seek(frame));
    }

    private List<String> lying(int track) {
        return LineUp.track(project(), track).stream()
                .map(shot -> shot.id() + " " + shot.start() + "+" + shot.length())
                .toList();
    }

    private void fill(String query, String words) {
        TextField field = lookup(query).query();
        onFx(() -> field.setText(words));
    }

    private Point2D middle(String id) {
        return at(() -> LineUpProbe.middle(bench.scene(), bench.store(), id));
    }

    private double frames(int count) {
        return count * LineUpProbe.perFrame(bench.scene());
    }

    private void undo() {
        keys(KeyCode.Z, KeyCode.CONTROL);
    }

    @Test
    void films_are_imported_and_retimed_and_slipped() throws Exception {
        files.pictures = List.of(Files.copy(film(), folder.resolve("again-" + System.nanoTime() + ".mp4")));
        clickOn("#media-add");
        waitUntil("the film on the shelf", () -> project().media().size() == 4);
        assertThat(project().media().getLast().footage().orElseThrow().frames()).isEqualTo(FILM_FRAMES);
        select("s3");
        seek(160);
        keys(KeyCode.T, KeyCode.CONTROL);
        fill("#footage-speed", "-50");
        fill("#footage-in", "40");
        clickOn("#footage-conversion").clickOn("blend of two frames");
        type(KeyCode.ENTER);
        assertThat(shot("s3").source()).isEqualTo(new Source(40, Source.Conversion.BLEND, false));
        assertThat(project().sourceFrames(shot("s3"), 10).first()).isEqualTo(35);
        keys(KeyCode.PERIOD, KeyCode.ALT);
        assertThat(shot("s3").source().in()).isEqualTo(41);
        undo();
        clickOn("#bead-speed");
        doubleClickOn("#camera-speed");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("200\n");
        waitUntil("a key of speed", () -> shot("s3").camera().speed().animated());
        assertThat(shot("s3").camera().speed().at(10)).isEqualTo(200);
        Point2D middle = middle("s3");
        dragWith(KeyCode.ALT, middle, middle.add(-frames(8), 0));
        assertThat(shot("s3").source().in()).isCloseTo(48, within(1.5));
    }

    @Test
    void broken_and_foreign_files_are_named_and_left_out() throws Exception {
        Path broken = Files.writeString(folder.resolve("broken.mov"), "nothing");
        files.pictures = List.of(broken);
        clickOn("#media-add");
        waitUntil("the words", () -> lookup("A file was left out").tryQuery().isPresent());
        assertThat(project().media()).hasSize(3);
        clickOn("Close");
    }

    @Test
    void shots_are_split_joined_trimmed_and_laid_on_tracks() {
        seek(30);
        keys(KeyCode.K, KeyCode.CONTROL);
        assertThat(lying(1)).containsExactly("s1 0+30", "s4 30+70", "s2 100+50", "s3 150+60");
        select("s1");
        keys(KeyCode.J, KeyCode.CONTROL);
        assertThat(lying(1)).containsExactly("s1 0+100", "s2 100+50", "s3 150+60");
        Point2D start = at(() -> LineUpProbe.start(bench.scene(), bench.store(), "s2"));
        dragTo(start, start.add(frames(10) + 1, 0));
        assertThat(shot("s2").length()).isBetween(38, 42);
        assertThat(shot("s2").start()).isEqualTo(100);
        undo();
        keys(KeyCode.R, KeyCode.CONTROL);
        assertThat(bench.store().preferences().laying()).isEqualTo(Laying.OVERWRITE);
        Point2D from = middle("s2");
        dragTo(from, from.add(-frames(60), -40));
        assertThat(shot("s2").track()).isEqualTo(2);
        assertThat(shot("s2").start()).isBetween(35, 45);
        assertThat(lying(1)).containsExactly("s1 0+100", "s3 150+60");
        keys(KeyCode.DOWN, KeyCode.CONTROL, KeyCode.ALT);
        assertThat(shot("s2").track()).isEqualTo(1);
        assertThat(LineUp.track(project(), 1)).hasSize(4);
        undo();
        keys(KeyCode.D, KeyCode.CONTROL);
        assertThat(LineUp.track(project(), 2)).hasSize(2);
        assertThat(bench.store().undoName()).contains("copy of a shot");
    }

    @Test
    void many_lengths_are_set_at_once() {
        keys(KeyCode.A, KeyCode.CONTROL, KeyCode.SHIFT);
        keys(KeyCode.L, KeyCode.CONTROL, KeyCode.SHIFT);
        clickOn("#lengths-by").clickOn("together as long as");
        fill("#lengths-time", "420");
        type(KeyCode.ENTER);
        assertThat(LineUp.length(project())).isEqualTo(420);
        seek(410);
        type(KeyCode.HOME);
        assertThat(bench.store().shotFrame()).isZero();
        type(KeyCode.END);
        assertThat(bench.store().playhead()).isEqualTo(419);
    }

    @Test
    void a_picture_takes_the_place_of_another_and_the_move_stays() {
        type(KeyCode.A);
        select("s1");
        rightClickOn("#media-m2");
        clickOn("#replace-m2");
        clickOn("Same look");
        assertThat(shot("s1").media()).isEqualTo("m2");
        assertThat(shot("s1").camera().keyFrames()).containsExactly(0);
        assertThat(bench.store().undoName()).contains("replacing of a picture");
    }

    @Test
    void a_picture_dropped_on_the_middle_of_a_shot_takes_its_place_and_beside_it_becomes_a_shot() {
        drag("#media-m2").dropTo(middle("s1"));
        waitUntil("the question", () -> lookup("Same numbers").tryQuery().isPresent());
        clickOn("Same numbers");
        assertThat(shot("s1").media()).isEqualTo("m2");
        undo();
        Point2D start = at(() -> LineUpProbe.start(bench.scene(), bench.store(), "s2"));
        drag("#media-m2").dropTo(start.add(4, 0));
        waitUntil("a new shot", () -> project().shots().size() == 4);
        assertThat(shot("s1").media()).isEqualTo("m1");
    }

    @Test
    void an_inset_lies_over_with_opacity_and_blending() {
        select("s2");
        keys(KeyCode.UP, KeyCode.CONTROL, KeyCode.ALT);
        assertThat(shot("s2").track()).isEqualTo(2);
        doubleClickOn("#camera-opacity");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("40\n");
        waitUntil("the opacity", () -> shot("s2").camera().opacity().constant() == 40);
        doubleClickOn("#camera-opacity");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("140\n");
        assertThat(shot("s2").camera().opacity().constant()).isEqualTo(40);
        type(KeyCode.ESCAPE);
        onFx(() -> bench.scene().lookup("#lineup-surface").requestFocus());
        keys(KeyCode.B, KeyCode.CONTROL, KeyCode.ALT);
        clickOn("#blend-mode").clickOn("screen");
        clickOn("#blend-inset");
        type(KeyCode.ENTER);
        assertThat(shot("s2").layering().blend()).isEqualTo(BlendMode.SCREEN);
        assertThat(shot("s2").fillsFrame()).isFalse();
    }

    @Test
    void neighbours_dissolve_and_dip() {
        select("s2");
        keys(KeyCode.D, KeyCode.SHIFT);
        clickOn("#transition-enter").clickOn("dissolve with its neighbour");
        fill("#transition-enter-length", "20");
        type(KeyCode.ENTER);
        assertThat(lying(1)).containsExactly("s1 0+100", "s2 80+50", "s3 130+60");
        assertThat(LayeringEdits.overlap(project(), shot("s2"))).isEqualTo(20);
        keys(KeyCode.D, KeyCode.SHIFT);
        fill("#transition-enter-length", "5000");
        type(KeyCode.ENTER);
        assertThat(text("#form-note")).contains("1 to 50");
        clickOn("#transition-enter").clickOn("dip: both through a colour");
        fill("#transition-enter-length", "10");
        fill("#transition-colour", "#203040");
        type(KeyCode.ENTER);
        assertThat(lying(1)).containsExactly("s1 0+100", "s2 100+50", "s3 150+60");
        assertThat(shot("s1").layering().leave().orElseThrow().through()).contains(new Colour(0x203040));
        assertThat(bench.store().steps()).hasSize(2);
    }

    @Test
    void a_rig_takes_a_ready_move_and_rides_on_all_below_it() {
        onFx(() -> bench.store()
                .load(project().withMarkers(List.of(Marker.at(40, ""), Marker.at(90, ""))), Optional.empty()));
        keys(KeyCode.A, KeyCode.CONTROL, KeyCode.SHIFT);
        keys(KeyCode.G, KeyCode.CONTROL);
        Shot rig = shot();
        assertThat(project().isRig(rig)).isTrue();
        assertThat(rig.length()).isEqualTo(210);
        clickOn("#tab-ready");
        scrollTo("#ready-pulse");
        clickOn("#ready-pulse");
        Pose ridden = project().take(shot("s1")).pose(40);
        assertThat(ridden.scale().x() / shot("s1").camera().at(40).scale().x()).isCloseTo(1.03, within(1e-6));
        assertThat(EdgeReport.of(project().take(shot("s1"))).isSealed()).isTrue();
    }

    private void scrollTo(String query) {
        onFx(() -> {
            ScrollPane scroll = lookup("#ready-scroll").query();
            var node = lookup(query).query();
            double y = node.getBoundsInParent().getMinY();
            double over = scroll.getContent().getBoundsInLocal().getHeight()
                    - scroll.getViewportBounds().getHeight();
            scroll.setVvalue(over <= 0 ? 0 : Math.min(1, y / over));
        });
    }

    @Test
    void ready_moves_are_given_kept_and_arranged() {
        select("s1");
        clickOn("#tab-ready");
        doubleClickOn("#ready-amount");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("200\n");
        clickOn("#ready-push-in");
        assertThat(shot("s1").camera().at(99).scale().x()
                        / shot("s1").camera().at(0).scale().x())
                .isCloseTo(1.24, within(1e-6));
        assertThat(bench.store().undoName()).contains("push-in");
        clickOn("#ready-keep");
        waitUntil(
                "the kept move",
                () -> lookup("#ready-own-sheet-move").tryQuery().isPresent());
        select("s2");
        scrollTo("#ready-own-sheet-move");
        clickOn("#ready-own-sheet-move");
        assertThat(shot("s2").camera().keyFrames()).containsExactly(0, 49);
        select("s1", "s2", "s3");
        keys(KeyCode.A, KeyCode.CONTROL, KeyCode.ALT);
        fill("#arrange-seed", "3");
        type(KeyCode.ENTER);
        assertThat(bench.store().undoName()).contains("arrangement of 3 shots");
        for (Shot shot : project().shots()) {
            assertThat(EdgeReport.of(project().take(shot)).isSealed()).isTrue();
        }
        assertThat(text("#status")).startsWith("3 of 3 shots");
    }

    @Test
    void a_move_is_carried_and_followed_but_for_what_is_changed() {
        select("s1");
        clickOn("#tab-ready").clickOn("#ready-push-in");
        clickOn("#tab-shelf");
        select("s1", "s2");
        keys(KeyCode.C, KeyCode.SHIFT);
        clickOn("#carry-linked");
        type(KeyCode.ENTER);
        double before = shot("s2").camera().at(49).scale().x();
        select("s1");
        seek(99);
        doubleClickOn("#camera-scale");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("120\n");
        waitUntil("the follower", () -> shot("s2").camera().at(49).scale().x() > before * 1.05);
        select("s2");
        clickOn("#menu-move");
        clickOn("#item-move-free");
        assertThat(shot("s2").settings().carried()).isEmpty();
    }

    @Test
    void all_shots_are_checked_sealed_and_gone_to_from_one_table() {
        onFx(() -> {
            Shot open = shot("s2");
            Pose off = open.camera().at(0);
            bench.store()
                    .load(
                            project()
                                    .mapShot(
                                            "s2",
                                            shot -> shot.withCamera(CameraTrack.still(
                                                    off.withDegrees(4).withPosition(off.position())))),
                            Optional.empty());
        });
        clickOn("#edges-check-all");
        waitUntil("the outcome", () -> text("#check-note").startsWith("1 of 3 shots"));
        clickOn("#check-listed").clickOn("with an open edge");
        clickOn(from(lookup("#check-table")).lookup("Tall").<Node>query());
        clickOn("#check-go");
        assertThat(bench.store().selection().shotId()).contains("s2");
        clickOn("#edges-check-all");
        waitUntil("the outcome", () -> text("#check-note").startsWith("1 of 3 shots"));
        clickOn("#check-seal");
        waitUntil("the seal", () -> EdgeReport.of(project().take(shot("s2"))).isSealed());
        waitUntil("the words", () -> text("#check-note").contains("every frame of each is sealed"));
        clickOn("#check-close");
    }

    @Test
    void one_file_for_each_shot_is_exported_while_work_goes_on_and_only_what_changed_again() throws Exception {
        Path film = folder.resolve("queue.webm");
        export(film, false);
        type(KeyCode.M);
        assertThat(project().shots().stream().anyMatch(shot -> !shot.markers().isEmpty()))
                .isTrue();
        waitUntil("all three", this::allEnded);
        Path tall = folder.resolve("queue-02-tall.webm");
        assertThat(FilmInfo.of(tall).footage().frames()).isEqualTo(50);
        assertThat(FilmInfo.of(tall).size()).isEqualTo(new Size(160, 90));
        onFx(() -> bench.services().exports().clear());
        seek(120);
        select("s2");
        export(film, true);
        waitUntil("all three", this::allEnded);
        assertThat(bench.services().exports().entries())
                .extracting(ExportQueue.Entry::state)
                .contains(ExportQueue.State.SKIPPED);
    }

    private boolean allEnded() {
        return bench.services().exports().entries().stream().allMatch(ExportQueue.Entry::ended);
    }

    private void export(Path film, boolean onlyChanged) {
        clickOn("#project-export");
        clickOn("#export-range").clickOn("One file for each shot");
        clickOn("#export-size").clickOn("160 × 90");
        clickOn("#export-format").clickOn("WebM film (VP9)");
        if (onlyChanged) {
            CheckBox box = lookup("#export-only-changed").query();
            clickOn(box, MouseButton.PRIMARY);
        }
        fill("#export-destination", film.toString());
        clickOn("#export-start");
        clickOn("#queue-close");
    }
}
