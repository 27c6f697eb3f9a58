package amberlens.core.model.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomMoves;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.LineUpEdits;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.footage.Source;
import amberlens.core.material.layering.Fade;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class SplitAndJoinTest {
    private static final int LENGTH = 60;

    private static Project project(CameraTrack camera) {
        Media plan = Media.photo("m1", "plan.png", new Size(6000, 4000));
        Shot shot = new Shot("s1", "Plan", "m1", 1, 10, LENGTH, true, camera, Extras.NONE);
        return Project.empty("cut").withMedia(List.of(plan)).withShots(List.of(shot));
    }

    /** The pose at a line-up frame. */
    private static Pose seen(Project project, int frame) {
        Shot shot = project.shots().stream()
                .filter(found -> found.onLineUp().contains(frame))
                .findFirst()
                .orElseThrow();
        return shot.camera().at(frame - shot.start());
    }

    private static void assertSame(Project one, Project other) {
        for (int frame = 10; frame < 10 + LENGTH; frame++) {
            assertThat(distance(seen(one, frame), seen(other, frame)))
                    .as("frame %d", frame)
                    .isCloseTo(0, within(1e-9));
        }
    }

    private static double distance(Pose a, Pose b) {
        return Math.abs(a.scale().x() - b.scale().x())
                + Math.abs(a.scale().y() - b.scale().y())
                + a.position().distance(b.position())
                + Math.abs(a.degrees() - b.degrees())
                + Math.abs(a.anchor().x() - b.anchor().x())
                + Math.abs(a.anchor().y() - b.anchor().y());
    }

    @Property(tries = 300)
    void both_halves_show_what_the_whole_showed_and_joined_they_are_the_whole_again(
            @ForAll @LongRange(min = 0, max = 1_000_000) long seed,
            @ForAll @IntRange(min = 1, max = LENGTH - 1) int at) {
        Project whole = project(RandomMoves.any(new Random(seed), LENGTH, false).camera());
        Project cut = LineUpEdits.split(Set.of("s1"), 10 + at).apply(whole);
        assertThat(cut.shots()).hasSize(2);
        assertSame(whole, cut);
        Project joined = LineUpEdits.join("s1", "s2").apply(cut);
        assertThat(joined.shots().getFirst().camera())
                .isEqualTo(whole.shots().getFirst().camera());
        assertSame(whole, joined);
    }

    @Property(tries = 200)
    void different_moves_put_end_to_end_go_on_as_they_were(@ForAll @LongRange(min = 0, max = 1_000_000) long seed) {
        Project first = project(RandomMoves.any(new Random(seed), 30, true).camera());
        Shot one = first.shots().getFirst().withLength(30);
        Shot two = new Shot(
                "s2",
                "Plan",
                "m1",
                1,
                40,
                30,
                true,
                RandomMoves.any(new Random(seed + 1), 30, true).camera(),
                Extras.NONE);
        Project both = first.withShots(List.of(one, two));
        assertSame(both, LineUpEdits.join("s1", "s2").apply(both));
    }

    @Test
    void fades_stay_at_the_outer_ends() {
        Project whole = project(CameraTrack.still(Pose.neutral(new Size(6000, 4000), new Size(1920, 1080))));
        Shot faded = whole.shots().getFirst();
        faded = faded.withLayering(
                faded.layering().withEnter(Optional.of(Fade.over(5))).withLeave(Optional.of(Fade.over(7))));
        Project cut = LineUpEdits.split(Set.of("s1"), 30).apply(whole.withShots(List.of(faded)));
        assertThat(cut.shots().get(0).layering().enter()).isPresent();
        assertThat(cut.shots().get(0).layering().leave()).isEmpty();
        assertThat(cut.shots().get(1).layering().enter()).isEmpty();
        assertThat(cut.shots().get(1).layering().leave()).isPresent();
    }

    @Property(tries = 100)
    void halves_of_retimed_footage_show_the_frames_that_the_whole_showed(
            @ForAll @IntRange(min = 1, max = LENGTH - 1) int at) {
        Media pond = Media.footage(
                "m1", Media.Kind.FILM, "pond.mp4", new Size(1920, 1080), new Footage(new FrameRate(24000, 1001), 400));
        CameraTrack camera = CameraTrack.still(Pose.neutral(pond.size(), pond.size()))
                .with(
                        Properties.SPEED,
                        Channel.keyed(
                                ValueKinds.NUMBER,
                                List.of(
                                        Key.of(3, 50.0, Ease.GENTLE_BOTH.leg()),
                                        Key.of(30, 230.0, Ease.HOLD.leg()),
                                        Key.of(47, -80.0, Ease.LINEAR.leg()))));
        Shot shot = new Shot("s1", "Pond", "m1", 1, 10, LENGTH, true, camera, Extras.NONE)
                .withSource(new Source(17, Source.Conversion.BLEND, false));
        Project whole = Project.empty("pond").withMedia(List.of(pond)).withShots(List.of(shot));
        Project cut = LineUpEdits.split(Set.of("s1"), 10 + at).apply(whole);
        for (int frame = 0; frame < LENGTH; frame++) {
            double wanted = whole.sourceTime(shot).orElseThrow().place(frame);
            Shot half = cut.shots().get(frame < at ? 0 : 1);
            assertThat(cut.sourceTime(half).orElseThrow().place(frame < at ? frame : frame - at))
                    .isCloseTo(wanted, within(1e-9));
        }
        assertThat(LineUpEdits.join("s1", "s2").apply(cut).shots()).hasSize(1);
    }

    @Test
    void what_does_not_go_on_is_not_joined_and_says_why() {
        Project whole = project(CameraTrack.still(Pose.neutral(new Size(6000, 4000), new Size(1920, 1080))));
        Shot apart = new Shot(
                "s2", "Plan", "m1", 1, 100, 10, true, whole.shots().getFirst().camera(), Extras.NONE);
        Project both = whole.withShots(List.of(whole.shots().getFirst(), apart));
        assertThatThrownBy(() -> LineUpEdits.join("s1", "s2").apply(both)).hasMessageContaining("do not follow");
    }
}
