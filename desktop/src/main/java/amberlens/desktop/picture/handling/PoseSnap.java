package amberlens.desktop.picture.handling;

import amberlens.core.base.geometry.PicturePoint;
import amberlens.core.base.geometry.Size;
import amberlens.core.judge.edges.GateReach;
import amberlens.core.judge.edges.Judged;
import amberlens.core.motion.pose.Pose;
import amberlens.desktop.desk.state.Tools;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Snaps a pose in motion: a gate's sides to those of the picture, its middle to the picture's middle and thirds, to the middles
 * of other framings and to the rows and columns it started from; a turn to level and upright.
 */
public final class PoseSnap {
    private static final double TURN_DEGREES = 1;

    /** A pose that may have snapped, with the lines it snapped to. */
    public record Snapped(Pose pose, List<Tools.Line> lines) {}

    /** A value that something can snap to, and the line to draw for it. */
    private record Place(double centre, double line) {}

    private final Judged judged;
    private final List<PicturePoint> others;
    private final double reach;

    /**
     * @param others middles of other framings, source pixels
     * @param reach how near something has to be, source pixels
     */
    public PoseSnap(Judged judged, List<PicturePoint> others, double reach) {
        this.judged = judged;
        this.others = List.copyOf(others);
        this.reach = reach;
    }

    /** The pose, its gate moved to what is near. */
    public Snapped moved(Pose start, Pose pose) {
        Size frame = judged.frame();
        if (!pose.isFlat()) { // its gate has no upright sides that could lie along the picture's
            return new Snapped(pose, List.of());
        }
        Pose as = judged.of(pose);
        GateReach sides = GateReach.of(as, judged.picture(), judged.delivery());
        PicturePoint centre = pose.gateCentre(frame);
        PicturePoint began = start.gateCentre(frame);
        double left = judged.area().left();
        double top = judged.area().top();
        double width = judged.picture().width();
        double height = judged.picture().height();
        Optional<Place> column = nearest(
                centre.x(),
                places(
                        left,
                        width,
                        left + sides.left(),
                        left + sides.right(),
                        began.x(),
                        others.stream().map(PicturePoint::x).toList()));
        Optional<Place> row = nearest(
                centre.y(),
                places(
                        top,
                        height,
                        top + sides.top(),
                        top + sides.bottom(),
                        began.y(),
                        others.stream().map(PicturePoint::y).toList()));
        List<Tools.Line> lines = new ArrayList<>();
        column.ifPresent(found -> lines.add(new Tools.Line(true, found.line())));
        row.ifPresent(found -> lines.add(new Tools.Line(false, found.line())));
        var to = new PicturePoint(
                column.map(Place::centre).orElse(centre.x()),
                row.map(Place::centre).orElse(centre.y()));
        Pose snapped = lines.isEmpty()
                ? pose
                : pose.withPosition(pose.position().plus(frame.centre().minus(pose.toFrame(to))));
        return new Snapped(snapped, lines);
    }

    /** The pose turned to level or upright, when it nearly is. */
    public Snapped turned(Pose pose, Pose start) {
        double off = Math.IEEEremainder(pose.degrees(), 90);
        if (off == 0 || Math.abs(off) > TURN_DEGREES) {
            return new Snapped(pose, List.of());
        }
        var pivot = Pivot.of(start, judged.frame());
        return new Snapped(pose.turnedAbout(pivot, -off), List.of());
    }

    private static List<Place> places(
            double low, double length, double least, double most, double began, List<Double> others) {
        List<Place> places = new ArrayList<>();
        places.add(new Place(least, low));
        places.add(new Place(most, low + length));
        for (double part : new double[] {1.0 / 3, 0.5, 2.0 / 3}) {
            places.add(new Place(low + part * length, low + part * length));
        }
        others.forEach(other -> places.add(new Place(other, other)));
        places.add(new Place(began, began));
        return places;
    }

    private Optional<Place> nearest(double value, List<Place> places) {
        Optional<Place> best = Optional.empty();
        double least = reach;
        for (Place place : places) {
            double away = Math.abs(place.centre() - value);
            if (away < least) {
                least = away;
                best = Optional.of(place);
            }
        }
        return best;
    }
}
