package amberlens.core.motion.property;

import amberlens.core.motion.curve.Channel;

/**
 * The numbers a hand may give to a property.
 *
 * @param least not above {@code most}
 * @param strict whether files may not pass it either; else they may hold whatever is finite
 */
public record NumberRange(double least, double most, boolean strict) {
    /** Any number within ± {@link Channel#LARGEST}. */
    public static final NumberRange ANY = new NumberRange(-Channel.LARGEST, Channel.LARGEST, true);

    public boolean contains(double number) {
        return number >= least && number <= most;
    }

    public double clamp(double number) {
        return Math.clamp(number, least, most);
    }
}
