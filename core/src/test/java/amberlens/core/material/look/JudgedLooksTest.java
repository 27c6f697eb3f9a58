package amberlens.core.material.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomMoves;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Mirror;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.CameraEdits;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.judge.sharpness.Enlargement;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Depth;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Looks never change which frames are sealed, except crop, round corners and masks that cut. */
class JudgedLooksTest {
    private static final Size PICTURE = new Size(2400, 1600);
    private static final Size FRAME = new Size(1920, 1080);

    private static Project with(CameraTrack camera, int length) {
        return Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", "/plan.jpg", PICTURE)))
                .withShots(List.of(new Shot("s1", "Plan", "m1", 1, 0, length, true, camera, Extras.NONE)));
    }

    private static Shot shot(Project project) {
        return project.shot("s1").orElseThrow();
    }

    private static Project looking(Project project, LookSet set) {
        return LookEdits.add(Set.of("s1"), set).apply(project);
    }

    private static EdgeReport edges(Project project) {
        return EdgeReport.of(project.take(shot(project)));
    }

    private static LookDraft draft(int length) {
        return new LookDraft(PICTURE, FRAME, length);
    }

    @Property(tries = 60)
    void looks_that_cut_nothing_leave_every_margin_as_it_is(
            @ForAll @IntRange(min = 0, max = 1_000_000) int seed, @ForAll StockLook look) {
        Take take = RandomMoves.any(new Random(seed), 60, false);
        Project before = Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", "/plan.jpg", take.picture())))
                .withFrame(Project.empty("Fernhollow").frame())
                .withShots(
                        List.of(new Shot("s1", "Plan", "m1", 1, 0, take.length(), true, take.camera(), Extras.NONE)));
        Project after = looking(before, look.make(take.picture(), FRAME, take.length()));
        assertThat(shot(after).looks()).isNotEmpty();
        if (look != StockLook.PAPER_CARD) {
            assertThat(edges(after).margins()).isEqualTo(edges(before).margins());
        }
        assertThat(Enlargement.greatest(after.take(shot(after))))
                .isEqualTo(Enlargement.greatest(before.take(shot(before))));
    }

    /** A picture without its left tenth is one whose left side lies 240 pixels further in. */
    @Test
    void a_crop_is_judged_by_what_remains() {
        Project plain = with(CameraTrack.still(Pose.neutral(PICTURE, FRAME)), 10);
        assertThat(edges(plain).worst().framePx()).isEqualTo(240);
        Project cropped = looking(
                plain,
                draft(10).add(LookKinds.CROP).set(LookKinds.CROP_LEFT, 10.0).named("Crop"));
        assertThat(edges(cropped).worst().framePx()).isCloseTo(0, within(1e-9));
        assertThat(edges(cropped).isSealed()).isTrue();
        Project open = looking(
                plain,
                draft(10).add(LookKinds.CROP).set(LookKinds.CROP_LEFT, 12.0).named("Crop"));
        assertThat(edges(open).worst().framePx()).isCloseTo(-48, within(1e-9));
        assertThat(edges(open).worst().side().word()).isEqualTo("left");
    }

