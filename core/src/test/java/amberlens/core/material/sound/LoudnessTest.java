package amberlens.core.material.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Against the signals that EBU Tech 3341 (2016), table 1, and ITU-R BS.1770-4 give with their results. */
class LoudnessTest {
    private static Samples sine(double seconds, double hertz, double decibels) {
        double amplitude = Math.pow(10, decibels / 20);
        return TestSounds.of(seconds, time -> amplitude * Math.sin(2 * Math.PI * hertz * time));
    }

    /** Signals 1 and 2: a stereo sine of 1000 Hz at −23 and −33 dBFS for 20 s is as many LUFS, ± 0.1 LU. */
    @ParameterizedTest
    @CsvSource({"-23", "-33"})
    void a_sine_in_both_channels_is_as_loud_as_its_level(double level) {
        Loudness loudness = Loudness.of(sine(20, 1000, level));
        assertThat(loudness.integrated()).isCloseTo(level, within(0.1));
        assertThat(loudness.momentary()).isCloseTo(level, within(0.1));
    }

    /** BS.1770-4, annex 1: a sine of 997 Hz at 0 dBFS in one channel is −3.01 LKFS. */
    @Test
    void a_full_sine_in_one_channel_is_3_db_less() {
        int pairs = 10 * Samples.RATE;
        float[] left = new float[2 * pairs];
        for (int i = 0; i < pairs; i++) {
            left[2 * i] = (float) Math.sin(2 * Math.PI * 997 * i / Samples.RATE);
        }
        assertThat(Loudness.of(Samples.of(left)).integrated()).isCloseTo(-3.01, within(0.02));
    }

    /** Signal 3: −36 dBFS for 10 s, −23 for 60 s, −36 for 10 s is −23 LUFS: the gate leaves the soft parts out. */
    @Test
    void soft_parts_do_not_count() {
        Samples sound = TestSounds.of(80, time -> {
            double level = time >= 10 && time < 70 ? -23 : -36;
            return Math.pow(10, level / 20) * Math.sin(2 * Math.PI * 1000 * time);
        });
        assertThat(Loudness.of(sound).integrated()).isCloseTo(-23, within(0.1));
    }

    /** Signal 15 of Tech 3341: a sine of a quarter of the rate at 45°, whose samples miss its peak by 3 dB; +0.2/−0.4 dB. */
    @Test
    void true_peaks_lie_between_samples() {
        double amplitude = Math.pow(10, -6 / 20.0);
        Samples sound =
                TestSounds.of(2, time -> amplitude * Math.sin(2 * Math.PI * Samples.RATE / 4.0 * time + Math.PI / 4));
        assertThat(Loudness.of(sound).truePeak()).isBetween(-6.4, -5.8);
    }

    @Test
    void silence_has_no_loudness() {
        Loudness loudness = Loudness.of(TestSounds.of(5, _ -> 0));
        assertThat(loudness.integrated()).isEqualTo(Double.NEGATIVE_INFINITY);
        assertThat(loudness.truePeak()).isEqualTo(Double.NEGATIVE_INFINITY);
    }
}
