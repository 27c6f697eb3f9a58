package amberlens.media.film;

import amberlens.core.material.sound.Beats;
import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.FileProblem;
import java.nio.file.Path;
import java.util.Map;

/** A file of sound alone: WAV or FLAC, with 24 bits. */
public final class SoundFile {
    private static final int BLOCK = 1 << 14;

    private SoundFile() {}

    /** Gives what is heard, in pairs of samples from a place on. */
    @FunctionalInterface
    public interface Heard {
        void read(long from, int count, float[] into);
    }

    /**
     * Writes a stretch; one that is ended leaves nothing behind.
     *
     * @param count pairs of samples
     * @param progress asked again and again whether to go on
     * @return whether it went through to the end
     * @throws FileProblem when the place cannot be written to
     * @throws IllegalArgumentException for a codec that is only one of films
     */
    public static boolean write(
            Path destination, SoundCodec codec, Heard heard, long from, long count, Beats.Progress progress)
            throws FileProblem {
        try (var container = new Container(destination, kind(codec));
                var sound = new FilmSound(codec, container)) {
            container.begin(Map.of());
            float[] pairs = new float[Samples.CHANNELS * BLOCK];
            for (long done = 0; done < count; ) {
                int now = (int) Math.min(BLOCK, count - done);
                heard.read(from + done, now, pairs);
                sound.write(pairs, now);
                done += now;
                if (!progress.at((double) done / count)) {
                    return false;
                }
            }
            sound.finish();
            container.end();
            container.intoPlace();
            return true;
        }
    }

    private static String kind(SoundCodec codec) {
        return switch (codec) {
            case PCM -> "wav";
            case FLAC -> "flac";
            default -> throw new IllegalArgumentException(codec + " has no file of its own");
        };
    }
}
