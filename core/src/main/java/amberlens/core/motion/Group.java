package amberlens.core.motion;

/** What a property belongs to, in the order in which people read them. */
public enum Group {
    /** Where the picture stands in the frame; every camera has these. */
    POSE,
    /** How a shot lies over what is below it, and how its footage runs. */
    LAYER
}
