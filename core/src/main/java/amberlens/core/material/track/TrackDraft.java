package amberlens.core.material.track;

import amberlens.core.base.extras.Extras;
import amberlens.core.base.geometry.PicturePoint;
import java.util.List;
import java.util.NavigableMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * A track while it is being made. From each point that is given it is followed to both sides until there is nothing new to find. What was
 * lost and found again is bridged on a smooth way, with no confidence. Not for several threads at once.
 */
public final class TrackDraft {
    /** How many spots beside a bridge tell how fast the subject was there. */
    private static final int RUN_UP = 4;

    /** Spots nearer than this part of the radius are the same find. */
    private static final double SAME = 0.1;

    private final String id;
    private final String name;
    private final double radius;
    private final Extras extras;
    private final NavigableMap<Integer, Spot> spots = new TreeMap<>();
    private final SortedSet<Integer> given = new TreeSet<>();

    private TrackDraft(String id, String name, double radius, Extras extras) {
        this.id = id;
        this.name = name;
        this.radius = radius;
        this.extras = extras;
    }

    /** A new one, with the first point that was given. */
    public static TrackDraft begun(String id, String name, double radius, int frame, PicturePoint at) {
        var draft = new TrackDraft(id, name, radius, Extras.NONE);
        draft.spots.put(frame, Spot.given(at, 1, 0));
        draft.given.add(frame);
        return draft;
    }

    /** An old one, to go on with. */
    public static TrackDraft of(Track track) {
        var draft = new TrackDraft(track.id(), track.name(), track.radius(), track.extras());
        for (int i = 0; i < track.spots().size(); i++) {
            draft.spots.put(track.first() + i, track.spots().get(i));
        }
        draft.given.addAll(track.given());
        return draft;
    }

    /**
     * Somebody points at it in another frame, at most one beside the spots there are.
     *
     * @return the spot from which it is followed on: as large and turned as it was thought to be
     */
    public Spot give(int frame, PicturePoint at) {
        if (frame < spots.firstKey() - 1 || frame > spots.lastKey() + 1) {
            throw new IllegalArgumentException("a point is given in a frame that was examined, or in the next one");
        }
        var floor = spots.floorEntry(frame);
        Spot there = floor != null ? floor.getValue() : spots.firstEntry().getValue();
        Spot spot = Spot.given(at, there.scale(), there.degrees());
        spots.put(frame, spot);
        given.add(frame);
        return spot;
    }

    /**
     * Takes what was found in a frame beside those there are. A guess does not take the place of what is sure.
     *
     * @return whether to look on: false when it is what was known, or what somebody said
     */
    public boolean take(int frame, Spot spot) {
        if (given.contains(frame)) {
            return false;
        }
        Spot known = spots.get(frame);
        boolean same = known != null && !known.weak() && !spot.weak() && distance(known, spot) <= SAME * radius;
        if (known == null || known.weak() || !spot.weak()) {
            spots.put(frame, spot);
        }
        return !same;
    }

    private static double distance(Spot a, Spot b) {
        return Math.hypot(a.at().x() - b.at().x(), a.at().y() - b.at().y());
    }

    public double radius() {
        return radius;
    }

    public int first() {
        return spots.firstKey();
    }

    public int last() {
        return spots.lastKey();
    }

    /** As it is now, with what was lost bridged. */
    public Track track() {
        Track plain = new Track(id, name, spots.firstKey(), List.copyOf(spots.values()), given, radius, extras);
        NavigableMap<Integer, Spot> bridged = new TreeMap<>(spots);
        for (var run : plain.weak()) {
            bridge(bridged, run.from(), run.to());
        }
        List<Spot> rounded = bridged.values().stream().map(Spot::rounded).toList();
        return new Track(id, name, plain.first(), rounded, given, radius, extras);
    }

    /** A cubic with the speeds at both ends; towards an end of the track it stays where it was seen last. */
    private void bridge(NavigableMap<Integer, Spot> all, int from, int to) {
        Spot before = spots.get(from - 1);
        Spot after = spots.get(to + 1);
        if (before == null && after == null) {
            return;
        }
        int length = to - from + 2;
        for (int frame = from; frame <= to; frame++) {
            if (before == null || after == null) {
                Spot end = before == null ? after : before;
                all.put(frame, end.withConfidence(Math.min(spots.get(frame).confidence(), end.confidence())));
                continue;
            }
            double part = (frame - from + 1.0) / length;
            PicturePoint speedBefore = speed(from - 1, -1);
            PicturePoint speedAfter = speed(to + 1, 1);
            Spot straight = before.towards(after, part);
            var at = new PicturePoint(
                    hermite(
                            before.at().x(),
                            speedBefore.x() * length,
                            after.at().x(),
                            speedAfter.x() * length,
                            part),
                    hermite(
                            before.at().y(),
                            speedBefore.y() * length,
                            after.at().y(),
                            speedAfter.y() * length,
                            part));
            all.put(
                    frame,
                    new Spot(
                            at,
                            straight.scale(),
                            straight.degrees(),
                            spots.get(frame).confidence()));
        }
    }

    /** How far it went in a frame, on the side of a frame on which it is sure. */
    private PicturePoint speed(int frame, int side) {
        int other = frame;
        for (int i = 1; i <= RUN_UP; i++) {
            Spot spot = spots.get(frame + i * side);
            if (spot == null || spot.weak()) {
                break;
            }
            other = frame + i * side;
        }
        if (other == frame) {
            return new PicturePoint(0, 0);
        }
        Spot a = spots.get(frame);
        Spot b = spots.get(other);
        return new PicturePoint(
                (b.at().x() - a.at().x()) / (other - frame), (b.at().y() - a.at().y()) / (other - frame));
    }

    /** The cubic between two values with their slopes, for a whole from 0 to 1. */
    private static double hermite(double a, double slopeA, double b, double slopeB, double t) {
        double s = 1 - t;
        return s * s * (1 + 2 * t) * a + t * s * s * slopeA + t * t * (3 - 2 * t) * b - t * t * s * slopeB;
    }
}
