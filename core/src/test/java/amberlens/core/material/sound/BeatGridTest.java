package amberlens.core.material.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BeatGridTest {
    /** Every half second from 1 s, the third of each four the strongest. */
    private static BeatGrid found() {
        List<Double> times = IntStream.range(0, 16).mapToObj(i -> 1 + 0.5 * i).toList();
        List<Double> strengths =
                IntStream.range(0, 16).mapToObj(i -> i % 4 == 2 ? 0.9 : 0.4).toList();
        return BeatGrid.of(Beats.at(times, strengths));
    }

    @Test
    void bars_begin_with_the_strongest_of_each_four() {
        assertThat(found().beats().tempo()).isCloseTo(120, within(1e-9));
        assertThat(IntStream.range(0, 16).filter(found()::isBar)).containsExactly(2, 6, 10, 14);
    }

    @Test
    void half_the_tempo_keeps_the_beats_that_begin_bars() {
        BeatGrid half = found().halved();
        assertThat(half.beats().tempo()).isCloseTo(60, within(1e-9));
        assertThat(half.beats().times()).startsWith(1.0, 2.0, 3.0);
        assertThat(half.beats().times().get(half.first())).isEqualTo(2.0);
        BeatGrid odd = found().withFirstAt(1.6).halved();
        assertThat(odd.beats().times()).startsWith(1.5, 2.5);
        assertThat(odd.beats().times().get(odd.first())).isEqualTo(1.5);
    }

    @Test
    void twice_the_tempo_puts_beats_between_and_half_of_that_is_what_was() {
        BeatGrid twice = found().doubled();
        assertThat(twice.beats().times()).startsWith(1.0, 1.25, 1.5).hasSize(31);
        assertThat(twice.beats().strengths().get(1)).isLessThan(0.4);
        assertThat(twice.halved().beats().times()).isEqualTo(found().beats().times());
        assertThat(twice.beats().times().get(twice.first())).isEqualTo(2.0);
    }

    @Test
    void beats_moved_before_the_sound_go_and_bars_stay_with_theirs() {
        BeatGrid earlier = found().shifted(-2.2);
        assertThat(earlier.beats().times().getFirst()).isCloseTo(0.3, within(1e-9));
        assertThat(earlier.beats().times()).hasSize(13);
        List<Double> bars = IntStream.range(0, 13)
                .filter(earlier::isBar)
                .mapToObj(earlier.beats().times()::get)
                .toList();
        assertThat(bars.getFirst()).isCloseTo(4 - 2.2, within(1e-9));
    }

    @Test
    void taps_with_an_unsteady_hand_and_one_left_out_give_the_tempo_and_the_place() {
        var hand = new Random(5);
        List<Double> taps = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            if (i != 7) {
                taps.add(3.1 + 0.625 * i + 0.02 * hand.nextGaussian());
            }
        }
        BeatGrid tapped = BeatGrid.tapped(taps, 30);
        assertThat(tapped.beats().tempo()).isCloseTo(96, within(0.7));
        double first = tapped.beats().times().get(tapped.first());
        assertThat(first).isCloseTo(3.1, within(0.03));
        assertThat(tapped.beats().times().getFirst()).isBetween(0.0, 0.64);
        assertThat(tapped.beats().times().getLast()).isBetween(29.3, 30.0);
    }

    @Test
    void one_tap_and_drumming_fingers_are_refused() {
        assertThatThrownBy(() -> BeatGrid.tapped(List.of(1.0), 10)).hasMessageContaining("Two taps");
        assertThatThrownBy(() -> BeatGrid.tapped(List.of(1.0, 1.01, 1.02), 10))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> found().withPerBar(0)).hasMessageContaining("1 to 16");
    }
}
