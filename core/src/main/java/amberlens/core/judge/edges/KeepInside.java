package amberlens.core.judge.edges;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Scale;
import amberlens.core.base.geometry.Size;
import amberlens.core.motion.pose.Pose;
import amberlens.core.motion.property.PoseProperty;
import amberlens.core.motion.property.Properties;
import java.util.function.DoublePredicate;

/**
 * The nearest pose that leaves no edge open, for every way of changing a pose.
 *
 * <p>At one scale and turn the places of the gate's centre form a rectangle along the picture's sides ({@link GateReach}), which
 * stay perpendicular in the frame. So the nearest place is found by clamping each direction on its own: a gate that is pushed
 * against a side slides along it. Only where a scale has no place for its turn at all, something else has to give: a growing
 * turn stops at the last one that is covered, and a shrinking scale at the least that covers.
 */
public final class KeepInside {
    private static final int HALVINGS = 50;

    /** A hair above the least scale, so that rounding leaves no edge open. */
    private static final double HAIR = 1 + 1e-12;

    private KeepInside() {}

    /**
     * The pose to take instead of the wanted one; the wanted one itself when it is inside.
     *
     * @param from the pose before the change
     */
    public static Pose nearest(Pose from, Pose wanted, Size picture, Size frame) {
        if (SideDistances.of(wanted, picture, frame).least() >= 0) {
            return wanted;
        }
        if (wanted.projection().isPresent()) {
            return leaning(from, wanted, picture, frame);
        }
        Pose turned = wanted;
        boolean turns = from.degrees() != wanted.degrees();
        if (turns && !fits(wanted, picture, frame) && fits(wanted.withDegrees(from.degrees()), picture, frame)) {
            turned = lastFitting(from.degrees(), wanted, picture, frame);
        }
        return slidInside(enlarged(turned, picture, frame), picture, frame);
    }

    /**
     * Without a closed form: as far on the way from the pose before as nothing opens; and if that one was open itself, the wanted one
     * zoomed about the middle of the frame until it covers.
     */
    private static Pose leaning(Pose from, Pose wanted, Size picture, Size frame) {
        DoublePredicate inside = part ->
                SideDistances.of(between(from, wanted, part), picture, frame).least() >= 0;
        if (inside.test(0)) {
            return between(from, wanted, Bracket.between(0, 1, inside));
        }
        double larger = Math.max(wanted.scale().x(), wanted.scale().y());
        DoublePredicate open = factor -> SideDistances.of(wanted.zoomedAbout(frame.centre(), factor), picture, frame)
                        .least()
                < 0;
        var last = Bracket.last(1, 0.01, Math.max(1, Scale.LARGEST / larger), open);
        return last.isPresent() ? wanted.zoomedAbout(frame.centre(), last.getAsDouble() * HAIR) : wanted;
    }

    private static Pose between(Pose from, Pose to, double part) {
        Pose mixed = to;
        for (PoseProperty<?> property : Properties.OF_POSE) {
            mixed = between(property, from, to, mixed, part);
        }
        for (PoseProperty<?> property : Properties.OF_DEPTH) {
            mixed = between(property, from, to, mixed, part);
        }
        return mixed;
    }

    private static <V> Pose between(PoseProperty<V> property, Pose from, Pose to, Pose mixed, double part) {
        return property.put(mixed, property.kind().between(property.of(from), property.of(to), part));
    }

    /** The pose with its gate's centre at the nearest place inside, at its own scale and turn. */
    static Pose slidInside(Pose pose, Size picture, Size frame) {
        PicturePoint centre = pose.gateCentre(frame);
        PicturePoint inside = GateReach.of(pose, picture, frame).nearest(centre);
        return pose.withPosition(pose.position().plus(frame.centre().minus(pose.toFrame(inside))));
    }

    private static boolean fits(Pose pose, Size picture, Size frame) {
        return !GateReach.of(pose, picture, frame).isEmpty();
    }

    /** The pose turned as far towards the wanted turn as its scale allows; its gate keeps its centre. */
    private static Pose lastFitting(double from, Pose wanted, Size picture, Size frame) {
        double inside = 0;
        double outside = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (inside + outside) / 2;
            if (fits(wanted.withDegrees(turn(from, wanted, middle)), picture, frame)) {
                inside = middle;
            } else {
                outside = middle;
            }
        }
        return wanted.turnedAbout(frame.centre(), turn(from, wanted, inside) - wanted.degrees());
    }

    private static double turn(double from, Pose wanted, double part) {
        return from + (wanted.degrees() - from) * part;
    }

    /** The pose, zoomed about the gate's centre to the least scale that covers somewhere; itself when it does. */
    private static Pose enlarged(Pose pose, Size picture, Size frame) {
        if (fits(pose, picture, frame)) {
            return pose;
        }
        var half = GateReach.halfReach(pose.degrees(), frame);
        double factor = HAIR
                * Math.max(
                        2 * half.x() / (pose.scale().factorX() * picture.width()),
                        2 * half.y() / (pose.scale().factorY() * picture.height()));
        double larger = Math.max(pose.scale().x(), pose.scale().y());
        return pose.zoomedAbout(frame.centre(), Math.min(factor, Scale.LARGEST / larger));
    }
}
