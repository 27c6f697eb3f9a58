package amberlens.core.motion.property;

import amberlens.core.base.geometry.Size;

/**
 * A unit in which the numbers of a property can be shown and typed. The project always holds the first of a property.
 *
 * @param id for settings
 * @param sign what stands behind the number in a field
 * @param words what it counts
 * @param brief what stands behind the number where there is little room
 * @param factor how much of the project's own unit one of these is
 */
public record Unit(String id, String sign, String words, String brief, Factor factor) {
    /** How much of the project's own unit one of another unit is. */
    @FunctionalInterface
    public interface Factor {
        /**
         * @param part 0 for the horizontal or only number, 1 for the vertical one
         * @param picture source pixels
         * @param frame frame pixels
         */
        double of(int part, Size picture, Size frame);
    }

    /** The project's own unit. */
    static Unit own(String property, String sign, String words, String brief) {
        return new Unit(property + "-own", sign, words, brief, (_, _, _) -> 1);
    }

    static Unit of(String id, String sign, String words, String brief, Factor factor) {
        return new Unit(id, sign, words, brief, factor);
    }

    /** From the project's number to the one shown. */
    public double shown(double value, int part, Size picture, Size frame) {
        return value / factor.of(part, picture, frame);
    }

    /** From the number shown to the project's. */
    public double held(double shown, int part, Size picture, Size frame) {
        return shown * factor.of(part, picture, frame);
    }
}
