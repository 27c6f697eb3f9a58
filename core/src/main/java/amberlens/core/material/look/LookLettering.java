package amberlens.core.material.look;

import amberlens.core.base.colour.Colour;
import amberlens.core.material.title.Title;
import java.util.List;

/**
 * What looks make of a title.
 *
 * @param size of the letters, times that of the title
 * @param spacing what is added between letters, in % of their size
 * @param inks colours that the letters pass into, one after the other
 */
public record LookLettering(double size, double spacing, List<Passing> inks) {
    public static final LookLettering PLAIN = new LookLettering(1, 0, List.of());

    public LookLettering {
        inks = List.copyOf(inks);
    }

    /** The title as it is shown. */
    public Title on(Title title) {
        if (equals(PLAIN)) {
            return title;
        }
        Colour colour = title.colour();
        for (Passing ink : inks) {
            colour = ink.from(colour);
        }
        return title.withSize(Math.clamp(title.size() * size, Title.LEAST_SIZE, Title.LARGEST_SIZE))
                .withLetterSpacing(
                        Math.clamp(title.letterSpacing() + spacing, Title.LEAST_LETTERS, Title.LARGEST_LETTERS))
                .withColour(colour);
    }
}
