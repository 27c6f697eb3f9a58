package amberlens.core.model.project;

import amberlens.core.base.extras.Extras;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A named moment of a shot or of the line-up.
 *
 * @param at frames from the first frame of what it stands on, at least 0
 * @param name may be empty
 */
public record Marker(int at, String name, Extras extras) {
    private static final int LATEST = 100_000_000;
    private static final Comparator<Marker> IN_TIME = Comparator.comparingInt(Marker::at);

    public Marker {
        if (at < 0 || at > LATEST) {
            throw new IllegalArgumentException("a marker is at a frame from 0 to 100000000, not at " + at);
        }
    }

    public static Marker at(int frame, String name) {
        return new Marker(frame, name, Extras.NONE);
    }

    public Marker withAt(int newAt) {
        return new Marker(newAt, name, extras);
    }

    public Marker withName(String newName) {
        return new Marker(at, newName, extras);
    }

    /** The markers in time, at most one to a frame: the later one in the list stays. */
    public static List<Marker> inTime(List<Marker> markers) {
        var sorted = new ArrayList<Marker>();
        for (Marker marker : markers) {
            sorted.removeIf(other -> other.at() == marker.at());
            sorted.add(marker);
        }
        sorted.sort(IN_TIME);
        return List.copyOf(sorted);
    }
}
