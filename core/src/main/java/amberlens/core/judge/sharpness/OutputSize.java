package amberlens.core.judge.sharpness;

import amberlens.core.base.geometry.Size;
import java.util.List;
import java.util.stream.IntStream;

/**
 * A size of output and how far a picture would be enlarged for it.
 *
 * @param enlargement the greatest of the move, in per cent
 */
public record OutputSize(Size size, double enlargement) {
    /** The usual heights of 16:9 deliveries: common practice. */
    private static final int[] USUAL_HEIGHTS = {720, 1080, 1440, 2160, 4320};

    /** The usual sizes of the frame's shape, in even pixels, with what a move would need for them. */
    public static List<OutputSize> of(Enlargement greatest, Size frame) {
        int shorter = Math.min(frame.width(), frame.height());
        return IntStream.of(USUAL_HEIGHTS)
                .mapToObj(height -> {
                    double factor = (double) height / shorter;
                    var size = new Size(even(frame.width() * factor), even(frame.height() * factor));
                    return new OutputSize(size, greatest.percent() * factor);
                })
                .toList();
    }

    /** Whether the picture is sharp enough for it. */
    public boolean does(double limitPercent) {
        return Enlargement.isWithin(enlargement, limitPercent);
    }

    private static int even(double length) {
        return Math.max(2, 2 * (int) Math.round(length / 2));
    }
}
