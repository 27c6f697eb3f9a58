package amberlens.desktop.picture.table;

import amberlens.core.base.geometry.FramePoint;
import amberlens.core.model.project.Project;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.camera.Framings;
import amberlens.core.motion.pose.Pose;
import java.util.List;
import java.util.Optional;

/**
 * The number of a framing at its gate's corner, in screen pixels; also the grip by which it is dragged.
 *
 * @param at the framing's frame
 */
record FramingTag(int at, double x, double y) {
    static final double WIDTH = 16;
    static final double HEIGHT = 14;
    private static final double CENTRE_REACH = 6;

    /** The tag of a framing; one that lies on the framing before stands beside its tag. */
    static FramingTag of(Project project, Shot shot, List<Integer> framings, int index, TableView view) {
        Pose pose = project.pose(shot, framings.get(index));
        boolean sameAsBefore = index > 0 && pose.equals(project.pose(shot, framings.get(index - 1)));
        FramePoint corner =
                GateShape.of(pose, project.frameSize(), view).corners().getFirst();
        return new FramingTag(framings.get(index), corner.x() + (sameAsBefore ? 18 : 0), corner.y() - 15);
    }

    /**
     * The framing whose tag, or whose centre on the path, is at a place. A centre that lies under the gate's own gives way:
     * there the gate is meant.
     */
    static Optional<Integer> framingAt(
            Project project, Shot shot, TableView view, FramePoint gateCentre, double px, double py) {
        List<Integer> framings = Framings.of(shot.camera());
        for (int i = framings.size() - 1; i >= 0; i--) {
            FramingTag tag = of(project, shot, framings, i, view);
            FramePoint centre = view.toScreen(project.pose(shot, tag.at).gateCentre(project.frameSize()));
            boolean onTag = px >= tag.x && px <= tag.x + WIDTH && py >= tag.y && py <= tag.y + HEIGHT;
            boolean apart = gateCentre.distance(centre) > 2 * CENTRE_REACH;
            boolean onCentre = apart && Math.hypot(centre.x() - px, centre.y() - py) <= CENTRE_REACH;
            if (onTag || onCentre) {
                return Optional.of(tag.at);
            }
        }
        return Optional.empty();
    }
}
