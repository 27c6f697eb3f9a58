package amberlens.core.pixels.sampling;

/** Which pixels of each row of a window a picture covers at least in part, from the first up to but without the last. */
final class Spans {
    private static final double TINY = 1e-9;

    private int[] from = new int[0];
    private int[] to = new int[0];

    /** All pixels of all rows. */
    void fill(Window window) {
        room(window.height());
        for (int y = 0; y < window.height(); y++) {
            from[y] = 0;
            to[y] = window.width();
        }
    }

    /** Those whose centres lie in an area of the output. */
    void of(ConvexArea area, Window window) {
        room(window.height());
        double[] fromTo = new double[2];
        for (int y = 0; y < window.height(); y++) {
            double line = window.top() + y + 0.5;
            area.across(line, line, fromTo);
            boolean any = fromTo[0] <= fromTo[1];
            from[y] = any ? Math.max(0, (int) Math.ceil(fromTo[0] - 0.5 - TINY) - window.left()) : 0;
            to[y] = any ? Math.min(window.width(), (int) Math.floor(fromTo[1] - 0.5 + TINY) + 1 - window.left()) : 0;
        }
    }

    private void room(int rows) {
        if (from.length < rows) {
            from = new int[rows];
            to = new int[rows];
        }
    }

    int from(int row) {
        return from[row];
    }

    int to(int row) {
        return to[row];
    }

    boolean isEmpty(int row) {
        return from[row] >= to[row];
    }
}
