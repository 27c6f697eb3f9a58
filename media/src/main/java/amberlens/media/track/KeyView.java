package amberlens.media.track;

import amberlens.media.track.Flow.Levels;
import java.util.List;

/**
 * A frame of a film that others are held against.
 *
 * @param pose how the first frame of all stands in it
 * @param hops over how many others it was reached
 * @param mean of its shades
 * @param contrast their deviation from that
 */
record KeyView(Levels levels, List<Dot> points, Placing pose, int hops, double mean, double contrast) {
    /** A frame as bright and as rich in contrast as this one, so that exposures do not matter. */
    Shades alike(Shades picture) {
        double[] its = brightness(picture);
        float times = (float) (its[1] > 1 ? contrast / its[1] : 1);
        var alike = new Shades(picture.width(), picture.height());
        for (int i = 0; i < alike.shades().length; i++) {
            alike.shades()[i] = (float) Math.clamp(mean + times * (picture.shades()[i] - its[0]), 0, 255);
        }
        return alike;
    }

    /** The mean of a picture's shades and their deviation. */
    static double[] brightness(Shades picture) {
        double sum = 0;
        double squares = 0;
        for (float shade : picture.shades()) {
            sum += shade;
            squares += shade * shade;
        }
        double count = picture.shades().length;
        double mean = sum / count;
        return new double[] {mean, Math.sqrt(Math.max(0, squares / count - mean * mean))};
    }
}
