package amberlens.desktop.time.play;

import static org.assertj.core.api.Assertions.assertThat;

import amberlens.core.base.geometry.Size;
import amberlens.core.edit.edits.MediaEdits;
import amberlens.core.edit.edits.ShotEdits;
import amberlens.core.judge.edges.Refit;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.desktop.desk.state.Desk;
import amberlens.desktop.desk.state.PlayTally;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Time is handed in, in nanoseconds; no test waits. */
class PlaybackTest {
    private static final long SECOND = 1_000_000_000L;
    private static final long START = 5 * SECOND;

    private final Desk desk = new Desk();
    private final Playback playback = new Playback(desk);

    @BeforeEach
    void load() {
        Media plan = Media.photo("m1", "/archive/plan.jpg", new Size(6000, 4000));
        Project project = MediaEdits.add(plan).apply(Project.empty("Fernhollow"));
        desk.document()
                .load(
                        ShotEdits.setLength("s1", 50, ShotEdits.Timing.KEEP)
                                .apply(ShotEdits.add(plan, Refit.FILL, 0).apply(project)),
                        Optional.empty());
    }

    @Test
    void the_frame_follows_the_time_and_late_refreshes_drop_frames() {
        playback.toggle();
        playback.tick(START);
        assertThat(desk.cursor().playhead()).isZero();
        playback.tick(START + SECOND / 25);
        assertThat(desk.cursor().playhead()).isEqualTo(1);
        playback.tick(START + SECOND);
        assertThat(desk.cursor().playhead()).isEqualTo(25);
    }

    @Test
    void frames_that_are_shown_in_time_are_counted_and_those_left_out_are_not() {
        PlayTally tally = desk.cursor().transport().tally();
        playback.toggle();
        playback.tick(START);
        tally.shown(0, START + SECOND / 1000);
        playback.tick(START + SECOND / 25);
        tally.shown(1, START + SECOND / 25 + SECOND / 20); // half a frame too late
        playback.tick(START + 4 * SECOND / 25 + SECOND / 100); // two are left out
        tally.shown(4, START + 4 * SECOND / 25 + SECOND / 60);
        tally.shown(4, START + 4 * SECOND / 25 + SECOND / 55);
        assertThat(tally.wanted()).isEqualTo(5);
        assertThat(tally.inTime()).isEqualTo(2);
        playback.toggle();
        playback.toggle();
        playback.tick(START + 10 * SECOND);
        assertThat(tally.wanted()).as("counted anew").isEqualTo(1);
    }

    @Test
    void a_frame_is_shown_from_half_a_refresh_before_its_time_on() {
        try (var early = new Playback(desk, Clock.NONE, 1 / 120.0)) {
            early.toggle();
            early.tick(START);
            early.tick(START + SECOND / 25 - SECOND / 100);
            assertThat(desk.cursor().playhead()).isZero();
            early.tick(START + SECOND / 25 - SECOND / 125);
            assertThat(desk.cursor().playhead()).isEqualTo(1);
        }
    }

    /** Sound that is as far as a test says. */
    private static final class Heard implements Clock {
        private boolean there = true;
        private OptionalDouble at = OptionalDouble.empty();
        private final List<Double> begun = new ArrayList<>();
        private int stops;

        @Override
        public void play(double seconds) {
            begun.add(seconds);
            at = OptionalDouble.empty();
        }

        @Override
        public void stop() {
            stops++;
        }

        @Override
        public boolean isThere() {
            return there;
        }

        @Override
        public OptionalDouble seconds() {
            return at;
        }
    }

    @Test
    void the_frame_follows_what_is_heard_whatever_the_clock_on_the_wall_says() {
        var heard = new Heard();
        try (var sounding = new Playback(desk, heard)) {
            desk.cursor().seek(5);
            sounding.toggle();
            sounding.tick(START);
            sounding.tick(START + 3 * SECOND);
            assertThat(desk.cursor().playhead()).isEqualTo(5);
            heard.at = OptionalDouble.of(0.5);
            sounding.tick(START + 3 * SECOND + 1);
            assertThat(desk.cursor().playhead()).isEqualTo(12);
            assertThat(heard.begun).containsExactly(0.2);
            desk.cursor().seek(30);
            sounding.tick(START + 4 * SECOND);
            assertThat(heard.begun).containsExactly(0.2, 1.2);
            sounding.toggle();
            assertThat(heard.stops).isEqualTo(1);
        }
    }

    @Test
    void when_the_device_goes_away_the_picture_goes_on_by_the_clock() {
        var heard = new Heard();
        try (var sounding = new Playback(desk, heard)) {
            sounding.toggle();
            sounding.tick(START);
            heard.at = OptionalDouble.of(0.4);
            sounding.tick(START + SECOND);
            assertThat(desk.cursor().playhead()).isEqualTo(10);
            heard.there = false;
            sounding.tick(START + 2 * SECOND);
            sounding.tick(START + 2 * SECOND + SECOND / 5);
            assertThat(desk.cursor().playhead()).isEqualTo(15);
        }
    }

    @Test
    void at_other_speeds_nothing_is_heard_and_a_loop_begins_the_sound_again() {
        var heard = new Heard();
        try (var sounding = new Playback(desk, heard)) {
            sounding.toggle();
            sounding.tick(START);
            heard.at = OptionalDouble.of(2.01);
            sounding.tick(START + SECOND);
            assertThat(heard.begun).containsExactly(0.0, 0.0);
            desk.cursor().transport().shuttle(1);
            sounding.tick(START + 2 * SECOND);
            assertThat(heard.stops).isEqualTo(1);
            sounding.tick(START + 2 * SECOND + SECOND / 5);
            assertThat(desk.cursor().playhead()).isEqualTo(10);
            assertThat(heard.begun).hasSize(2);
        }
    }

    @Test
    void a_loop_begins_again_after_the_last_frame() {
        playback.toggle();
        playback.tick(START);
        playback.tick(START + 49 * SECOND / 25);
        assertThat(desk.cursor().playhead()).isEqualTo(49);
        playback.tick(START + 50 * SECOND / 25);
        assertThat(desk.cursor().playhead()).isZero();
        assertThat(desk.cursor().transport().playing()).isTrue();
    }

    @Test
    void without_loop_it_stops_on_the_last_frame_and_starts_over_from_the_first() {
        desk.cursor().transport().setLooping(false);
        playback.toggle();
        playback.tick(START);
        playback.tick(START + 60 * SECOND);
        assertThat(desk.cursor().playhead()).isEqualTo(49);
        assertThat(desk.cursor().transport().playing()).isFalse();
        playback.toggle();
        assertThat(desk.cursor().playhead()).isZero();
    }

    @Test
    void going_elsewhere_while_playing_goes_on_from_there() {
        playback.toggle();
        playback.tick(START);
        playback.tick(START + SECOND / 5);
        desk.cursor().seek(30);
        playback.tick(START + SECOND / 4);
        playback.tick(START + SECOND / 4 + 2 * SECOND / 25);
        assertThat(desk.cursor().playhead()).isEqualTo(32);
    }

    @Test
    void an_empty_line_up_does_not_play() {
        desk.document().load(Project.empty("empty"), Optional.empty());
        playback.toggle();
        assertThat(desk.cursor().transport().playing()).isFalse();
        playback.close();
        assertThat(desk.listeners()).isZero();
    }
}
