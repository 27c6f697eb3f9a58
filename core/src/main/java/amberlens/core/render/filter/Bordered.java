package amberlens.core.render.filter;

/** Puts around a field of places what lies beyond its borders: that is as the last pixels before them, which are rendered one by one. */
public final class Bordered {
    private final LightField all;
    private final LightField inner;
    private final int margin;
    private final int times;

    private Bordered(LightField inner, int margin, int times) {
        this.inner = inner;
        this.margin = margin;
        this.times = times;
        all = LightField.blank(inner.width() + 2 * margin, inner.height() + 2 * margin);
    }

    /**
     * A field with its surroundings.
     *
     * @param inner places
     * @param margin how many places beyond each border
     * @param times how many pixels a place is wide and high
     * @param left the first pixel of every row
     * @param right the last one
     * @param top the first pixel of every column
     * @param bottom the last one
     */
    public static LightField of(
            LightField inner,
            int margin,
            int times,
            LightField left,
            LightField right,
            LightField top,
            LightField bottom) {
        var bordered = new Bordered(inner, margin, times);
        bordered.rows(left, right);
        bordered.cap(top, left, right, 0, true);
        bordered.cap(bottom, left, right, margin + inner.height(), false);
        return bordered.all;
    }

    private void rows(LightField left, LightField right) {
        for (int y = 0; y < inner.height(); y++) {
            int to = all.row(margin + y);
            System.arraycopy(inner.light(), inner.row(y), all.light(), to + 4 * margin, 4 * inner.width());
            for (int c = 0; c < 4; c++) {
                fill(to + c, margin, mean(left, y * times, c));
                fill(to + 4 * (margin + inner.width()) + c, margin, mean(right, y * times, c));
            }
        }
    }

    /** The rows above the first or below the last. */
    private void cap(LightField edge, LightField left, LightField right, int from, boolean above) {
        int corner = above ? 0 : left.height() - 1;
        int first = all.row(from);
        for (int c = 0; c < 4; c++) {
            fill(first + c, margin, left.light()[left.row(corner) + c]);
            for (int x = 0; x < inner.width(); x++) {
                all.light()[first + 4 * (margin + x) + c] = mean(edge, x * times, c);
            }
            fill(first + 4 * (margin + inner.width()) + c, margin, right.light()[right.row(corner) + c]);
        }
        for (int y = 1; y < margin; y++) {
            System.arraycopy(all.light(), first, all.light(), all.row(from + y), 4 * all.width());
        }
    }

    /** The mean of the pixels of a place along a border one pixel wide. */
    private float mean(LightField edge, int from, int component) {
        float sum = 0;
        for (int i = from; i < from + times; i++) {
            sum += edge.light()[4 * i + component];
        }
        return sum / times;
    }

    private void fill(int at, int places, float value) {
        for (int i = 0; i < places; i++) {
            all.light()[at + 4 * i] = value;
        }
    }
}
