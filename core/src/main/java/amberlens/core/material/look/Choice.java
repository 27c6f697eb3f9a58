package amberlens.core.material.look;

import amberlens.core.base.colour.Colour;
import java.util.List;
import java.util.Locale;

/**
 * What is chosen once about a look, rather than keyed.
 *
 * @param <V> the type of its answers
 */
public sealed interface Choice<V> {
    /** The name of its member in files. */
    String id();

    /** For example "Shape". */
    String word();

    /** The answer where nothing was chosen. */
    V usual();

    /** One of some words. */
    record OfWords<E extends Enum<E>>(String id, String word, E usual, List<E> all) implements Choice<E> {
        /** An answer as files have it. */
        public String written(E answer) {
            return answer.name().toLowerCase(Locale.ROOT);
        }
    }

    record OfColour(String id, String word, Colour usual) implements Choice<Colour> {}

    record OfSwitch(String id, String word, Boolean usual) implements Choice<Boolean> {}

    /** The corners of a polygon. */
    record OfPoints(String id, String word, List<Mask.Point> usual) implements Choice<List<Mask.Point>> {
        public OfPoints {
            usual = List.copyOf(usual);
        }
    }
}
