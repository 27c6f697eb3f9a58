package amberlens.core.motion.pace;

import amberlens.core.base.geometry.Size;
import amberlens.core.base.time.FrameRate;
import amberlens.core.motion.camera.CameraTrack;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.pose.Travel;

/**
 * The displacement of the picture from one frame to the next.
 *
 * @param centrePx at the frame's centre, in frame pixels per frame
 * @param cornerPx at the fastest corner, in frame pixels per frame
 */
public record Pace(double centrePx, double cornerPx) {
    /** A pan that crosses the frame faster may judder at 24 to 30 frames per second, in seconds: common practice. */
    public static final double CALM_CROSSING_SECONDS = 7;

    /** From so many frames a second on no pan judders: common practice. */
    public static final double CALM_RATE = 40;

    /** The pace of a flat move from a frame to the following one. */
    public static Pace at(CameraTrack camera, int at, Size frame) {
        return between(camera.at(at), camera.at(at + 1.0), frame);
    }

    /** The pace of a take from a frame to the following one; the hand that shakes it does not count. */
    public static Pace at(Take shaken, int at) {
        Take take = shaken.steady();
        return between(take.pose(at), take.pose(at + 1.0), take.frame());
    }

    /** The pace from one pose to that of the following frame. */
    static Pace between(Pose now, Pose next, Size frame) {
        Travel travel = Travel.between(now, next);
        return new Pace(travel.at(frame.centre()), travel.furthest(frame));
    }

    /** The speed at the centre as a part of the frame's width per second, in per cent. */
    public double percentOfWidthPerSecond(Size frame, FrameRate rate) {
        return 100 * centrePx * rate.perSecond() / frame.width();
    }

    /** How long the picture takes to cross the frame's width, in seconds; infinite when it stands. */
    public double crossingSeconds(Size frame, FrameRate rate) {
        return frame.width() / (centrePx * rate.perSecond());
    }
}
