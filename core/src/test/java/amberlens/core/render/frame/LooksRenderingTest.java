package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Shutter;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.look.LookSpace;
import amberlens.core.material.look.Mask;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleBinaryOperator;
import org.junit.jupiter.api.Test;

/** Whole frames of the line-up with looks. */
class LooksRenderingTest {
    private static final Size FRAME = new Size(192, 108);
    private static final Size PICTURE = new Size(240, 160);
    private static final int LENGTH = 11;

    private static Shot shot(String id, String media, int track, Pose pose, boolean fills) {
        return new Shot(id, id, media, track, 0, LENGTH, fills, CameraTrack.still(pose), Extras.NONE);
    }

    private static Project project(Shot... shots) {
        return Project.empty("Fernhollow")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK))
                .withMedia(List.of(Media.photo("m1", "/bed.png", PICTURE), Media.rig("r1", FRAME)))
                .withShots(List.of(shots));
    }

    private static LookDraft draft() {
        return new LookDraft(PICTURE, FRAME, LENGTH);
    }

    private static Project looking(Project project, String shot, LookSet set) {
        return LookEdits.add(Set.of(shot), set).apply(project);
    }

    private static FrameRaster frame(Project project, double at, DoubleBinaryOperator light) {
        Pyramid picture = TestPictures.pyramid(PICTURE, light);
        return Compositor.compose(
                LineUpFrame.layers(project, at, FRAME, _ -> new Picture.Pixels(picture)),
                Colour.BLACK,
                FRAME,
                Rows.ALONE);
    }

    private static double light(FrameRaster frame, int x, int y) {
        return Srgb.toLinear((frame.rgb(x, y) >> 8 & 0xFF) / 255.0);
    }

    private static Pose full() {
        return Pose.neutral(PICTURE, FRAME);
    }

    private static Pose inset() {
        return full().withScale(Scale.uniform(40));
    }

    @Test
    void a_stop_doubles_the_light_of_the_shot_and_not_of_what_is_below() {
        Project two = project(shot("low", "m1", 1, full(), true), shot("high", "m1", 2, inset(), false));
        Project brighter = looking(
                two,
                "high",
                draft().add(LookKinds.TONE).set(LookKinds.EXPOSURE, 1.0).named("up"));
        FrameRaster frame = frame(brighter, 0, (_, _) -> 0.2);
        assertThat(light(frame, 96, 54)).isCloseTo(0.4, within(0.004));
        assertThat(light(frame, 5, 5)).isCloseTo(0.2, within(0.004));
    }

    @Test
    void looks_of_a_rig_act_on_everything_below_and_nothing_above() {
        Project three = project(
                shot("low", "m1", 1, full(), true),
                shot("rig", "r1", 2, Pose.neutral(FRAME, FRAME), true),
                shot("high", "m1", 3, inset(), false));
        Project darker = looking(
                three,
                "rig",
                draft().add(LookKinds.TONE).set(LookKinds.EXPOSURE, -1.0).named("down"));
        FrameRaster frame = frame(darker, 0, (_, _) -> 0.4);
        assertThat(light(frame, 5, 5)).isCloseTo(0.2, within(0.004));
        assertThat(light(frame, 96, 54)).isCloseTo(0.4, within(0.004));
    }

    /** The picture has a dark border of 24 pixels, of which nothing may show where the crop takes it away. */
    @Test
    void what_is_cropped_away_does_not_mix_into_the_border_of_the_frame() {
        double scale = 100.0 * FRAME.width() / (PICTURE.width() * 0.8);
        Project bordered = project(shot("s1", "m1", 1, full().withScale(Scale.uniform(scale)), true));
        Project cropped = looking(
                bordered,
                "s1",
                draft().add(LookKinds.CROP)
                        .set(LookKinds.CROP_LEFT, 10.0)
                        .set(LookKinds.CROP_RIGHT, 10.0)
                        .named("crop"));
        FrameRaster frame = frame(cropped, 0, (x, _) -> x < 24 || x >= 216 ? 0 : 0.5);
        for (int y = 0; y < FRAME.height(); y += 5) {
            assertThat(light(frame, 0, y)).isCloseTo(0.5, within(0.004));
            assertThat(light(frame, FRAME.width() - 1, y)).isCloseTo(0.5, within(0.004));
        }
    }

    @Test
    void a_crop_cuts_between_pixels_and_its_edge_is_anti_aliased() {
        Project one = project(shot("s1", "m1", 1, inset(), false));
        LookSet crop =
                draft().add(LookKinds.CROP).set(LookKinds.CROP_LEFT, 25.0).named("crop");
        FrameRaster frame = frame(looking(one, "s1", crop), 0, (_, _) -> 1);
        double sum = 0;
        for (int x = 0; x < FRAME.width(); x++) {
            sum += light(frame, x, 54);
        }
        assertThat(sum).isCloseTo(PICTURE.width() * 0.4 * 0.75, within(0.3));
    }

    /** A rectangle's shadow is the product of two error functions (the Gaussian of a box), here by a series of its own. */
    @Test
    void a_shadow_is_the_blurred_shape_moved_and_coloured() {
        Project one = project(shot("low", "m1", 1, full(), true), shot("s1", "m1", 2, inset(), false));
        LookSet shadow = draft().add(LookKinds.SHADOW)
                .set(LookKinds.SHADOW_OFFSET, new FramePoint(20, 14))
                .set(LookKinds.SHADOW_SIGMA, 6.0)
                .set(LookKinds.SHADOW_OPACITY, 70.0)
                .named("shadow");
        FrameRaster frame = frame(looking(one, "s1", shadow), 0, (_, _) -> 0.5);
        for (int[] at : new int[][] {{150, 80}, {158, 70}, {165, 60}, {120, 96}, {100, 104}, {170, 100}}) {
            double x = at[0] + 0.5 - 96 - 20;
            double y = at[1] + 0.5 - 54 - 14;
            double inside = box(x, 48, 6) * box(y, 32, 6);
            assertThat(light(frame, at[0], at[1])).isCloseTo(0.5 * (1 - 0.7 * inside), within(0.006));
        }
        assertThat(light(frame, 96, 54)).as("the inset itself").isCloseTo(0.5, within(0.004));
    }

    private static double box(double at, double half, double sigma) {
        return normal((at + half) / sigma) - normal((at - half) / sigma);
    }

    /** Φ by adding up the density, Abramowitz and Stegun 26.2.1. */
    private static double normal(double to) {
        double sum = 0;
        double step = 1e-3;
        for (double x = -8; x < Math.min(to, 8); x += step) {
            sum += step * Math.exp(-(x + step / 2) * (x + step / 2) / 2) / Math.sqrt(2 * Math.PI);
        }
        return sum;
    }

    private static LookSet spotlight(LookSpace space) {
        boolean inFrame = space == LookSpace.FRAME;
        return draft().add(LookKinds.MASK)
                .choose(LookKinds.MODE, Mask.Mode.SPOTLIGHT)
                .choose(LookKinds.SHAPE, Mask.Shape.RECTANGLE)
                .choose(LookKinds.MASK_SPACE, space)
                .set(inFrame ? LookKinds.MASK_CENTRE_IN_FRAME : LookKinds.MASK_CENTRE, new FramePoint(100, 60))
                .set(inFrame ? LookKinds.MASK_SIZE_IN_FRAME : LookKinds.MASK_SIZE, new FramePoint(40, 30))
                .set(LookKinds.OUTSIDE, 100.0)
                .named("spotlight");
    }

    private static double centreOfLight(FrameRaster frame) {
        double sum = 0;
        double moment = 0;
        for (int y = 0; y < FRAME.height(); y++) {
            for (int x = 0; x < FRAME.width(); x++) {
                sum += light(frame, x, y);
                moment += light(frame, x, y) * (x + 0.5);
            }
        }
        return moment / sum;
    }

    @Test
    void a_mask_of_the_picture_moves_with_it_and_one_of_the_frame_stays() {
        Pose moved = full().withPosition(FRAME.centre().plus(new FramePoint(7, 0)));
        for (LookSpace space : LookSpace.values()) {
            Project here = looking(project(shot("s1", "m1", 1, full(), true)), "s1", spotlight(space));
            Project there = looking(project(shot("s1", "m1", 1, moved, true)), "s1", spotlight(space));
            double way = centreOfLight(frame(there, 0, (_, _) -> 0.6)) - centreOfLight(frame(here, 0, (_, _) -> 0.6));
            assertThat(way).isCloseTo(space == LookSpace.PICTURE ? 7 : 0, within(0.01));
        }
        Project inPicture = looking(project(shot("s1", "m1", 1, full(), true)), "s1", spotlight(LookSpace.PICTURE));
        assertThat(centreOfLight(frame(inPicture, 0, (_, _) -> 0.6)))
                .isCloseTo(100 + (FRAME.width() - PICTURE.width()) / 2.0, within(0.01));
    }

    @Test
    void equal_keys_are_dead_still_in_the_picture() {
        LookSet still = draft().add(LookKinds.SOFTNESS)
                .change(LookKinds.SIGMA, 3.3, 3.3, 0, 1)
                .add(LookKinds.TONE)
                .change(LookKinds.CONTRAST, 1.2, 1.2, 0.1, 0.9)
                .named("still");
        Project project = looking(project(shot("s1", "m1", 1, full(), true)), "s1", still);
        DoubleBinaryOperator light = (x, y) -> 0.5 + 0.4 * Math.sin(x / 5) * Math.cos(y / 7);
        int[] first = frame(project, 0, light).argb();
        for (double at : new double[] {3, 4.5, 7, 10}) {
            assertThat(frame(project, at, light).argb()).isEqualTo(first);
        }
    }

    @Test
    void a_part_of_the_output_shows_just_what_the_whole_shows_there() {
        LookSet all = draft().add(LookKinds.SOFTNESS)
                .set(LookKinds.SIGMA, 9.0)
                .add(LookKinds.VIGNETTE)
                .set(LookKinds.STRENGTH, 80.0)
                .add(LookKinds.MASK)
                .choose(LookKinds.MODE, Mask.Mode.SPOTLIGHT)
                .named("all");
        Project project = looking(project(shot("s1", "m1", 1, full(), true)), "s1", all);
        DoubleBinaryOperator light = (x, y) -> (int) (x / 9) % 2 == (int) (y / 13) % 2 ? 0.9 : 0.05;
        Pyramid picture = TestPictures.pyramid(PICTURE, light);
        LineUpFrame.Pictures pictures = _ -> new Picture.Pixels(picture);
        DeepRaster whole = Compositor.composeDeep(
                LineUpFrame.layers(project, 0, FRAME, pictures), Optional.of(Colour.BLACK), FRAME, Rows.ALONE);
        var size = new Size(70, 40);
        DeepRaster part = Compositor.composeDeep(
                LineUpFrame.layers(project, 0, FRAME, 1, 90, 50, pictures),
                Optional.of(Colour.BLACK),
                size,
                Rows.ALONE);
        int worst = 0;
        for (int y = 0; y < size.height(); y++) {
            for (int x = 0; x < size.width(); x++) {
                int difference = part.code(x, y, 2) - whole.code(x + 90, y + 50, 2);
                worst = Math.max(worst, Math.abs(difference));
            }
        }
        assertThat(worst).isLessThanOrEqualTo(257);
    }

    /** A step of exposure in the middle of a frame's exposure time is seen half before and half after. */
    @Test
    void looks_are_sampled_within_an_exposure() {
        Pose pose = full();
        CameraTrack moving = CameraTrack.still(pose)
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, new FramePoint(90, 54), Leg.LINEAR),
                                Key.of(10, new FramePoint(110, 54), Leg.LINEAR))));
        LookSet rising = draft().add(LookKinds.TONE)
                .change(LookKinds.EXPOSURE, 0.0, 4.0, 0, 1)
                .named("rising");
        Project project = looking(project(shot("s1", "m1", 1, pose, true).withCamera(moving)), "s1", rising);
        Project exposed = project.withFrame(project.frame().withShutter(new Shutter(360)));
        List<Double> samples = new ArrayList<>();
        for (double at = 4.501; at < 5.5; at += 0.01) {
            samples.add(light(frame(project, at, (_, _) -> 0.02), 90, 50));
        }
        double mean = samples.stream().mapToDouble(one -> one).average().orElseThrow();
        assertThat(light(frame(exposed, 5, (_, _) -> 0.02), 90, 50)).isCloseTo(mean, within(0.006));
    }
}
