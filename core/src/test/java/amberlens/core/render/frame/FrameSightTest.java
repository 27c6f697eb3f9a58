package amberlens.core.render.frame;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Shutter;
import amberlens.core.edit.edits.LookEdits;
import amberlens.core.material.layering.Fade;
import amberlens.core.material.layering.Layering;
import amberlens.core.material.look.LookDraft;
import amberlens.core.material.look.LookKinds;
import amberlens.core.material.mark.Mark;
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
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** A frame that was made serves as long as its sight is the same, and no longer. */
class FrameSightTest {
    private static final Size FRAME = new Size(96, 54);
    private static final Size PICTURE = new Size(200, 150);
    private static final FrameSight.Port PORT = FrameSight.Port.of(FRAME);
    private static final int LENGTH = 91;
    private static final Pyramid PIXELS = TestPictures.noise(PICTURE, 8);

    private static Channel<FramePoint> way(double middle) {
        return Channel.keyed(
                ValueKinds.POSITION,
                List.of(
                        Key.of(0, new FramePoint(48, 27), Leg.LINEAR),
                        Key.of(30, new FramePoint(48 + middle, 20), Leg.LINEAR),
                        Key.of(60, new FramePoint(40, 30), Leg.LINEAR),
                        Key.of(90, new FramePoint(50, 25), Leg.LINEAR)));
    }

    private static Shot shot(double middle) {
        CameraTrack camera = CameraTrack.still(Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(90)))
                .withPosition(way(middle));
        return new Shot("s1", "bed", "m1", 1, 0, LENGTH, true, camera, Extras.NONE);
    }

    private static Project project(Shot... shots) {
        return Project.empty("Fernhollow")
                .withFrame(new FrameFormat(FRAME, FrameRate.of(25), Colour.BLACK))
                .withMedia(List.of(Media.photo("m1", "/bed.png", PICTURE)))
                .withShots(List.of(shots));
    }

    private static Set<Integer> changed(Project before, Project after) {
        return IntStream.range(0, LENGTH)
                .filter(frame -> !FrameSight.of(before, frame, PORT).equals(FrameSight.of(after, frame, PORT)))
                .boxed()
                .collect(Collectors.toSet());
    }

    private static int[] pixels(Project project, int frame) {
        return Compositor.compose(
                        LineUpFrame.layers(project, frame, FRAME, _ -> new Picture.Pixels(PIXELS)),
                        project.frame().background(),
                        FRAME,
                        Rows.ALONE)
                .argb();
    }

    @Test
    void a_key_that_is_moved_changes_its_two_legs_and_nothing_else() {
        Project before = project(shot(2));
        assertThat(changed(before, project(shot(-3))))
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.range(1, 60).boxed().toList());
        assertThat(changed(before, project(shot(2)))).as("undone").isEmpty();
    }

    @Test
    void a_frame_looks_the_same_wherever_its_shot_stands() {
        Project before = project(shot(2));
        Shot later = shot(2);
        Project after = project(new Shot("s1", "bed", "m1", 1, 40, LENGTH, true, later.camera(), Extras.NONE));
        for (int frame = 0; frame < LENGTH; frame++) {
            assertThat(FrameSight.of(after, 40 + frame, PORT)).isEqualTo(FrameSight.of(before, frame, PORT));
        }
    }

    @Test
    void what_cannot_be_seen_changes_nothing_and_what_can_changes_what_shows_it() {
        Project before = project(shot(2));
        Mark mark = new Mark(
                "k1", Mark.Kind.AREA, new PictureBox(10, 10, 20, 20), 1, Mark.Keep.RESTS, Mark.By.HAND, Extras.NONE);
        Project marked = before.withMedia(before.media().stream()
                .map(media -> media.withMarks(List.of(mark)))
                .toList());
        assertThat(changed(before, marked)).isEmpty();
        Project darker = LookEdits.add(
                        Set.of("s1"),
                        new LookDraft(PICTURE, FRAME, LENGTH)
                                .add(LookKinds.VIGNETTE)
                                .set(LookKinds.STRENGTH, 40.0)
                                .named("dark"))
                .apply(before);
        assertThat(changed(before, darker)).hasSize(LENGTH);
        Shot fading = shot(2).withLayering(Layering.PLAIN.withEnter(Optional.of(Fade.over(5))));
        assertThat(changed(
                        project(fading),
                        project(shot(2).withLayering(Layering.PLAIN.withEnter(Optional.of(Fade.over(9)))))))
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.range(0, 9).boxed().toList());
        Project exposed = before.withFrame(before.frame().withShutter(new Shutter(180)));
        assertThat(changed(before, exposed)).hasSize(LENGTH);
    }

    /** Two projects that differ by chance: frames with equal sights are equal, pixel for pixel. */
    @Property(tries = 120)
    void frames_of_equal_sights_are_equal(@ForAll long seed) {
        Random chance = new Random(seed);
        Project one = varied(project(shot(2)), chance);
        Project other = varied(one, chance);
        for (int i = 0; i < 6; i++) {
            int frame = chance.nextInt(LENGTH);
            boolean same = FrameSight.of(one, frame, PORT).equals(FrameSight.of(other, frame, PORT));
            if (same) {
                assertThat(pixels(other, frame)).isEqualTo(pixels(one, frame));
            }
        }
    }

    private static Project varied(Project project, Random chance) {
        UnaryOperator<Shot> change =
                switch (chance.nextInt(6)) {
                    case 0 -> shot -> shot.withCamera(shot.camera().withPosition(way(chance.nextInt(5))));
                    case 1 ->
                        shot -> shot.withLayering(Layering.PLAIN.withEnter(
                                Optional.of(Fade.through(new Colour(0xFFFFFF), chance.nextInt(1, 9)))));
                    case 2 ->
                        shot -> shot.withCamera(shot.camera()
                                .withScale(Channel.constant(ValueKinds.SCALE, Scale.uniform(80 + chance.nextInt(3)))));
                    case 3 -> shot -> shot.withLayering(Layering.PLAIN);
                    default -> shot -> shot;
                };
        Project varied = project.withShots(project.shots().stream().map(change).toList());
        return switch (chance.nextInt(5)) {
            case 0 -> varied.withFrame(varied.frame().withShutter(new Shutter(180)));
            case 1 ->
                LookEdits.add(
                                Set.of("s1"),
                                new LookDraft(PICTURE, FRAME, LENGTH)
                                        .add(LookKinds.TONE)
                                        .change(LookKinds.EXPOSURE, 0.0, 1.0, 0, 20)
                                        .named("up"))
                        .apply(varied);
            default -> varied;
        };
    }
}