    @Test
    void a_crop_that_moves_opens_the_edge_where_it_passes_the_frame() {
        Project plain = with(CameraTrack.still(Pose.neutral(PICTURE, FRAME)), 101);
        LookSet crop = draft(101).add(LookKinds.CROP).named("Crop");
        var left = crop.looks().getFirst().own(LookKinds.CROP_LEFT);
        CameraTrack keyed = crop.camera()
                .with(
                        left,
                        Channel.keyed(
                                ValueKinds.NUMBER, List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(100, 20.0, Leg.LINEAR))));
        EdgeReport report = edges(looking(plain, crop.withCamera(keyed)));
        assertThat(report.open()).hasSize(1);
        assertThat(report.open().getFirst().span().from()).isEqualTo(51);
        assertThat(report.worst().framePx()).isCloseTo(-240, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(
            value = SealWay.class,
            names = {"LIFT", "LEAST"})
    void a_cropped_picture_is_sealed_by_what_remains(SealWay way) {
        Pose turned = Pose.neutral(PICTURE, FRAME).withDegrees(3).withScale(Scale.uniform(90));
        Project cropped = looking(
                with(CameraTrack.still(turned), 5),
                draft(5).add(LookKinds.CROP)
                        .set(LookKinds.CROP_LEFT, 8.0)
                        .set(LookKinds.CROP_BOTTOM, 5.0)
                        .named("Crop"));
        assertThat(edges(cropped).isSealed()).isFalse();
        SealResult result = SealEdits.seal(cropped, shot(cropped), way, SealTerms.free());
        assertThat(result).isInstanceOf(SealResult.Sealed.class);
        CameraTrack camera = ((SealResult.Sealed) result).camera();
        Project sealed = cropped.withShots(List.of(shot(cropped).withCamera(camera)));
        assertThat(edges(sealed).isSealed()).isTrue();
        assertThat(edges(sealed).worst().framePx()).isCloseTo(0, within(0.01));
        assertThat(shot(sealed).looks()).isEqualTo(shot(cropped).looks());
        assertThat(shot(sealed)
                        .camera()
                        .get(shot(sealed).looks().getFirst().own(LookKinds.CROP_LEFT))
                        .at(0))
                .isEqualTo(8.0);
    }

    /** The frame's corner lies on the round corner's circle just where the rectangle within does. */
    @Test
    void round_corners_are_judged_by_the_rectangle_that_lies_within() {
        var square = new Size(1000, 1000);
        Project plain = Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", "/plan.jpg", square)))
                .withShots(List.of(new Shot(
                        "s1",
                        "Plan",
                        "m1",
                        1,
                        0,
                        3,
                        true,
                        CameraTrack.still(Pose.neutral(square, FRAME).withScale(Scale.uniform(400))),
                        Extras.NONE)));
        double before = edges(plain).worst().framePx();
        LookSet round = new LookDraft(square, FRAME, 3)
                .add(LookKinds.CARD)
                .set(LookKinds.CARD_RADIUS, 10.0)
                .named("Round");
        double less = 100 * (1 - Math.sqrt(0.5)) * 4;
        assertThat(edges(looking(plain, round)).worst().framePx()).isCloseTo(before - less, within(1e-6));
    }

    @Test
    void a_shot_out_of_which_a_mask_cuts_is_not_judged_but_one_with_a_spotlight_is() {
        Project plain = with(CameraTrack.still(Pose.neutral(PICTURE, FRAME)), 10);
        Project cut = looking(plain, StockLook.single(LookKinds.MASK, PICTURE, FRAME, 10));
        assertThat(cut.judges(shot(cut))).isFalse();
        Project lit = looking(plain, StockLook.DIM_SURROUND.make(PICTURE, FRAME, 10));
        assertThat(lit.judges(shot(lit))).isTrue();
        Look mask = shot(cut).looks().getFirst();
        Project aside = LookEdits.switchOn("s1", mask, false).apply(cut);
        assertThat(aside.judges(shot(aside))).isTrue();
    }

    @Test
    void a_mirrored_picture_is_cropped_on_its_own_left_side() {
        Pose right = Pose.neutral(PICTURE, FRAME).withPosition(new FramePoint(1100, 540));
        Project cropped = looking(
                with(CameraTrack.still(right), 3),
                draft(3).add(LookKinds.CROP).set(LookKinds.CROP_LEFT, 5.0).named("Crop"));
        double straight = edges(cropped).worst().framePx();
        Project mirrored =
                cropped.mapShot("s1", shot -> shot.withSettings(shot.settings().withMirror(Mirror.HORIZONTAL)));
        assertThat(straight).isCloseTo(240 - 140 - 120, within(1e-9));
        assertThat(edges(mirrored).worst().framePx()).isCloseTo(240 - 140, within(1e-9));
    }

    @Test
    void a_leaning_picture_without_its_sides_is_one_with_its_sides_further_in() {
        Pose leaning =
                Pose.neutral(PICTURE, FRAME).withDepth(Depth.FLAT.withYaw(15)).withScale(Scale.uniform(120));
        CameraTrack camera = CameraTrack.still(leaning).with(Properties.YAW, Channel.constant(ValueKinds.NUMBER, 15.0));
        Project plain = with(camera, 2);
        Project cropped = looking(
                plain,
                draft(2).add(LookKinds.CROP)
                        .set(LookKinds.CROP_LEFT, 10.0)
                        .set(LookKinds.CROP_RIGHT, 5.0)
                        .named("Crop"));
        Pose in = leaning.in(PICTURE, FRAME);
        double left = outside(in, 240);
        double right = outside(in, 2400 - 120);
        double margin = edges(cropped).worst().framePx();
        assertThat(margin).isLessThan(edges(plain).worst().framePx());
        assertThat(margin).isCloseTo(Math.min(left, right), within(1e-6));
    }

    /** The least distance of the frame's corners from the line of a column of the picture, as it leans. */
    private static double outside(Pose pose, double column) {
        var top = pose.toFrame(new PicturePoint(column, 0));
        var bottom = pose.toFrame(new PicturePoint(column, 1600));
        double sign = column < 1200 ? 1 : -1;
        double least = Double.POSITIVE_INFINITY;
        for (double x : new double[] {0, 1920}) {
            for (double y : new double[] {0, 1080}) {
                double dx = bottom.x() - top.x();
                double dy = bottom.y() - top.y();
                double cross = dy * (x - top.x()) - dx * (y - top.y());
                least = Math.min(least, sign * cross / Math.hypot(dx, dy));
            }
        }
        return least;
    }

    @Test
    void equal_keys_of_a_look_are_dead_still_between() {
        LookSet soft = draft(50)
                .add(LookKinds.SOFTNESS)
                .change(LookKinds.SIGMA, 7.3, 7.3, 0, 1)
                .named("Soft");
        Look look = soft.looks().getFirst();
        for (double at = 0; at < 50; at += 0.37) {
            assertThat(look.at(soft.camera(), LookKinds.SIGMA, at)).isEqualTo(7.3);
        }
        assertThat(Properties.ALL).doesNotContain(look.own(LookKinds.SIGMA));
    }

    /** A twentieth, 120 pixels, is gone at the left, so that the picture can only go so far to the right as it is seen. */
    @Test
    void a_hand_is_kept_inside_what_remains() {
        Project cropped = looking(
                with(CameraTrack.still(Pose.neutral(PICTURE, FRAME)), 5),
                draft(5).add(LookKinds.CROP).set(LookKinds.CROP_LEFT, 5.0).named("Crop"));
        Pose wanted = Pose.neutral(PICTURE, FRAME).withPosition(new FramePoint(1160, 540));
        Project moved = CameraEdits.setPose("drag", "s1", 0, wanted).apply(cropped);
        assertThat(shot(moved).camera().at(0).position().x()).isCloseTo(960 + 120, within(1e-6));
        assertThat(edges(moved).isSealed()).isTrue();
    }
}
