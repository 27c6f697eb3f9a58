package amberlens.core.motion.property;

import java.util.Comparator;

/**
 * Whose a property is: a shot's camera, or one of the things that are keyed beside it.
 *
 * @param kind what it is, as in files; empty for the camera
 * @param number tells those of one kind in a shot apart, from 1; 0 for the camera
 */
public record Owner(String kind, int number) implements Comparable<Owner> {
    /** The shot's own camera and layer; it comes before all others. */
    public static final Owner CAMERA = new Owner("", 0);

    private static final Comparator<Owner> ORDER =
            Comparator.comparing(Owner::kind).thenComparingInt(Owner::number);

    public Owner {
        if (kind.isEmpty() != (number == 0) || number < 0) {
            throw new IllegalArgumentException("what is keyed beside the camera is numbered from 1, not " + number);
        }
    }

    /** Its name within a shot, for example "tone-1"; empty for the camera. */
    public String id() {
        return kind.isEmpty() ? "" : kind + "-" + number;
    }

    @Override
    public int compareTo(Owner other) {
        return ORDER.compare(this, other);
    }
}
