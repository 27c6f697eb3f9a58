package amberlens.core.pixels.raster;

import java.util.function.Supplier;

/** Splits work over the rows of a raster; the core has no threads of its own and is handed one of these. */
public interface Rows {
    /** All rows in the caller's thread. */
    Rows ALONE = (height, workers) -> workers.get().rows(0, height);

    /**
     * Runs work over the rows 0 … height − 1, in disjoint bands, and returns when all are done.
     *
     * @param workers gives each thread one of its own, which does one band after the other
     */
    void inBands(int height, Supplier<Band> workers);

    /** Likewise with work that keeps nothing from one band to the next. */
    default void inBands(int height, Band work) {
        inBands(height, () -> work);
    }

    /** Work on the rows from {@code first} up to but without {@code last}. */
    interface Band {
        void rows(int first, int last);
    }
}
