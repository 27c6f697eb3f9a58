package amberlens.core.motion;

/**
 * Whose properties a lane belongs to: those of a shot's camera, or of something else that is keyed beside it.
 *
 * @param id its name among the owners of one shot
 */
public record Owner(String id) implements Comparable<Owner> {
    /** The shot's own camera and layer; it comes before all others. */
    public static final Owner CAMERA = new Owner("");

    @Override
    public int compareTo(Owner other) {
        return id.compareTo(other.id);
    }
}
