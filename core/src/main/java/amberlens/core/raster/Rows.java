package amberlens.core.raster;

/** Splits work over the rows of a raster; the core has no threads of its own and is handed one of these. */
public interface Rows {
    /** All rows in the caller's thread. */
    Rows ALONE = (height, work) -> work.rows(0, height);

    /** Runs the work over the rows 0 … height − 1, in disjoint bands, and returns when all are done. */
    void inBands(int height, Band work);

    /** Work on the rows from {@code first} up to but without {@code last}. */
    interface Band {
        void rows(int first, int last);
    }
}
