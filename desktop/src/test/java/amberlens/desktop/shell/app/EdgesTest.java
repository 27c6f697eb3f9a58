package amberlens.desktop.shell.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.DeliveryGuide;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.SettingsEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.edges.Margin;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import amberlens.core.render.frame.PictureRef;
import amberlens.desktop.desk.state.Tools;
import amberlens.desktop.picture.lens.LensProbe;
import amberlens.desktop.picture.table.TableProbe;
import amberlens.desktop.time.score.ScoreProbe;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** Edges, handling and sharpness by mouse and keyboard in the real bench. */
@EnabledIfSystemProperty(
        named = "amber.window",
        matches = "true",
        disabledReason = "needs a real window with modifier keys; run ./amber test")
class EdgesTest extends BenchInteraction {
    private static final Size FRAME = new Size(1920, 1080);
    private static final Size SHEET = new Size(3000, 2000);
    private static final Pose START = Pose.neutral(SHEET, FRAME).withScale(Scale.uniform(80));

    /** A sheet that is turned and zoomed from frame 0 to 100: sealed at both ends, open between them. */
    private static CameraTrack turning() {
        Leg leg = Ease.GENTLE_BOTH.leg();
        return CameraTrack.still(START)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, Scale.uniform(65), leg), Key.of(100, Scale.uniform(130), leg))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION, List.of(Key.of(0, FRAME.centre(), leg), Key.of(100, FRAME.centre(), leg))))
                .withRotation(Channel.keyed(ValueKinds.NUMBER, List.of(Key.of(0, 0.0, leg), Key.of(100, 90.0, leg))));
    }

    @BeforeEach
    void openTheSheet() throws Exception {
        load(CameraTrack.still(START));
    }

    private void load(CameraTrack camera) throws Exception {
        String sheet = DrawnPictures.quarters(folder, "sheet.png", 600, 400).toString();
        Project project = Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", sheet, SHEET)))
                .withShots(List.of(new Shot("s1", "Sheet", "m1", 1, 0, 101, true, camera, Extras.NONE)));
        onFx(() -> {
            bench.desk().prefer(to -> {
                to.setSnapping(false);
                to.setToNearKeys(false);
                to.setLimitPercent(110);
            });
            bench.desk().document().load(project, Optional.empty());
        });
        settle();
    }

    private Pose pose() {
        return bench.desk().cursor().pose().orElseThrow();
    }

    private Point2D onSheet(double x, double y) {
        return at(() -> TableProbe.point(bench.scene(), x, y));
    }

    private boolean sealed() {
        return EdgeReport.of(project().take(shot())).isSealed();
    }

    @Test
    void a_gate_dragged_against_the_side_slides_along_it_until_keep_inside_is_off() {
        Point2D centre = at(() -> TableProbe.centre(bench.scene()));
        dragTo(centre, centre.add(-400, 20));
        Margin margin = Margin.of(pose(), SHEET, FRAME);
        assertThat(margin.framePx()).isCloseTo(0, within(1e-6));
        assertThat(margin.side()).isEqualTo(Side.LEFT);
        assertThat(pose().position().y()).isLessThan(530);
        type(KeyCode.I);
        assertThat(shot().settings().keepInside()).isFalse();
        Point2D now = at(() -> TableProbe.centre(bench.scene()));
        dragTo(now, now.add(-30, 0));
        assertThat(Margin.of(pose(), SHEET, FRAME).framePx()).isLessThan(-10);
    }

    @Test
    void numbers_and_nudges_stop_inside_too_and_say_so() {
        doubleClickOn("#camera-position-x");
        keys(KeyCode.A, KeyCode.CONTROL);
        write("5000\n");
        waitUntil("the side", () -> pose().position().x() == 1200);
        assertThat(text("#status")).startsWith("Kept inside");
        Node table = bench.scene().lookup("#table-surface");
        onFx(table::requestFocus);
        keys(KeyCode.LEFT, KeyCode.CONTROL);
        assertThat(pose().position().x()).isEqualTo(1200);
        keys(KeyCode.RIGHT, KeyCode.CONTROL, KeyCode.SHIFT);
        assertThat(pose().position().x()).isEqualTo(1190);
        assertThat(bench.desk().document().undoName()).contains("nudge gate");
    }

    @Test
    void open_spans_are_stepped_through_and_clicked_to_their_worst_frame() throws Exception {
        load(turning());
        int worst = EdgeReport.of(project().take(shot())).worstFrame();
        assertThat(text("#status")).startsWith("Edge opens");
        type(KeyCode.E);
        assertThat(bench.desk().cursor().shotFrame()).isEqualTo(worst);
        onFx(() -> bench.desk().cursor().seekInShot(0));
        clickOn(at(() -> ScoreProbe.edges(bench.scene(), worst + 3)));
        waitUntil("the worst frame", () -> bench.desk().cursor().shotFrame() == worst);
        onFx(() -> bench.actions().run("edges.lift"));
        assertThat(sealed()).isTrue();
        type(KeyCode.HOME);
        keys(KeyCode.E, KeyCode.SHIFT);
        assertThat(bench.desk().cursor().shotFrame()).isPositive();
    }

    @Test
    void seal_shows_each_way_before_it_is_accepted_and_keeps_a_locked_framing() throws Exception {
        load(turning());
        Project before = project();
        keys(KeyCode.Q, KeyCode.SHIFT);
        keys(KeyCode.ESCAPE);
        type(KeyCode.S);
        waitUntil("the ways", () -> text("#seal-cost-lift").startsWith("no:"));
        assertThat(text("#seal-cost-lift")).contains("this would help: a limit of");
        onFx(() -> bench.desk().prefer(to -> to.setLimitPercent(250)));
        waitUntil("a lift", () -> text("#seal-cost-lift").startsWith("scale +"));
        clickOn("#seal-lift");
        waitUntil("the preview", () -> sealed() && !project().equals(before));
        assertThat(bench.desk().document().settled()).isEqualTo(before);
        clickOn("#seal-lock-2");
        waitUntil("the lock", () -> shot().settings().locked().equals(new java.util.TreeSet<>(List.of(100))));
        waitUntil("no lift", () -> text("#seal-cost-lift").contains("locked"));
        waitUntil("least change", () -> text("#seal-cost-least").startsWith("scale"));
        clickOn("#seal-least");
        clickOn("#seal-accept");
        waitUntil("a sealed move", () -> bench.desk().document().settled().equals(project()) && sealed());
        assertThat(shot().camera().at(100)).isEqualTo(turning().at(100));
        assertThat(bench.desk().tools().sealing()).isFalse();
        assertThat(bench.desk().document().undoName()).contains("seal by least change");
        keys(KeyCode.Z, KeyCode.CONTROL);
        assertThat(shot().camera()).isEqualTo(turning());
    }

    @Test
    void an_offer_to_seal_is_left_with_escape_and_nothing_has_changed() throws Exception {
        load(turning());
        Project before = project();
        onFx(() -> bench.desk().prefer(to -> to.setLimitPercent(250)));
        type(KeyCode.S);
        waitUntil("the preview", () -> !project().equals(before));
        type(KeyCode.ESCAPE);
        waitUntil("the move as it was", () -> project().equals(before));
        assertThat(bench.desk().document().steps()).isEmpty();
    }

    @Test
    void a_shot_not_meant_to_fill_the_frame_is_not_judged() throws Exception {
        load(turning());
        keys(KeyCode.I, KeyCode.SHIFT);
        waitUntil("no judgement", () -> text("#status").contains("need not fill"));
        assertThat(bench.scene().lookup("#open-edges").isVisible()).isFalse();
    }

    @Test
    void the_anchor_is_moved_in_place_and_with_alt_the_picture_jumps() {
        Point2D grip = at(() -> TableProbe.anchorGrip(bench.scene(), bench.desk()));
        dragTo(grip, grip.add(60, 30));
        assertThat(pose().anchor().x()).isGreaterThan(1600);
        assertThat(pose().gateCentre(FRAME).x()).isCloseTo(1500, within(1e-6));
        type(KeyCode.I);
        Point2D again = at(() -> TableProbe.anchorGrip(bench.scene(), bench.desk()));
        FramePoint position = pose().position();
        dragWith(KeyCode.ALT, again, again.add(40, 0));
        assertThat(pose().position()).isEqualTo(position);
        assertThat(pose().gateCentre(FRAME).x()).isGreaterThan(1600);
    }

    @Test
    void the_anchor_is_put_on_one_of_nine_places_or_the_subject() {
        clickOn("#more-anchor").clickOn("#anchor-places").clickOn("#anchor-upper-left");
        waitUntil("the corner", () -> pose().anchor().equals(new PicturePoint(0, 0)));
        assertThat(pose().gateCentre(FRAME).x()).isCloseTo(1500, within(1e-6));
    }

    @Test
    void a_line_along_a_horizon_levels_the_picture() {
        type(KeyCode.L);
        assertThat(text("#status")).contains("Draw a line");
        dragTo(onSheet(300, 900), onSheet(2700, 1080));
        double slope = Math.toDegrees(Math.atan2(180, 2400));
        assertThat(pose().degrees()).isCloseTo(-slope, within(0.35));
        assertThat(bench.desk().tools().tool()).isEqualTo(Tools.Tool.HAND);
        assertThat(bench.desk().document().undoName()).contains("levelling");
    }

    @Test
    void the_gate_takes_a_box_that_is_drawn() {
        type(KeyCode.B);
        dragTo(onSheet(600, 500), onSheet(1800, 1000));
        PicturePoint upper = pose().toPicture(new FramePoint(0, 0));
        PicturePoint lower = pose().toPicture(new FramePoint(1920, 1080));
        assertThat(upper.x()).isCloseTo(600, within(8.0));
        assertThat(lower.x()).isCloseTo(1800, within(8.0));
        assertThat(upper.y()).isLessThanOrEqualTo(508);
        assertThat(lower.y()).isGreaterThanOrEqualTo(992);
    }

    @Test
    void side_handles_zoom_one_unlinked_axis() {
        onFx(() -> bench.desk().document().apply(CameraEdits.setLinked("s1", Properties.SCALE, false)));
        Point2D side = at(() -> TableProbe.side(bench.scene(), Side.RIGHT));
        Point2D centre = at(() -> TableProbe.centre(bench.scene()));
        dragTo(side, centre.add(side.subtract(centre).multiply(0.8)));
        assertThat(pose().scale().x()).isCloseTo(100, within(2.0));
        assertThat(pose().scale().y()).isEqualTo(80);
    }

    @Test
    void a_gate_snaps_to_the_side_unless_control_is_held() {
        onFx(() -> bench.desk().prefer(to -> to.setSnapping(true)));
        Point2D centre = at(() -> TableProbe.centre(bench.scene()));
        double perScreen = at(() -> TableProbe.point(bench.scene(), 1000, 0)).getX()
                - onSheet(0, 0).getX();
        double toSide = 300 * perScreen / 1000;
        dragTo(centre, centre.add(4 - toSide, 31));
        assertThat(pose().toPicture(new FramePoint(0, 0)).x()).isCloseTo(0, within(1e-6));
        dragWith(KeyCode.CONTROL, at(() -> TableProbe.centre(bench.scene())), centre.add(5 - toSide, 31));
        assertThat(pose().toPicture(new FramePoint(0, 0)).x()).isGreaterThan(1);
    }

    @Test
    void several_framings_are_moved_together() throws Exception {
        load(turning());
        onFx(() -> bench.desk().document().apply(SettingsEdits.setKeepInside("s1", false)));
        onFx(() -> bench.desk().cursor().seekInShot(50));
        Point2D first = at(() -> TableProbe.tag(bench.scene(), bench.desk(), 0));
        Point2D last = at(() -> TableProbe.tag(bench.scene(), bench.desk(), 100));
        clickOn(first);
        onFx(() -> bench.desk().cursor().seekInShot(50));
        press(KeyCode.SHIFT)
                .moveTo(last)
                .press(MouseButton.PRIMARY)
                .release(MouseButton.PRIMARY)
                .release(KeyCode.SHIFT);
        onFx(() -> bench.desk().cursor().seekInShot(50));
        PicturePoint before = shot().camera().at(100).gateCentre(FRAME);
        dragTo(first, first.add(30, 10));
        PicturePoint after = shot().camera().at(100).gateCentre(FRAME);
        assertThat(after.x()).isGreaterThan(before.x() + 50);
        assertThat(shot().camera().at(0).gateCentre(FRAME).x()).isCloseTo(after.x(), within(1e-6));
        assertThat(bench.desk().document().undoName()).contains("move 2 framings");
    }

    @Test
    void a_subject_is_put_and_held_at_its_place_in_every_framing() throws Exception {
        load(turning());
        onFx(() -> bench.desk().document().apply(SettingsEdits.setKeepInside("s1", false)));
        type(KeyCode.U);
        clickOn(onSheet(1200, 900));
        waitUntil("the subject", () -> shot().settings().subject().isPresent());
        PicturePoint subject = shot().settings().subject().orElseThrow();
        FramePoint place = pose().toFrame(subject);
        keys(KeyCode.H, KeyCode.SHIFT);
        for (int frame = 0; frame <= 100; frame += 5) {
            assertThat(shot().camera().at(frame).toFrame(subject).distance(place))
                    .isLessThan(1e-6);
        }
        keys(KeyCode.Z, KeyCode.CONTROL);
        type(KeyCode.H);
        for (int frame : Framings.of(shot().camera())) {
            assertThat(shot().camera().at(frame).toFrame(subject).distance(place))
                    .isLessThan(1e-6);
        }
    }

    @Test
    void a_kept_version_is_compared_by_one_key() {
        keys(KeyCode.K, KeyCode.SHIFT);
        CameraTrack first = shot().camera();
        keys(KeyCode.RIGHT, KeyCode.CONTROL, KeyCode.SHIFT);
        CameraTrack second = shot().camera();
        assertThat(second).isNotEqualTo(first);
        type(KeyCode.K);
        assertThat(shot().camera()).isEqualTo(first);
        type(KeyCode.K);
        assertThat(shot().camera()).isEqualTo(second);
    }

    @Test
    void the_lens_looks_closely_flips_to_the_ends_and_shows_them_side_by_side() {
        Project before = project();
        type(KeyCode.V);
        assertThat(text("#lens-zoom")).isEqualTo("1:1");
        Point2D middle = at(() -> {
            var lens = bench.scene().lookup("#lens-surface");
            return lens.localToScreen(
                    lens.getLayoutBounds().getCenterX(), lens.getLayoutBounds().getCenterY());
        });
        dragTo(middle, middle.add(-40, -30));
        assertThat(project()).isEqualTo(before);
        press(KeyCode.X);
        waitUntil("the last frame", () -> bench.desk().tools().peek() == 1);
        release(KeyCode.X);
        waitUntil("the current frame", () -> bench.desk().tools().peek() == 0);
        type(KeyCode.W);
        assertThat(bench.desk().tools().lensShow()).isEqualTo(Tools.LensShow.ENDS);
        type(KeyCode.D);
        assertThat(bench.desk().tools().lensShow()).isEqualTo(Tools.LensShow.DIFFERENCE);
        type(KeyCode.D);
        assertThat(bench.desk().tools().lensShow()).isEqualTo(Tools.LensShow.NOW);
    }

    @Test
    void edges_are_judged_for_a_delivery_guide_when_asked() throws Exception {
        load(turning());
        clickOn("#guides").clickOn("Delivery guide 1:1");
        clickOn("#guides").clickOn("Check edges and room for the delivery guide");
        waitUntil(
                "the delivery guide",
                () -> bench.desk().tools().judgedDelivery().equals(Optional.of(DeliveryGuide.SQUARE)));
        assertThat(bench.services().facts().edges(project(), shot()).worst().framePx())
                .isGreaterThan(EdgeReport.of(project().take(shot())).worst().framePx() + 50);
    }

    @Test
    void sharpness_names_the_worst_frame_and_the_sizes_that_would_do() throws Exception {
        load(turning());
        keys(KeyCode.Q, KeyCode.SHIFT);
        assertThat(text("#sharpness-worst")).contains("130.0 % at most").contains("soft");
        assertThat(lookup(".would-not").queryAll()).hasSize(4);
        TextField limit = lookup("#sharpness-limit").query();
        onFx(limit::requestFocus);
        keys(KeyCode.A, KeyCode.CONTROL);
        write("200\n");
        waitUntil("more sizes", () -> lookup(".would-not").queryAll().size() == 2);
    }

    @Test
    void the_table_is_zoomed_and_panned_without_changing_the_project() {
        Project before = project();
        Point2D left = onSheet(0, 1000);
        moveTo(onSheet(1500, 1000));
        scroll(4, javafx.geometry.VerticalDirection.DOWN);
        assertThat(onSheet(0, 1000).getX()).isNotCloseTo(left.getX(), within(2.0));
        type(KeyCode.F);
        Point2D corner = onSheet(0, 0);
        dragTo(corner.add(-8, -8), corner.add(30, 20));
        assertThat(onSheet(0, 0).getX()).isCloseTo(corner.getX() + 38, within(4.0));
        assertThat(project()).isEqualTo(before);
    }

    @Test
    void all_shots_are_sealed_at_once_as_one_step() throws Exception {
        load(turning());
        onFx(() -> {
            Shot open = shot();
            CameraTrack far = CameraTrack.still(START.withDegrees(40));
            bench.desk()
                    .document()
                    .load(
                            project()
                                    .withShots(List.of(
                                            open,
                                            new Shot("s2", "Stem", "m1", 1, 101, 50, true, far, Extras.NONE),
                                            new Shot("s3", "Root", "m1", 1, 151, 50, true, turning(), Extras.NONE))),
                            Optional.empty());
            bench.desk().prefer(to -> to.setLimitPercent(145));
        });
        type(KeyCode.S);
        waitUntil("a way", () -> text("#seal-cost-least").startsWith("scale"));
        clickOn("#seal-scope").clickOn("all shots");
        clickOn("#seal-accept");
        waitUntil("the outcome", () -> text("#status").contains("shots sealed"));
        assertThat(bench.desk().document().undoName()).contains("seal 3 shots");
        for (Shot each : project().shots()) {
            assertThat(EdgeReport.of(project().take(each)).isSealed()).isTrue();
        }
        assertThat(bench.desk().document().steps()).hasSize(1);
    }

    @Test
    void the_picture_is_zoomed_by_its_handles_in_the_lens() {
        clickOn("#guides").clickOn("Handles: zoom, turn and anchor of the picture");
        Point2D corner = at(() -> LensProbe.corner(bench.scene()));
        Point2D centre = at(() -> LensProbe.centre(bench.scene()));
        dragTo(corner, centre.add(corner.subtract(centre).multiply(1.2)));
        assertThat(pose().scale().x()).isBetween(93.0, 99.0);
        assertThat(pose().gateCentre(FRAME).x()).isCloseTo(1500, within(1e-6));
        assertThat(bench.desk().document().undoName()).contains("zoom picture");
    }

    @Test
    void an_inset_stands_on_a_blurred_copy_and_is_judged_by_its_opaque_bounds_when_asked() {
        onFx(() -> bench.actions().run("shot.backdrop-blurred"));
        assertThat(shot().settings().backdrop()).isEqualTo(Backdrop.BLURRED);
        waitUntil(
                "the picture",
                () -> bench.services()
                                .ready()
                                .of(PictureRef.of(project().media().getFirst(), 0))
                        != null);
        onFx(() -> bench.actions().run("edges.opaque"));
        waitUntil("the bounds", () -> shot().settings().opaqueOnly());
        assertThat(project().media().getFirst().opaque()).isPresent();
        onFx(() -> bench.actions().run("shot.backdrop-colour"));
        TextField colour = lookup("#backdrop-colour").query();
        onFx(() -> colour.setText("amber"));
        type(KeyCode.ENTER);
        assertThat(text("#form-note")).contains("a colour is written like");
        onFx(() -> colour.setText("#224466"));
        type(KeyCode.ENTER);
        waitUntil("the colour", () -> shot().settings().backdrop().equals(new Backdrop.Plain(new Colour(0x224466))));
    }
}
