package amberlens.core.motion.keys;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameSpan;
import amberlens.core.motion.pose.Pose;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Where poses that are known frame by frame rest: they stay in place for a while, and go no faster than a small part of their usual speed. */
public final class PoseRests {
    /** Of the speed that nine tenths of the frames do not exceed. */
    private static final double SLOW = 0.12;

    /** A speed is taken over so much time on either side, in parts of the shortest rest. */
    private static final int HALF = 4;

    private static final double FAST = 0.9;

    private PoseRests() {}

    /**
     * The rests, in time.
     *
     * @param poses flat, one for each frame
     * @param within how far a pose may be from the middle one of its rest, in frame pixels
     * @param shortest in frames, at least 2
     */
    public static List<FrameSpan> of(List<Pose> poses, Size frame, double within, int shortest) {
        var distance = new PoseDistance(frame);
        int half = Math.max(1, shortest / HALF);
        double[] speeds = speeds(poses, distance, half);
        double slow = slow(speeds);
        List<FrameSpan> rests = new ArrayList<>();
        int from = -1;
        for (int at = 0; at <= speeds.length; at++) {
            boolean isSlow = at < speeds.length && speeds[at] <= slow;
            if (isSlow && from < 0) {
                from = at;
            } else if (!isSlow && from >= 0) {
                var rest = new FrameSpan(from, at - 1);
                if (rest.length() >= shortest && stays(poses, rest, distance, within)) {
                    rests.add(rest);
                }
                from = -1;
            }
        }
        return rests;
    }

    private static double[] speeds(List<Pose> poses, PoseDistance distance, int half) {
        int last = poses.size() - 1;
        double[] speeds = new double[poses.size()];
        for (int at = 0; at <= last; at++) {
            int before = Math.max(0, at - half);
            int after = Math.min(last, at + half);
            speeds[at] = after > before ? distance.between(poses.get(before), poses.get(after)) / (after - before) : 0;
        }
        return speeds;
    }

    private static double slow(double[] speeds) {
        double[] sorted = speeds.clone();
        Arrays.sort(sorted);
        return SLOW * sorted[(int) (FAST * (sorted.length - 1))];
    }

    private static boolean stays(List<Pose> poses, FrameSpan rest, PoseDistance distance, double within) {
        Pose middle = poses.get((rest.from() + rest.to()) / 2);
        return poses.subList(rest.from(), rest.to() + 1).stream()
                .allMatch(pose -> distance.between(middle, pose) <= within);
    }
}
