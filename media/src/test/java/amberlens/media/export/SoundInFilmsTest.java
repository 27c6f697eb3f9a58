package amberlens.media.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import amberlens.core.base.colour.Colour;
import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.base.time.Seconds;
import amberlens.core.edit.edits.TitleEdits;
import amberlens.core.material.sound.Loudness;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.material.title.Title;
import amberlens.core.model.project.FrameFormat;
import amberlens.core.model.project.Media;
import amberlens.core.model.project.Project;
import amberlens.core.pixels.raster.Rows;
import amberlens.media.pixels.PixelCache;
import amberlens.media.sound.DecodedSound;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Films with sound, read back. */
class SoundInFilmsTest {
    private static final Size SIZE = new Size(64, 64);

    @TempDir
    private Path folder;

    private Project project;

    /** Left a tone of 500 Hz at −12 dB, right one of 800 Hz at −18 dB, over a title of five seconds. */
    @BeforeEach
    void make() throws IOException {
        int pairs = 6 * Samples.RATE;
        ByteBuffer bytes = ByteBuffer.allocate(4 * pairs).order(ByteOrder.LITTLE_ENDIAN);
        for (int i = 0; i < pairs; i++) {
            double time = (double) i / Samples.RATE;
            bytes.putShort((short) Math.round(32767 * 0.25119 * Math.sin(2 * Math.PI * 500 * time)));
            bytes.putShort((short) Math.round(32767 * 0.12589 * Math.sin(2 * Math.PI * 800 * time)));
        }
        Path tone = folder.resolve("tone.wav");
        AudioSystem.write(
                new AudioInputStream(
                        new ByteArrayInputStream(bytes.array()),
                        new AudioFormat(Samples.RATE, 16, 2, true, false),
                        pairs),
                AudioFileFormat.Type.WAVE,
                tone.toFile());
        Project titled = TitleEdits.add(Title.of("pond").withSize(12), 0)
                .apply(Project.empty("tones").withFrame(new FrameFormat(SIZE, FrameRate.of(25), Colour.BLACK)));
        List<Media> media = new ArrayList<>(titled.media());
        media.add(Media.sound("a1", tone.toString()));
        project = titled.withMedia(media)
                .withSounds(List.of(
                        SoundClip.of("c1", "a1", 1, Seconds.parse("1/1"), Seconds.parse("1/2"), Seconds.parse("2/1"))));
    }

