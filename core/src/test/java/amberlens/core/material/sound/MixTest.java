package amberlens.core.material.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Ease;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.ValueKinds;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MixTest {
    private static final FrameRate RATE = FrameRate.of(25);

    /** Each pair is its number in millionths, left, and minus that, right. */
    private static final Samples COUNTED = counted(10 * Samples.RATE);

    private static final Samples ONES = TestSounds.of(10, _ -> 1);

    private static Samples counted(int pairs) {
        float[] both = new float[2 * pairs];
        for (int i = 0; i < pairs; i++) {
            both[2 * i] = i * 1e-6f;
            both[2 * i + 1] = -i * 1e-6f;
        }
        return Samples.of(both);
    }

    private static SoundClip clip(String id, String media, String start, String in, String length) {
        return SoundClip.of(id, media, 1, Seconds.parse(start), Seconds.parse(in), Seconds.parse(length));
    }

    private static float[] mixed(FrameRate rate, long from, int count, SoundClip... clips) {
        float[] into = new float[2 * count];
        new Mix(rate, 0)
                .add(List.of(clips), clip -> Map.of("counted", COUNTED, "ones", ONES)
                        .get(clip.media()))
                .read(from, count, into);
        return into;
    }

    @Test
    void a_clip_lies_to_the_sample() {
        float[] out = mixed(RATE, 0, 48_000, clip("c", "counted", "1/10", "1/3", "1/2"));
        for (int i = 0; i < 48_000; i++) {
            long source = i - 4800 + 16_000;
            float expected = i >= 4800 && i < 4800 + 24_000 ? source * 1e-6f : 0;
            assertThat(out[2 * i]).as("sample %d", i).isEqualTo(expected);
            assertThat(out[2 * i + 1]).isEqualTo(expected == 0 ? 0 : -expected);
        }
    }

    @Test
    void blocks_join_without_a_seam() {
        SoundClip clip = clip("c", "counted", "1/7", "0", "3/1").withFades(Seconds.parse("1/2"), Seconds.parse("1/3"));
        float[] whole = mixed(RATE, 0, 20_000, clip);
        float[] first = mixed(RATE, 0, 7777, clip);
        float[] rest = mixed(RATE, 7777, 20_000 - 7777, clip);
        for (int i = 0; i < whole.length; i++) {
            assertThat(i < first.length ? first[i] : rest[i - first.length]).isEqualTo(whole[i]);
        }
    }

    /** −6.0206 dB is half, by the definition of the decibel. */
    @ParameterizedTest
    @CsvSource({"0, 1", "-6.0206, 0.5", "-20, 0.1", "6.0206, 2", "-96, 0", "-500, 0"})
    void a_level_is_a_gain(double decibels, double gain) {
        SoundClip clip = clip("c", "ones", "0", "0", "1/1").withLevel(Channel.constant(ValueKinds.NUMBER, decibels));
        assertThat(mixed(RATE, 100, 1, clip)[0]).isCloseTo((float) gain, within(1e-5f));
    }

    @Test
    void keyed_levels_run_in_decibels_from_frame_to_frame() {
        Channel<Double> level = Channel.keyed(
                ValueKinds.NUMBER, List.of(Key.of(5, -40.0, Ease.LINEAR.leg()), Key.of(15, 0.0, Ease.LINEAR.leg())));
        SoundClip clip = clip("c", "ones", "1/1", "0", "4/1").withLevel(level);
        // frame 10 of the clip is 0.4 s after its start: half of the way, −20 dB
        assertThat(mixed(RATE, 48_000 + 19_200, 1, clip)[0]).isCloseTo(0.1f, within(1e-6f));
        assertThat(mixed(RATE, 48_000 + 4800, 1, clip)[0]).isCloseTo(0.01f, within(1e-6f));
        assertThat(mixed(RATE, 48_000 + 40_000, 1, clip)[0]).isEqualTo(1f);
    }

    @Test
    void fades_run_evenly_in_decibels() {
        SoundClip clip = clip("c", "ones", "0", "0", "2/1").withFades(Seconds.parse("1"), Seconds.parse("1/2"));
        float half = mixed(RATE, 24_000, 1, clip)[0];
        assertThat(20 * Math.log10(half)).isCloseTo(-48, within(0.01));
        assertThat(mixed(RATE, 60_000, 1, clip)[0]).isEqualTo(1f);
        assertThat(20 * Math.log10(mixed(RATE, 84_000, 1, clip)[0])).isCloseTo(-48, within(0.01));
        assertThat(mixed(RATE, 95_999, 1, clip)[0]).isLessThan(1e-4f);
    }

    @Test
    void clips_that_cross_on_a_track_keep_their_power() {
        SoundClip one = clip("a", "ones", "0", "0", "2/1").withFades(Seconds.ZERO, Seconds.parse("1/1"));
        SoundClip other = clip("b", "ones", "1/1", "0", "2/1");
        for (int at = 48_000; at < 96_000; at += 1000) {
            float first = mixed(RATE, at, 1, one, other.withMute(false).withTrack(1))[0];
            double angle = Math.PI / 2 * (at - 48_000 + 0.5) / 48_000;
            assertThat(first).isCloseTo((float) (Math.cos(angle) + Math.sin(angle)), within(1e-4f));
        }
        // on tracks of their own they only add up
        assertThat(mixed(RATE, 60_000, 1, one.withFades(Seconds.ZERO, Seconds.ZERO), other.withTrack(2))[0])
                .isEqualTo(2f);
    }

    @Test
    void what_is_muted_or_missing_is_silent() {
        SoundClip clip = clip("c", "ones", "0", "0", "1/1");
        assertThat(mixed(RATE, 0, 10, clip.withMute(true))).containsOnly(0f);
        assertThat(mixed(RATE, 0, 10, clip("d", "nothing", "0", "0", "1/1"))).containsOnly(0f);
    }

    /** Two hours at 29.97: frame 215784 begins at 215784 · 1001 / 30000 s = 7199.9928 s, sample 345599654.4. */
    @Test
    void frames_begin_at_the_nearest_sample_for_hours() {
        var rate = new FrameRate(30_000, 1001);
        assertThat(Seconds.ofFrames(215_784, rate).samples(Samples.RATE)).isEqualTo(345_599_654L);
        assertThat(Seconds.ofFrames(1, rate).samples(Samples.RATE)).isEqualTo(1602);
        assertThat(Seconds.ofFrames(30_000, rate)).isEqualTo(new Seconds(1001, 1));
    }
}
