package amberlens.media.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.ValueKinds;
import java.nio.FloatBuffer;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.bytedeco.javacv.FFmpegFrameFilter;
import org.bytedeco.javacv.Frame;
import org.junit.jupiter.api.Test;

/** Levels and sums as the FFmpeg libraries' filters {@code volume}, {@code adelay} and {@code amix} make them. */
class MixAgainstLibraryTest {
    private static final int LENGTH = 48_000;

    private static float[] noise(long seed) {
        var chance = new Random(seed);
        float[] pairs = new float[2 * LENGTH];
        for (int i = 0; i < pairs.length; i++) {
            pairs[i] = (float) (0.6 * chance.nextDouble() - 0.3);
        }
        return pairs;
    }

    private static Frame frame(float[] pairs) {
        var frame = new Frame();
        frame.sampleRate = Samples.RATE;
        frame.audioChannels = 2;
        frame.samples = new java.nio.Buffer[] {FloatBuffer.wrap(pairs)};
        return frame;
    }

    /** Two sounds, the second 4801 samples later, at −7.3 dB and +2.5 dB. */
    private static float[] filtered(float[] one, float[] other) throws Exception {
        String filters =
                "[0:a]volume=-7.3dB:precision=double[a];[1:a]volume=2.5dB:precision=double,adelay=4801S|4801S[b];"
                        + "[a][b]amix=inputs=2:normalize=0:duration=longest,aformat=sample_fmts=flt[a]";
        float[] mixed = new float[2 * (LENGTH + 4801)];
        try (var filter = new FFmpegFrameFilter(filters, 2)) {
            filter.setAudioInputs(2);
            filter.setSampleRate(Samples.RATE);
            filter.setSampleFormat(org.bytedeco.ffmpeg.global.avutil.AV_SAMPLE_FMT_FLT);
            filter.start();
            filter.push(0, frame(one));
            filter.push(1, frame(other));
            filter.push(0, null);
            filter.push(1, null);
            int at = 0;
            for (Frame out = filter.pullSamples(); out != null; out = filter.pullSamples()) {
                FloatBuffer buffer = (FloatBuffer) out.samples[0];
                int count = Math.min(buffer.limit(), mixed.length - at);
                buffer.position(0).get(mixed, at, count);
                at += count;
            }
            assertThat(at).isEqualTo(mixed.length);
        }
        return mixed;
    }

    private static SoundClip clip(String media, int track, Seconds start, double level) {
        return SoundClip.of(media, media, track, start, Seconds.ZERO, new Seconds(LENGTH, Samples.RATE))
                .withLevel(Channel.constant(ValueKinds.NUMBER, level));
    }

    @Test
    void levels_places_and_sums_agree_within_a_bit_of_sixteen() throws Exception {
        float[] one = noise(1);
        float[] other = noise(2);
        float[] expected = filtered(one, other);
        var mix = new Mix(FrameRate.of(25), 0)
                .add(
                        List.of(clip("a", 1, Seconds.ZERO, -7.3), clip("b", 2, new Seconds(4801, Samples.RATE), 2.5)),
                        found -> Map.of("a", Samples.of(one), "b", Samples.of(other))
                                .get(found.media()));
        float[] mixed = new float[expected.length];
        mix.read(0, mixed.length / 2, mixed);
        for (int i = 0; i < mixed.length; i++) {
            assertThat((double) mixed[i]).as("sample %d", i).isCloseTo(expected[i], within(1 / 32768.0));
        }
    }
}
