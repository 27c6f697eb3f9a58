package amberlens.core.edit.edits;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.ValueKinds;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SoundEditsTest {
    private static final FrameRate RATE = FrameRate.of(25);
    private static final Media TUNE = Media.sound("a1", "/tune.flac");

    private static Project project() {
        Project with = Project.empty("Fernhollow").withMedia(List.of(TUNE));
        Project laid = SoundEdits.add(TUNE, time("2"), time("10")).apply(with);
        return SoundEdits.setLevel(
                        "c1",
                        Channel.keyed(
                                ValueKinds.NUMBER,
                                List.of(
                                        Key.of(0, -30.0, Ease.LINEAR.leg()),
                                        Key.of(100, 0.0, Ease.LINEAR.leg()),
                                        Key.of(200, -12.0, Ease.LINEAR.leg()))))
                .apply(laid);
    }

    private static Seconds time(String text) {
        return Seconds.parse(text);
    }

    private static SoundClip clip(Project project, String id) {
        return project.sounds().stream()
                .filter(found -> found.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** A sound whose samples say where in it they stand. */
    private static final Samples COUNTED = counted();

    private static Samples counted() {
        float[] pairs = new float[2 * 20 * Samples.RATE];
        for (int i = 0; i < pairs.length; i++) {
            pairs[i] = i / 2 * 1e-6f + 0.01f;
        }
        return Samples.of(pairs);
    }

    private static float[] heard(Project project, double from, double to) {
        int count = (int) Math.round((to - from) * Samples.RATE);
        float[] into = new float[2 * count];
        new Mix(RATE, 0).add(project.sounds(), _ -> COUNTED).read(Math.round(from * Samples.RATE), count, into);
        return into;
    }

    @Test
    void sounds_share_a_track_while_they_do_not_meet() {
        Project two = SoundEdits.add(TUNE, time("12"), time("3")).apply(project());
        assertThat(clip(two, "c2").track()).isEqualTo(1);
        Project over = SoundEdits.add(TUNE, time("11"), time("3")).apply(two);
        assertThat(clip(over, "c3").track()).isEqualTo(2);
        assertThat(SoundEdits.tracks(over)).isEqualTo(2);
    }

    @Test
    void a_cut_is_not_heard() {
        Project before = project();
        Project after = SoundEdits.split("c1", time("27/5")).apply(before);
        assertThat(after.sounds()).hasSize(2);
        assertThat(heard(after, 1, 13)).isEqualTo(heard(before, 1, 13));
        assertThat(SoundEdits.split("c1", time("2")).apply(before)).isEqualTo(before);
    }

    @Test
    void a_trimmed_start_leaves_what_is_heard_after_it() {
        Project before = project();
        Project after = SoundEdits.trimStart("c1", time("5"), RATE).apply(before);
        assertThat(clip(after, "c1").end()).isEqualTo(time("12"));
        assertThat(heard(after, 5, 12)).isEqualTo(heard(before, 5, 12));
        assertThat(heard(after, 2, 5)).containsOnly(0f);
        Project back = SoundEdits.trimStart("c1", time("0"), RATE).apply(after);
        assertThat(clip(back, "c1").start()).as("its sound reaches no further").isEqualTo(time("2"));
        assertThat(heard(back, 2, 12)).isEqualTo(heard(before, 2, 12));
        assertThat(SoundEdits.trimStart("c1", time("50"), RATE).apply(before)).isEqualTo(before);
    }

    @Test
    void ends_are_trimmed_parts_are_slipped_and_clips_moved() {
        Project ended = SoundEdits.trimEnd("c1", time("4")).apply(project());
        assertThat(clip(ended, "c1").length()).isEqualTo(time("2"));
        assertThat(SoundEdits.trimEnd("c1", time("1")).apply(ended)).isEqualTo(ended);
        Project slipped = SoundEdits.slip("c1", time("3/2")).apply(ended);
        assertThat(clip(slipped, "c1").in()).isEqualTo(time("3/2"));
        assertThat(clip(SoundEdits.slip("c1", Seconds.ZERO.minus(time("9"))).apply(slipped), "c1")
                        .in())
                .isEqualTo(Seconds.ZERO);
        Project moved = SoundEdits.move("c1", Seconds.ZERO.minus(time("1")), 3).apply(ended);
        assertThat(clip(moved, "c1").start()).isEqualTo(Seconds.ZERO);
        assertThat(clip(moved, "c1").track()).isEqualTo(3);
    }

    @Test
    void sounds_are_muted_faded_and_taken_away() {
        Project muted = SoundEdits.mute(Set.of("c1"), true).apply(project());
        assertThat(heard(muted, 2, 3)).containsOnly(0f);
        Project faded = SoundEdits.setFades("c1", time("1"), time("1/2")).apply(project());
        assertThat(clip(faded, "c1").leave()).isEqualTo(time("1/2"));
        assertThat(SoundEdits.remove(Set.of("c1")).apply(faded).sounds()).isEmpty();
    }
}
