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
import amberlens.core.material.footage.Footage;
import amberlens.core.material.footage.Source;
import amberlens.core.material.layering.BlendMode;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import amberlens.core.pixels.raster.Rows;
import amberlens.core.pixels.sampling.Pyramid;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class LayersTest {
    private static final Size FRAME = new Size(16, 9);
    private static final Colour LOWER = new Colour(0x8040C0);
    private static final Colour UPPER = new Colour(0xE0A020);
    private static final Project EMPTY = Project.empty("layers")
            .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK))
            .withMedia(List.of(Media.photo("a", "a.png", FRAME), Media.photo("b", "b.png", FRAME)));

    private static final LineUpFrame.Pictures PICTURES =
            ref -> new Picture.Pixels(Pyramid.plain(ref.media().id().equals("a") ? LOWER : UPPER));

    private static Shot shot(String id, String media, int track, int start, int length) {
        return new Shot(
                id, id, media, track, start, length, true, CameraTrack.still(Pose.neutral(FRAME, FRAME)), Extras.NONE);
    }

    private static DeepRaster middle(Project project, int frame) {
        return deep(LineUpFrame.layers(project, frame, FRAME, PICTURES));
    }

    private static DeepRaster deep(List<? extends Seen> seen) {
        return Compositor.composeDeep(seen, Optional.of(Colour.BLACK), FRAME, Rows.ALONE);
    }

    /** A component of the pixel in the middle, 0 … 1. */
    private static double code(DeepRaster frame, int shift) {
        return frame.code(8, 4, 2 - shift / 8) / 65535.0;
    }

    /** A plain picture is one pixel large, so it is laid over the whole frame. */
    private static Project over(Shot... shots) {
        List<Shot> all = List.of(shots).stream()
                .map(shot -> shot.withCamera(shot.camera()
                        .withMoveOf(CameraTrack.still(
                                Pose.neutral(new Size(1, 1), FRAME).withScale(Scale.uniform(4000))))))
                .toList();
        return EMPTY.withShots(all);
    }

    private static double linear(Colour colour, int shift) {
        return Srgb.toLinear((colour.rgb() >> shift & 0xFF) / 255.0);
    }

    private static void assertMixed(DeepRaster rgb, double part) {
        for (int shift = 0; shift <= 16; shift += 8) {
            double wanted = Srgb.toEncoded((1 - part) * linear(LOWER, shift) + part * linear(UPPER, shift));
            assertThat(code(rgb, shift)).isCloseTo(wanted, within(0.2 / 255));
        }
    }

    @Test
    void opacity_mixes_in_linear_light() {
        Shot upper = shot("s2", "b", 2, 0, 10);
        for (double percent : new double[] {0, 25, 50, 100}) {
            Project project = over(
                    shot("s1", "a", 1, 0, 10),
                    upper.withCamera(
                            upper.camera().with(Properties.OPACITY, Channel.constant(ValueKinds.NUMBER, percent))));
            assertMixed(middle(project, 3), percent / 100);
        }
    }

    /** Opaque layers: the result is B(Cb, Cs), in linear light. */
    @ParameterizedTest
    @EnumSource(BlendMode.class)
    void blend_modes_are_those_of_the_standard(BlendMode mode) {
        Project project =
                over(shot("s1", "a", 1, 0, 10), shot("s2", "b", 2, 0, 10).withLayering(Layering.PLAIN.withBlend(mode)));
        DeepRaster rgb = middle(project, 0);
        for (int shift = 0; shift <= 16; shift += 8) {
            double wanted = Srgb.toEncoded(mode.blend(linear(LOWER, shift), linear(UPPER, shift)));
            assertThat(code(rgb, shift)).as("shift %d", shift).isCloseTo(wanted, within(0.2 / 255));
        }
    }

    @Test
    void a_dissolve_passes_evenly_from_one_shot_to_the_next() {
        Shot second = shot("s2", "b", 1, 6, 10).withLayering(Layering.PLAIN.withEnter(Optional.of(Fade.over(4))));
        Project project = over(shot("s1", "a", 1, 0, 10), second);
        assertMixed(middle(project, 5), 0);
        for (int frame = 6; frame < 10; frame++) {
            assertMixed(middle(project, frame), (frame - 5) / 5.0);
        }
        assertMixed(middle(project, 10), 1);
    }

    @Test
    void a_fade_from_and_to_a_colour_passes_through_it_and_leaves_the_rest_alone() {
        Fade dip = Fade.through(LOWER, 3);
        Project project = over(shot("s1", "b", 1, 0, 12)
                .withLayering(new Layering(BlendMode.NORMAL, Optional.of(dip), Optional.of(dip))));
        for (int frame = 0; frame < 12; frame++) {
            double part = Math.min(1, Math.min((frame + 1) / 4.0, (12 - frame) / 4.0));
            assertMixed(middle(project, frame), part);
        }
    }

    /** Both shots of the upper track multiply; half of the way through, half of each product is seen. */
    @ParameterizedTest
    @EnumSource(BlendMode.class)
    void in_a_dissolve_both_shots_blend_as_they_do_alone(BlendMode mode) {
        Shot first = shot("s2", "b", 2, 0, 10).withLayering(Layering.PLAIN.withBlend(mode));
        Shot second = shot("s3", "a", 2, 6, 10)
                .withLayering(Layering.PLAIN.withBlend(mode).withEnter(Optional.of(Fade.over(4))));
        Project project = over(shot("s1", "a", 1, 0, 20), first, second);
        for (int frame = 6; frame < 10; frame++) {
            double part = (frame - 5) / 5.0;
            DeepRaster rgb = middle(project, frame);
            for (int shift = 0; shift <= 16; shift += 8) {
                double below = linear(LOWER, shift);
                double light = (1 - part) * mode.blend(below, linear(UPPER, shift)) + part * mode.blend(below, below);
                assertThat(code(rgb, shift)).isCloseTo(Srgb.toEncoded(light), within(0.2 / 255));
            }
        }
    }

    @Test
    void a_fade_through_a_colour_blends_as_the_shot_does() {
        Fade dip = Fade.through(UPPER, 3);
        Shot upper = shot("s2", "b", 2, 0, 12)
                .withLayering(new Layering(BlendMode.MULTIPLY, Optional.of(dip), Optional.empty()));
        DeepRaster rgb = middle(over(shot("s1", "a", 1, 0, 12), upper), 0);
        for (int shift = 0; shift <= 16; shift += 8) {
            double wanted = Srgb.toEncoded(linear(LOWER, shift) * linear(UPPER, shift));
            assertThat(code(rgb, shift)).isCloseTo(wanted, within(0.2 / 255));
        }
    }

    @Test
    void an_inset_that_comes_through_a_colour_leaves_the_frame_around_it_alone() {
        Fade white = Fade.through(new Colour(0xFFFFFF), 3);
        Shot inset = shot("s2", "b", 2, 0, 12).withLayering(Layering.PLAIN.withEnter(Optional.of(white)));
        Project both = over(shot("s1", "a", 1, 0, 12), inset);
        Shot small = both.shots().getLast();
        CameraTrack quarter =
                CameraTrack.still(Pose.neutral(new Size(1, 1), FRAME).withScale(Scale.uniform(400)));
        small = small.withCamera(quarter).withSettings(small.settings().withFillsFrame(false));
        Project project = both.withShots(List.of(both.shots().getFirst(), small));
        DeepRaster frame = middle(project, 0);
        for (int component = 0; component < 3; component++) {
            assertThat(frame.code(1, 1, component))
                    .isCloseTo((LOWER.rgb() >> 16 - 8 * component & 0xFF) * 257, within(30));
        }
        double wanted = Srgb.toEncoded(0.75 + 0.25 * linear(UPPER, 0));
        assertThat(code(frame, 0)).isCloseTo(wanted, within(0.2 / 255));
    }

    @Test
    void footage_between_two_frames_is_their_mixture() {
        Media film = Media.footage("f", Media.Kind.FILM, "f.mp4", FRAME, new Footage(FrameRate.of(10), 30));
        CameraTrack camera = CameraTrack.still(Pose.neutral(new Size(1, 1), FRAME)
                .withScale(Scale.uniform(4000))
                .withPosition(new FramePoint(8, 4.5)));
        Project project = EMPTY.withMedia(List.of(film))
                .withShots(List.of(new Shot("s1", "Film", "f", 1, 0, 30, true, camera, Extras.NONE)
                        .withSource(new Source(0, Source.Conversion.BLEND, false))));
        var seen = LineUpFrame.layers(
                project,
                1,
                FRAME,
                ref -> new Picture.Pixels(Pyramid.plain(ref.equals(PictureRef.of(ref.media(), 0)) ? LOWER : UPPER)));
        assertMixed(deep(seen), 0.4);
    }

    @Test
    void without_a_background_what_no_picture_fills_stays_transparent() {
        Layer small = LineUpFrame.layer(
                Pyramid.plain(UPPER), Pose.neutral(new Size(1, 1), FRAME).withScale(Scale.uniform(400)), FRAME, FRAME);
        DeepRaster deep = Compositor.composeDeep(List.of(small), Optional.empty(), FRAME, Rows.ALONE);
        assertThat(deep.code(0, 0, 3)).isZero();
        assertThat(deep.code(8, 4, 3)).isEqualTo(65535);
        assertThat(deep.code(8, 4, 0)).isCloseTo(0xE0 * 257, within(60));
    }
}
