package amberlens.media.track;

import amberlens.core.model.FileProblem;
import java.util.TreeMap;

/** Frames of footage in shades of grey. Those before a frame are read in a block of their own, forwards. */
final class GreyFrames {
    private static final int BLOCK = 24;

    private final SubjectTracker.Frames frames;
    private final TreeMap<Integer, Grey> block = new TreeMap<>();

    GreyFrames(SubjectTracker.Frames frames) {
        this.frames = frames;
    }

    /** @param backwards whether the frames before this one will be asked for next */
    Grey at(int frame, boolean backwards) throws FileProblem {
        Grey known = block.get(frame);
        if (known != null) {
            return known;
        }
        block.clear();
        for (int one = backwards ? Math.max(0, frame - BLOCK + 1) : frame; one <= frame; one++) {
            block.put(one, Grey.of(frames.frame(one)));
        }
        return block.lastEntry().getValue();
    }
}
