package amberlens.media.film;

import amberlens.core.sound.Mix;
import amberlens.core.sound.Samples;
import amberlens.core.time.FrameRate;
import amberlens.core.time.Seconds;

/**
 * What is heard with a film.
 *
 * @param mix of the whole line-up
 * @param first its pair of samples at the film's first frame
 */
public record FilmTrack(Mix mix, long first) {
    /** The pairs of samples that go with so many frames of a film. */
    static long pairs(long frames, FrameRate rate) {
        return Seconds.ofFrames(frames, rate).samples(Samples.RATE);
    }
}
