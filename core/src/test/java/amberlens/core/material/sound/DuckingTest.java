package amberlens.core.material.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class DuckingTest {
    private static final FrameRate RATE = FrameRate.of(25);

    /** Speaks from 4 to 6 and from 6.4 to 7 s, and again from 12 to 13 s. */
    private static final Samples VOICE = TestSounds.of(20, time -> {
        boolean speaks = (time >= 4 && time < 6) || (time >= 6.4 && time < 7) || (time >= 12 && time < 13);
        return speaks ? 0.3 * Math.sin(2 * Math.PI * 200 * time) : 0.0005 * Math.sin(2 * Math.PI * 50 * time);
    });

    private static final Samples MUSIC = TestSounds.of(20, time -> 0.5 * Math.sin(2 * Math.PI * 440 * time));

    private static SoundClip clip(String media, int track, String start, String length) {
        return SoundClip.of(media, media, track, Seconds.parse(start), Seconds.ZERO, Seconds.parse(length));
    }

    private static Mix mix(SoundClip... clips) {
        return new Mix(RATE, 0).add(List.of(clips), clip -> Map.of("voice", VOICE, "music", MUSIC)
                .get(clip.media()));
    }

    private static final Envelope VOICE_HEARD = Envelope.of(mix(clip("voice", 1, "0", "20")), 0, 20, _ -> true);

    private static double level(Mix mix, double from, double to) {
        int count = (int) ((to - from) * Samples.RATE);
        float[] pairs = new float[2 * count];
        mix.read(Math.round(from * Samples.RATE), count, pairs);
        double power = 0;
        for (float sample : pairs) {
            power += sample * sample;
        }
        return 10 * Math.log10(power / pairs.length);
    }

    @Test
    void a_voice_speaks_where_it_is_louder_than_the_threshold_and_short_rests_do_not_end_it() {
        List<Ducking.Spoken> spoken = Ducking.USUAL.spoken(VOICE_HEARD);
        assertThat(spoken).hasSize(2);
        assertThat(spoken.getFirst().from()).isCloseTo(4, within(0.021));
        assertThat(spoken.getFirst().to()).isCloseTo(7, within(0.021));
        assertThat(spoken.getLast().from()).isCloseTo(12, within(0.021));
    }

    @Test
    void the_music_is_lower_by_the_depth_where_the_voice_speaks_and_as_before_elsewhere() {
        SoundClip music = clip("music", 2, "1", "18");
        Channel<Double> ducked = Ducking.USUAL.level(music, VOICE_HEARD, RATE);
        Mix before = mix(music);
        Mix after = mix(music.withLevel(ducked));
        for (double at : new double[] {4.05, 5, 5.9, 6.2, 6.9, 12.1, 12.9}) {
            assertThat(level(before, at, at + 0.05) - level(after, at, at + 0.05))
                    .as("at %.2f s", at)
                    .isCloseTo(12, within(0.5));
        }
        for (double at : new double[] {1.5, 3.5, 8.5, 10, 14.5, 18}) {
            assertThat(level(after, at, at + 0.05)).isCloseTo(level(before, at, at + 0.05), within(0.01));
        }
        assertThat(ducked.keys()).hasSize(8);
    }

    @Test
    void levels_that_are_keyed_already_are_lowered_from_where_they_are() {
        SoundClip music = clip("music", 2, "1", "18").withLevel(Channel.constant(ValueKinds.NUMBER, -6.0));
        Channel<Double> ducked = new Ducking(-40, 9, 0.2, 0.4).level(music, VOICE_HEARD, RATE);
        assertThat(ducked.at((5 - 1) * 25)).isCloseTo(-15, within(1e-9));
        assertThat(ducked.at(0)).isCloseTo(-6, within(1e-9));
        Channel<Double> twice = new Ducking(-40, 3, 0.2, 0.4).level(music.withLevel(ducked), VOICE_HEARD, RATE);
        assertThat(twice.at((5 - 1) * 25)).isCloseTo(-18, within(1e-9));
    }

    @Test
    void silence_lowers_nothing_and_amounts_out_of_range_are_refused() {
        SoundClip music = clip("music", 2, "1", "18");
        assertThat(Ducking.USUAL.level(music, Envelope.of(mix(), 0, 20, _ -> true), RATE))
                .isEqualTo(music.level());
        assertThatThrownBy(() -> new Ducking(-40, 99, 0.2, 0.4)).isInstanceOf(IllegalArgumentException.class);
    }

    private static double even(Samples sound, SoundClip clip, double target) {
        return EvenLoudness.level(clip.level(), EvenLoudness.played(sound, clip, RATE), target)
                .constant();
    }

    @Test
    void clips_come_to_one_loudness_without_passing_the_peak() {
        Samples soft = TestSounds.of(10, time -> 0.05 * Math.sin(2 * Math.PI * 1000 * time));
        SoundClip clip = clip("soft", 1, "0", "10");
        double level = even(soft, clip, -23);
        Samples louder = TestSounds.of(10, time -> 0.05 * Level.gain(level) * Math.sin(2 * Math.PI * 1000 * time));
        assertThat(Loudness.of(louder).integrated()).isCloseTo(-23, within(0.05));
        Samples peaky = TestSounds.clicks(10, new double[] {1, 3, 5}, 0.001);
        assertThat(even(peaky, clip, -14) + Loudness.of(peaky).truePeak())
                .isLessThanOrEqualTo(EvenLoudness.PEAK + 1e-9);
        assertThat(even(TestSounds.of(3, _ -> 0), clip, -23)).isZero();
    }

    @Test
    void peaks_at_every_zoom_are_those_of_the_samples() {
        Samples sound = TestSounds.clicks(3, new double[] {0.31, 1.7, 2.5}, 0.1);
        Peaks peaks = Peaks.of(sound, _ -> true);
        float[] pairs = new float[(int) (2 * sound.length())];
        sound.read(0, (int) sound.length(), pairs, 0);
        for (int width : new int[] {256, 1024, 5120, 65_536}) {
            for (int from = 0; from + width <= sound.length(); from += width) {
                float least = 0;
                float most = 0;
                for (int i = 2 * from; i < 2 * (from + width); i++) {
                    least = Math.min(least, pairs[i]);
                    most = Math.max(most, pairs[i]);
                }
                Peaks.Extremes found = peaks.between(from, from + width);
                assertThat(found.least()).isLessThanOrEqualTo(least);
                assertThat(found.most()).isGreaterThanOrEqualTo(most);
                if (width == 256) {
                    assertThat(found).isEqualTo(new Peaks.Extremes(least, most));
                }
            }
        }
        assertThat(peaks.between(-500, -10)).isEqualTo(new Peaks.Extremes(0, 0));
        assertThat(peaks.between(sound.length() + 999, sound.length() + 2000)).isEqualTo(new Peaks.Extremes(0, 0));
    }
}