    private Optional<String> export(ExportFormat format, Path file, FrameSpan frames) throws Exception {
        var settings = new ExportSettings(frames, SIZE, format, file, true);
        try (var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE)) {
            var export = new Export(project, settings, cache, Rows.ALONE);
            assertThat(export.run((_, _) -> true)).isTrue();
            return export.remark();
        }
    }

    private static double level(float[] pairs, int channel, int from, int to) {
        double power = 0;
        for (int i = from; i < to; i++) {
            power += pairs[2 * i + channel] * pairs[2 * i + channel];
        }
        return 10 * Math.log10(2 * power / (to - from) + 1e-12);
    }

    @ParameterizedTest
    @EnumSource(names = {"MP4_H264", "WEBM_VP9", "PRORES_HQ", "PRORES_4444", "FFV1", "MP4_AV1"})
    void sound_comes_back_from_every_film_that_can_hold_it(ExportFormat format) throws Exception {
        Path file = folder.resolve("film" + format.ending());
        assertThat(export(format, file, new FrameSpan(0, 99))).isEmpty();
        try (DecodedSound sound = DecodedSound.of(file, () -> true)) {
            assertThat(sound.facts().channels()).isEqualTo(2);
            assertThat(sound.length() / 48_000.0).isCloseTo(4, within(0.03));
            float[] pairs = new float[2 * 4 * 48_000];
            sound.read(0, 4 * 48_000, pairs, 0);
            assertThat(level(pairs, 0, 2000, 46_000)).isLessThan(-60);
            assertThat(level(pairs, 0, 50_000, 140_000)).isCloseTo(-12, within(0.2));
            assertThat(level(pairs, 1, 50_000, 140_000)).isCloseTo(-18, within(0.2));
            assertThat(level(pairs, 0, 147_000, 190_000)).isLessThan(-60);
            int first = 0;
            while (Math.abs(pairs[2 * first]) < 0.05) {
                first++;
            }
            assertThat(first / 48_000.0).isCloseTo(1, within(0.004));
        }
    }

    /** A camera may begin to record sound later than pictures. */
    @ParameterizedTest
    @EnumSource(names = {"MP4_H264", "FFV1"})
    void sound_that_begins_later_than_its_picture_is_late(ExportFormat format) throws Exception {
        Path file = folder.resolve("film" + format.ending());
        export(format, file, new FrameSpan(0, 99));
        Path late = folder.resolve("late.mkv");
        Remuxed.late(file, late, 0.4);
        try (DecodedSound sound = DecodedSound.of(late, () -> true)) {
            float[] pairs = new float[2 * 3 * 48_000];
            sound.read(0, 3 * 48_000, pairs, 0);
            int first = 0;
            while (Math.abs(pairs[2 * first]) < 0.05) {
                first++;
            }
            assertThat(first / 48_000.0).isCloseTo(1.4, within(0.025)); // a packet of AAC is 21 ms
        }
    }

    /** Without loss the samples themselves come back, to the last of 16 bits. */
    @ParameterizedTest
    @EnumSource(names = {"PRORES_HQ", "FFV1", "WAV", "FLAC"})
    void sound_without_loss_is_exact(ExportFormat format) throws Exception {
        Path file = folder.resolve("film" + format.ending());
        export(format, file, new FrameSpan(20, 60));
        try (DecodedSound sound = DecodedSound.of(file, () -> true);
                DecodedSound tone = DecodedSound.of(folder.resolve("tone.wav"), () -> true)) {
            assertThat(sound.length()).isEqualTo(41 * 1920L);
            float[] film = new float[2 * 41 * 1920];
            float[] source = new float[film.length];
            sound.read(0, 41 * 1920, film, 0);
            // frame 20 is 0.8 s; the clip begins at 1 s with what is at 0.5 s of the tone
            tone.read(24_000 - 9600, 41 * 1920, source, 0);
            for (int i = 0; i < film.length; i++) {
                float expected = i < 2 * 9600 ? 0 : source[i];
                assertThat(film[i]).as("%d", i).isCloseTo(expected, within(1.5f / 8_388_608));
            }
        }
    }

    @Test
    void sound_is_brought_to_a_loudness_and_held_back_by_its_peaks() throws Exception {
        var wanted = new ExportSettings(
                        new FrameSpan(25, 74), SIZE, ExportFormat.WAV, folder.resolve("louder.wav"), true)
                .withLoudness(Optional.of(-16.0));
        assertThat(remark(wanted)).isEmpty();
        assertThat(loudness(wanted.destination())).isCloseTo(-16, within(0.1));
        var tooLoud = wanted.withLoudness(Optional.of(-1.0));
        assertThat(remark(tooLoud).orElse("")).contains("−1 dBTP");
        try (DecodedSound sound = DecodedSound.of(tooLoud.destination(), () -> true)) {
            assertThat(Loudness.of(sound).truePeak()).isCloseTo(-1, within(0.1));
        }
    }

    private Optional<String> remark(ExportSettings settings) throws Exception {
        try (var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE)) {
            var export = new Export(project, settings, cache, Rows.ALONE);
            assertThat(export.run((_, _) -> true)).isTrue();
            return export.remark();
        }
    }

    private static double loudness(Path file) throws Exception {
        try (DecodedSound sound = DecodedSound.of(file, () -> true)) {
            return Loudness.of(sound).integrated();
        }
    }

    @Test
    void sound_alone_that_is_ended_leaves_nothing_behind_and_none_at_all_is_refused() throws Exception {
        Path file = folder.resolve("ended.flac");
        var settings = new ExportSettings(new FrameSpan(0, 99), SIZE, ExportFormat.FLAC, file, true);
        try (var cache = new PixelCache(1 << 20, Runnable::run, Rows.ALONE)) {
            assertThat(new Export(project, settings, cache, Rows.ALONE).run((_, _) -> false))
                    .isFalse();
            assertThat(file).doesNotExist();
            assertThat(folder.toFile().list()).containsExactly("tone.wav");
            Project silent = project.withSounds(List.of());
            assertThatThrownBy(() -> new Export(silent, settings, cache, Rows.ALONE).run((_, _) -> true))
                    .hasMessageContaining("the line-up has no sound");
        }
    }

    @Test
    void two_minutes_at_29_97_do_not_drift_in_a_file() throws Exception {
        lateSoundIsInPlace(2 * 60 * 30_000 / 1001);
    }

    @Test
    @Tag("long")
    void two_hours_at_29_97_do_not_drift_in_a_file() throws Exception {
        lateSoundIsInPlace(2 * 3600 * 30_000 / 1001);
    }

    /** Frame n of a line-up at 29.97 begins at sample round(n · 48000 · 1001 / 30000), however late. */
    private void lateSoundIsInPlace(int frames) throws Exception {
        int last = frames - 30;
        FrameRate rate = new FrameRate(30_000, 1001);
        project = project.withFrame(new FrameFormat(SIZE, rate, Colour.BLACK))
                .withShots(List.of())
                .withSounds(List.of(SoundClip.of(
                        "c1",
                        "a1",
                        1,
                        Seconds.ofFrames(last, rate),
                        Seconds.parse("1/2"),
                        Seconds.ofFrames(30, rate))));
        Path file = folder.resolve("late.flac");
        assertThat(export(ExportFormat.FLAC, file, new FrameSpan(0, frames - 1)))
                .isEmpty();
        try (DecodedSound sound = DecodedSound.of(file, () -> true)) {
            assertThat(sound.length()).isEqualTo(Math.round(frames * 48_000.0 * 1001 / 30_000));
            float[] pairs = new float[2 * 480];
            long begins = Math.round(last * 48_000.0 * 1001 / 30_000);
            sound.read(begins - 240, 480, pairs, 0);
            for (int i = 0; i < 240; i++) {
                assertThat(pairs[2 * i]).isZero();
                double expected = 0.25119 * Math.sin(2 * Math.PI * 500 * (24_000 + i) / 48_000);
                assertThat((double) pairs[2 * (240 + i)]).isCloseTo(expected, within(2e-5));
            }
        }
    }

    @Test
    void formats_that_cannot_carry_sound_say_so_and_missing_sounds_are_silent_and_named() throws Exception {
        assertThat(export(ExportFormat.GIF, folder.resolve("a.gif"), new FrameSpan(0, 5))
                        .orElse(""))
                .contains("cannot carry sound");
        Files.delete(folder.resolve("tone.wav"));
        Optional<String> remark = export(ExportFormat.MP4_H264, folder.resolve("b.mp4"), new FrameSpan(0, 5));
        assertThat(remark.orElse("")).contains("tone.wav").contains("silent");
    }
}
