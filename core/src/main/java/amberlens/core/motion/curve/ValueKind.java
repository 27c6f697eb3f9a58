package amberlens.core.motion.curve;

import java.util.function.IntToDoubleFunction;

/**
 * How the values of a channel are made of numbers, and how they are blended: mostly each number on its own.
 *
 * @param <V> the type of the values
 */
public interface ValueKind<V> {
    /** How many numbers make a value, at least 1. */
    int parts();

    /** The number at the given place, from 0. */
    double part(V value, int index);

    /** The value made of the numbers 0 … {@link #parts()} − 1; those that no value can have stop at the nearest that one can. */
    V of(IntToDoubleFunction part);

    /**
     * Likewise, with just these numbers.
     *
     * @throws IllegalArgumentException when there is no such value
     */
    default V exactly(IntToDoubleFunction part) {
        return of(part);
    }

    /** From {@code a} to {@code b} by a progress that may pass 0 … 1. */
    default V between(V a, V b, double progress) {
        return of(index -> mix(part(a, index), part(b, index), progress));
    }

    /** The value with one number replaced. */
    default V with(V value, int index, double number) {
        return of(at -> at == index ? number : part(value, at));
    }

    /** From one number to another. */
    static double mix(double a, double b, double progress) {
        return a + (b - a) * progress;
    }
}
