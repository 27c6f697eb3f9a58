package amberlens.media.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.material.track.Spot;
import amberlens.core.pixels.raster.CodeRaster;
import amberlens.media.track.KnownFootage.Bar;
import amberlens.media.track.KnownFootage.Truth;
import java.util.Arrays;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Test;

class SubjectTrackerTest {
    private static final IntFunction<Bar> NOTHING = _ -> new Bar(0, 0, 0, 0);
    private static final double RADIUS = KnownFootage.RADIUS * 0.85;
    private static final double PINNED_PX = 2;

    /** Scale 0.7 … 1.4, about 1 at frame 0. */
    private static Truth wandering(int frame) {
        double t = frame / 25.0;
        return new Truth(
                480 + 260 * Math.sin(0.9 * t) + 20 * Math.sin(3.1 * t),
                270 + 120 * Math.sin(1.3 * t + 1),
                1.05 + 0.35 * Math.sin(0.9 * t - 0.14),
                25 * Math.sin(0.8 * t));
    }

    private static TreeMap<Integer, Spot> track(KnownFootage footage, int from, int to) throws Exception {
        var found = new TreeMap<Integer, Spot>();
        Spot start = Spot.given(footage.truth(from).at(), 1, 0);
        new SubjectTracker(footage).track(from, start, RADIUS, to, (frame, spot) -> {
            found.put(frame, spot);
            return true;
        });
        return found;
    }

    private static double off(KnownFootage footage, int frame, Spot spot) {
        Truth truth = footage.truth(frame);
        return Math.hypot(spot.at().x() - truth.x(), spot.at().y() - truth.y());
    }

    private static void assertSureWithin(double px, KnownFootage footage, Map<Integer, Spot> found, double sure) {
        long many = found.values().stream().filter(spot -> !spot.weak()).count();
        assertThat((double) many / found.size()).isGreaterThanOrEqualTo(sure);
        found.forEach((frame, spot) -> {
            if (!spot.weak()) {
                assertThat(off(footage, frame, spot)).as("frame %d", frame).isLessThan(px);
            }
        });
    }

    @Test
    void a_clear_subject_is_followed_to_a_fraction_of_a_pixel_in_both_directions() throws Exception {
        var footage = new KnownFootage(SubjectTrackerTest::wandering, 0, 0, NOTHING);
        assertSureWithin(0.4, footage, track(footage, 0, 70), 1);
        Map<Integer, Spot> backwards = track(footage, 70, 0);
        assertThat(backwards).hasSize(70);
        assertSureWithin(0.4, footage, backwards, 1);
        double grown = wandering(0).scale() / wandering(70).scale();
        assertThat(backwards.get(0).scale()).isCloseTo(grown, within(0.01));
        assertThat(backwards.get(0).degrees()).isCloseTo(-wandering(70).degrees(), within(0.5));
    }

    @Test
    void noise_and_blur_do_not_lead_it_astray_while_it_grows_and_shrinks() throws Exception {
        var footage = new KnownFootage(SubjectTrackerTest::wandering, 8, 0.5, NOTHING);
        assertSureWithin(PINNED_PX, footage, track(footage, 0, 90), 0.97);
    }

    @Test
    void what_hides_a_third_of_it_does_not_pull_at_it() throws Exception {
        IntFunction<Bar> below = frame -> {
            Truth truth = wandering(frame);
            double top = truth.y() + KnownFootage.RADIUS * truth.scale() * 0.3;
            return frame < 3 ? NOTHING.apply(frame) : new Bar(truth.x() - 80, truth.x() + 80, top, top + 80);
        };
        var footage = new KnownFootage(SubjectTrackerTest::wandering, 5, 0.4, below);
        assertSureWithin(PINNED_PX, footage, track(footage, 0, 90), 0.95);
    }

