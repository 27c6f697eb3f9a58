package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.edit.check.CheckWords;
import amberlens.core.edit.check.ShotCheck;
import amberlens.core.edit.edits.SealEdits;
import amberlens.core.judge.seal.SealResult;
import amberlens.core.judge.seal.SealTerms;
import amberlens.core.judge.seal.SealWay;
import amberlens.core.material.layering.Fade;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A shot that dissolves from another one longer than both are there lets the ground through. */
class DissolveOverlapTest {
    private static final Size FRAME = new Size(96, 54);
    private static final Size PICTURE = new Size(240, 160);
    private static final Colour GROUND = TestPictures.MAGENTA;

    private static Shot shot(String id, int track, int start, int length) {
        CameraTrack camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME));
        return new Shot(id, id, "m1", track, start, length, true, camera, Extras.NONE);
    }

    /** The first shot lasts 20 frames, the second begins in its frame 12. */
    private static Project project(int dissolve, Shot... more) {
        Shot second = shot("second", 2, 12, 20);
        List<Shot> shots = new ArrayList<>(List.of(
                shot("first", 2, 0, 20),
                second.withLayering(second.layering().withEnter(Optional.of(Fade.over(dissolve))))));
        shots.addAll(List.of(more));
        return Project.empty("Beds")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), GROUND))
                .withMedia(List.of(Media.photo("m1", "/bed.png", PICTURE)))
                .withShots(shots);
    }

    private static boolean showsGround(Project project, int frame) {
        var picture = TestPictures.pyramid(PICTURE, (_, _) -> 0.5);
        FrameRaster raster = Compositor.compose(
                LineUpFrame.layers(project, frame, FRAME, _ -> new Picture.Pixels(picture)), GROUND, FRAME, Rows.ALONE);
        return TestPictures.ofMagenta(raster, FRAME) > 0;
    }

    private static ShotCheck check(Project project) {
        return ShotCheck.of(project, project.shot("second").orElseThrow());
    }

    @Test
    void theFramesThatShowTheGroundAreOpen() {
        Project longer = project(14);
        List<Integer> ground = new ArrayList<>();
        for (int frame = 0; frame < 32; frame++) {
            if (showsGround(longer, frame)) {
                ground.add(frame - 12);
            }
        }
        assertThat(ground).containsExactly(8, 9, 10, 11, 12, 13);
        assertThat(check(longer).edges().open()).singleElement().satisfies(open -> assertThat(open.span())
                .isEqualTo(new FrameSpan(8, 13)));
        assertThat(CheckWords.edges(longer, check(longer)))
                .singleElement()
                .asString()
                .contains("the shot before it ends while it still dissolves");
        assertThat(SealEdits.seal(longer, longer.shot("second").orElseThrow(), SealWay.LIFT, SealTerms.free()))
                .isInstanceOfSatisfying(SealResult.Refused.class, refused -> assertThat(refused.reason())
                        .contains("shorten the dissolve or lengthen that shot"));
    }

    @Test
    void aDissolveWithinTheOverlapIsSealedAndSoIsOneOverAPictureThatFillsTheFrame() {
        assertThat(check(project(8)).sealed()).isTrue();
        assertThat(showsGround(project(8), 19)).isFalse();
        Project below = project(14, shot("below", 1, 0, 40));
        assertThat(check(below).sealed()).isTrue();
        assertThat(showsGround(below, 22)).isFalse();
        assertThat(check(project(14).withShots(List.of(project(14).shots().getLast())))
                        .sealed())
                .as("a fade from the ground is meant so")
                .isTrue();
    }
}
