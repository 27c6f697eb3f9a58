package amberlens.core.edit.edits;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Portion;
import amberlens.core.judge.edges.GateReach;
import amberlens.core.judge.edges.Judged;
import amberlens.core.material.track.Spot;
import amberlens.core.material.track.Track;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Ride;
import amberlens.core.motion.camera.Take;
import amberlens.core.motion.pose.Pose;
import java.util.Optional;

/**
 * What a camera that follows meets in each frame of a shot: the pose but for its place, where the subject is, and where the middle of the
 * frame may be. Places are those of the picture as it is shown, in its pixels.
 */
final class Course {
    /** In source pixels: as good as anywhere. */
    private static final double FAR = 1e7;

    private final Project project;
    private final Shot shot;
    private final Take take;
    private final Ride ride;
    private final Judged judged;
    private final boolean bounded;
    private final Spot[] spots;

    Course(Project project, Shot shot, Track track) {
        this.project = project;
        this.shot = shot;
        take = project.take(shot);
        ride = project.ride(shot);
        judged = project.judged(shot);
        bounded = project.judges(shot);
        spots = Tracked.on(project, shot, track);
    }

    int length() {
        return shot.length();
    }

    /** Where the subject is, on the picture as it is shown. */
    Spot spot(int frame) {
        return spots[frame];
    }

    /** As the camera sees it, wherever it is now. */
    Pose seen(int frame) {
        return ride.on(project.pose(shot, frame), frame);
    }

    /** Where the middle of the frame has to be so that the subject is at a place of it. */
    PicturePoint middleFor(int frame, FramePoint place) {
        Pose pose = seen(frame);
        FramePoint subject = pose.toFrame(spots[frame].at());
        return pose.toPicture(project.frameSize().centre().plus(subject.minus(place)));
    }

    /** The position of the shot's own camera that has the middle of the frame at a place of the picture. */
    FramePoint position(int frame, PicturePoint middle) {
        Pose pose = seen(frame);
        FramePoint by = project.frameSize().centre().minus(pose.toFrame(middle));
        return ride.off(pose.withPosition(pose.position().plus(by)), frame).position();
    }

    /**
     * Where the middle may be so that no edge opens.
     *
     * @param spare kept free on all sides, in frame pixels, where there is as much
     */
    GateReach room(int frame, double spare) {
        if (!bounded) {
            return new GateReach(-FAR, FAR, -FAR, FAR);
        }
        Pose pose = take.edgePose(frame);
        GateReach reach = GateReach.of(pose, take.picture(), take.frame());
        Portion left = take.cropping().left(take.camera(), frame);
        double x = judged.area().left() + left.left() * take.picture().width();
        double y = judged.area().top() + left.top() * take.picture().height();
        double spareX = spare(spare / pose.scale().factorX(), reach.right() - reach.left());
        double spareY = spare(spare / pose.scale().factorY(), reach.bottom() - reach.top());
        return new GateReach(
                x + left.width() * (reach.left() + spareX),
                x + left.width() * (reach.right() - spareX),
                y + left.height() * (reach.top() + spareY),
                y + left.height() * (reach.bottom() - spareY));
    }

    private static double spare(double wanted, double width) {
        return width > 0 ? Math.min(wanted, width / 2) : 0;
    }

    /** Whether the camera leans or turns in depth somewhere, so that its place is no plain shift. */
    boolean leans() {
        return shot.camera().hasDepth();
    }

    Shot shot() {
        return shot;
    }

    Project project() {
        return project;
    }

    /** The first frame at which the scale is too small for any place; empty where there is none. */
    Optional<Integer> uncovered() {
        for (int frame = 0; frame < length(); frame++) {
            if (room(frame, 0).isEmpty()) {
                return Optional.of(frame);
            }
        }
        return Optional.empty();
    }
}
