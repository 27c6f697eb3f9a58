package amberlens.core.model.hearing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.footage.Footage;
import amberlens.core.material.footage.Source;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.hearing.Hearing.Wanted;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.Properties;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The sound of footage in its shots. */
class HearingTest {
    private static final Size SIZE = new Size(1920, 1080);
    private static final Media POND =
            Media.footage("m1", Media.Kind.FILM, "/pond.mp4", SIZE, new Footage(FrameRate.of(50), 500));

    /** Ten seconds whose samples say how many thousandths of a second they stand in it. */
    private static final Samples COUNTED = counted();

    private static Samples counted() {
        float[] pairs = new float[2 * 10 * Samples.RATE];
        for (int i = 0; i < pairs.length; i++) {
            pairs[i] = (i / 2) / (float) Samples.RATE;
        }
        return Samples.of(pairs);
    }

    private static Project project(double in, Channel<Double> speed) {
        CameraTrack camera = CameraTrack.still(Pose.neutral(SIZE, SIZE)).with(Properties.SPEED, speed);
        Shot shot =
                new Shot("s1", "Pond", "m1", 1, 50, 100, true, camera, Extras.NONE).withSource(Source.WHOLE.withIn(in));
        return Project.empty("Fernhollow")
                .withMedia(List.of(POND))
                .withShots(List.of(shot.withSettings(shot.settings().withHeard(true))));
    }

    private static Channel<Double> speed(double percent) {
        return Channel.constant(ValueKinds.NUMBER, percent);
    }

    /** What is heard of the sound at a time of the line-up, as the place in it in seconds. */
    private static double place(Project project, double at) {
        Mix mix = Hearing.mix(project, wanted -> wanted.tempo() == 1 ? COUNTED : faster(wanted.tempo()));
        float[] pair = new float[2];
        mix.read(Math.round(at * Samples.RATE), 1, pair);
        return pair[0];
    }

    /** As a filter would give it: each place comes so much earlier. */
    private static Samples faster(double tempo) {
        return new Samples() {
            @Override
            public long length() {
                return (long) (COUNTED.length() / tempo);
            }

            @Override
            public void read(long from, int count, float[] into, int at) {
                float[] one = new float[2];
                for (int i = 0; i < count; i++) {
                    COUNTED.read(Math.round((from + i) * tempo), 1, one, 0);
                    into[2 * (at + i)] = one[0];
                    into[2 * (at + i) + 1] = one[1];
                }
            }
        };
    }

    @Test
    void footage_is_heard_with_its_picture_from_where_its_shot_begins_in_it() {
        Project project = project(100, speed(100));
        assertThat(Hearing.wanted(project)).containsExactly(new Wanted("m1", 1));
        assertThat(place(project, 1.9)).isZero();
        assertThat(place(project, 2.5)).isCloseTo(2.5, within(1e-5));
        assertThat(place(project, 5.99)).isCloseTo(5.99, within(1e-5));
        assertThat(place(project, 6.01)).isZero();
    }

    @Test
    void at_another_constant_speed_it_stays_in_time_at_its_own_pitch() {
        Project project = project(100, speed(150));
        assertThat(Hearing.wanted(project)).containsExactly(new Wanted("m1", 1.5));
        assertThat(place(project, 4)).isCloseTo(2 + 2 * 1.5, within(1e-4));
    }

    @Test
    void at_a_keyed_speed_it_stays_in_time_and_is_silent_while_it_stands_or_runs_back() {
        Channel<Double> speed = Channel.keyed(
                ValueKinds.NUMBER,
                List.of(
                        Key.of(0, 100.0, Leg.HOLD),
                        Key.of(25, 200.0, Leg.HOLD),
                        Key.of(50, 0.0, Leg.HOLD),
                        Key.of(75, -100.0, Leg.HOLD)));
        Project project = project(0, speed);
        assertThat(place(project, 2.5)).isCloseTo(0.5, within(2e-3));
        assertThat(place(project, 3.5)).isCloseTo(1 + 2 * 0.5, within(3e-3));
        assertThat(place(project, 4.5)).isZero();
        assertThat(place(project, 5.5)).isZero();
    }

    @Test
    void backwards_or_muted_footage_is_not_read_at_all() {
        assertThat(Hearing.wanted(project(400, speed(-100)))).isEmpty();
        Project muted = SoundEdits.setHeard(Set.of("s1"), false).apply(project(0, speed(100)));
        assertThat(Hearing.wanted(muted)).isEmpty();
        assertThat(place(muted, 3)).isZero();
    }

    @Test
    void a_sound_taken_off_its_shot_is_heard_as_before_and_the_shot_is_silent() {
        Project before = project(100, speed(100));
        Project after = SoundEdits.detach("s1").apply(before);
        assertThat(after.shot("s1").orElseThrow().settings().heard()).isFalse();
        SoundClip clip = after.sounds().getFirst();
        assertThat(clip.start()).isEqualTo(new Seconds(2, 1));
        assertThat(clip.in()).isEqualTo(new Seconds(2, 1));
        assertThat(clip.length()).isEqualTo(new Seconds(4, 1));
        for (double at : new double[] {1.9, 2.5, 5.9, 6.1}) {
            assertThat(place(after, at)).isEqualTo(place(before, at));
        }
        assertThatThrownBy(() -> SoundEdits.detach("s1").apply(project(0, speed(50))))
                .hasMessageContaining("its speed is changed");
    }

    @Test
    void the_level_of_all_sounds_is_that_of_each_and_what_is_not_listened_to_is_silent() {
        Project quiet = SoundEdits.setSoundLevel(-20).apply(project(0, speed(100)));
        assertThat(place(quiet, 4)).isCloseTo(0.2, within(1e-5));
        float[] pair = new float[2];
        Hearing.mix(quiet, _ -> COUNTED, _ -> true, _ -> false).read(4 * Samples.RATE, 1, pair);
        assertThat(pair[0]).isZero();
        assertThatThrownBy(() -> SoundEdits.setSoundLevel(13).apply(quiet)).hasMessageContaining("12 dB");
    }
}
