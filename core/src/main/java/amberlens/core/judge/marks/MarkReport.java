package amberlens.core.judge.marks;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PictureBox;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where a box of a picture is not as it was asked to be.
 *
 * @param cut each run of frames in which it is not, ascending
 */
public record MarkReport(List<Cut> cut) {
    /** Maps that show the corners of a picture at places that differ by less are the same. */
    private static final double STILL_PX = 0.01;

    public MarkReport {
        cut = List.copyOf(cut);
    }

    /**
     * A run of frames.
     *
     * @param worst the margin of the frame that is furthest from what is asked
     * @param frame that frame
     */
    public record Cut(FrameSpan span, MarkMargin worst, int frame) {
        /** How far it is cut, in frame pixels. */
        public double px() {
            return -worst.framePx();
        }
    }

    /** Where a box is cut while the camera rests. */
    public static MarkReport atRests(Take take, PictureBox box) {
        List<Cut> cut = new ArrayList<>();
        for (int frame : rests(take)) {
            MarkMargin margin = MarkMargin.of(box, take.pose(frame), take.frame());
            if (margin.isCut()) {
                add(cut, frame, margin);
            }
        }
        return new MarkReport(cut);
    }

    /** Where a box is not whole in the frame, at any moment that is judged. */
    public static MarkReport always(Take take, PictureBox box) {
        List<Cut> cut = new ArrayList<>();
        for (double at : take.moments()) {
            MarkMargin margin = MarkMargin.of(box, take.pose(at), take.frame());
            if (!margin.isInside()) {
                add(cut, take.frameOf(at), margin);
            }
        }
        return new MarkReport(cut);
    }

    private static void add(List<Cut> cut, int frame, MarkMargin margin) {
        Cut last = cut.isEmpty() ? null : cut.getLast();
        if (last == null || frame > last.span().to() + 1) {
            cut.add(new Cut(new FrameSpan(frame, frame), margin, frame));
            return;
        }
        boolean worse = margin.framePx() < last.worst().framePx();
        cut.set(
                cut.size() - 1,
                new Cut(
                        new FrameSpan(last.span().from(), frame),
                        worse ? margin : last.worst(),
                        worse ? frame : last.frame()));
    }

    /** The frames at which the camera rests: the first, the last, and those whose map is that of a neighbour. */
    public static List<Integer> rests(Take take) {
        List<Integer> rests = new ArrayList<>();
        List<Pose> poses = take.poses();
        boolean sameBefore = false;
        for (int frame = 0; frame < poses.size(); frame++) {
            boolean sameAfter = frame + 1 < poses.size() && isStill(poses.get(frame), poses.get(frame + 1), take);
            if (frame == 0 || frame == poses.size() - 1 || sameBefore || sameAfter) {
                rests.add(frame);
            }
            sameBefore = sameAfter;
        }
        return rests;
    }

    /** The stretches in which the camera rests, in time. */
    public static List<FrameSpan> stretches(Take take) {
        List<FrameSpan> stretches = new ArrayList<>();
        List<Pose> poses = take.poses();
        for (int frame : rests(take)) {
            FrameSpan last = stretches.isEmpty() ? null : stretches.getLast();
            boolean goesOn =
                    last != null && frame == last.to() + 1 && isStill(poses.get(last.to()), poses.get(frame), take);
            if (last != null && goesOn) {
                stretches.set(stretches.size() - 1, new FrameSpan(last.from(), frame));
            } else {
                stretches.add(new FrameSpan(frame, frame));
            }
        }
        return stretches;
    }

    private static boolean isStill(Pose one, Pose other, Take take) {
        if (one.equals(other)) {
            return true;
        }
        if (!one.isSeen() || !other.isSeen()) {
            return false;
        }
        var whole = new PictureBox(0, 0, take.picture().width(), take.picture().height());
        for (PicturePoint corner : whole.corners()) {
            FramePoint before = one.toFrame(corner);
            if (before.distance(other.toFrame(corner)) > STILL_PX) {
                return false;
            }
        }
        return true;
    }

    public boolean isKept() {
        return cut.isEmpty();
    }

    /** The worst of all. */
    public Optional<Cut> worst() {
        return cut.stream().min(Comparator.comparingDouble(one -> one.worst().framePx()));
    }
}
