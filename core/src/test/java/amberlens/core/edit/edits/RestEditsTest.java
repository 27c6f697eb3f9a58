package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.edit.edits.RestEdits.Following;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.PathHandles;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.keys.Rest;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Resting at a framing (2-MATH, Rest): its pose twice with a hold between, and what follows later or squeezed. */
class RestEditsTest {
    private static final Media PLAN = Media.photo("m1", "/archive/plan.jpg", new Size(6000, 4000));
    private static final Leg GENTLE = Ease.GENTLE_BOTH.leg();

    /** Framings at 0, 40 and 124, the turn without a key in the middle, and opacity keyed beside them. */
    private static Project moving() {
        Project project =
                ShotEdits.add(PLAN, Refit.FILL, 0).apply(MediaEdits.add(PLAN).apply(Project.empty("Rest")));
        CameraTrack camera = project.shots().getFirst().camera();
        return ShotEdits.setCamera(
                        "",
                        "s1",
                        camera.withScale(Channel.keyed(
                                        ValueKinds.SCALE,
                                        List.of(
                                                Key.of(0, Scale.uniform(32), GENTLE),
                                                Key.of(40, Scale.uniform(50), Leg.LINEAR),
                                                Key.of(124, Scale.uniform(40), Leg.LINEAR))))
                                .withPosition(Channel.keyed(
                                        ValueKinds.POSITION,
                                        List.of(
                                                Key.of(0, new FramePoint(960, 540), Leg.LINEAR),
                                                Key.of(40, new FramePoint(900, 500), GENTLE)
                                                        .withHandles(new PathHandles(
                                                                new FramePoint(-20, 5), new FramePoint(30, -8))),
                                                Key.of(124, new FramePoint(1000, 560), Leg.LINEAR))))
                                .withRotation(Channel.keyed(
                                        ValueKinds.NUMBER,
                                        List.of(Key.of(0, 0.0, Leg.LINEAR), Key.of(124, 6.0, Leg.LINEAR))))
                                .with(
                                        Properties.OPACITY,
                                        Channel.keyed(
                                                ValueKinds.NUMBER,
                                                List.of(Key.of(100, 100.0, Leg.LINEAR), Key.of(120, 0.0, Leg.LINEAR)))))
                .apply(project);
    }

    private static Shot shot(Project project) {
        return project.shots().getFirst();
    }

    private static void assertSameFrames(Project before, int from, Project after, int to, int count) {
        for (int i = 0; i <= count; i++) {
            Pose was = shot(before).camera().at(from + i);
            Pose is = shot(after).camera().at(to + i);
            assertThat(is.scale().x()).isCloseTo(was.scale().x(), org.assertj.core.api.Assertions.within(1e-9));
            assertThat(is.position().distance(was.position())).isLessThan(1e-6);
            assertThat(is.degrees()).isCloseTo(was.degrees(), org.assertj.core.api.Assertions.within(1e-9));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"24", "25", "30000/1001", "60"})
    void a_rest_of_so_many_seconds_lasts_so_long_at_every_rate(String written) {
        FrameRate rate = FrameRate.parse(written);
        int frames = rate.frames(0.5);
        Project rested = RestEdits.rest("s1", 40, frames, Following.PUSHED).apply(moving());
        Pose framing = shot(moving()).camera().at(40);
        for (int at = 40; at <= 40 + frames; at++) {
            assertThat(shot(rested).camera().at(at)).isEqualTo(framing);
        }
        assertThat(shot(rested).camera().at(41 + frames)).isNotEqualTo(framing);
        assertThat(frames / rate.perSecond()).isBetween(0.5 - 0.5 / rate.perSecond(), 0.5 + 0.5 / rate.perSecond());
        assertThat(Rest.at(shot(rested).camera(), 40).was()).isEqualTo(frames);
    }

    @Test
    void what_follows_comes_later_and_the_shot_lasts_longer_where_it_would_be_cut_off() {
        Project before = moving();
        Project after = RestEdits.rest("s1", 40, 25, Following.PUSHED).apply(before);
        assertThat(shot(after).length()).isEqualTo(150);
        assertSameFrames(before, 0, after, 0, 40);
        assertSameFrames(before, 40, after, 65, 84);
        assertThat(shot(after).camera().get(Properties.OPACITY).keys())
                .extracting(Key::at)
                .containsExactly(125, 145);
    }

    @Test
    void what_follows_can_be_squeezed_into_what_is_left() {
        Project after = RestEdits.rest("s1", 40, 42, Following.SQUEEZED).apply(moving());
        assertThat(shot(after).length()).isEqualTo(125);
        assertThat(shot(after).camera().scale().keys()).extracting(Key::at).containsExactly(0, 40, 82, 124);
        assertThat(shot(after).camera().get(Properties.OPACITY).keys())
                .extracting(Key::at)
                .as("halfway between 82 and 124 what was halfway between 40 and 124 or so")
                .containsExactly(112, 122);
        assertSameFrames(moving(), 124, after, 124, 0);
        Project most = RestEdits.rest("s1", 40, 500, Following.SQUEEZED).apply(moving());
        assertThat(Rest.at(shot(most).camera(), 40).was()).isEqualTo(83);
    }

    @Test
    void a_rest_can_be_changed_and_taken_away_again() {
        Project before = moving();
        Project rested = RestEdits.rest("s1", 40, 25, Following.PUSHED).apply(before);
        Project longer = RestEdits.rest("s1", 40, 30, Following.PUSHED).apply(rested);
        assertThat(shot(longer))
                .isEqualTo(shot(RestEdits.rest("s1", 40, 30, Following.PUSHED).apply(before)));
        Project none = RestEdits.rest("s1", 40, 0, Following.PUSHED).apply(longer);
        assertSameFrames(before, 0, none, 0, 124);
        assertThat(shot(none).camera().position())
                .isEqualTo(shot(before).camera().position());
    }

    @Test
    void a_rest_in_the_middle_of_a_leg_goes_on_from_there() {
        Project before = moving();
        Project after = RestEdits.rest("s1", 70, 10, Following.PUSHED).apply(before);
        assertSameFrames(before, 0, after, 0, 70);
        assertSameFrames(before, 70, after, 80, 54);
    }

    @Test
    void after_the_last_framing_the_camera_rests_anyway() {
        Project before = moving();
        assertThat(RestEdits.rest("s1", 124, 10, Following.PUSHED).apply(before))
                .isEqualTo(before);
        assertThat(Rest.at(shot(before).camera(), 124).goesOn()).isFalse();
    }
}
