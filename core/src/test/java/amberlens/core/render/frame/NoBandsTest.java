package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleBinaryOperator;
import org.junit.jupiter.api.Test;

/** What is smooth in light is smooth in 8 bits: whole frames beside the same ones at 16 bits. */
class NoBandsTest {
    private static final Size FRAME = new Size(640, 352);
    private static final Size PICTURE = new Size(640, 352);
    private static final int BLOCK = 16;

    private static Project project(Shot... shots) {
        return Project.empty("smooth")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK))
                .withMedia(List.of(Media.photo("m1", "/sky.png", PICTURE)))
                .withShots(List.of(shots));
    }

    private static Shot shot(String id, int track, double percent, boolean fills) {
        Pose pose = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(percent));
        return new Shot(id, id, "m1", track, 0, 10, fills, CameraTrack.still(pose), Extras.NONE);
    }

    private static Project looking(Project project, String shot, LookSet set) {
        return LookEdits.add(Set.of(shot), set).apply(project);
    }

    private static LookDraft draft() {
        return new LookDraft(PICTURE, FRAME, 10);
    }

    private static void isSmooth(Project project, DoubleBinaryOperator light) {
        Pyramid picture = TestPictures.pyramid(PICTURE, light);
        List<? extends Seen> seen = LineUpFrame.layers(project, 0, FRAME, _ -> new Picture.Pixels(picture));
        FrameRaster frame = Compositor.compose(seen, Colour.BLACK, FRAME, Rows.ALONE);
        DeepRaster deep = Compositor.composeDeep(seen, Optional.of(Colour.BLACK), FRAME, Rows.ALONE);
        for (int top = 0; top < FRAME.height(); top += BLOCK) {
            for (int left = 0; left < FRAME.width(); left += BLOCK) {
                double sum = 0;
                double squares = 0;
                for (int i = 0; i < BLOCK * BLOCK; i++) {
                    int x = left + i % BLOCK;
                    int y = top + i / BLOCK;
                    double off = code(frame, x, y) - exact(deep, x, y);
                    sum += off;
                    squares += off * off;
                }
                assertThat(sum / BLOCK / BLOCK)
                        .as("mean from %d, %d on", left, top)
                        .isCloseTo(0, within(0.15));
                assertThat(Math.sqrt(squares / BLOCK / BLOCK)).isLessThanOrEqualTo(0.6);
            }
        }
        for (int y = 0; y < FRAME.height(); y += 5) {
            hasNoLongRun(frame, deep, y);
        }
    }

    private static int code(FrameRaster frame, int x, int y) {
        return frame.rgb(x, y) >> 8 & 0xFF;
    }

    private static double exact(DeepRaster deep, int x, int y) {
        return deep.code(x, y, 1) / 257.0;
    }

    /** Where the light goes on changing, its code does not stay for longer than 40 pixels. */
    private static void hasNoLongRun(FrameRaster frame, DeepRaster deep, int y) {
        int from = 0;
        for (int x = 1; x < FRAME.width(); x++) {
            boolean same = code(frame, x, y) == code(frame, x - 1, y);
            boolean changes = Math.abs(exact(deep, x, y) - exact(deep, Math.max(0, x - 8), y)) > 0.015;
            if (!same || !changes) {
                from = x;
            }
            assertThat(x - from).as("run in row %d that ends at %d", y, x).isLessThan(40);
        }
    }

    @Test
    void a_vignette_over_even_grey() {
        Project project = looking(
                project(shot("s1", 1, 100, true)),
                "s1",
                draft().add(LookKinds.VIGNETTE).set(LookKinds.STRENGTH, 30.0).named("dark corners"));
        isSmooth(project, (_, _) -> Srgb.toLinear(118 / 255.0));
    }

    @Test
    void a_wide_shadow() {
        Project project = looking(
                project(shot("low", 1, 100, true), shot("card", 2, 30, false)),
                "card",
                draft().add(LookKinds.SHADOW)
                        .set(LookKinds.SHADOW_SIGMA, 60.0)
                        .set(LookKinds.SHADOW_OPACITY, 25.0)
                        .named("shadow"));
        isSmooth(project, (_, _) -> Srgb.toLinear(180 / 255.0));
    }

    @Test
    void a_fade_into_black() {
        isSmooth(project(shot("s1", 1, 100, true)), (x, _) -> Srgb.toLinear((6 - x / 110.0) / 255));
    }

    @Test
    void a_ramp_of_sixteen_bits_at_three_hundred_per_cent() {
        isSmooth(project(shot("s1", 1, 300, true)), (x, _) -> Srgb.toLinear((140 + x / 107.0) / 255));
    }

    @Test
    void a_picture_of_eight_bits_that_is_shown_as_it_is_stays_code_for_code() {
        Project project = project(shot("s1", 1, 100, true));
        Pyramid picture = TestPictures.noise(PICTURE, 4);
        FrameRaster frame = Compositor.compose(
                LineUpFrame.layers(project, 0, FRAME, _ -> new Picture.Pixels(picture)),
                Colour.BLACK,
                FRAME,
                Rows.ALONE);
        int[] codes = TestPictures.noiseCodes(PICTURE, 4);
        for (int i = 0; i < codes.length; i++) {
            int x = i % FRAME.width();
            int y = i / FRAME.width();
            int same = codes[i] & 0xFF00 | (codes[i] & 0xFF) << 16 | codes[i] >> 16 & 0xFF;
            assertThat(frame.rgb(x, y)).isEqualTo(same);
        }
    }

    @Test
    void an_even_colour_stays_itself_at_any_size_and_turn() {
        Project project = project(shot("s1", 1, 137, true));
        for (int rgb : new int[] {0x808080, 0x0C0D0E, 0xF3E2D1}) {
            Pyramid picture = TestPictures.even(PICTURE, rgb);
            for (double degrees : new double[] {0, 4.7}) {
                Shot shot = project.shots().getFirst();
                Project turned =
                        project.withShots(List.of(shot.withCamera(CameraTrack.still(Pose.neutral(PICTURE, FRAME)
                                .withScale(Scale.uniform(137))
                                .withDegrees(degrees)))));
                FrameRaster frame = Compositor.compose(
                        LineUpFrame.layers(turned, 0, FRAME, _ -> new Picture.Pixels(picture)),
                        Colour.BLACK,
                        FRAME,
                        Rows.ALONE);
                for (int y = 0; y < FRAME.height(); y++) {
                    for (int x = 0; x < FRAME.width(); x++) {
                        assertThat(frame.rgb(x, y)).isEqualTo(rgb);
                    }
                }
            }
        }
    }
}
