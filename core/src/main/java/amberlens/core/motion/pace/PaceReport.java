package amberlens.core.motion.pace;

import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.List;

/**
 * The pace along a whole take.
 *
 * @param paces from each frame to the next; one for a take of a single frame
 * @param fastest the frame with the greatest speed at the centre, the first of several
 */
public record PaceReport(List<Pace> paces, int fastest) {
    public PaceReport {
        paces = List.copyOf(paces);
    }

    public static PaceReport of(Take shaken) {
        Take take = shaken.steady();
        List<Pace> paces = new ArrayList<>();
        int fastest = 0;
        List<Pose> poses = take.poses();
        for (int frame = 0; frame < Math.max(1, take.length() - 1); frame++) {
            Pose next = frame + 1 < poses.size() ? poses.get(frame + 1) : take.pose(frame + 1.0);
            paces.add(Pace.between(poses.get(frame), next, take.frame()));
            if (paces.get(frame).centrePx() > paces.get(fastest).centrePx()) {
                fastest = frame;
            }
        }
        return new PaceReport(paces, fastest);
    }

    public Pace greatest() {
        return paces.get(fastest);
    }

    /** The greatest speed of the fastest corner, in frame pixels per frame. */
    public double fastestCornerPx() {
        return paces.stream().mapToDouble(Pace::cornerPx).max().orElse(0);
    }
}
