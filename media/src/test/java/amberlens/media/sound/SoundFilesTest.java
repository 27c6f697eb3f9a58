package amberlens.media.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.FileProblem;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.Buffer;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.ShortBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.bytedeco.ffmpeg.global.avcodec;
import org.bytedeco.javacv.FFmpegFrameRecorder;
import org.bytedeco.javacv.Frame;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Sound files written by the JDK and by the library's own encoders, as they are decoded. */
class SoundFilesTest {
    @TempDir
    private Path folder;

    /** 16 bits, by the JDK's own writer. */
    private Path wave(String name, int rate, int channels, short[] samples) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(2 * samples.length).order(ByteOrder.LITTLE_ENDIAN);
        bytes.asShortBuffer().put(samples);
        var format = new AudioFormat(rate, 16, channels, true, false);
        var stream = new AudioInputStream(new ByteArrayInputStream(bytes.array()), format, samples.length / channels);
        Path file = folder.resolve(name);
        AudioSystem.write(stream, AudioFileFormat.Type.WAVE, file.toFile());
        return file;
    }

    private static float[] all(Samples sound) {
        float[] pairs = new float[(int) (2 * sound.length())];
        sound.read(0, (int) sound.length(), pairs, 0);
        return pairs;
    }

    @Test
    void samples_of_16_bits_at_48_khz_come_as_they_are() throws Exception {
        short[] samples = new short[2 * 5000];
        for (int i = 0; i < samples.length; i++) {
            samples[i] = (short) (i * 7919);
        }
        try (DecodedSound sound = DecodedSound.of(wave("a.wav", 48_000, 2, samples), () -> true)) {
            assertThat(sound.length()).isEqualTo(5000);
            float[] pairs = all(sound);
            for (int i = 0; i < samples.length; i++) {
                assertThat(pairs[i]).isEqualTo(samples[i] / 32768f);
            }
            float[] beyond = new float[8];
            sound.read(4998, 4, beyond, 0);
            assertThat(beyond[3]).isEqualTo(samples[9999] / 32768f);
            assertThat(beyond[4]).isZero();
            sound.read(-2, 4, beyond, 0);
            assertThat(beyond[1]).isZero();
            assertThat(beyond[4]).isEqualTo(samples[0] / 32768f);
        }
    }

    @Test
    void one_channel_stands_in_both_at_its_level() throws Exception {
        short[] samples = {16384, -16384, 8192};
        try (DecodedSound sound = DecodedSound.of(wave("mono.wav", 48_000, 1, samples), () -> true)) {
            assertThat(all(sound)).containsExactly(0.5f, 0.5f, -0.5f, -0.5f, 0.25f, 0.25f);
            assertThat(sound.facts().channels()).isEqualTo(1);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {8000, 11025, 22050, 44100, 96000, 192000})
    void other_rates_are_brought_to_48_khz_without_moving(int rate) throws Exception {
        short[] samples = new short[2 * rate];
        for (int i = 0; i < rate; i++) {
            short value = (short) Math.round(16000 * Math.sin(2 * Math.PI * 440 * i / rate));
            samples[2 * i] = value;
            samples[2 * i + 1] = value;
        }
        try (DecodedSound sound = DecodedSound.of(wave("r.wav", rate, 2, samples), () -> true)) {
            assertThat(sound.length()).isBetween(47_990L, 48_010L);
            float[] pairs = all(sound);
            for (int i = 2000; i < 46_000; i++) {
                double expected = 16000 / 32768.0 * Math.sin(2 * Math.PI * 440 * i / 48_000);
                assertThat((double) pairs[2 * i]).as("%d", i).isCloseTo(expected, within(0.004));
            }
        }
    }

    /** A tone that begins after half a second, coded by the library: where it begins is where it is found. */
    private Path coded(String name, int codec, int rate) throws Exception {
        Path file = folder.resolve(name);
        try (var recorder = new FFmpegFrameRecorder(file.toFile(), 2)) {
            recorder.setSampleRate(rate);
            recorder.setAudioCodec(codec);
            recorder.setAudioBitrate(192_000);
            recorder.start();
            short[] samples = new short[2 * 2 * rate];
            for (int i = rate / 2; i < 2 * rate; i++) {
                short value = (short) Math.round(12000 * Math.sin(2 * Math.PI * 700 * (i - rate / 2) / rate));
                samples[2 * i] = value;
                samples[2 * i + 1] = value;
            }
            var frame = new Frame();
            frame.samples = new Buffer[] {ShortBuffer.wrap(samples)};
            frame.sampleRate = rate;
            frame.audioChannels = 2;
            recorder.record(frame);
        }
        return file;
    }

    @ParameterizedTest
    @CsvSource({
        "a.flac, 86028, 48000", // AV_CODEC_ID_FLAC
        "a.m4a, 86018, 44100", // AV_CODEC_ID_AAC
        "a.mp3, 86017, 44100", // AV_CODEC_ID_MP3
        "a.opus, 86076, 48000", // AV_CODEC_ID_OPUS
        "a.ogg, 86021, 44100" // AV_CODEC_ID_VORBIS
    })
    void coded_sound_begins_where_it_began(String name, int codec, int rate) throws Exception {
        var encoder = avcodec.avcodec_find_encoder(codec);
        assumeThat(encoder != null && !encoder.isNull())
                .as("an encoder to write it with")
                .isTrue();
        try (DecodedSound sound = DecodedSound.of(coded(name, codec, rate), () -> true)) {
            assertThat(sound.length() / 48_000.0).isCloseTo(2, within(0.06));
            float[] pairs = all(sound);
            int first = 0;
            while (first < sound.length() && Math.abs(pairs[2 * first]) < 0.1) {
                first++;
            }
            assertThat(first / 48_000.0).isCloseTo(0.5, within(0.006));
            double power = 0;
            for (int i = 36_000; i < 84_000; i++) {
                power += pairs[2 * i] * pairs[2 * i];
            }
            double level = 10 * Math.log10(2 * power / 48_000);
            assertThat(level).isCloseTo(20 * Math.log10(12000 / 32768.0), within(0.3));
        }
    }

    /** The filter of the libraries works in windows of some 85 ms, so an onset is kept to a part of one. */
    @ParameterizedTest
    @ValueSource(doubles = {0.3, 0.75, 1.5, 4})
    void a_faster_sound_is_shorter_at_the_same_pitch(double tempo) throws Exception {
        Path file = coded("tone.flac", avcodec.AV_CODEC_ID_FLAC, 48_000);
        try (DecodedSound sound = DecodedSound.of(file, tempo, () -> true)) {
            assertThat(sound.length() / 48_000.0).isCloseTo(2 / tempo, within(0.06));
            float[] pairs = all(sound);
            int first = 0;
            while (first < sound.length() && Math.abs(pairs[2 * first]) < 0.1) {
                first++;
            }
            assertThat(first / 48_000.0).isCloseTo(0.5 / tempo, within(0.02 + 0.025 / tempo));
            int from = (int) (48_000 * 0.7 / tempo);
            int to = (int) (48_000 * 1.8 / tempo);
            int crossings = 0;
            for (int i = from; i < to; i++) {
                crossings += pairs[2 * i] < 0 && pairs[2 * i + 2] >= 0 ? 1 : 0;
            }
            assertThat(crossings * 48_000.0 / (to - from)).isCloseTo(700, within(12.0));
        }
    }

    @Test
    void what_is_no_sound_is_named() throws Exception {
        Path text = Files.writeString(folder.resolve("no.wav"), "this is no sound at all");
        assertThatThrownBy(() -> DecodedSound.of(text, () -> true))
                .isInstanceOf(FileProblem.class)
                .hasMessageContaining("no.wav");
        Path empty = wave("empty.wav", 48_000, 2, new short[0]);
        assertThatThrownBy(() -> DecodedSound.of(empty, () -> true)).hasMessageContaining("empty.wav");
        assertThatThrownBy(() -> DecodedSound.of(folder.resolve("gone.wav"), () -> true))
                .hasMessageContaining("not there");
    }

    @Test
    void of_a_file_that_is_cut_off_the_beginning_is_heard() throws Exception {
        Path whole = coded("whole.flac", avcodec.AV_CODEC_ID_FLAC, 48_000);
        byte[] bytes = Files.readAllBytes(whole);
        Path cut = Files.write(folder.resolve("cut.flac"), Arrays.copyOf(bytes, bytes.length * 2 / 3));
        try (DecodedSound sound = DecodedSound.of(cut, () -> true)) {
            assertThat(sound.length()).isBetween(30_000L, 90_000L);
            assertThat(sound.facts().damaged()).isTrue();
        }
    }

    @Test
    void reading_can_be_ended_and_leaves_nothing_behind() throws Exception {
        Path file = wave("long.wav", 48_000, 2, new short[2 * 48_000 * 20]);
        assertThatThrownBy(() -> DecodedSound.of(file, () -> false)).hasMessageContaining("stopped");
    }
}
