package amberlens.core.base.time;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/**
 * A closed run of frames: both ends belong to it.
 *
 * @param from first frame
 * @param to last frame, not before {@code from}
 */
public record FrameSpan(int from, int to) {
    public FrameSpan {
        if (to < from) {
            throw new IllegalArgumentException("a span ends at or after its start, not " + from + " to " + to);
        }
    }

    /**
     * The runs of frames for which something holds, in order.
     *
     * @param first the first frame to look at
     * @param last the last one; before the first for none
     */
    public static List<FrameSpan> runs(int first, int last, IntPredicate holds) {
        List<FrameSpan> runs = new ArrayList<>();
        int from = -1;
        boolean inside = false;
        for (int frame = first; frame <= last + 1; frame++) {
            boolean now = frame <= last && holds.test(frame);
            if (now && !inside) {
                from = frame;
            } else if (!now && inside) {
                runs.add(new FrameSpan(from, frame - 1));
            }
            inside = now;
        }
        return runs;
    }

    /** The span from the earlier start to the later end. */
    public FrameSpan with(FrameSpan other) {
        return new FrameSpan(Math.min(from, other.from), Math.max(to, other.to));
    }

    /** How many frames the span holds, at least 1. */
    public int length() {
        return to - from + 1;
    }

    /** Whether the frame belongs to the span. */
    public boolean contains(int frame) {
        return frame >= from && frame <= to;
    }

    /** The frame of the span nearest to the given one. */
    public int clamp(int frame) {
        return Math.clamp(frame, from, to);
    }
}
