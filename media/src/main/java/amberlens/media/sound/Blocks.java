package amberlens.media.sound;

import amberlens.core.material.sound.Samples;
import amberlens.core.model.project.FileProblem;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/** What comes of a stream, block by block: in time with the picture beside it, and stretched where that is wanted. For one thread. */
final class Blocks implements AutoCloseable {
    /** A sound that comes later than that behind its picture, in seconds, is damaged rather than late. */
    private static final double LATEST = 3600;

    private static final int SILENCE = 1 << 16;

    private final SoundStream stream;
    private final @Nullable Stretching stretching;
    private float @Nullable [] first;
    private boolean begun;
    private long late;
    private long early;
    private boolean ended;

    Blocks(SoundStream stream, double tempo) {
        this.stream = stream;
        stretching = tempo == 1 ? null : new Stretching(tempo);
    }

    /** The next pairs of samples; empty at the end. */
    float[] next() throws FileProblem {
        if (stretching == null) {
            return inTime();
        }
        while (!ended) {
            float[] pairs = inTime();
            ended = pairs.length == 0;
            float[] stretched = ended ? stretching.end() : stretching.next(pairs);
            if (stretched.length > 0) {
                return stretched;
            }
        }
        return new float[0];
    }

    private float[] inTime() throws FileProblem {
        if (first == null) {
            first = stream.next();
            double behind = first.length == 0 ? 0 : Math.clamp(stream.behindPicture(), -LATEST, LATEST);
            late = Math.round(Math.max(0, behind) * Samples.RATE);
            early = Math.round(Math.max(0, -behind) * Samples.RATE);
        }
        if (late > 0) {
            int now = (int) Math.min(late, SILENCE);
            late -= now;
            return new float[Samples.CHANNELS * now];
        }
        float[] pairs = begun ? stream.next() : first;
        begun = true;
        while (early > 0 && pairs.length > 0) {
            int gone = (int) Math.min(early, pairs.length / Samples.CHANNELS);
            early -= gone;
            pairs = gone * Samples.CHANNELS < pairs.length
                    ? Arrays.copyOfRange(pairs, gone * Samples.CHANNELS, pairs.length)
                    : stream.next();
        }
        return pairs;
    }

    @Override
    public void close() {
        if (stretching != null) {
            stretching.close();
        }
    }
}
