package amberlens.bench;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.Beats;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Peaks;
import amberlens.core.material.sound.Samples;
import amberlens.core.material.sound.SoundClip;
import amberlens.core.model.project.FileProblem;
import amberlens.core.motion.curve.Channel;
import amberlens.core.motion.curve.Key;
import amberlens.core.motion.curve.Leg;
import amberlens.core.motion.curve.ValueKinds;
import amberlens.media.film.SoundCodec;
import amberlens.media.film.SoundFile;
import amberlens.media.sound.DecodedSound;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * Ten minutes of stereo made ready: decoded, with its wave, with its beats; and eight clips mixed.
 *
 * @param decodeSeconds FLAC, into a file beside
 * @param peaksSeconds the wave of what is decoded, at all zooms
 * @param beatsSeconds its beats
 * @param mixPart of one core that mixing eight clips, each with a keyed level, takes while it is heard
 */
record SoundTimes(double decodeSeconds, double peaksSeconds, double beatsSeconds, double mixPart) {
    private static final int SECONDS = 600;
    private static final int CLIPS = 8;
    private static final int BLOCK = 1024;

    static SoundTimes measure() throws IOException, FileProblem {
        Path file = Files.createTempFile("amber-bench-", ".flac");
        try {
            write(file);
            long began = System.nanoTime();
            try (DecodedSound sound = DecodedSound.of(file, () -> true)) {
                double decode = since(began);
                began = System.nanoTime();
                Peaks.of(sound, _ -> true);
                double peaks = since(began);
                began = System.nanoTime();
                Beats.of(sound, _ -> true);
                double beats = since(began);
                mixing(sound); // once to get warm
                return new SoundTimes(decode, peaks, beats, mixing(sound) / SECONDS);
            }
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** How it is printed. */
    List<String> rows() {
        return List.of(
                row("10 min of sound: decoded, with its wave", decodeSeconds + peaksSeconds, "s", "2 s"),
                row("10 min of sound: its beats", beatsSeconds, "s", "6 s"),
                row("8 clips mixed, of one core", 100 * mixPart, "%", "3 %"));
    }

    private static String row(String what, double value, String unit, String goal) {
        return String.format(Locale.ROOT, "%-50s %8.2f %-3s (goal: %s at most)", what, value, unit, goal);
    }

    private static double since(long began) {
        return (System.nanoTime() - began) / 1e9;
    }

    /** A plucked beat over soft noise. */
    private static void write(Path file) throws FileProblem {
        var chance = new Random(1);
        SoundFile.write(
                file,
                SoundCodec.FLAC,
                (from, count, into) -> {
                    for (int i = 0; i < count; i++) {
                        double time = (double) (from + i) / Samples.RATE;
                        double since = time % 0.5;
                        double tone = 0.5 * Math.exp(-since * 12) * Math.sin(2 * Math.PI * 330 * time);
                        into[2 * i] = (float) (tone + 0.02 * chance.nextDouble());
                        into[2 * i + 1] = (float) (0.7 * tone + 0.02 * chance.nextDouble());
                    }
                },
                0,
                (long) SECONDS * Samples.RATE,
                _ -> true);
    }

    private static double mixing(Samples sound) {
        List<SoundClip> clips = new ArrayList<>();
        var level = Channel.keyed(
                ValueKinds.NUMBER, List.of(Key.of(0, -3.0, Leg.LINEAR), Key.of(25 * SECONDS, -9.0, Leg.LINEAR)));
        for (int i = 0; i < CLIPS; i++) {
            clips.add(SoundClip.of("c" + i, "a", i + 1, Seconds.ZERO, Seconds.ZERO, new Seconds(SECONDS, 1))
                    .withLevel(level));
        }
        var mix = new Mix(FrameRate.of(25), 0).add(clips, _ -> sound);
        float[] pairs = new float[Samples.CHANNELS * BLOCK];
        long began = System.nanoTime();
        for (long at = 0; at < sound.length(); at += BLOCK) {
            mix.read(at, BLOCK, pairs);
        }
        return since(began);
    }
}
