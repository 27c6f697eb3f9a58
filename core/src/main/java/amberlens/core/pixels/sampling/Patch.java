package amberlens.core.pixels.sampling;

import amberlens.core.pixels.raster.Loops;
import amberlens.core.pixels.raster.Raster;
import org.jspecify.annotations.Nullable;

/** The part of a raster that a window needs, as light. Beyond the picture its border pixels go on. Used by one thread. */
final class Patch {
    /** So many pixels behind each row can be read, whatever they hold. */
    private static final int BEHIND = 8;

    /** So many pixels more are read on all sides when others share what is read. */
    private static final int AROUND = 12;

    private final Loops loops;
    private final boolean shared;
    private @Nullable Raster read;
    private int columns;
    private int rows;
    private float[] light = new float[0];
    private int left;
    private int top;
    private int pitch;
    private final float[] border = new float[4 + Loops.SPARE];
    private final double[] fromTo = new double[2];

    /**
     * @param shared whether others will ask for nearly the same part: then a little more is read, and what is there is not read again
     */
    Patch(Loops loops, boolean shared) {
        this.loops = loops;
        this.shared = shared;
    }

    /**
     * Reads what the kernel covers when its middle passes over an area.
     *
     * @param area in pixels of the raster, whose centres have whole numbers
     * @param across how far the kernel reaches to both sides, in pixels
     * @param down likewise up and down
     */
    void read(Raster raster, ConvexArea area, int across, int down) {
        int firstColumn = (int) Math.floor(area.left()) - across;
        int firstRow = (int) Math.floor(area.top()) - down;
        int endColumn = (int) Math.floor(area.right()) + across + 1;
        int endRow = (int) Math.floor(area.bottom()) + down + 1;
        if (shared) {
            readForAll(raster, firstColumn, firstRow, endColumn, endRow);
            return;
        }
        room(firstColumn, firstRow, endColumn - firstColumn, endRow - firstRow);
        if (area.isUpright()) {
            readRows(raster);
            return;
        }
        for (int row = 0; row < rows; row++) {
            area.across(top + row - down - 1, top + row + down + 1, fromTo);
            if (fromTo[0] <= fromTo[1]) {
                int from = (int) Math.floor(fromTo[0]) - across;
                int to = (int) Math.floor(fromTo[1]) + across + 1;
                row(raster, Math.clamp(top + row, 0, raster.height() - 1), from, to, row * pitch + 4 * (from - left));
            }
        }
    }

    /** Reads a whole rectangle and a margin around it, if it is not there. */
    private void readForAll(Raster raster, int firstColumn, int firstRow, int endColumn, int endRow) {
        boolean there = read == raster
                && firstColumn >= left
                && firstRow >= top
                && endColumn <= left + columns
                && endRow <= top + rows;
        if (there) {
            return;
        }
        read = raster;
        room(
                firstColumn - AROUND,
                firstRow - AROUND,
                endColumn - firstColumn + 2 * AROUND,
                endRow - firstRow + 2 * AROUND);
        readRows(raster);
    }

    private void readRows(Raster raster) {
        for (int row = 0; row < rows; row++) {
            row(raster, Math.clamp(top + row, 0, raster.height() - 1), left, left + columns, row * pitch);
        }
    }

    private void room(int firstColumn, int firstRow, int width, int height) {
        left = firstColumn;
        top = firstRow;
        columns = width;
        rows = height;
        pitch = 4 * (columns + BEHIND | 1); // rows at odd distances do not fall into the same lines of the cache
        int length = pitch * rows + Loops.SPARE + 4 * BEHIND;
        if (light.length < length) {
            light = new float[length + length / 4];
        }
    }

    private void row(Raster raster, int y, int from, int to, int at) {
        int last = raster.width() - 1;
        int first = Math.clamp(from, 0, raster.width());
        int end = Math.clamp(to, first, raster.width());
        if (first < end) {
            raster.read(loops, first, y, end - first, light, at + 4 * (first - from));
        }
        if (from < first) {
            repeat(raster, 0, y, at, Math.min(first, to) - from);
        }
        if (to > end) {
            repeat(raster, last, y, at + 4 * (Math.max(end, from) - from), to - Math.max(end, from));
        }
    }

    private void repeat(Raster raster, int x, int y, int at, int count) {
        raster.read(loops, x, y, 1, border, 0);
        for (int i = at; i < at + 4 * count; i += 4) {
            System.arraycopy(border, 0, light, i, 4);
        }
    }

    /** Where the light of a pixel stands. */
    int at(int x, int y) {
        return (y - top) * pitch + 4 * (x - left);
    }

    float[] light() {
        return light;
    }

    int left() {
        return left;
    }

    int top() {
        return top;
    }

    int columns() {
        return columns;
    }

    int rows() {
        return rows;
    }

    /** From one row to the next, in numbers. */
    int pitch() {
        return pitch;
    }
}
