package amberlens.core.model.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.BeatEdits;
import amberlens.core.edit.edits.SoundEdits;
import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.Beats;
import amberlens.core.model.hearing.LineUpBeats.Beat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class LineUpBeatsTest {
    private static final Media TUNE = Media.sound("a1", "/tune.flac");
    private static final Media VOICE = Media.sound("a2", "/voice.flac");
    private static final Map<String, BeatGrid> FOUND = Map.of("a1", every(0.5, 40), "a2", every(0.3, 40));

    private static BeatGrid every(double seconds, int count) {
        return BeatGrid.of(Beats.at(
                IntStream.range(0, count).mapToObj(i -> seconds * i).toList(),
                IntStream.range(0, count).mapToObj(_ -> 1.0).toList()));
    }

    private static Seconds time(String text) {
        return Seconds.parse(text);
    }

    /** Ten seconds of the tune from 2 s, and three of the voice from 10 s. */
    private static Project project() {
        Project with = Project.empty("Fernhollow").withMedia(List.of(TUNE, VOICE));
        Project laid = SoundEdits.add(TUNE, time("2"), time("10")).apply(with);
        return SoundEdits.add(VOICE, time("10"), time("3")).apply(laid);
    }

    private static LineUpBeats beats(Project project) {
        return LineUpBeats.of(project, id -> Optional.ofNullable(FOUND.get(id)));
    }

    private static List<Double> of(LineUpBeats beats, Media media) {
        return beats.beats().stream()
                .filter(beat -> beat.media().equals(media.id()))
                .map(Beat::seconds)
                .toList();
    }

    @Test
    void beats_stand_where_their_clip_plays_them_and_the_longer_clip_comes_first() {
        LineUpBeats beats = beats(project());
        assertThat(of(beats, TUNE)).hasSize(20).startsWith(2.0, 2.5).endsWith(11.5);
        assertThat(of(beats, VOICE)).allMatch(at -> at >= 12 && at < 13);
        assertThat(beats.frames()).startsWith(50, 63, 75);
        assertThat(beats.bars()).startsWith(50, 100, 150);
        assertThat(beats.every(4, 60)).startsWith(63, 113);
        assertThat(beats.nearest(58)).contains(63);
    }

    @Test
    void a_clip_that_begins_within_its_sound_gives_the_beats_from_there() {
        Project later = SoundEdits.trimStart(
                        "c1", time("81/20"), project().frame().rate())
                .apply(project());
        assertThat(of(beats(later), TUNE)).startsWith(4.5).hasSize(15);
    }

    @Test
    void what_was_set_by_hand_comes_before_what_is_longer_and_muted_clips_give_none() {
        Project byHand = BeatEdits.set("a2", Optional.of(every(0.25, 20))).apply(project());
        assertThat(of(beats(byHand), VOICE)).hasSize(12).startsWith(10.0, 10.25);
        assertThat(of(beats(byHand), TUNE)).endsWith(9.5);
        Project none = BeatEdits.set("a1", Optional.of(BeatGrid.NONE)).apply(project());
        assertThat(of(beats(none), TUNE)).isEmpty();
        assertThat(of(beats(none), VOICE)).hasSize(10);
        Project muted = SoundEdits.mute(Set.of("c1", "c2"), true).apply(project());
        assertThat(beats(muted).isEmpty()).isTrue();
    }
}
