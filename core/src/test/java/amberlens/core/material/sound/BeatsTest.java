package amberlens.core.material.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BeatsTest {
    private static final double LENGTH = 30;

    private static double[] even(double bpm) {
        int count = (int) ((LENGTH - 0.7) * bpm / 60);
        return IntStream.range(0, count).mapToDouble(i -> 0.5 + i * 60 / bpm).toArray();
    }

    private static Beats found(Samples sound) {
        return Beats.of(sound, _ -> true);
    }

    /** Every beat but the first and the last two is found within 20 ms, and nothing else is called a beat. */
    private static void assertFound(Beats beats, double[] clicks) {
        for (int i = 1; i < clicks.length - 2; i++) {
            double click = clicks[i];
            assertThat(beats.times().stream()
                            .mapToDouble(time -> Math.abs(time - click))
                            .min()
                            .orElse(9))
                    .as("the click at %.3f", click)
                    .isLessThan(0.02);
        }
        assertThat(beats.times()).hasSizeBetween(clicks.length - 3, clicks.length + 2);
    }

    @ParameterizedTest
    @ValueSource(doubles = {60, 72.5, 90, 100, 120, 127.3, 140, 160, 180})
    void clicks_are_found_within_20_ms_and_their_tempo_to_a_third_of_a_beat(double bpm) {
        double[] clicks = even(bpm);
        Beats beats = found(TestSounds.clicks(LENGTH, clicks, 0));
        assertThat(beats.tempo()).isCloseTo(bpm, within(0.3));
        assertFound(beats, clicks);
    }

    @ParameterizedTest
    @ValueSource(doubles = {80, 120, 170})
    void noise_10_db_below_the_clicks_hides_none(double bpm) {
        double[] clicks = even(bpm);
        // clicks peak at about 0.75; noise of −10 dB has a peak of 0.24
        Beats beats = found(TestSounds.clicks(LENGTH, clicks, 0.24));
        assertThat(beats.tempo()).isCloseTo(bpm, within(0.5));
        assertFound(beats, clicks);
    }

    @Test
    void swung_offbeats_are_no_beats() {
        double[] beats = even(100);
        double[] offbeats = Arrays.stream(beats).map(time -> time + 0.4).toArray();
        Samples loud = TestSounds.clicks(LENGTH, beats, 0);
        Samples soft = TestSounds.clicks(LENGTH, offbeats, 0);
        float[] both = new float[(int) (2 * loud.length())];
        float[] other = new float[both.length];
        loud.read(0, (int) loud.length(), both, 0);
        soft.read(0, (int) soft.length(), other, 0);
        for (int i = 0; i < both.length; i++) {
            both[i] += 0.35f * other[i];
        }
        Beats found = found(Samples.of(both));
        assertThat(found.tempo()).isCloseTo(100, within(0.5));
        assertFound(found, beats);
    }

    @Test
    void a_pause_is_counted_through() {
        double[] all = even(120);
        double[] heard =
                DoubleStream.of(all).filter(time -> time < 10 || time > 14).toArray();
        Beats beats = found(TestSounds.clicks(LENGTH, heard, 0));
        assertThat(beats.tempo()).isCloseTo(120, within(0.5));
        for (double click : heard) {
            if (click > 1 && click < LENGTH - 2) {
                assertThat(beats.times().stream()
                                .mapToDouble(time -> Math.abs(time - click))
                                .min()
                                .orElse(9))
                        .isLessThan(0.02);
            }
        }
    }

    @Test
    void silence_short_sounds_and_a_search_that_is_ended_have_no_beats() {
        assertThat(found(TestSounds.of(20, _ -> 0))).isEqualTo(Beats.NONE);
        assertThat(found(TestSounds.clicks(2, new double[] {0.5, 1, 1.5}, 0))).isEqualTo(Beats.NONE);
        assertThat(Beats.of(TestSounds.clicks(LENGTH, even(120), 0), _ -> false))
                .isEqualTo(Beats.NONE);
    }
}
