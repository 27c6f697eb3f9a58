package amberlens.desktop.desk.commands;

import amberlens.core.edit.edits.InsetEdits;
import amberlens.core.edit.edits.Inside;
import amberlens.core.model.project.Shot;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Desk;
import java.util.Optional;

/** Says that <em>keep inside</em> has stopped a hand, and offers what would let it go on. */
public final class KeptInside {
    /** What differs by less was not stopped, in frame pixels. */
    private static final double NOTICED_PX = 0.5;

    private KeptInside() {}

    /**
     * Says so where the pose at the playhead is another one than a hand has asked for.
     *
     * @param what stops, for example "the gate"
     */
    public static void tellWhenStopped(Desk desk, Pose wanted, String what) {
        Optional<Shot> shot = desk.cursor().selectedShot();
        Optional<Pose> now = desk.cursor().pose();
        if (shot.filter(Inside::isKept).isPresent() && now.isPresent() && differ(now.get(), wanted)) {
            tell(desk, what);
        }
    }

    private static boolean differ(Pose one, Pose other) {
        double width = Math.abs(one.scale().x() - other.scale().x())
                / Math.max(one.scale().x(), other.scale().x());
        return one.position().distance(other.position()) > NOTICED_PX || width > 1e-4;
    }

    /** Says so. */
    public static void tell(Desk desk, String what) {
        desk.say(
                "Kept inside: " + what
                        + " stops at the picture's edge, because this shot fills the frame (I turns it off).",
                "Make it an inset",
                () -> desk.document()
                        .apply(InsetEdits.set(desk.cursor().selection().shots(), true)));
    }
}
