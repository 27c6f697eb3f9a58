package amberlens.core.judge.sharpness;

import amberlens.core.base.geometry.Corner;
import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.ProjectiveMap;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.pose.Projection;
import java.util.List;

/**
 * The greatest enlargement of a take and where it happens.
 *
 * @param percent above 0
 * @param frame the first frame that reaches it
 */
public record Enlargement(double percent, int frame) {
    /** Up to here the picture is crisp, in per cent. */
    public static final double CRISP = 100;

    /** Up to here the softness is not noticeable, in per cent: common practice. */
    public static final double UNNOTICED = 110;

    /** Of what is drawn as large as it is seen. */
    public static final Enlargement DRAWN = new Enlargement(CRISP, 0);

    /** What computing leaves over of a limit that was met exactly, in per cent. */
    private static final double ROUNDING = 1e-6;

    /**
     * The largest stretch of a source pixel in a pose, in per cent; a turn does not change it. Of a picture that leans it is the largest
     * at the frame's corners and its centre.
     */
    public static double percent(Pose pose, Size frame) {
        if (pose.isFlat() || pose.projection().flatMap(Projection::unseen).isPresent()) {
            return percent(pose.scale());
        }
        ProjectiveMap back = pose.map().inverse();
        double least = stretch(back, frame.centre());
        for (Corner corner : Corner.values()) {
            least = Math.min(least, stretch(back, corner.of(frame)));
        }
        return 100 / least;
    }

    /** Source pixels per frame pixel; behind the horizon there are none, and nothing is enlarged. */
    private static double stretch(ProjectiveMap back, FramePoint at) {
        return back.w(at.x(), at.y()) > 0 ? back.leastStretch(at.x(), at.y()) : Double.POSITIVE_INFINITY;
    }

    /** Likewise, of a scale alone. */
    public static double percent(Scale scale) {
        return Math.max(scale.x(), scale.y());
    }

    public static Enlargement greatest(Take take) {
        List<Pose> seen = take.seen();
        if (seen.isEmpty()) {
            return new Enlargement(percent(take.pose(0), take.frame()), 0);
        }
        int worst = 0;
        double most = percent(seen.getFirst(), take.frame());
        for (int i = 1; i < seen.size(); i++) {
            double percent = percent(seen.get(i), take.frame());
            if (percent > most) {
                most = percent;
                worst = i;
            }
        }
        return new Enlargement(most, take.frameOf(take.moments()[worst]));
    }

    /** Whether an enlargement is not above a limit; the limit itself is within it, however it was computed. */
    public static boolean isWithin(double percent, double limit) {
        return percent <= limit + ROUNDING;
    }

    /** What the enlargement means for the eye, in one word. */
    public static String verdict(double percent) {
        return isWithin(percent, CRISP) ? "crisp" : isWithin(percent, UNNOTICED) ? "not noticeable" : "soft";
    }
}
