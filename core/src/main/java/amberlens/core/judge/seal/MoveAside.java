package amberlens.core.judge.seal;

import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.Side;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.judge.edges.EdgeReport;
import amberlens.core.judge.marks.MarkMargin;
import amberlens.core.judge.marks.MarkReport;
import amberlens.core.judge.marks.MarkWish;
import amberlens.core.motion.camera.Take;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Shifts framings by the least so that no box is cut while the camera rests: each box that is cut is brought into the frame, or out of it
 * by one of its sides, whatever is nearer. No edge is opened by it. It is the {@link SealWay#SHIFT} of a seal, with what is wished of boxes
 * instead of what is open.
 */
public final class MoveAside {
    /** So many boxes that are cut are tried every way together; of more, one after the other. */
    private static final int TOGETHER = 2;

    private final Take take;
    private final boolean edges;
    private final SealTerms terms;
    private final List<MarkWish> settled = new ArrayList<>();
    private final List<MarkWish> cut = new ArrayList<>();

    private MoveAside(Take take, boolean edges, List<PictureBox> boxes, SealTerms terms) {
        this.take = take;
        this.edges = edges;
        this.terms = terms;
        for (FrameSpan rest : MarkReport.stretches(take)) {
            for (PictureBox box : boxes) {
                MarkMargin margin = MarkMargin.of(box, take.pose(rest.from()), take.frame());
                MarkWish wish = new MarkWish(box, MarkWish.INSIDE, rest.from(), rest.to());
                if (margin.isCut()) {
                    cut.add(wish);
                } else {
                    settled.add(margin.outside() ? out(wish) : wish);
                }
            }
        }
    }

    /** Beyond the side that it is furthest beyond already. */
    private MarkWish out(MarkWish wish) {
        return Stream.of(Side.values())
                .map(wish::beyond)
                .max(Comparator.comparingDouble(this::least))
                .orElseThrow();
    }

    private double least(MarkWish wish) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < wish.conditions(); i++) {
            var pose = take.pose(wish.from());
            least = Math.min(least, wish.distance(i, pose, pose, take.frame()));
        }
        return least;
    }

    /**
     * The move with its framings moved aside.
     *
     * @param take as it is seen
     * @param edges whether its edges count; an edge that is open is closed, then, or the move refused
     * @param boxes those that may not be cut, after mirroring
     * @return already sealed where none is cut
     */
    public static SealResult of(Take take, boolean edges, List<PictureBox> boxes, SealTerms terms) {
        var aside = new MoveAside(take, edges, boxes, terms);
        if (aside.cut.isEmpty()) {
            return new SealResult.AlreadySealed();
        }
        Optional<SealResult.Sealed> moved =
                aside.cut.size() <= TOGETHER ? aside.together(0, aside.settled) : aside.oneByOne();
        return moved.<SealResult>map(found -> found).orElseGet(aside::refused);
    }

    private Optional<SealResult.Sealed> together(int next, List<MarkWish> wishes) {
        if (next == cut.size()) {
            return attempt(wishes);
        }
        return ways(cut.get(next))
                .map(way -> together(
                        next + 1, Stream.concat(wishes.stream(), Stream.of(way)).toList()))
                .flatMap(Optional::stream)
                .min(Comparator.comparingDouble(found -> found.cost().measure()));
    }

    /** Each in its nearest way that goes with those before it. */
    private Optional<SealResult.Sealed> oneByOne() {
        List<MarkWish> wishes = new ArrayList<>(settled);
        Optional<SealResult.Sealed> best = Optional.empty();
        for (MarkWish one : cut) {
            MarkWish chosen = null;
            best = Optional.empty();
            for (MarkWish way : ways(one).toList()) {
                Optional<SealResult.Sealed> found =
                        attempt(Stream.concat(wishes.stream(), Stream.of(way)).toList());
                if (found.isPresent()
                        && (best.isEmpty()
                                || found.get().cost().measure()
                                        < best.get().cost().measure())) {
                    best = found;
                    chosen = way;
                }
            }
            if (chosen == null) {
                return Optional.empty();
            }
            wishes.add(chosen);
        }
        return best;
    }

    private static Stream<MarkWish> ways(MarkWish wish) {
        return Stream.concat(Stream.of(wish), Stream.of(Side.values()).map(wish::beyond));
    }

    private Optional<SealResult.Sealed> attempt(List<MarkWish> wishes) {
        return KeySeal.attempt(SealWay.SHIFT, Subject.of(take, edges, wishes), terms);
    }

    private SealResult refused() {
        int frame = (int) cut.getFirst().from();
        boolean open = edges && !EdgeReport.of(take).isSealed();
        return new SealResult.Refused(
                frame,
                Optional.empty(),
                open
                        ? "its edges are open; seal them first"
                        : "at frame " + frame
                                + " a mark cannot be brought into the frame, or out of it, without an open edge; a wider or a closer framing there would help");
    }
}