    /** A way on which it was lost for good once. */
    @Test
    void what_is_hidden_by_a_third_all_at_once_is_found_again_before_it_is_free() throws Exception {
        IntFunction<Truth> way = ChanceWay.of(515);
        IntFunction<Bar> below = frame -> {
            Truth truth = way.apply(frame);
            double top = truth.y() + KnownFootage.RADIUS * truth.scale() * 0.3;
            return frame < 3 ? NOTHING.apply(frame) : new Bar(truth.x() - 80, truth.x() + 80, top, top + 80);
        };
        var footage = new KnownFootage(way, 6, 0.4, below);
        assertSureWithin(PINNED_PX, footage, track(footage, 0, 50), 0.9);
    }

    @Test
    void what_was_hidden_is_unsure_and_found_again() throws Exception {
        IntFunction<Bar> curtain = frame -> frame >= 30 && frame < 60 ? new Bar(0, 960, 0, 540) : NOTHING.apply(frame);
        var footage = new KnownFootage(SubjectTrackerTest::wandering, 5, 0.4, curtain);
        Map<Integer, Spot> found = track(footage, 0, 80);
        for (int frame = 30; frame < 60; frame++) {
            assertThat(found.get(frame).weak()).as("frame %d", frame).isTrue();
        }
        for (int frame = 64; frame <= 80; frame++) {
            assertThat(found.get(frame).weak()).as("frame %d", frame).isFalse();
        }
        assertSureWithin(PINNED_PX, footage, found, 0.55);
    }

    /** The rules for finding again were made with other seeds in sight. */
    @Test
    void ways_by_chance_behind_a_post_are_followed_as_well() throws Exception {
        for (int seed : new int[] {1001, 1004}) {
            IntFunction<Truth> way = ChanceWay.of(seed);
            IntFunction<Bar> post = frame -> frame < 5 ? NOTHING.apply(frame) : new Bar(430, 470, 0, 540);
            var footage = new KnownFootage(way, 6, 0.4, post);
            assertSureWithin(PINNED_PX, footage, track(footage, 0, 70), 0.7);
        }
    }

    @Test
    void what_is_gone_is_not_taken_for_something_else() throws Exception {
        IntFunction<Truth> way = ChanceWay.of(404);
        IntFunction<Truth> gone = frame -> frame >= 25 && frame < 45 ? new Truth(-400, -400, 1, 0) : way.apply(frame);
        var footage = new KnownFootage(gone, 5, 0, NOTHING);
        Map<Integer, Spot> found = track(footage, 0, 60);
        for (int frame = 25; frame < 45; frame++) {
            assertThat(found.get(frame).weak()).as("frame %d", frame).isTrue();
        }
        assertSureWithin(PINNED_PX, footage, found, 0.5);
        assertThat(found.get(60).weak()).isFalse();
    }

    @Test
    void out_of_the_picture_it_is_not_seen() throws Exception {
        var footage = new KnownFootage(frame -> new Truth(800 + 6 * frame, 270, 1, 0), 3, 0, NOTHING);
        Map<Integer, Spot> found = track(footage, 0, 60);
        assertThat(found.get(10).weak()).isFalse();
        for (int frame = 36; frame <= 60; frame++) {
            assertThat(found.get(frame).weak()).as("frame %d", frame).isTrue();
        }
    }

    @Test
    void where_all_looks_alike_there_is_nothing_to_follow() {
        var codes = new int[640 * 360];
        Arrays.fill(codes, 0xFF507090);
        var plain = CodeRaster.ofEightBits(new Size(640, 360), codes, true);
        Spot start = Spot.given(new PicturePoint(300, 200), 1, 0);
        assertThatThrownBy(() -> new SubjectTracker(_ -> plain).track(0, start, 40, 5, (_, _) -> true))
                .hasMessageContaining("nothing to follow");
    }

    @Test
    void who_listens_may_end_it() throws Exception {
        var footage = new KnownFootage(SubjectTrackerTest::wandering, 0, 0, NOTHING);
        var seen = new TreeMap<Integer, Spot>();
        new SubjectTracker(footage).track(40, Spot.given(wandering(40).at(), 1, 0), RADIUS, 0, (frame, spot) -> {
            seen.put(frame, spot);
            return frame > 35;
        });
        assertThat(seen.keySet()).containsExactly(35, 36, 37, 38, 39);
    }
}
