package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.RandomPoses;
import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.EvenSet.Course;
import amberlens.core.edit.edits.EvenSet.Match;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class EvenSetTest {
    private static final Size PICTURE = new Size(9000, 6000);
    private static final Size FRAME = new Size(1920, 1080);
    private static final Leg EASED = Ease.GENTLE_BOTH.leg();

    /** At scale 50 % a slide by 960 px of the frame is half a frame's width. */
    private static CameraTrack slide(int length, double px, double zoom) {
        Pose start = Pose.neutral(PICTURE, FRAME).withScale(Scale.uniform(50));
        Pose end = start.withScale(Scale.uniform(50 * zoom));
        return CameraTrack.still(start)
                .withScale(Channel.keyed(
                        ValueKinds.SCALE,
                        List.of(Key.of(0, start.scale(), EASED), Key.of(length - 1, end.scale(), Leg.LINEAR))))
                .withPosition(Channel.keyed(
                        ValueKinds.POSITION,
                        List.of(
                                Key.of(0, start.position(), EASED),
                                Key.of(length - 1, start.position().plus(new FramePoint(-px, 0)), Leg.LINEAR))));
    }

    private static Project row(CameraTrack... cameras) {
        List<Shot> shots = new ArrayList<>();
        int start = 0;
        for (int i = 0; i < cameras.length; i++) {
            int length = cameras[i].keyFrames().last() + 1;
            shots.add(new Shot("s" + (i + 1), "Bed " + (i + 1), "m1", 1, start, length, true, cameras[i], Extras.NONE));
            start += length;
        }
        return Project.empty("Fernhollow")
                .withMedia(List.of(Media.photo("m1", "beds.jpg", PICTURE)))
                .withShots(shots);
    }

    private static Set<String> all(Project project) {
        return project.shots().stream().map(Shot::id).collect(Collectors.toSet());
    }

    private static MoveSummary gist(Project project, int shot) {
        return MoveSummary.of(project, project.shots().get(shot));
    }

    private static Project even(Project project, Match match, Course course) {
        return new EvenSet(project, match, course, 100)
                .plan(all(project))
                .edit()
                .apply(project);
    }

    @Test
    void a_gist_is_how_far_it_goes_in_frame_widths_and_how_much_it_grows() {
        MoveSummary gist = gist(row(slide(100, 960, 1), slide(100, 0, 2)), 0);
        assertThat(gist.across()).isCloseTo(0.5, within(1e-9));
        assertThat(gist.zooms()).isFalse();
        assertThat(gist.seconds()).isEqualTo(4);
        assertThat(gist(row(slide(100, 0, 2)), 0).zoom()).isCloseTo(Math.log(2), within(1e-9));
    }

    /** Slides of 0.1, 0.2 and 0.6 widths: the middle one is 0.2. */
    @Test
    void slides_become_equally_long_around_where_they_were_half_way() {
        Project before = row(slide(100, 192, 1), slide(50, 384, 1), slide(200, 1152, 1));
        Project after = even(before, Match.STRENGTH, Course.OWN);
        for (int i = 0; i < 3; i++) {
            assertThat(gist(after, i).slide()).isCloseTo(0.2, within(1e-6));
            Shot old = before.shots().get(i);
            Shot now = after.shots().get(i);
            int middle = old.lastFrame() / 2;
            assertThat(now.camera().keyFrames()).isEqualTo(old.camera().keyFrames());
            assertThat(now.camera().position().keys().getFirst().leg()).isEqualTo(EASED);
            assertThat(EdgeReport.of(after.take(now)).isSealed()).isTrue();
            assertThat(after.pose(now, middle).gateCentre(FRAME).x())
                    .isCloseTo(before.pose(old, middle).gateCentre(FRAME).x(), within(60.0));
        }
    }

    /** 0.1 widths in 4 s, 0.2 in 2 s, 0.6 in 8 s: paces 0.025, 0.1 and 0.075 a second; the middle one is 0.075. */
    @Test
    void by_pace_longer_shots_go_further() {
        Project after = even(row(slide(100, 192, 1), slide(50, 384, 1), slide(200, 1152, 1)), Match.PACE, Course.OWN);
        assertThat(gist(after, 0).slide()).isCloseTo(0.3, within(1e-6));
        assertThat(gist(after, 1).slide()).isCloseTo(0.15, within(1e-6));
        assertThat(gist(after, 2).slide()).isCloseTo(0.6, within(1e-6));
    }

    @Test
    void directions_are_those_of_the_first_or_alternate() {
        Project before = row(slide(100, 300, 1), slide(100, -300, 1), slide(100, 300, 1));
        Project same = even(before, Match.STRENGTH, Course.SAME);
        Project fro = even(before, Match.STRENGTH, Course.ALTERNATING);
        for (int i = 0; i < 3; i++) {
            assertThat(gist(same, i).across()).isPositive();
            assertThat(gist(fro, i).across() > 0).isEqualTo(i != 1);
        }
    }

    @Test
    void pushes_become_equally_strong_and_stay_pushes() {
        Project after =
                even(row(slide(100, 0, 1.1), slide(100, 0, 1.5), slide(100, 0, 0.9)), Match.STRENGTH, Course.OWN);
        for (int i = 0; i < 3; i++) {
            assertThat(Math.abs(gist(after, i).zoom())).isCloseTo(-Math.log(0.9), within(1e-6));
        }
        assertThat(gist(after, 0).zoom()).isPositive();
        assertThat(gist(after, 2).zoom()).isNegative();
    }

    @Test
    void every_move_of_a_random_set_is_sealed_or_named() {
        Random chance = new Random(1706);
        for (int i = 0; i < 12; i++) {
            CameraTrack[] cameras = new CameraTrack[4];
            for (int shot = 0; shot < cameras.length; shot++) {
                cameras[shot] = RandomPoses.centred(chance, PICTURE, FRAME, 80);
            }
            Project before = row(cameras);
            var plan = new EvenSet(
                            before, Match.values()[i % 2], Course.values()[i % 3], 50 + 100 * chance.nextDouble())
                    .plan(all(before));
            Project after = plan.edit().apply(before);
            assertThat(plan.made().size() + plan.refusals().size())
                    .isEqualTo(EvenSet.members(before, all(before)).size());
            for (String id : plan.made()) {
                assertThat(EdgeReport.of(after.take(after.shot(id).orElseThrow()))
                                .isSealed())
                        .isTrue();
            }
        }
    }

    @Test
    void what_stands_still_stays_out_of_it_and_no_amount_is_refused() {
        Project project = row(slide(100, 0, 1), slide(100, 300, 1));
        assertThat(EvenSet.members(project, all(project))).extracting(Shot::id).containsExactly("s2");
        assertThatThrownBy(() -> new EvenSet(project, Match.PACE, Course.OWN, 0))
                .hasMessageContaining("above 0");
    }
}
