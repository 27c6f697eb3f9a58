package amberlens.desktop.work.sounds;

import amberlens.core.material.sound.BeatGrid;
import amberlens.core.material.sound.Peaks;
import amberlens.core.material.sound.Samples;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What is known of a sound by now.
 *
 * @param samples null until it is decoded, and where it cannot be
 * @param peaks for its wave
 * @param beats as they were found
 * @param problem why it is silent, for people
 * @param part how much of the work is done, 0 … 1
 */
public record KnownSound(
        @Nullable Samples samples,
        Optional<Peaks> peaks,
        Optional<BeatGrid> beats,
        Optional<String> problem,
        double part) {
    static final KnownSound NOTHING = new KnownSound(null, Optional.empty(), Optional.empty(), Optional.empty(), 0);

    /** Seconds; 0 until it is known. */
    public double seconds() {
        return samples == null ? 0 : (double) samples.length() / Samples.RATE;
    }

    /** Whether nothing more will be known. */
    public boolean isDone() {
        return part >= 1;
    }

    KnownSound with(Samples decoded) {
        return new KnownSound(decoded, peaks, beats, problem, part);
    }

    KnownSound with(Peaks found) {
        return new KnownSound(samples, Optional.of(found), beats, problem, part);
    }

    KnownSound with(BeatGrid found) {
        return new KnownSound(samples, peaks, Optional.of(found), problem, part);
    }

    KnownSound without(String why) {
        return new KnownSound(null, Optional.empty(), Optional.empty(), Optional.of(why), 1);
    }

    KnownSound at(double done) {
        return new KnownSound(samples, peaks, beats, problem, done);
    }
}
