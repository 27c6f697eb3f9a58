package amberlens.core.edit.edits;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;

/**
 * What a move does as a whole, from its first frame to its last.
 *
 * @param across how far the gate goes to the right over the picture, in frame widths as they are seen half-way
 * @param down likewise down, in frame widths too
 * @param zoom the natural logarithm of how many times larger the picture gets; negative when it gets smaller
 * @param seconds how long it takes
 */
public record MoveSummary(double across, double down, double zoom, double seconds) {
    /** Less is no slide, in frame widths, and no zoom. */
    private static final double STILL = 0.003;

    public static MoveSummary of(Project project, Shot shot) {
        Pose first = project.pose(shot, 0);
        Pose last = project.pose(shot, shot.lastFrame());
        double scale = Math.sqrt(first.scale().factorX() * last.scale().factorX());
        PicturePoint from = first.gateCentre(project.frameSize());
        PicturePoint to = last.gateCentre(project.frameSize());
        double widths = scale / project.frameSize().width();
        return new MoveSummary(
                (to.x() - from.x()) * widths,
                (to.y() - from.y()) * widths,
                Math.log(last.scale().factorX() / first.scale().factorX()),
                project.frame().rate().seconds(shot.length()));
    }

    /** How far the gate goes, in frame widths. */
    public double slide() {
        return Math.hypot(across, down);
    }

    public boolean slides() {
        return slide() > STILL;
    }

    public boolean zooms() {
        return Math.abs(zoom) > STILL;
    }

    public boolean isStill() {
        return !slides() && !zooms();
    }
}
