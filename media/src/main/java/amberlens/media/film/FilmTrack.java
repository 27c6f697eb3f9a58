package amberlens.media.film;

import amberlens.core.base.time.FrameRate;
import amberlens.core.base.time.Seconds;
import amberlens.core.material.sound.Mix;
import amberlens.core.material.sound.Samples;

/**
 * What is heard with a film.
 *
 * @param mix of the whole line-up
 * @param first its pair of samples at the film's first frame
 * @param least how many pairs the film has at least, even where its pictures end before: the first piece of a film has the sound of all
 */
public record FilmTrack(Mix mix, long first, long least) {
    /** As long as the film's pictures. */
    public FilmTrack(Mix mix, long first) {
        this(mix, first, 0);
    }

    FilmTrack lasting(long pairs) {
        return new FilmTrack(mix, first, pairs);
    }

    /** The pairs of samples that go with so many frames of a film. */
    public static long pairs(long frames, FrameRate rate) {
        return Seconds.ofFrames(frames, rate).samples(Samples.RATE);
    }
}
