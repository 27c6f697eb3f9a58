package amberlens.core.material.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.material.footage.Footage;
import amberlens.core.model.project.Media;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class TrackDraftTest {
    private static PicturePoint arc(int frame) {
        return new PicturePoint(100 + 4 * frame, 500 - 0.05 * frame * frame);
    }

    private static Spot sure(int frame) {
        return new Spot(arc(frame), 1 + 0.01 * frame, frame, 0.9);
    }

    private static TrackDraft draft(int last, int lostFrom, int lostTo) {
        TrackDraft draft = TrackDraft.begun("t1", "Duck", 50, 0, arc(0));
        for (int frame = 1; frame <= last; frame++) {
            boolean lost = frame >= lostFrom && frame <= lostTo;
            draft.take(frame, lost ? new Spot(arc(lostFrom - 1), 1, 0, 0) : sure(frame));
        }
        return draft;
    }

    @Test
    void what_was_lost_and_found_is_bridged_on_a_smooth_way_without_confidence() {
        Track track = draft(60, 20, 35).track();
        assertThat(track.weak()).containsExactly(new FrameSpan(20, 35));
        assertThat(track.asksFor()).contains(27);
        for (int frame = 20; frame <= 35; frame++) {
            Spot spot = track.at(frame).orElseThrow();
            assertThat(spot.at().x()).isCloseTo(arc(frame).x(), within(0.6));
            assertThat(spot.at().y()).isCloseTo(arc(frame).y(), within(4.0));
            assertThat(spot.confidence()).isZero();
            assertThat(spot.degrees()).isCloseTo(frame, within(0.01));
        }
    }

    @Test
    void what_never_comes_back_stays_where_it_was_seen_last() {
        Track track = draft(40, 31, 40).track();
        assertThat(track.at(40).orElseThrow().at())
                .isEqualTo(track.at(30).orElseThrow().at());
        assertThat(track.at(50.5).confidence()).isZero();
        assertThat(track.at(-3.0).at()).isEqualTo(arc(0));
        assertThat(track.at(41)).isEmpty();
    }

    @Test
    void a_point_given_later_is_followed_on_until_nothing_new_is_found() {
        TrackDraft draft = TrackDraft.of(draft(60, 20, 35).track());
        Spot from = draft.give(28, new PicturePoint(300, 300));
        assertThat(from.confidence()).isEqualTo(1);
        assertThat(draft.take(29, new Spot(new PicturePoint(304, 301), 1, 0, 0.8)))
                .isTrue();
        assertThat(draft.take(36, new Spot(arc(36).plus(0.4, 0), 1, 0, 0.8))).isFalse();
        assertThat(draft.take(0, sure(3))).isFalse();
        Track track = draft.track();
        assertThat(track.given()).containsExactly(0, 28);
        assertThat(track.at(28).orElseThrow().at()).isEqualTo(new PicturePoint(300, 300));
        assertThat(track.at(0).orElseThrow().at()).isEqualTo(arc(0));
        assertThatThrownBy(() -> draft.give(70, arc(70))).hasMessageContaining("examined");
    }

    @Test
    void a_guess_does_not_take_the_place_of_what_is_sure() {
        TrackDraft draft = TrackDraft.of(draft(60, 20, 35).track());
        draft.give(28, new PicturePoint(300, 300));
        assertThat(draft.take(36, new Spot(new PicturePoint(300, 300), 1, 0, 0.1)))
                .isTrue();
        assertThat(draft.track().at(36)).contains(sure(36).rounded());
        assertThat(draft.take(37, new Spot(new PicturePoint(320, 300), 1, 0, 0.7)))
                .isTrue();
        assertThat(draft.track().at(37).orElseThrow().at()).isEqualTo(new PicturePoint(320, 300));
    }

    @Test
    void between_two_frames_it_is_between_their_spots() {
        Spot spot = draft(10, 99, 99).track().at(4.25);
        assertThat(spot.at().x()).isCloseTo(117, within(0.01));
        assertThat(spot.scale()).isCloseTo(Math.pow(1.04, 0.75) * Math.pow(1.05, 0.25), within(1e-3));
    }

    @Test
    void tracks_lie_within_their_footage() {
        Track track = draft(60, 99, 99).track();
        Media film = Media.footage(
                "m1", Media.Kind.FILM, "pond.mp4", new Size(1280, 720), new Footage(FrameRate.of(25), 61));
        assertThat(film.withTracks(List.of(track)).track("t1")).contains(track);
        assertThatThrownBy(() -> film.withTracks(List.of(track, track))).hasMessageContaining("id of its own");
        Media shorter = Media.footage(
                "m2", Media.Kind.FILM, "pond.mp4", new Size(1280, 720), new Footage(FrameRate.of(25), 60));
        assertThatThrownBy(() -> shorter.withTracks(List.of(track))).isInstanceOf(IllegalArgumentException.class);
        assertThat(film.withTracks(List.of(track)).foundAs(shorter).tracks()).isEmpty();
        assertThat(film.withTracks(List.of(track)).foundAs(film).tracks()).containsExactly(track);
        assertThatThrownBy(() -> new Track("t1", "Duck", 5, track.spots(), new TreeSet<>(List.of(2)), 50, Extras.NONE))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
