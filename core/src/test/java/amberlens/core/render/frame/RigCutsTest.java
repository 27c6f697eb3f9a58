package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.check.CheckWords;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.Mask;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What looks of a rig cut away shows the ground, so no shot below is called sealed then. */
class RigCutsTest {
    private static final Size FRAME = new Size(192, 108);
    private static final Size PICTURE = new Size(480, 320);
    private static final Colour GROUND = TestPictures.MAGENTA;

    private static Project under(LookSet looks, double rigPercent) {
        Pose full = Pose.neutral(PICTURE, FRAME);
        Pose rig = Pose.neutral(FRAME, FRAME).withScale(Scale.uniform(rigPercent));
        var bed = new Shot("bed", "Bed", "m1", 1, 0, 11, true, CameraTrack.still(full), Extras.NONE);
        var laid = new Shot("rig", "Drift", "r1", 2, 0, 11, true, CameraTrack.still(rig), Extras.NONE);
        Project project = Project.empty("Fernhollow")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), GROUND))
                .withMedia(List.of(Media.photo("m1", "/bed.png", PICTURE), Media.rig("r1", FRAME)))
                .withShots(List.of(bed, laid));
        return LookEdits.add(Set.of("rig"), looks).apply(project);
    }

    private static long ground(Project project) {
        var picture = TestPictures.pyramid(PICTURE, (_, _) -> 0.5);
        FrameRaster raster = Compositor.compose(
                LineUpFrame.layers(project, 0, FRAME, _ -> new Picture.Pixels(picture)), GROUND, FRAME, Rows.ALONE);
        return TestPictures.ofMagenta(raster, FRAME);
    }

    private static ShotCheck check(Project project) {
        return ShotCheck.of(project, project.shots().getFirst());
    }

    private static LookDraft draft() {
        return new LookDraft(FRAME, FRAME, 11);
    }

    private static LookSet crop(double top, double bottom) {
        return draft().add(LookKinds.CROP)
                .set(LookKinds.CROP_TOP, top)
                .set(LookKinds.CROP_BOTTOM, bottom)
                .named("crop");
    }

    @Test
    void aCropOfARigCutsAllBelowAndOpensItsEdges() {
        Project cropped = under(crop(10, 0), 100);
        assertThat(ground(cropped)).isBetween(10L * FRAME.width(), 12L * FRAME.width());
        assertThat(check(cropped).sealed()).isFalse();
        assertThat(check(cropped).edges().worst().framePx()).isCloseTo(-10.8, within(1e-4));
        assertThat(SealEdits.seal(cropped, cropped.shots().getFirst(), SealWay.LIFT, SealTerms.free()))
                .isInstanceOfSatisfying(SealResult.Refused.class, refused -> assertThat(refused.reason())
                        .contains("a crop or a card of a rig over \"Bed\" cuts into the frame"));
    }

    /** Sides that are not cropped cut nothing, although the rig is smaller than the frame there. */
    @Test
    void whatIsCroppedOutsideOfTheFrameOpensNothing() {
        Project outside = under(crop(10, 10), 130);
        assertThat(ground(outside)).isZero();
        assertThat(check(outside).sealed()).isTrue();
        Project smaller = under(crop(0.5, 0), 90);
        assertThat(check(smaller).sealed()).isFalse();
        Project uncut = under(crop(0, 0), 90);
        assertThat(ground(uncut)).isZero();
        assertThat(check(uncut).sealed()).isTrue();
    }

    @Test
    void roundCornersOfARigAreSeenUnlessTheyLieOutside() {
        LookSet round =
                draft().add(LookKinds.CARD).set(LookKinds.CARD_RADIUS, 20.0).named("card");
        assertThat(ground(under(round, 100))).isPositive();
        assertThat(check(under(round, 100)).sealed()).isFalse();
        assertThat(ground(under(round, 125))).isZero();
        assertThat(check(under(round, 125)).sealed()).isTrue();
    }

    @Test
    void aMaskOfARigThatCutsIsMeantToBeSeen() {
        LookSet mask = draft().add(LookKinds.MASK)
                .choose(LookKinds.MODE, Mask.Mode.CUT)
                .set(LookKinds.MASK_SIZE, new FramePoint(60, 40))
                .named("mask");
        Project masked = under(mask, 100);
        assertThat(ground(masked)).isPositive();
        assertThat(check(masked).judged()).isFalse();
        assertThat(CheckWords.edges(masked, check(masked)))
                .containsExactly("not checked: a mask of the rig \"Drift\" cuts a shape out of it");
    }
}
