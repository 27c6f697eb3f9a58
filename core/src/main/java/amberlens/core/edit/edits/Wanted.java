package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.judge.edges.GateReach;

/** Where the middle of the frame is wanted in each frame: where the subject is at its place, or behind it by the lead. */
final class Wanted {
    /** For so long a direction counts, in seconds: longer than a step, shorter than a turn. */
    private static final double SECONDS = 0.5;

    /** At this pace, in frame widths a second, half of the lead is given. */
    private static final double HALF_LEAD_PACE = 0.08;

    private final Course course;
    private final PicturePoint[] middles;

    Wanted(Course course, FollowWish wish) {
        this.course = course;
        middles = new PicturePoint[course.length()];
        FramePoint[] leads = leads(wish);
        for (int frame = 0; frame < middles.length; frame++) {
            middles[frame] = course.middleFor(frame, wish.place().minus(leads[frame]));
        }
    }

    PicturePoint middle(int frame) {
        return middles[frame];
    }

    /** How far from its place the subject is where there is room for the middle, in frame pixels. */
    double missed(int frame, GateReach room) {
        PicturePoint wanted = middles[frame];
        PicturePoint inside = room.nearest(wanted);
        var scale = course.seen(frame).scale();
        return Math.hypot((wanted.x() - inside.x()) * scale.factorX(), (wanted.y() - inside.y()) * scale.factorY());
    }

    /** How far the subject is to be behind its place. */
    private FramePoint[] leads(FollowWish wish) {
        int length = middles.length;
        var leads = new FramePoint[length];
        double width = course.project().frameSize().width();
        double perSecond = course.project().frame().rate().perSecond();
        FramePoint[] paces = smoothed(paces(), SECONDS * perSecond);
        double half = HALF_LEAD_PACE * width / perSecond;
        for (int frame = 0; frame < length; frame++) {
            double pace = paces[frame].length();
            leads[frame] = wish.lead() == 0 || pace == 0
                    ? FramePoint.ZERO
                    : paces[frame].times(wish.lead() * width / (pace + half));
        }
        return leads;
    }

    /** How far the subject goes on the picture from frame to frame, as the frame shows it. */
    private FramePoint[] paces() {
        var paces = new FramePoint[middles.length];
        for (int frame = 0; frame < paces.length; frame++) {
            int before = Math.max(0, frame - 1);
            int after = Math.min(paces.length - 1, frame + 1);
            var pose = course.seen(frame);
            FramePoint way = pose.toFrame(course.spot(after).at())
                    .minus(pose.toFrame(course.spot(before).at()));
            paces[frame] = after == before ? FramePoint.ZERO : way.times(1.0 / (after - before));
        }
        return paces;
    }

    /** A Gaussian over time. */
    private static FramePoint[] smoothed(FramePoint[] values, double frames) {
        var smooth = new FramePoint[values.length];
        int reach = (int) Math.ceil(3 * frames);
        for (int i = 0; i < values.length; i++) {
            FramePoint sum = FramePoint.ZERO;
            double weights = 0;
            for (int j = Math.max(0, i - reach); j <= Math.min(values.length - 1, i + reach); j++) {
                double weight = Math.exp(-0.5 * (j - i) * (j - i) / (frames * frames));
                sum = sum.plus(values[j].times(weight));
                weights += weight;
            }
            smooth[i] = sum.times(1 / weights);
        }
        return smooth;
    }
}
