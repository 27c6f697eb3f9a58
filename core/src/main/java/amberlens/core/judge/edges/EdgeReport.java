package amberlens.core.judge.edges;

import amberlens.core.base.time.FrameSpan;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The margin of every frame of a take: the worst of the instants at which it is looked at.
 *
 * @param margins one per frame, from frame 0
 * @param open the spans in which an edge is open, in order of time
 * @param worstFrame the frame with the smallest margin, the first of several
 */
public record EdgeReport(List<Margin> margins, List<OpenSpan> open, int worstFrame) {
    public EdgeReport {
        margins = List.copyOf(margins);
        open = List.copyOf(open);
    }

    /** So many frames are worth sharing among the cores. */
    private static final int LONG = 1000;

    /**
     * A run of frames whose edge is open.
     *
     * @param span its frames
     * @param worstFrame the frame that is furthest open
     * @param worst where and how far it is open
     */
    public record OpenSpan(FrameSpan span, int worstFrame, Margin worst) {}

    /** Checks every frame at the instants at which the take is looked at. */
    public static EdgeReport of(Take take) {
        List<Margin> margins =
                take.isPlain() && !take.ride().cuts() && take.dissolving().isEmpty()
                        ? ofFrames(take)
                        : ofInstants(take);
        return new EdgeReport(margins, openSpans(margins), worstIn(margins, 0, margins.size() - 1));
    }

    private static List<Margin> ofFrames(Take take) {
        List<Pose> poses = take.edgePoses();
        return (take.length() > LONG ? poses.parallelStream() : poses.stream())
                .map(pose -> Margin.of(pose, take.picture(), take.frame()))
                .toList();
    }

    /** The worst of each frame's instants; a frame that is not looked at has any room. */
    private static List<Margin> ofInstants(Take take) {
        return IntStream.range(0, take.length())
                .mapToObj(frame -> Arrays.stream(take.momentsOf(frame))
                        .mapToObj(at -> margin(take, at))
                        .min(Comparator.comparingDouble(Margin::framePx))
                        .orElse(Margin.NOT_SEEN))
                .toList();
    }

    /** The margin at a moment: that of the picture, or of what rigs leave of the frame where that is less. */
    public static Margin margin(Take take, double at) {
        if (take.dissolves(at)) {
            return Margin.DISSOLVING;
        }
        Margin least = Margin.of(take.edgePose(at), take.picture(), take.frame());
        return cut(take, at).filter(cut -> cut.framePx() < least.framePx()).orElse(least);
    }

    /** The least margin of what rigs leave of the frame at a moment, wherever the picture lies; empty where they leave all of it. */
    public static Optional<Margin> cut(Take take, double at) {
        return take.ride().left(at).stream()
                .map(left -> Margin.of(left.pose(), left.size(), take.frame()))
                .min(Comparator.comparingDouble(Margin::framePx));
    }

    /** Whether no frame is open. */
    public boolean isSealed() {
        return open.isEmpty();
    }

    public Margin worst() {
        return margins.get(worstFrame);
    }

    /** The open span that is furthest open. */
    public Optional<OpenSpan> worstSpan() {
        return open.stream().filter(span -> span.span().contains(worstFrame)).findFirst();
    }

    private static List<OpenSpan> openSpans(List<Margin> margins) {
        return FrameSpan.runs(
                        0, margins.size() - 1, frame -> !margins.get(frame).isSealed())
                .stream()
                .map(span -> {
                    int worst = worstIn(margins, span.from(), span.to());
                    return new OpenSpan(span, worst, margins.get(worst));
                })
                .toList();
    }

    private static int worstIn(List<Margin> margins, int from, int to) {
        int worst = from;
        for (int frame = from + 1; frame <= to; frame++) {
            if (margins.get(frame).framePx() < margins.get(worst).framePx()) {
                worst = frame;
            }
        }
        return worst;
    }
}
