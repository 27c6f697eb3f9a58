package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.colour.Srgb;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.edit.edits.TitleEdits;
import amberlens.core.material.layering.Backdrop;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.look.LookSet;
import amberlens.core.material.title.Align;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import amberlens.core.pixels.raster.Rows;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Titles in whole frames, set by blocks half as wide as they are high. */
class TitlesInFramesTest {
    private static final Size FRAME = new Size(192, 108);
    private static final Title FOUR = Title.of("abcd").withSize(20);

    private static Project with(Title title) {
        Project empty = Project.empty("Fernhollow").withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK));
        return TitleEdits.add(title, 0).apply(empty);
    }

    private static Project posed(Project project, UnaryOperator<Pose> change) {
        return project.mapShot(
                "s1",
                shot -> shot.withCamera(
                        CameraTrack.still(change.apply(shot.camera().at(0)))));
    }

    private static Project looking(Project project, LookDraft draft) {
        LookSet set = draft.named("letters");
        return LookEdits.add(Set.of("s1"), set).apply(project);
    }

    private static LookDraft draft(Project project) {
        Shot shot = project.shot("s1").orElseThrow();
        return new LookDraft(project.mediaOf(shot).size(), FRAME, shot.length());
    }

    private static FrameRaster frame(Project project, double at) {
        return frame(project, at, FRAME);
    }

    private static FrameRaster frame(Project project, double at, Size output) {
        LineUpFrame.Pictures none = ref -> Picture.without(ref.media()).orElse(null);
        return Compositor.compose(
                LineUpFrame.layers(project, at, output, none), project.frame().background(), output, Rows.ALONE);
    }

    private static double light(FrameRaster frame, int x, int y) {
        return Srgb.toLinear((frame.rgb(x, y) >> 8 & 0xFF) / 255.0);
    }

    /** How much of a row is lit, in pixels: where the border of a block lies to a part of a pixel. */
    private static double litAcross(FrameRaster frame, int y) {
        double sum = 0;
        for (int x = 0; x < frame.size().width(); x++) {
            sum += light(frame, x, y);
        }
        return sum;
    }

    @Test
    void a_new_title_stands_in_the_middle_at_its_natural_size_to_the_pixel() {
        FrameRaster frame = frame(with(FOUR), 0);
        for (int y = 0; y < FRAME.height(); y++) {
            for (int x = 0; x < FRAME.width(); x++) {
                boolean inside = x >= 76 && x < 116 && y >= 44 && y < 64;
                assertThat(frame.rgb(x, y) & 0xFF).as("%d, %d", x, y).isEqualTo(inside ? 255 : 0);
            }
        }
    }

    @Test
    void edges_at_300_percent_are_as_sharp_as_at_100() {
        FrameRaster large = frame(posed(with(FOUR), pose -> pose.withScale(Scale.uniform(300))), 0);
        int soft = 0;
        for (int x = 0; x < FRAME.width(); x++) {
            double light = light(large, x, 54);
            soft += light > 0.02 && light < 0.98 ? 1 : 0;
        }
        assertThat(soft).isLessThanOrEqualTo(4);
        assertThat(litAcross(large, 54)).isCloseTo(120, within(0.5));
    }

    @Test
    void a_larger_output_shows_the_title_as_large_and_as_sharp() {
        var output = new Size(768, 432);
        FrameRaster frame = frame(with(FOUR), 0, output);
        assertThat(litAcross(frame, 216)).isCloseTo(160, within(0.01));
        assertThat(light(frame, 303, 216)).isZero();
        assertThat(light(frame, 304, 216)).isEqualTo(1);
    }

    @Test
    void a_title_seen_by_a_small_part_is_drawn_there_alone_and_still_sharp() {
        Project close = posed(with(Title.of("abcdefgh").withSize(1000)), pose -> pose.withScale(Scale.uniform(1000)));
        assertThat(litAcross(frame(close, 0), 54)).isCloseTo(192, within(0.01));
        Project side = posed(close, pose -> pose.withPosition(pose.position().plus(new FramePoint(-20000 - 0.25, 0))));
        assertThat(litAcross(frame(side, 0), 54)).isCloseTo(95.75, within(0.02));
    }

    @Test
    void a_title_turned_in_depth_is_seen_nearer_at_one_side() {
        Project yawled = posed(with(FOUR), pose -> pose.withScale(Scale.uniform(300)))
                .mapShot(
                        "s1",
                        shot -> shot.withCamera(
                                shot.camera().with(Properties.YAW, Channel.constant(Properties.YAW.kind(), 40.0))));
        FrameRaster frame = frame(yawled, 0);
        int left = litDown(frame, 60);
        int right = litDown(frame, 130);
        assertThat(Math.abs(left - right)).isGreaterThan(5);
    }

    private static int litDown(FrameRaster frame, int x) {
        int lit = 0;
        for (int y = 0; y < FRAME.height(); y++) {
            lit += light(frame, x, y) > 0.5 ? 1 : 0;
        }
        return lit;
    }

    @Test
    void size_and_spacing_are_keyed_and_grow_from_where_the_lines_are_aligned() {
        Project project = with(FOUR);
        Project growing = looking(
                project,
                draft(project).add(LookKinds.LETTERING).change(LookKinds.LETTER_SIZE, 100.0, 200.0, 0, 1, Leg.LINEAR));
        int last = growing.shots().getFirst().lastFrame();
        assertThat(litAcross(frame(growing, last / 2.0), 54)).isCloseTo(60, within(0.01));
        assertThat(litAcross(frame(growing, last), 54)).isCloseTo(80, within(0.01));
        assertThat(light(frame(growing, last), 56, 54)).isEqualTo(1);
        Project left =
                TitleEdits.change("title", "s1", FOUR.withAlign(Align.LEFT)).apply(project);
        Project apart = looking(left, draft(left).add(LookKinds.LETTERING).set(LookKinds.LETTER_SPACING, 50.0));
        FrameRaster spaced = frame(apart, 0);
        assertThat(light(spaced, 75, 54)).isZero();
        assertThat(light(spaced, 76, 54)).isEqualTo(1);
        assertThat(litAcross(spaced, 54)).isCloseTo(80, within(0.01));
    }

    @Test
    void ink_passes_letters_into_a_colour_in_even_codes() {
        Project project = with(FOUR);
        Project inked = looking(
                project,
                draft(project)
                        .add(LookKinds.INK)
                        .choose(LookKinds.INK_COLOUR, new Colour(0x204060))
                        .change(LookKinds.INK_PART, 0.0, 100.0, 0, 1, Leg.LINEAR));
        int last = inked.shots().getFirst().lastFrame();
        assertThat(frame(inked, 0).rgb(96, 54) >> 8 & 0xFF).isEqualTo(255);
        // halfway between codes 255 and 64
        assertThat(frame(inked, last / 2.0).rgb(96, 54) >> 8 & 0xFF).isBetween(159, 160);
        assertThat(frame(inked, last).rgb(96, 54) >> 8 & 0xFF).isEqualTo(0x40);
    }

    @Test
    void the_colours_of_a_backdrop_are_keyed() {
        Project project = with(FOUR)
                .mapShot(
                        "s1",
                        shot -> shot.withSettings(
                                shot.settings().withBackdrop(new Backdrop.Plain(new Colour(0x102030)))));
        Project passing = looking(
                project,
                draft(project)
                        .add(LookKinds.GROUND)
                        .choose(LookKinds.GROUND_COLOUR, new Colour(0x506070))
                        .change(LookKinds.GROUND_PART, 0.0, 100.0, 0, 1, Leg.LINEAR));
        int last = passing.shots().getFirst().lastFrame();
        assertThat(frame(passing, 0).rgb(5, 5) & 0xFFFFFF).isEqualTo(0x102030);
        assertThat(frame(passing, last / 2.0).rgb(5, 5) & 0xFFFFFF).isEqualTo(0x304050);
        assertThat(frame(passing, last).rgb(5, 5) & 0xFFFFFF).isEqualTo(0x506070);
    }

    @Test
    void a_crop_cuts_the_text_box_and_a_shadow_falls_from_the_letters() {
        Project project = with(FOUR);
        Project cropped = looking(project, draft(project).add(LookKinds.CROP).set(LookKinds.CROP_LEFT, 50.0));
        assertThat(litAcross(frame(cropped, 0), 54)).isCloseTo(20, within(0.1));
        Project white = project.withFrame(new FrameFormat(FRAME, FrameRate.of(25), new Colour(0xFFFFFF)));
        Project shadowed = looking(
                white,
                draft(white)
                        .add(LookKinds.SHADOW)
                        .set(LookKinds.SHADOW_OFFSET, new FramePoint(10, 12))
                        .set(LookKinds.SHADOW_SIGMA, 0.0)
                        .set(LookKinds.SHADOW_OPACITY, 100.0));
        FrameRaster frame = frame(shadowed, 0);
        assertThat(light(frame, 120, 70)).isZero();
        assertThat(light(frame, 128, 70)).isEqualTo(1);
    }

    @Test
    void titles_are_not_judged_for_edges() {
        Project project = with(FOUR);
        Shot filling = project.shot("s1").orElseThrow();
        filling = filling.withSettings(filling.settings().withFillsFrame(true));
        assertThat(project.judges(filling)).isFalse();
        assertThat(project.media().getFirst().hasFile()).isFalse();
        assertThat(project.media().getFirst().kind()).isEqualTo(Media.Kind.TITLE);
    }
}
